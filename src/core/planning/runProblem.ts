import type { Drill, Uniform } from '../vocabulary';
import type { Attendee } from './attendee';
import type { DrillLock } from './choiceProblem';
import type { PlanNumbers } from './numbers';
import type { Theme } from './themes';

/** A dose that somebody had before the run. */
export interface EarlierDose {
  readonly personId: string;
  readonly errorId: string;
  /** Working minutes × resistance. */
  readonly dose: number;
  /** Days before the first class of the run. */
  readonly daysBefore: number;
}

/** One class of a run, as far as its choice of lessons depends on it. */
export interface RunClass {
  readonly classId: string;
  /** Days after the first class of the run. */
  readonly day: number;
  readonly minutes: number;
  readonly uniform: Uniform;
  readonly pairsOnMats: number;
  /** Who is expected, with the chance of coming to this class. */
  readonly attendees: readonly Attendee[];
  readonly locks: readonly DrillLock[];
  /** Its plan stays as it is: its lessons are those that are locked, and no others. */
  readonly isKept?: boolean;
  /** Minutes that blocks of the coach's own take from its lessons. */
  readonly ownMinutes?: number;
  /** What the coach set this class to be about. */
  readonly theme?: Theme;
}

export interface RunProblem {
  /** In the order in which they are held. */
  readonly classes: readonly RunClass[];
  /** What was drilled before the run, by whom. */
  readonly earlier: readonly EarlierDose[];
  /** Drills by the day on which they were last taught, negative: before the run. */
  readonly taughtOn: ReadonlyMap<string, number>;
  readonly drills?: readonly Drill[];
  /** How the academy plans; as usual where it does not say. */
  readonly numbers?: PlanNumbers;
  /** Whether everybody is to get a lesson on what is most pressing for them, where that costs the others little. */
  readonly isFair: boolean;
  /** Orders of the classes that are tried, the held one first; drawn from this seed. */
  readonly seed: number;
}

export interface RunLesson {
  readonly drillId: string;
  readonly minutes: number;
  readonly excludedIds: readonly string[];
  readonly alternativeId?: string;
}

export interface PlannedClass {
  readonly classId: string;
  readonly themes: readonly Theme[];
  readonly lessons: readonly RunLesson[];
}

/** A run that was found on the way to the best. */
export interface FoundRun {
  readonly classes: readonly PlannedClass[];
  readonly benefit: number;
}

export interface RunPlan extends FoundRun {
  /** No run of these classes can bring more than this. Absent in older runs. */
  readonly bound?: number;
  /** The same people and classes, each class planned for itself. */
  readonly aloneBenefit: number;
  /** Each class by its most frequent errors first. */
  readonly frequencyBenefit: number;
}
