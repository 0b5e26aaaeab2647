import type { Attendee } from './attendee';
import type { Candidate } from './eligibility';
import type { PlanNumbers } from './numbers';

/** A drill the coach keeps, with its minutes, or keeps out. */
export type DrillLock =
  | { readonly kind: 'keep'; readonly drillId: string; readonly minutes: number }
  | { readonly kind: 'drop'; readonly drillId: string };

export interface ChoiceProblem {
  readonly candidates: readonly Candidate[];
  readonly attendees: readonly Attendee[];
  /** Whole minutes for all drills together. */
  readonly minutes: number;
  readonly mostThemes: number;
  readonly mostLessons: number;
  /** Share of the people who can work at once, 0 to 1: pairs that fit over pairs there are. */
  readonly matShare: number;
  readonly locks: readonly DrillLock[];
  readonly numbers?: PlanNumbers;
}
