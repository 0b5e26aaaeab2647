import { type AttemptMark, isFinished, type Mark, type PositionMark } from '../marks';
import { findPosition, findTechnique, type TechniqueClass } from '../vocabulary';
import { placeIn, type RoundState, stateAfterAttempt, stateOfPositionMark } from './state';

/** How late a call may come, or how much later than a technique the position after it, for both to be one moment. @source own decision: a slow hand on the keys */
export const LATE_SECONDS = 8;

/** A moment from which on the athletes are somewhere else. */
export interface StateChange {
  readonly atSeconds: number;
  readonly state: RoundState;
  readonly markId: string;
  /** Where a technique usually ends, not yet seen: it yields to the first position that is marked, and opens nothing by itself. */
  readonly isGuess: boolean;
}

export interface StateChanges {
  /** In order of time. */
  readonly changes: readonly StateChange[];
  /** When each finished technique came to its end, by mark id: where its call came late, the moment of the position that it led to. */
  readonly moments: ReadonlyMap<string, number>;
}

interface Move {
  readonly mark: AttemptMark;
  readonly atSeconds: number;
  readonly guess: RoundState | undefined;
}

const pastGuard: ReadonlySet<string> = new Set(['side-pin', 'knee-on-belly', 'mount', 'back']);
const familyOf = (state: RoundState): string | undefined =>
  state.kind === 'position' ? findPosition(state.positionId)?.family : undefined;

/** Whether a position can be what a technique led to: its actor stands in it as the technique leaves them. */
function canFollow({ mark, guess }: Move, after: RoundState): boolean {
  if (guess) return placeIn(after, mark.athlete) === placeIn(guess, mark.athlete);
  return leavesOver(classOf(mark)) && placeIn(after, mark.athlete) === 'over';
}

const classOf = (mark: AttemptMark): TechniqueClass | undefined => findTechnique(mark.techniqueId)?.class;
const leavesOver = (technique: TechniqueClass | undefined): boolean =>
  technique === 'takedowns' || technique === 'sweeps' || technique === 'passes' || technique === 'back-takes';

/** Whether a technique is over and done with in a state: it cannot begin there, so a call of it there came late. */
function isDoneIn({ mark }: Move, state: RoundState): boolean {
  const [family, place] = [familyOf(state), placeIn(state, mark.athlete)];
  switch (classOf(mark)) {
    case 'takedowns':
      return family !== 'standing' && place === 'over';
    case 'sweeps':
      return place === 'over';
    case 'passes':
      return place === 'over' && family !== undefined && pastGuard.has(family);
    case 'back-takes':
      return place === 'over' && family === 'back';
    default: {
      const from = findTechnique(mark.techniqueId)?.fromFamilies ?? [];
      return family !== undefined && from.length > 0 && !from.some((one) => one === 'any' || one === family);
    }
  }
}

/**
 * Where marks say that the athletes come to be elsewhere. A position says so itself. A finished technique says it from its own moment on: by the
 * position that is marked within 8 s after it, or shortly before it where its call came late, as long as no other change, and no stoppage, lies between;
 * without such a position by where it usually ends, as a guess. So the same calls in either order, or a little late, say the same. Marks that are
 * unsure say nothing. `ordered` must be in reading order.
 */
export function listStateChanges(ordered: readonly Mark[]): StateChanges {
  const positions = ordered.filter((mark): mark is PositionMark => mark.kind === 'position' && !mark.unsure);
  const moves = ordered
    .filter((mark): mark is AttemptMark => mark.kind === 'attempt' && !mark.unsure && isFinished(mark))
    .filter((mark) => classOf(mark) !== 'submissions')
    .map((mark): Move => ({ mark, atSeconds: mark.endSeconds ?? mark.atSeconds, guess: stateAfterAttempt(mark) }))
    .sort((one, other) => one.atSeconds - other.atSeconds);
  const breaks = ordered.flatMap((mark) => (mark.kind === 'stoppage' ? mark.atSeconds : []));
  const isBroken = (from: number, to: number) => breaks.some((at) => at >= from && at <= to);
  const startOf = new Map(positions.map((position) => [position.id, position.atSeconds]));
  const moments = new Map<string, number>();
  const guesses: StateChange[] = [];
  const taken = new Set<string>();
  let next = 0;
  for (const [index, move] of moves.entries()) {
    const { mark, atSeconds, guess } = move;
    while (next < positions.length && (positions[next]?.atSeconds ?? 0) < atSeconds) next += 1;
    const [before, after] = [positions[next - 1], positions[next]];
    const otherBefore = moves[index - 1]?.atSeconds ?? Number.NEGATIVE_INFINITY;
    const otherAfter = moves[index + 1]?.atSeconds ?? Number.POSITIVE_INFINITY;
    moments.set(mark.id, atSeconds);
    const cameLate =
      before !== undefined &&
      !taken.has(before.id) &&
      atSeconds - before.atSeconds <= LATE_SECONDS &&
      otherBefore < before.atSeconds &&
      !isBroken(before.atSeconds, atSeconds) &&
      canFollow(move, stateOfPositionMark(before)) &&
      isDoneIn(move, stateOfPositionMark(before)) &&
      !isDoneIn(move, stateOfMark(positions[next - 2]));
    if (cameLate) {
      taken.add(before.id);
      moments.set(mark.id, before.atSeconds);
      continue;
    }
    const settles =
      after !== undefined &&
      after.atSeconds - atSeconds <= LATE_SECONDS &&
      otherAfter > after.atSeconds &&
      !isBroken(atSeconds, after.atSeconds) &&
      canFollow(move, stateOfPositionMark(after));
    if (settles) {
      taken.add(after.id);
      startOf.set(after.id, atSeconds);
    } else if (guess) guesses.push({ atSeconds, state: guess, markId: mark.id, isGuess: true });
  }
  const seen = positions.map(
    (mark): StateChange => ({
      atSeconds: startOf.get(mark.id) ?? mark.atSeconds,
      state: stateOfPositionMark(mark),
      markId: mark.id,
      isGuess: false,
    }),
  );
  // At one moment what was seen has the last word.
  const changes = [...guesses, ...seen].sort(
    (one, other) => one.atSeconds - other.atSeconds || Number(other.isGuess) - Number(one.isGuess),
  );
  return { changes, moments };
}

const stateOfMark = (mark: PositionMark | undefined): RoundState =>
  mark ? stateOfPositionMark(mark) : { kind: 'unmarked' };
