import { type AnyBelt, adultEquivalent, type Uniform } from '../vocabulary';
import type { OvertimeRules, PointsRules } from './rules';

/** A rule set as data; the academy's and the event's own rules come first. */
export interface RuleSet {
  readonly id: string;
  readonly name: string;
  readonly uniform: Uniform | 'both';
  readonly points?: PointsRules;
  readonly overtime?: OvertimeRules;
}

/** @source main gi federation's rule book, from memory */
const giPoints: PointsRules = {
  points: { takedown: 2, sweep: 2, 'knee-on-belly': 2, pass: 3, mount: 4, back: 4 },
  holdSeconds: 3,
  pointlessRatio: 0,
  bodyTriangleCounts: false,
  penalties: ['warning', 'advantage', 'two-points'],
};

/** @source main submission-grappling federation's rules, from memory */
const secondHalfPoints: PointsRules = {
  points: { takedown: 2, sweep: 2, 'knee-on-belly': 2, pass: 3, mount: 2, back: 3 },
  pastGuardPoints: 4,
  guardPullPoints: -1,
  holdSeconds: 3,
  pointlessRatio: 0.5,
  bodyTriangleCounts: false,
  penalties: ['warning', 'advantage', 'two-points'],
};

export const ruleSets: readonly RuleSet[] = [
  { id: 'no-score', name: 'Sparring without score', uniform: 'both' },
  { id: 'points-gi', name: 'Points, main gi federation', uniform: 'gi', points: giPoints },
  { id: 'points-no-gi', name: 'Points, main gi federation, without the gi', uniform: 'no-gi', points: giPoints },
  { id: 'points-second-half', name: 'Points in the second half only', uniform: 'no-gi', points: secondHalfPoints },
  {
    id: 'submission-only',
    name: 'Submission only, overtime by escape time',
    uniform: 'both',
    // Three turns each of at most two minutes. @source common practice
    overtime: { turnsEach: 3, turnSeconds: 120 },
  },
];

export const findRuleSet = (id: string): RuleSet | undefined => ruleSets.find((one) => one.id === id);

/** Adult round length in minutes by belt. @source main gi federation's rule book, from memory: 5, 6, 7, 8, 10 */
export function adultRoundMinutes(belt: AnyBelt | undefined): number {
  return { white: 5, blue: 6, purple: 7, brown: 8, black: 10 }[adultEquivalent(belt)];
}
