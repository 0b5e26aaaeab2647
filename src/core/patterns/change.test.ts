import fc from 'fast-check';
import jstat from 'jstat';
import { describe, expect, it } from 'vitest';
import { changeKinds, changeOf, exposureLacking, statusOf } from './index';

type Pair = readonly [count: number, exposure: number];
const series = (...pairs: readonly Pair[]) => pairs.map(([count, exposure]) => ({ count, exposure }));
const times = (number: number, pair: Pair): Pair[] => Array.from({ length: number }, () => pair);
const prior = { shape: 2, rate: 3 };
const status = (all: ReturnType<typeof series>, usual = 0.5) => statusOf(all, changeOf(all, 'minutes', prior), usual);

describe('whether an error changed', () => {
  it('weighs no change against one by the counts’ own chances, summed over the first rate', () => {
    // By hand: the chance of counts n over exposures T with ratios r is ∫ Πᵢ Poisson(nᵢ; λ rᵢ Tᵢ) Gamma(λ) dλ, summed here over a fine grid of λ,
    // λ having the prior of the others or, as likely, one worth a single event at the athlete's own five in eight minutes.
    const all = series([3, 2], [2, 2], [0, 2], [0, 2]);
    const chanceOf = (ratio: number): number => {
      const STEP = 0.002;
      let total = 0;
      for (let rate = STEP / 2; rate < 12; rate += STEP)
        total +=
          all.reduce(
            (product, one, at) => product * jstat.poisson.pdf(one.count, rate * (at < 2 ? 1 : ratio) * one.exposure),
            (jstat.gamma.pdf(rate, prior.shape, 1 / prior.rate) + jstat.gamma.pdf(rate, 1, 5 / 8)) / 2,
          ) * STEP;
      return total;
    };
    const once = [
      { ratio: 0.03, chance: 0.3 },
      { ratio: 0.25, chance: 0.15 },
      { ratio: 0.5, chance: 0.25 },
      { ratio: 2, chance: 0.15 },
      { ratio: 4, chance: 0.15 },
    ].map(({ ratio, chance }) => 0.175 * chance * chanceOf(ratio));
    // With four rounds there is one place for a change, and none for being gone and back: its chance is that of no change.
    const same = 0.825 * chanceOf(1);
    const total = once.reduce((sum, one) => sum + one, same);
    const { chances } = changeOf(all, 'minutes', prior);
    expect(chances.same).toBeCloseTo(same / total, 4);
    expect(chances.gone).toBeCloseTo((once[0] ?? 0) / total, 4);
    expect(chances.less).toBeCloseTo(((once[1] ?? 0) + (once[2] ?? 0)) / total, 4);
    expect(chances.back).toBe(0);
  });

  it('tells gone, back again and more, and where', () => {
    expect(changeOf(series(...times(4, [3, 3]), ...times(6, [0, 3])), 'minutes', prior)).toMatchObject({
      kind: 'gone',
      at: 4,
    });
    const back = changeOf(series(...times(4, [3, 3]), ...times(6, [0, 3]), ...times(4, [3, 3])), 'minutes', prior);
    expect(back).toMatchObject({ kind: 'back', goneAt: 4, at: 10 });
    expect(changeOf(series(...times(5, [1, 4]), ...times(5, [6, 4])), 'minutes', prior)).toMatchObject({
      kind: 'more',
      at: 5,
    });
    expect(changeOf(series(...times(6, [3, 4]), ...times(6, [0, 4])), 'times', { shape: 2, rate: 4 })).toMatchObject({
      kind: 'gone',
      at: 6,
    });
  });

  it('sees nothing in three and then ten in as many minutes: 0 in 30, then 10 in 30', () => {
    const all = series(...times(3, [0, 10]), [3, 10], [4, 10], [3, 10]);
    expect(changeOf(all, 'minutes', { shape: 0.5, rate: 10 })).toMatchObject({ kind: 'more', at: 3 });
  });

  it('claims nothing from one short round: once in six seconds, then not in 42', () => {
    const { kind } = changeOf(series([1, 0.1], [0, 0.7]), 'minutes', prior);
    expect(kind).toBe('same');
    expect(status(series([1, 0.1], [0, 0.7]))).toBe('too-little-footage');
  });

  it('does not take somebody who errs more than others for somebody who began to', () => {
    // Two short rounds without it, then a dozen with it nearly always: others do it once in twenty minutes.
    const all = series([0, 0.5], [0, 0.5], ...times(6, [1, 1.1]), ...times(6, [1, 1.3]));
    expect(changeOf(all, 'minutes', { shape: 5, rate: 100 }).kind).toBe('same');
  });

  it('takes uneven days for what they are', () => {
    const even = series(...times(6, [1, 2]), ...times(6, [4, 2]));
    const uneven = series(
      [0, 2],
      [3, 2],
      [0, 2],
      [3, 2],
      [0, 2],
      [0, 2],
      [9, 2],
      [0, 2],
      [8, 2],
      [0, 2],
      [7, 2],
      [0, 2],
    );
    expect(changeOf(even, 'minutes', prior).kind).toBe('more');
    expect(changeOf(uneven, 'minutes', prior).kind).toBe('same');
  });

  it('looks four times as hard just after something was done about it', () => {
    const all = series(...times(4, [2, 3]), [1, 3], [1, 3], ...times(4, [0, 3]));
    const dosed = all.map((one, at) => ({ ...one, afterDose: at === 4 }));
    expect(changeOf(all, 'minutes', prior).at).toBe(6);
    const placeOf = (change: ReturnType<typeof changeOf>) => change.placeChance ?? 0;
    expect(placeOf(changeOf(dosed, 'minutes', prior))).toBeLessThan(placeOf(changeOf(all, 'minutes', prior)));
  });

  it('gives chances that add up to one, is the same for rounds without exposure among them, and does not choke on thousands', () => {
    const pair = fc.tuple(fc.nat(6), fc.double({ min: 0, max: 6, noNaN: true }));
    fc.assert(
      fc.property(
        fc.array(pair, { maxLength: 40 }),
        fc.constantFrom('minutes' as const, 'times' as const),
        (pairs, unit) => {
          const all = series(...pairs);
          const change = changeOf(all, unit, prior);
          expect(changeKinds.reduce((sum, kind) => sum + change.chances[kind], 0)).toBeCloseTo(1, 9);
          if (change.at !== undefined) expect(all[change.at]?.exposure).toBeGreaterThan(0);
          expect(changeOf([...all, { count: 0, exposure: 0 }], unit, prior).chances).toEqual(change.chances);
        },
      ),
    );
    expect(changeOf(series(...times(1500, [1, 3]), ...times(1500, [0, 3])), 'minutes', prior)).toMatchObject({
      kind: 'gone',
      at: 1500,
    });
    expect(changeOf([], 'minutes', prior)).toMatchObject({ kind: 'same', chances: { same: 1 } });
  });
});

