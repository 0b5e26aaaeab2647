import type { RoundFigures } from '../figures';
import { addDays, type CalendarDate } from '../kernel';
import type { Belt } from '../vocabulary';

/** Rounds that count for what keeps happening. @source own decision: a term of training */
export const WINDOW_DAYS = 120;
/** The window is widened until it holds so many, if there are. @source own decision */
export const FEWEST_ROUNDS = 10;

/** Something that was done about an error on a day. */
export interface Dose {
  readonly day: CalendarDate;
  readonly kind: 'class' | 'homework';
  readonly drillId?: string;
  /** What the class was called, or what was to be done at home. */
  readonly words: string;
}

/** All rounds of one student, oldest first, with the belt they wear today. */
export interface StudentRecord {
  readonly personId: string;
  readonly belt: Belt;
  /** Those of the window. */
  readonly rounds: readonly RoundFigures[];
  /** Those before it: for what changed since. */
  readonly earlier: readonly RoundFigures[];
  /** What was done about each error, oldest first. */
  readonly doses: ReadonlyMap<string, readonly Dose[]>;
  /** There are more rounds than are looked at: these are the newest. */
  readonly isCut?: boolean;
}

/** Rounds, oldest first, parted at the beginning of the window: its days, or as far back as ten rounds reach. */
export function splitByWindow(
  rounds: readonly RoundFigures[],
  today: CalendarDate,
): Pick<StudentRecord, 'rounds' | 'earlier'> {
  const since = addDays(today, -WINDOW_DAYS);
  const inDays = rounds.findIndex((round) => round.heldOn >= since);
  const from = Math.min(inDays < 0 ? rounds.length : inDays, Math.max(0, rounds.length - FEWEST_ROUNDS));
  return { rounds: rounds.slice(from), earlier: rounds.slice(0, from) };
}
