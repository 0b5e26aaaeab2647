import jstat from 'jstat';
import type { ExposureUnit } from '../figures';
import { type CountOver, type Interval, poissonInterval, proportionInterval } from '../statistics';

/** Rounds from which on it can be told that an error comes in bad days, and how uneven they must be. @source own decision */
const ROUNDS_FOR_DISPERSION = 6;
const UNEVEN = 1.5;
/** Between neighbours chance alone gives more than 1.5 too often. @source own decision, by simulation (bench/patterns.ts) */
const UNEVEN_NEIGHBOURS = 2;

export interface RateRange {
  readonly interval: Interval;
  /** Variance over what chance alone would give, where it is plainly more: “it comes in bad days”. */
  readonly dispersion?: number;
}

/**
 * Exact 95 % interval of a rate over consecutive rounds: per minute by Garwood, per opportunity by Clopper–Pearson; where one opportunity was seen to
 * bring more than one, by Garwood too. Where rounds differ more than chance allows it is wider by the root of how much more. Exposure must be over 0.
 * @source Pearson's dispersion and quasi-likelihood (McCullagh & Nelder 1989, Generalized Linear Models, chapter 9, from memory)
 */
export function rateInterval(series: readonly CountOver[], unit: ExposureUnit): RateRange {
  const count = series.reduce((sum, one) => sum + one.count, 0);
  const exposure = series.reduce((sum, one) => sum + one.exposure, 0);
  if (!(exposure > 0)) throw new RangeError('rateInterval: exposure must be more than 0');
  const isMany = unit === 'minutes' || series.some((one) => one.count > one.exposure);
  const exact = isMany ? overExposure(poissonInterval(count), exposure) : proportionInterval(count, exposure);
  const dispersion = dispersionOf(series);
  if (dispersion === undefined || dispersion <= UNEVEN) return { interval: exact };
  const rate = count / exposure;
  // How much more is itself only estimated, from few rounds: Student's quantile instead of the normal one.
  const rounds = series.filter((one) => one.exposure > 0).length;
  const widen = (Math.sqrt(dispersion) * jstat.studentt.inv(0.975, rounds - 1)) / jstat.normal.inv(0.975, 0, 1);
  const high = rate + (exact.high - rate) * widen;
  return {
    interval: { low: Math.max(0, rate - (rate - exact.low) * widen), high: isMany ? high : Math.min(1, high) },
    dispersion,
  };
}

const overExposure = ({ low, high }: Interval, exposure: number): Interval => ({
  low: low / exposure,
  high: high / exposure,
});

/** Pearson's: the mean of (count − expected)² ÷ expected at one common rate; undefined with fewer than six rounds with exposure or without events. */
export function dispersionOf(series: readonly CountOver[]): number | undefined {
  const exposed = series.filter((one) => one.exposure > 0);
  const count = exposed.reduce((sum, one) => sum + one.count, 0);
  if (exposed.length < ROUNDS_FOR_DISPERSION || count === 0) return undefined;
  const rate = count / exposed.reduce((sum, one) => sum + one.exposure, 0);
  const squares = exposed.reduce((sum, one) => sum + (one.count - rate * one.exposure) ** 2 / (rate * one.exposure), 0);
  return squares / (exposed.length - 1);
}

/**
 * How uneven neighbouring rounds are, over what chance alone would give; 1 where that is not plainly more. A rate that changed once is not uneven by this: only the
 * step itself counts. 1 with fewer than six rounds with exposure or without events.
 * @source mean square successive difference (von Neumann 1941, from memory), here of rates
 */
export function unevenness(series: readonly CountOver[]): number {
  const exposed = series.filter((one) => one.exposure > 0);
  const count = exposed.reduce((sum, one) => sum + one.count, 0);
  if (exposed.length < ROUNDS_FOR_DISPERSION || count === 0) return 1;
  const rate = count / exposed.reduce((sum, one) => sum + one.exposure, 0);
  let squares = 0;
  for (const [at, one] of exposed.entries()) {
    const next = exposed[at + 1];
    if (!next) break;
    const step = one.count / one.exposure - next.count / next.exposure;
    squares += step ** 2 / (rate * (1 / one.exposure + 1 / next.exposure));
  }
  const unevenness = squares / (exposed.length - 1);
  return unevenness > UNEVEN_NEIGHBOURS ? unevenness : 1;
}
