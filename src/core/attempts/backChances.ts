import { spanSeconds } from '../clock';
import { type Athlete, isFinished, type Mark, type RoundReading, roleIn } from '../round';
import { findPosition, findTechnique } from '../vocabulary';
import { countsAsAttempt } from './chances';

/** Kept this long, the back is held. @source common practice: a slow count of ten */
const KEPT_SECONDS = 10;

/** How far an athlete came each time at the opponent's back. */
export interface BackChances {
  readonly entries: number;
  readonly withHooks: number;
  readonly kept: number;
  readonly finished: number;
}

/** Every stay at the opponent's back: with both hooks, kept so for ten seconds, ended by a finish. Neighbouring positions of the back are one stay. */
export function backChances(reading: RoundReading, athlete: Athlete): BackChances {
  const stays: { hookSeconds: number; from: number; to: number }[] = [];
  let open: (typeof stays)[number] | undefined;
  for (const interval of reading.intervals) {
    const { state } = interval;
    const position = state.kind === 'position' ? findPosition(state.positionId) : undefined;
    const atBack =
      state.kind === 'position' &&
      position?.family === 'back' &&
      roleIn(state.positionId, state.holder, athlete) === 'attacker';
    if (!atBack) {
      open = undefined;
      continue;
    }
    if (!open) {
      open = { hookSeconds: 0, from: interval.startSeconds, to: interval.endSeconds };
      stays.push(open);
    }
    if (position?.points === 'back') open.hookSeconds += spanSeconds(interval);
    open.to = interval.endSeconds;
  }
  return {
    entries: stays.length,
    withHooks: stays.filter((stay) => stay.hookSeconds > 0).length,
    kept: stays.filter((stay) => stay.hookSeconds >= KEPT_SECONDS).length,
    finished: stays.filter((stay) => reading.marks.some((mark) => finishesDuring(mark, athlete, stay))).length,
  };
}

function finishesDuring(mark: Mark, athlete: Athlete, stay: { readonly from: number; readonly to: number }): boolean {
  if (mark.kind !== 'attempt' || mark.athlete !== athlete || !isFinished(mark) || !countsAsAttempt(mark)) return false;
  const isSubmission = findTechnique(mark.techniqueId)?.class === 'submissions';
  return isSubmission && mark.atSeconds >= stay.from && mark.atSeconds <= stay.to;
}
