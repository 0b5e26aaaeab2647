import { type CountOver, compareRates, type RateRatio, ruleOfThree } from '../statistics';

export const statuses = [
  'too-little-footage',
  'gone',
  'back-again',
  'new',
  'fading',
  'recurring',
  'occasional',
] as const;
export type PatternStatus = (typeof statuses)[number];

/** Count and exposure of one error in consecutive rounds, oldest first. */
export type RoundSeries = readonly CountOver[];

const total = (series: RoundSeries): CountOver => ({
  count: series.reduce((sum, one) => sum + one.count, 0),
  exposure: series.reduce((sum, one) => sum + one.exposure, 0),
});

/** The series halved by number of rounds; the odd one goes to the later half. */
export function halveSeries(series: RoundSeries): { readonly earlier: CountOver; readonly later: CountOver } {
  const middle = Math.floor(series.length / 2);
  return { earlier: total(series.slice(0, middle)), later: total(series.slice(middle)) };
}

/** Later half against earlier half; undefined without events or exposure. */
export function trendOf(series: RoundSeries, confidence = 0.95): RateRatio | undefined {
  const { earlier, later } = halveSeries(series);
  return compareRates(earlier, later, confidence);
}

function isGone(series: RoundSeries): boolean {
  const { earlier, later } = halveSeries(series);
  if (earlier.count === 0 || later.count > 0 || earlier.exposure <= 0 || later.exposure <= 0) return false;
  return ruleOfThree(later.exposure) < earlier.count / earlier.exposure / 2;
}

function cameBack(series: RoundSeries): boolean {
  for (let length = 2; length < series.length; length += 1) {
    if (isGone(series.slice(0, length)) && total(series.slice(length)).count > 0) return true;
  }
  return false;
}

/**
 * Where an error stands. Tested in this order: too little footage, gone, back again, new, fading, recurring, else occasional.
 * `cohortRate` is the rate of comparable students per unit of exposure, 0 when unknown.
 * @source own decision: the limits (3 expected, half the earlier rate, 3 of the last 8 rounds, 80 % interval) are house estimates
 */
export function statusOf(series: RoundSeries, cohortRate: number): PatternStatus {
  const all = total(series);
  if (all.count === 0 && cohortRate * all.exposure < 3) return 'too-little-footage';
  if (isGone(series)) return 'gone';
  if (cameBack(series)) return 'back-again';
  const exposed = series.filter((one) => one.exposure > 0 || one.count > 0);
  const firstSeen = exposed.findIndex((one) => one.count > 0);
  if (firstSeen >= 0 && exposed.length > 3 && firstSeen >= exposed.length - 3) return 'new';
  const trend = trendOf(series, 0.8);
  if (trend && trend.interval.high < 1) return 'fading';
  return exposed.slice(-8).filter((one) => one.count > 0).length >= 3 ? 'recurring' : 'occasional';
}
