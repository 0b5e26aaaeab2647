import type { Drill, Uniform } from '../vocabulary';
import type { Attendee } from './attendee';
import type { DrillLock } from './chooseDrills';

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
}

export interface RunProblem {
  /** In the order in which they are held. */
  readonly classes: readonly RunClass[];
  /** What was drilled before the run, by whom. */
  readonly earlier: readonly EarlierDose[];
  /** Drills by the day on which they were last taught, negative: before the run. */
  readonly taughtOn: ReadonlyMap<string, number>;
  readonly drills?: readonly Drill[];
  /** Orders of the classes that are tried, the held one first; drawn from this seed. */
  readonly seed: number;
}
