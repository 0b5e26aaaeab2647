import type { Athlete, BoardMark, Mark } from '../round';
import { type LostHold, type Score, type ScoreEvent, type ScoreReading, scoreAt, type Tally } from './scoreRound';

/** Boards are changed by hand: one may be this late. @source own decision */
export const BOARD_DELAY_SECONDS = 6;

export interface BoardDifference {
  readonly boardMarkId: string;
  readonly atSeconds: number;
  readonly athlete: Athlete;
  readonly field: keyof Tally;
  /** Change since the board before, on the board and as computed. */
  readonly onBoard: number;
  readonly computed: number;
  /** What was computed in between for this athlete. */
  readonly events: readonly ScoreEvent[];
  /** What did not score in between, and why. */
  readonly lost: readonly LostHold[];
}

const fields = ['points', 'advantages', 'penalties'] as const;
const isBoard = (mark: Mark): mark is BoardMark => mark.kind === 'board';

/**
 * Every reading of the official score against the computed one, difference by difference: what changed on the board since its reading before, what was
 * computed in between, and what nearly scored. An event just before a reading counts for it only when that makes them agree: boards are late.
 */
export function compareBoard(marks: readonly Mark[], reading: ScoreReading): BoardDifference[] {
  const boards = marks.filter(isBoard).sort((one, other) => one.atSeconds - other.atSeconds);
  const differences: BoardDifference[] = [];
  let fromSeconds = Number.NEGATIVE_INFINITY;
  let before: Score = { a: none, b: none };
  let computedBefore: Score = { a: none, b: none };
  for (const board of boards) {
    const now = settledScore(reading, board);
    for (const athlete of ['a', 'b'] as const)
      for (const field of fields) {
        const onBoard = board.score[athlete][field] - before[athlete][field];
        const computed = now[athlete][field] - computedBefore[athlete][field];
        if (onBoard === computed) continue;
        const within = (seconds: number) =>
          seconds > fromSeconds - BOARD_DELAY_SECONDS && seconds <= board.atSeconds + 1e-9;
        differences.push({
          ...{ boardMarkId: board.id, atSeconds: board.atSeconds, athlete, field, onBoard, computed },
          events: reading.events.filter((one) => one.athlete === athlete && one[field] !== 0 && within(one.atSeconds)),
          lost:
            field === 'points' ? reading.lost.filter((one) => one.athlete === athlete && within(one.atSeconds)) : [],
        });
      }
    [fromSeconds, before, computedBefore] = [board.atSeconds, board.score, now];
  }
  return differences;
}

const none: Tally = { points: 0, advantages: 0, penalties: 0 };
const equal = (one: Score, other: Score): boolean =>
  (['a', 'b'] as const).every((athlete) => fields.every((field) => one[athlete][field] === other[athlete][field]));

/** The computed score that a board shows: the one of its moment, or that of a little earlier when this is what it says. */
function settledScore(reading: ScoreReading, board: BoardMark): Score {
  const now = scoreAt(reading, board.atSeconds);
  const late = [...reading.events]
    .reverse()
    .filter((event) => event.atSeconds <= board.atSeconds && event.atSeconds > board.atSeconds - BOARD_DELAY_SECONDS)
    .map((event) => scoreAt(reading, event.atSeconds - 0.001))
    .find((score) => equal(score, board.score));
  return equal(now, board.score) || !late ? now : late;
}
