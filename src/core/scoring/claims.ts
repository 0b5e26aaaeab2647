import type { Span } from '../clock';
import { type Athlete, athleteAt, isFinished, opponentOf, placeIn, type RoundReading, type RoundState } from '../round';
import { findPosition, findTechnique, type PointsClass, type PositionFamily } from '../vocabulary';
import type { PointsRules } from './rules';

/** Something that gives points if it is held: what, whose, since when. */
export interface Claim {
  readonly athlete: Athlete;
  readonly what: PointsClass;
  readonly atSeconds: number;
  readonly markId?: string;
  /** Whether a state keeps the hold alive. */
  readonly holds: (state: RoundState) => boolean;
  /** Only guessed from a technique, with no position marked after it: it cannot score. */
  readonly neverSeen?: boolean;
}

const guardFamilies: ReadonlySet<PositionFamily> = new Set([
  'closed-guard',
  'open-guard',
  'half-guard',
  'leg-entanglement',
]);
const pastFamilies: ReadonlySet<PositionFamily> = new Set(['side-pin', 'knee-on-belly', 'mount', 'back']);

const familyOf = (state: RoundState): PositionFamily | undefined =>
  state.kind === 'position' ? findPosition(state.positionId)?.family : undefined;

/** On top or attacking in any position but standing. */
export const isOver = (state: RoundState, athlete: Athlete): boolean =>
  familyOf(state) !== 'standing' && placeIn(state, athlete) === 'over';
/** On top past the guard: a pin, knee on belly, mount or the back. */
export const isPast = (state: RoundState, athlete: Athlete): boolean => {
  const family = familyOf(state);
  return family !== undefined && pastFamilies.has(family) && placeIn(state, athlete) === 'over';
};
/** A guard of any kind, whoever has it; half guard and leg entanglements are guards, the turtle is not. */
export const isGuard = (state: RoundState): boolean => {
  const family = familyOf(state);
  return family !== undefined && guardFamilies.has(family);
};
/** Standing or a level scramble: nobody has anything. */
export const isNeutral = (state: RoundState): boolean => {
  const family = familyOf(state);
  return family === 'standing' || (family === 'scramble' && placeIn(state, 'a') === 'level');
};

function holdsPosition(what: 'mount' | 'back' | 'knee-on-belly', athlete: Athlete, rules: PointsRules) {
  return (state: RoundState): boolean => {
    if (state.kind !== 'position' || placeIn(state, athlete) !== 'over') return false;
    if (what === 'back' && rules.bodyTriangleCounts && state.positionId === 'body-triangle-back') return true;
    return findPosition(state.positionId)?.points === what;
  };
}

const positionClasses = ['mount', 'back', 'knee-on-belly'] as const;

/**
 * Everything in a round that would give points if it were held, in order of time: finished takedowns and sweeps from a guard, passes (from a guard
 * with the athlete on top to past it), and the arrival in mount, on the back with hooks, and with the knee on the belly.
 */
export function listClaims(reading: RoundReading, rules: PointsRules): Claim[] {
  const claims: Claim[] = [...positionClaims(reading, rules), ...movementClaims(reading)];
  return claims.sort((one, other) => one.atSeconds - other.atSeconds || (one.what < other.what ? -1 : 1));
}

