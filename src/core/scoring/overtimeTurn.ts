import type { Athlete } from '../round';
import type { OvertimeRules } from './rules';

/** One turn of an overtime: who escapes (or is tapped), from which start, and how it ended. */
export interface OvertimeTurn {
  readonly escaper: Athlete;
  readonly from: 'back' | 'arm';
  readonly startSeconds: number;
  /** When they were free, or tapped, or the turn ran out; the start where it is not known how the turn ended. */
  readonly endSeconds: number;
  /** `unknown`: the turn still runs, or its end is not on the footage. It counts nothing so far. */
  readonly end: 'escaped' | 'tapped' | 'ran-out' | 'unknown';
}

/** Seconds to the tenth, as they are shown and added up. */
export const toTenth = (seconds: number): number => Math.round(seconds * 10) / 10;

/** Two times at most this far apart are level, in seconds; a hair above the rule against the noise of binary fractions. */
export const equalSeconds = (rules: OvertimeRules): number => (rules.equalWithinSeconds ?? 0) + 1e-6;

/** A turn's length as it counts, to the tenth: the escape time, the full length when nobody escaped, nothing for a tap or an unknown end. */
export function countedSeconds(turn: OvertimeTurn, rules: OvertimeRules): number {
  if (turn.end === 'tapped' || turn.end === 'unknown') return 0;
  return turn.end === 'ran-out'
    ? rules.turnSeconds
    : toTenth(Math.min(turn.endSeconds - turn.startSeconds, rules.turnSeconds));
}
