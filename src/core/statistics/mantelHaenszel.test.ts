import { expect, it } from 'vitest';
import { pooledRateRatio } from './mantelHaenszel';

const over = (count: number, exposure: number) => ({ count, exposure });

it('gives the worked example of a handbook', () => {
  // Rothman, Greenland & Lash, Modern Epidemiology (from memory): deaths among current and past users of a drug, by age; pooled 0.47, 0.40 to 0.55.
  const pooled = pooledRateRatio([
    { exposed: over(196, 62_119), unexposed: over(111, 15_763) },
    { exposed: over(167, 6_085), unexposed: over(157, 2_780) },
  ]);
  expect(pooled?.ratio).toBeCloseTo(0.469, 3);
  expect(pooled?.interval.low).toBeCloseTo(0.4, 2);
  expect(pooled?.interval.high).toBeCloseTo(0.55, 2);
});
it('is the plain ratio of one layer, and holds the third thing equal where layers differ', () => {
  expect(pooledRateRatio([{ exposed: over(8, 4), unexposed: over(10, 10) }])?.ratio).toBeCloseTo(2, 9);
  // Within each layer nothing differs; taken together the exposed would seem worse by far.
  const confounded = pooledRateRatio([
    { exposed: over(40, 40), unexposed: over(10, 10) },
    { exposed: over(1, 10), unexposed: over(4, 40) },
  ]);
  expect(confounded?.ratio).toBeCloseTo(1, 9);
});
it('says nothing where there is nothing to compare', () => {
  expect(pooledRateRatio([])).toBeUndefined();
  expect(pooledRateRatio([{ exposed: over(3, 5), unexposed: over(2, 0) }])).toBeUndefined();
  expect(pooledRateRatio([{ exposed: over(0, 5), unexposed: over(2, 5) }])).toBeUndefined();
});
