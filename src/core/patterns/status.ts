import type { CountOver } from '../statistics';
import { type Change, PROBABLE } from './change';

/** What to do about an error. */
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

/** Expected occurrences under which nothing is said, and from which never having made an error means something. @source own decision */
const EXPECTED_TO_SPEAK = 1;
const EXPECTED_TO_BE_NEW = 3;
/** Rounds that are recent, and how many of the last eight make an error one that keeps coming. @source own decision */
const RECENT_ROUNDS = 3;
const LAST_ROUNDS = 8;

const exposureOf = (series: RoundSeries): number => series.reduce((sum, one) => sum + one.exposure, 0);

/**
 * Where an error stands: changed where a change is likelier than 0.7, else new, too little footage, keeps coming, now and then.
 * `usualRate` is that of comparable students per unit of exposure, more than 0; undefined where it is not known, and nothing is new or too little.
 * @source own decision: the limits (1 and 3 expected, 3 of the last 8 rounds) are house estimates
 */
export function statusOf(series: RoundSeries, change: Change, usualRate: number | undefined): PatternStatus {
  const said = change.chances[change.kind] >= PROBABLE ? change.kind : 'same';
  if (said === 'gone') return 'gone';
  if (said === 'back') return 'back-again';
  if (said === 'less') return 'fading';
  const exposed = series.filter((one) => one.exposure > 0 || one.count > 0);
  const first = exposed.findIndex((one) => one.count > 0);
  const isRecent = first >= exposed.length - RECENT_ROUNDS;
  const expectedIn = (some: RoundSeries) => (usualRate === undefined ? undefined : usualRate * exposureOf(some));
  if (first >= 0 && isRecent && (expectedIn(exposed.slice(0, first)) ?? 0) >= EXPECTED_TO_BE_NEW) return 'new';
  const seenIn = exposed.filter((one) => one.count > 0).length;
  if (seenIn < 2 && (expectedIn(exposed) ?? EXPECTED_TO_SPEAK) < EXPECTED_TO_SPEAK) return 'too-little-footage';
  const lately = exposed.slice(-LAST_ROUNDS).filter((one) => one.count > 0).length;
  return lately >= RECENT_ROUNDS ? 'recurring' : 'occasional';
}

/** Units of exposure that are still lacking before anything can be said. */
export const exposureLacking = (series: RoundSeries, usualRate: number): number =>
  Math.max(0, EXPECTED_TO_SPEAK / usualRate - exposureOf(series));