function positionClaims(reading: RoundReading, rules: PointsRules): Claim[] {
  const claims: Claim[] = [];
  let held: ReadonlySet<string> = new Set();
  // Who was last seen on top of a guard: only they can pass it.
  let overGuard: Athlete | undefined;
  for (const [index, interval] of reading.intervals.entries()) {
    const states = statesThatTell(reading.intervals, index);
    if (!states) continue;
    const neverSeen = isNeverSeen(reading.intervals, index);
    const now = new Set<string>();
    for (const athlete of ['a', 'b'] as const) {
      const arrive = (what: PointsClass, holds: Claim['holds']) =>
        claims.push({ athlete, what, atSeconds: interval.startSeconds, markId: interval.markId, holds, neverSeen });
      for (const what of positionClasses) {
        const holds = holdsPosition(what, athlete, rules);
        if (!states.every(holds)) continue;
        now.add(`${athlete} ${what}`);
        if (!held.has(`${athlete} ${what}`)) arrive(what, holds);
      }
      const past = (state: RoundState) => isPast(state, athlete);
      if (overGuard !== athlete || neverSeen || !states.every(past)) continue;
      arrive('pass', past);
      overGuard = undefined;
    }
    held = now;
    if (!interval.isGuess) overGuard = overGuardAfter(interval.state, overGuard);
  }
  return claims;
}

function overGuardAfter(state: RoundState, before: Athlete | undefined): Athlete | undefined {
  if (isGuard(state)) return athleteAt(state, 'over');
  return familyOf(state) === 'turtle' || familyOf(state) === 'submission-hold' ? before : undefined;
}

/**
 * What has to hold for something to be held in an interval: its state; for a guess also the first position that was seen after it, which proves or
 * disproves it. Undefined where nobody is anywhere.
 */
export function statesThatTell(intervals: RoundReading['intervals'], index: number): readonly RoundState[] | undefined {
  const interval = intervals[index];
  if (interval?.state.kind !== 'position') return undefined;
  if (!interval.isGuess) return [interval.state];
  const seen = firstSeenAfter(intervals, index);
  return seen ? [interval.state, seen] : [interval.state];
}

/** Whether an interval is only a guess, and no position was marked after it. */
const isNeverSeen = (intervals: RoundReading['intervals'], index: number): boolean =>
  intervals[index]?.isGuess === true && firstSeenAfter(intervals, index) === undefined;

/** The first position that was seen after a guess, with nothing between but other guesses. */
function firstSeenAfter(intervals: RoundReading['intervals'], index: number): RoundState | undefined {
  let after = index + 1;
  while (intervals[after]?.isGuess) after += 1;
  const state = intervals[after]?.state;
  return state?.kind === 'position' ? state : undefined;
}

function movementClaims(reading: RoundReading): Claim[] {
  return reading.marks.flatMap((mark): Claim[] => {
    if (mark.kind !== 'attempt' || mark.unsure || !isFinished(mark)) return [];
    const technique = findTechnique(mark.techniqueId);
    if (!technique || technique.class === 'submissions' || technique.scores === false) return [];
    const { athlete } = mark;
    const atSeconds = reading.moments.get(mark.id) ?? mark.endSeconds ?? mark.atSeconds;
    const claim = { athlete, atSeconds, markId: mark.id };
    const over = (state: RoundState) => isOver(state, athlete);
    if (technique.class === 'takedowns') return [{ ...claim, what: 'takedown', holds: over }];
    const from = stateBefore(reading, Math.min(mark.atSeconds, atSeconds));
    if (technique.class === 'sweeps') {
      // A sweep that was called says itself that it came from a guard, unless something else was seen there.
      const fromGuard = from.kind === 'unmarked' || (isGuard(from) && placeIn(from, opponentOf(athlete)) !== 'under');
      return fromGuard ? [{ ...claim, what: 'sweep', holds: over }] : [];
    }
    // So does a pass; out of a guard that was marked it is told by the positions.
    const past = (state: RoundState) => isPast(state, athlete);
    return technique.class === 'passes' && from.kind === 'unmarked' ? [{ ...claim, what: 'pass', holds: past }] : [];
  });
}

/** The state just before a moment; one that is only a guess is none. */
function stateBefore(reading: RoundReading, seconds: number): RoundState {
  const interval = reading.intervals.findLast((one) => one.startSeconds < seconds - 1e-9);
  return interval && !interval.isGuess ? interval.state : { kind: 'unmarked' };
}

export type Threats = Readonly<Record<Athlete, readonly Span[]>>;
