import fc from 'fast-check';
import jstat from 'jstat';
import { describe, expect, it } from 'vitest';
import { quantile, wilsonInterval } from './index';

describe('quantiles', () => {
  it('interpolate between the order statistics (Hyndman & Fan 1996, definition 7)', () => {
    // 1, 2, 3, 4: the quartiles of definition 7 are 1.75, 2.5 and 3.25 (from memory of the usual textbook example).
    expect([0.25, 0.5, 0.75].map((at) => quantile([4, 1, 3, 2], at))).toEqual([1.75, 2.5, 3.25]);
    expect(quantile([7], 0.9)).toBe(7);
    expect(quantile([], 0.5)).toBeUndefined();
  });
  it('agree with a statistics package', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 60, noNaN: true }), { minLength: 2, maxLength: 40 }),
        fc.constantFrom(0.1, 0.25, 0.5, 0.75, 0.9),
        (values, at) => {
          expect(quantile(values, at)).toBeCloseTo(jstat.quantiles(values, [at], 1, 1)[0]!, 9);
        },
      ),
    );
  });
});

describe('score intervals (Wilson 1927)', () => {
  it('give 0.490 to 0.943 for 8 of 10', () => {
    const { low, high } = wilsonInterval(8, 10)!;
    expect([low.toFixed(3), high.toFixed(3)]).toEqual(['0.490', '0.943']);
    expect(wilsonInterval(0, 0)).toBeUndefined();
    expect(wilsonInterval(0, 5)!.low).toBe(0);
    expect(wilsonInterval(5, 5)!.high).toBe(1);
  });
  it('hold the share, lie within 0 and 1, and mirror', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 300 }), fc.nat(), (trials, draw) => {
        const successes = draw % (trials + 1);
        const { low, high } = wilsonInterval(successes, trials)!;
        const mirrored = wilsonInterval(trials - successes, trials)!;
        expect(low).toBeLessThanOrEqual(successes / trials + 1e-12);
        expect(high).toBeGreaterThanOrEqual(successes / trials - 1e-12);
        expect(low).toBeCloseTo(1 - mirrored.high, 9);
      }),
    );
  });
});
