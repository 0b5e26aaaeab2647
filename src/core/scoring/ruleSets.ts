import { type AnyBelt, adultEquivalent, type Uniform } from '../vocabulary';

/** A rule set by its plain description; the academy's and the event's own rules come first. */
export interface RuleSet {
  readonly id: string;
  readonly name: string;
  readonly uniform: Uniform | 'both';
}

export const ruleSets: readonly RuleSet[] = [
  { id: 'no-score', name: 'Sparring without score', uniform: 'both' },
  { id: 'points-gi', name: 'Points, main gi federation', uniform: 'gi' },
  { id: 'points-no-gi', name: 'Points, main gi federation, without the gi', uniform: 'no-gi' },
  { id: 'points-second-half', name: 'Points in the second half only', uniform: 'no-gi' },
  { id: 'submission-only', name: 'Submission only, overtime by escape time', uniform: 'both' },
];

/** Adult round length in minutes by belt. @source main gi federation's rule book, from memory: 5, 6, 7, 8, 10 */
export function adultRoundMinutes(belt: AnyBelt): number {
  return { white: 5, blue: 6, purple: 7, brown: 8, black: 10 }[adultEquivalent(belt)];
}
