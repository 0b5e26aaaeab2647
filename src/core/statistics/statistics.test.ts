import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  binomialProbability,
  compareRates,
  exactBinomialP,
  poissonInterval,
  proportionInterval,
  ruleOfThree,
} from './index';

/** Sum of Poisson probabilities up to a count, term by term: independent of the quantiles under test. */
function poissonUpTo(count: number, mean: number): number {
  let term = Math.exp(-mean);
  let total = term;
  for (let k = 1; k <= count; k += 1) {
    term *= mean / k;
    total += term;
  }
  return total;
}

describe('Poisson intervals', () => {
  it('give Garwood’s published values (1936, Biometrika 28, 95 %)', () => {
    expect(poissonInterval(0).low).toBe(0);
    expect(poissonInterval(0).high).toBeCloseTo(3.689, 3);
    expect(poissonInterval(1).low).toBeCloseTo(0.0253, 4);
    expect(poissonInterval(1).high).toBeCloseTo(5.572, 3);
    expect(poissonInterval(5).low).toBeCloseTo(1.623, 3);
    expect(poissonInterval(5).high).toBeCloseTo(11.668, 3);
    expect(poissonInterval(10).low).toBeCloseTo(4.795, 3);
    expect(poissonInterval(10).high).toBeCloseTo(18.39, 2);
  });

  it('leave exactly half of the doubt on each side', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 120 }), fc.constantFrom(0.8, 0.95, 0.99), (count, confidence) => {
        const { low, high } = poissonInterval(count, confidence);
        expect(poissonUpTo(count, high)).toBeCloseTo((1 - confidence) / 2, 7);
        expect(1 - poissonUpTo(count - 1, low)).toBeCloseTo((1 - confidence) / 2, 7);
      }),
      { numRuns: 60 },
    );
  });

  it('bound what was never seen by the rule of three (Hanley & Lippman-Hand 1983)', () => {
    expect(ruleOfThree(100)).toBe(0.03);
    // Within a hundredth of the exact one-sided bound −ln 0.05.
    expect(Math.abs(ruleOfThree(1) + Math.log(0.05))).toBeLessThan(0.01);
  });
});

describe('proportions', () => {
  it('give Clopper–Pearson’s values', () => {
    // Standard tables (from memory): 8 of 10 → 0.4439–0.9748; 0 of 10 → 0–0.3085; 10 of 10 → 0.6915–1.
    expect(proportionInterval(8, 10).low).toBeCloseTo(0.4439, 4);
    expect(proportionInterval(8, 10).high).toBeCloseTo(0.9748, 4);
    expect(proportionInterval(0, 10)).toEqual({ low: 0, high: expect.closeTo(0.3085, 4) });
    expect(proportionInterval(10, 10)).toEqual({ low: expect.closeTo(0.6915, 4), high: 1 });
    expect(proportionInterval(0, 0)).toEqual({ low: 0, high: 1 });
  });

  it('leave half of the doubt on each side, and mirror', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 60 }), fc.nat(), (trials, draw) => {
        const successes = 1 + (draw % (trials - 1));
        const { low, high } = proportionInterval(successes, trials);
        let above = 0;
        for (let k = successes; k <= trials; k += 1) above += binomialProbability(k, trials, low);
        let below = 0;
        for (let k = 0; k <= successes; k += 1) below += binomialProbability(k, trials, high);
        expect(above).toBeCloseTo(0.025, 6);
        expect(below).toBeCloseTo(0.025, 6);
        expect(proportionInterval(trials - successes, trials).low).toBeCloseTo(1 - high, 8);
      }),
      { numRuns: 60 },
    );
  });

  it('test sides exactly: 7 to 1 gives 0.070, 8 to 0 gives 0.008', () => {
    expect(exactBinomialP(7, 8, 0.5)).toBeCloseTo(0.0703, 4);
    expect(exactBinomialP(8, 8, 0.5)).toBeCloseTo(0.0078, 4);
    expect(exactBinomialP(4, 8, 0.5)).toBe(1);
  });
});

describe('rate ratios', () => {
  it('compare by the conditional test', () => {
    const same = compareRates({ count: 5, exposure: 10 }, { count: 5, exposure: 10 })!;
    expect(same.ratio).toBe(1);
    expect(same.p).toBe(1);
    expect(same.interval.low).toBeCloseTo(1 / same.interval.high, 6);
    expect(compareRates({ count: 4, exposure: 2 }, { count: 0, exposure: 2 })!.ratio).toBe(0);
    expect(compareRates({ count: 0, exposure: 2 }, { count: 0, exposure: 2 })).toBeUndefined();
    expect(compareRates({ count: 0, exposure: 2 }, { count: 3, exposure: 2 })!.ratio).toBe(Number.POSITIVE_INFINITY);
  });
});
