import { type Span, spanSeconds } from '../clock';
import { present } from '../kernel';
import { compareMarks, type Mark, type StoppageMark } from '../marks';
import type { RoundState } from './state';
import { listStateChanges, type StateChange } from './stateChanges';

/** A stretch of the round with one state. */
export interface StateInterval extends Span {
  readonly state: RoundState;
  /** The mark that began it; undefined at the round's start and after a stoppage. */
  readonly markId?: string;
  /** Where a technique usually ends; nobody marked it. */
  readonly isGuess?: true;
}

export interface RoundReading {
  readonly round: Span;
  /** The marks in reading order. */
  readonly marks: readonly Mark[];
  /** Tile the round from in to out without gap or overlap; empty ones are left out. */
  readonly intervals: readonly StateInterval[];
  readonly liveSeconds: number;
  /** When each finished technique came to its end, by mark id: a late call's moment is that of the position it led to. */
  readonly moments: ReadonlyMap<string, number>;
}

/**
 * A state for every instant of a round. A position mark closes the one before; a finished technique moves the state to the position marked
 * with it, else, as a guess, to where it usually ends (`listStateChanges`); a stoppage suspends, and after it nothing is known until the next mark.
 * Marks outside the round count at its nearer end. Order of `marks` does not matter.
 */
export function readRound(round: Span, marks: readonly Mark[]): RoundReading {
  const ordered = [...marks].sort(compareMarks);
  const { changes, moments } = listStateChanges(ordered);
  const stoppages = ordered.filter(
    (mark): mark is StoppageMark => mark.kind === 'stoppage' && mark.endSeconds > mark.atSeconds,
  );
  const intervals = tile(round, changes, stoppages);
  const liveSeconds = intervals.reduce((sum, one) => sum + (one.state.kind === 'stopped' ? 0 : spanSeconds(one)), 0);
  return { round, marks: ordered, intervals, liveSeconds, moments };
}

function tile(round: Span, changes: readonly StateChange[], stoppages: readonly StoppageMark[]): StateInterval[] {
  const within = (seconds: number) => Math.min(Math.max(seconds, round.startSeconds), round.endSeconds);
  const events = [
    ...changes.map((change) => ({ at: within(change.atSeconds), change })),
    ...stoppages.flatMap((stoppage) => [
      { at: within(stoppage.atSeconds), begins: stoppage },
      { at: within(stoppage.endSeconds), ends: stoppage },
    ]),
  ].sort((one, other) => one.at - other.at);
  const intervals: StateInterval[] = [];
  let running: { state: RoundState; markId?: string; isGuess?: true } = { state: { kind: 'unmarked' } };
  let stoppedBy = 0;
  let cursor = round.startSeconds;
  const close = (until: number) => {
    if (until <= cursor) return;
    const state: RoundState = stoppedBy > 0 ? { kind: 'stopped' } : running.state;
    intervals.push({
      startSeconds: cursor,
      endSeconds: until,
      state,
      markId: stoppedBy > 0 ? undefined : running.markId,
      ...(stoppedBy > 0 || !running.isGuess ? {} : { isGuess: true }),
    });
    cursor = until;
  };
  for (const event of events) {
    close(event.at);
    if ('change' in event) running = runningOf(event.change);
    else if ('begins' in event) {
      stoppedBy += 1;
      running = { state: { kind: 'unmarked' } };
    } else stoppedBy -= 1;
  }
  close(round.endSeconds);
  return intervals;
}

const runningOf = ({ state, markId, isGuess }: StateChange) => ({
  state,
  markId,
  ...(isGuess ? { isGuess: true as const } : {}),
});

/** The interval that holds a moment; the last one at or after the round's end, the first one before its start. */
export function findIntervalAt(reading: RoundReading, mediaSeconds: number): StateInterval | undefined {
  const { intervals } = reading;
  let low = 0;
  let high = intervals.length - 1;
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if (present(intervals[middle]).startSeconds <= mediaSeconds) low = middle;
    else high = middle - 1;
  }
  return intervals[low];
}
