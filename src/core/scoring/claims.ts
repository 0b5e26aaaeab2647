import type { Span } from '../clock';
import { type Athlete, opponentOf, placeOfRole, type RoundReading, type RoundState, roleIn } from '../round';
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
const placeOf = (state: RoundState, athlete: Athlete) =>
  state.kind === 'position' ? placeOfRole(roleIn(state.positionId, state.holder, athlete)) : 'level';

/** On top or attacking in any position but standing. */
export const isOver = (state: RoundState, athlete: Athlete): boolean =>
  familyOf(state) !== 'standing' && placeOf(state, athlete) === 'over';
/** On top past the guard: a pin, knee on belly, mount or the back. */
export const isPast = (state: RoundState, athlete: Athlete): boolean => {
  const family = familyOf(state);
  return family !== undefined && pastFamilies.has(family) && placeOf(state, athlete) === 'over';
};
/** A guard of any kind, whoever has it; half guard and leg entanglements are guards, the turtle is not. */
export const isGuard = (state: RoundState): boolean => {
  const family = familyOf(state);
  return family !== undefined && guardFamilies.has(family);
};
/** Standing or a level scramble: nobody has anything. */
export const isNeutral = (state: RoundState): boolean => {
  const family = familyOf(state);
  return family === 'standing' || (family === 'scramble' && placeOf(state, 'a') === 'level');
};

function holdsPosition(what: 'mount' | 'back' | 'knee-on-belly', athlete: Athlete, rules: PointsRules) {
  return (state: RoundState): boolean => {
    if (state.kind !== 'position' || placeOf(state, athlete) !== 'over') return false;
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
  let before: RoundState = { kind: 'unmarked' };
  // Who was last seen on top of a guard: only they can pass it.
  let overGuard: Athlete | undefined;
  for (const { state, startSeconds, markId } of reading.intervals) {
    if (state.kind !== 'position') continue;
    for (const athlete of ['a', 'b'] as const) {
      const arrive = (what: PointsClass, holds: Claim['holds']) =>
        claims.push({ athlete, what, atSeconds: startSeconds, markId, holds });
      for (const what of positionClasses) {
        const holds = holdsPosition(what, athlete, rules);
        if (holds(state) && !holds(before)) arrive(what, holds);
      }
      if (overGuard === athlete && isPast(state, athlete)) arrive('pass', (later) => isPast(later, athlete));
    }
    if (isGuard(state)) overGuard = (['a', 'b'] as const).find((athlete) => placeOf(state, athlete) === 'over');
    else if (familyOf(state) !== 'turtle' && familyOf(state) !== 'submission-hold') overGuard = undefined;
    before = state;
  }
  return claims;
}

function movementClaims(reading: RoundReading): Claim[] {
  return reading.marks.flatMap((mark): Claim[] => {
    if (mark.kind !== 'attempt' || mark.stage !== 'finished' || (mark.end ?? 'finished') !== 'finished') return [];
    const technique = findTechnique(mark.techniqueId);
    if (!technique || technique.class === 'submissions' || technique.scores === false) return [];
    const { athlete } = mark;
    const atSeconds = mark.endSeconds ?? mark.atSeconds;
    const claim = { athlete, atSeconds, markId: mark.id, holds: (state: RoundState) => isOver(state, athlete) };
    if (technique.class === 'takedowns') return [{ ...claim, what: 'takedown' }];
    if (technique.class !== 'sweeps') return [];
    const from = stateBefore(reading, mark.atSeconds);
    const fromGuard = isGuard(from) && placeOf(from, opponentOf(athlete)) !== 'under';
    return fromGuard ? [{ ...claim, what: 'sweep' }] : [];
  });
}

/** The state just before a moment. */
function stateBefore(reading: RoundReading, seconds: number): RoundState {
  const interval = reading.intervals.findLast((one) => one.startSeconds < seconds - 1e-9);
  return interval?.state ?? { kind: 'unmarked' };
}

export type Threats = Readonly<Record<Athlete, readonly Span[]>>;
