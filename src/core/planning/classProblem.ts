import type { Drill, Uniform } from '../vocabulary';
import type { Attendee, PlanLimits } from './attendee';
import type { DrillLock } from './choiceProblem';
import type { PlanNumbers } from './numbers';
import type { KeptPair } from './pairLessons';
import type { Theme } from './themes';

/** A block that the coach puts into a class: in own words, with an entry of the library if one is meant. */
export interface OwnBlock {
  readonly id: string;
  readonly title: string;
  readonly minutes: number;
  readonly conceptId?: string;
  /** Before the lessons, or between them and the rounds. */
  readonly place: 'before' | 'after';
}

export interface ClassProblem {
  readonly minutes: number;
  readonly uniform: Uniform;
  /** Pairs that can work on the mats at once. */
  readonly pairsOnMats: number;
  /** How many coaches are on the mat: with two it may be parted into two groups. One where it does not say. */
  readonly coaches?: number;
  readonly attendees: readonly Attendee[];
  readonly limits: PlanLimits;
  readonly locks: readonly DrillLock[];
  /** What the coach set this class to be about: its lessons are of it, also where nobody's errors ask for them. */
  readonly theme?: Theme;
  /** The unit of the curriculum that the theme comes from, where the coach set none. */
  readonly fromUnit?: { readonly id: string; readonly title: string };
  /** Who works together because the coach says so, wherever no rule forbids it. */
  readonly keptPairs?: readonly KeptPair[];
  /** How the academy plans; as usual where it does not say. */
  readonly numbers?: PlanNumbers;
  /** Blocks of the coach's own: what they take is taken from the lessons. */
  readonly ownBlocks?: readonly OwnBlock[];
  /** Drills of the last class: they rest unless locked. */
  readonly restingDrillIds: ReadonlySet<string>;
  /** Pairs of the last four classes. */
  readonly recentPairs: ReadonlySet<string>;
  readonly drills?: readonly Drill[];
}

export type ClassPlanProblem =
  | { readonly code: 'nobody-expected' }
  | { readonly code: 'one-person' }
  | { readonly code: 'too-short'; readonly leastMinutes: number }
  | { readonly code: 'nothing-to-work-on' }
  | { readonly code: 'no-drill-fits' }
  | { readonly code: 'theme-does-not-fit' }
  | { readonly code: 'own-blocks-do-not-fit'; readonly ownMinutes: number; readonly minutes: number }
  | { readonly code: 'locks-do-not-fit'; readonly lockedMinutes: number; readonly minutes: number };
