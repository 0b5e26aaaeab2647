import { exactBinomialP, proportionInterval } from './binomial';
import type { Interval } from './poisson';

export interface CountOver {
  readonly count: number;
  readonly exposure: number;
}

export interface RateRatio {
  /** Later rate over earlier rate; infinite when the earlier count is 0. */
  readonly ratio: number;
  readonly interval: Interval;
  readonly p: number;
}

/**
 * Later against earlier rate by the conditional exact test: given the total, the earlier count is binomial with t₁ ÷ (t₁ + t₂).
 * Undefined without events or without exposure on either side.
 * @source Przyborowski & Wilenski 1940, "Homogeneity of results in testing samples from Poisson series", Biometrika 31; interval by Clopper–Pearson
 */
export function compareRates(earlier: CountOver, later: CountOver, confidence = 0.95): RateRatio | undefined {
  const total = earlier.count + later.count;
  if (total === 0 || earlier.exposure <= 0 || later.exposure <= 0) return undefined;
  const exposureRatio = earlier.exposure / later.exposure;
  const share = proportionInterval(later.count, total, confidence);
  const asRatio = (p: number) => (p >= 1 ? Number.POSITIVE_INFINITY : (p / (1 - p)) * exposureRatio);
  return {
    ratio: earlier.count === 0 ? Number.POSITIVE_INFINITY : (later.count / earlier.count) * exposureRatio,
    interval: { low: asRatio(share.low), high: asRatio(share.high) },
    p: exactBinomialP(earlier.count, total, earlier.exposure / (earlier.exposure + later.exposure)),
  };
}