describe('what to do about it', () => {
  it('follows the change where one is likely', () => {
    expect(status(series(...times(4, [3, 3]), ...times(6, [0, 3])))).toBe('gone');
    expect(status(series(...times(4, [3, 3]), ...times(6, [0, 3]), ...times(4, [3, 3])))).toBe('back-again');
    expect(status(series(...times(8, [5, 3]), ...times(8, [1, 3])))).toBe('fading');
  });
  it('calls new what was not there although it was to be expected three times', () => {
    const all = series(...times(5, [0, 2]), [1, 2], [0, 2]);
    expect(status(all, 0.5)).toBe('new');
    expect(status(all, 0.1)).not.toBe('new');
    expect(status(series([1, 3], [1, 3], ...times(6, [0, 3])), 0.5)).not.toBe('new');
  });
  it('says when there is too little footage, and how much more would tell', () => {
    expect(status(series([1, 2]), 0.2)).toBe('too-little-footage');
    expect(exposureLacking(series([1, 2]), 0.2)).toBeCloseTo(3, 9);
    expect(exposureLacking(series([1, 9]), 0.2)).toBe(0);
  });
  it('calls what shows in three of the last eight rounds one that keeps coming, else now and then', () => {
    expect(status(series([1, 3], [0, 3], [1, 3], [1, 3]))).toBe('recurring');
    expect(status(series([1, 3], [0, 3], [0, 3], [1, 3]))).toBe('occasional');
  });
});
