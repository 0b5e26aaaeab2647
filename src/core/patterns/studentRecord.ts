import type { RoundFigures } from '../figures';
import type { Belt } from '../vocabulary';

/** All rounds of one student in the window, oldest first, with the belt they wear today. */
export interface StudentRecord {
  readonly personId: string;
  readonly belt: Belt;
  readonly rounds: readonly RoundFigures[];
}
