import { type Athlete, type AttemptMark, opponentOf, type PositionMark } from '../marks';
import { findPosition, findTechnique, type PositionFamily, type Role } from '../vocabulary';

/** Where the two athletes are, and who is better placed. */
export type RoundState =
  | { readonly kind: 'position'; readonly positionId: string; readonly holder?: Athlete }
  | { readonly kind: 'unmarked' }
  | { readonly kind: 'stopped' };

const worseRole: Readonly<Record<Role, Role>> = {
  top: 'bottom',
  bottom: 'top',
  attacker: 'defender',
  defender: 'attacker',
  neutral: 'neutral',
};

/**
 * An athlete's role in a position that `holder` has: the holder has the better role. In a guard whose better role is `bottom` the
 * holder is below. In a level guard the holder, when marked, is the athlete on top.
 */
export function roleIn(positionId: string, holder: Athlete | undefined, athlete: Athlete): Role {
  const position = findPosition(positionId);
  if (!position || holder === undefined) return 'neutral';
  const held = position.betterRole === 'neutral' ? levelHolderRole(position.family) : position.betterRole;
  return athlete === holder ? held : worseRole[held];
}

function levelHolderRole(family: PositionFamily): Role {
  return family === 'leg-entanglement' ? 'attacker' : 'top';
}

/** Whether a role is the one on top (or attacking), below (or defending), or neither. */
export function placeOfRole(role: Role): 'over' | 'under' | 'level' {
  if (role === 'top' || role === 'attacker') return 'over';
  return role === 'neutral' ? 'level' : 'under';
}

/** Where an athlete is in a state; `level` where nobody is marked on top. */
export const placeIn = (state: RoundState, athlete: Athlete): 'over' | 'under' | 'level' =>
  state.kind === 'position' ? placeOfRole(roleIn(state.positionId, state.holder, athlete)) : 'level';

/** The athlete who is on top (or attacking), or below, in a state; undefined where neither is. */
export const athleteAt = (state: RoundState, place: 'over' | 'under'): Athlete | undefined =>
  (['a', 'b'] as const).find((athlete) => placeIn(state, athlete) === place);

export const stateOfPositionMark = (mark: PositionMark): RoundState => ({
  kind: 'position',
  positionId: mark.positionId,
  holder: mark.holder,
});

/**
 * The state that a finished attempt leads to; undefined when it leaves the position as it is, ends play, or only the coach can say.
 * `actorAfter` says whether the actor comes out better placed or below; in a result that is a guard held from below, "better" keeps
 * the catalogue's better role only when the actor is meant to be there.
 */
export function stateAfterAttempt(mark: AttemptMark): RoundState | undefined {
  const technique = findTechnique(mark.techniqueId);
  if (!technique || technique.class === 'submissions' || !technique.resultPositionId) return undefined;
  if (technique.actorAfter === undefined || technique.actorAfter === 'ask') return undefined;
  if (technique.actorAfter === 'neutral') return { kind: 'position', positionId: technique.resultPositionId };
  const over = technique.actorAfter === 'better' ? mark.athlete : opponentOf(mark.athlete);
  return placeOnTop(technique.resultPositionId, over);
}

/** The position with this athlete on top or attacking: the holder of a guard whose better role is below is the other athlete. */
export function placeOnTop(positionId: string, athleteOver: Athlete): RoundState {
  const betterRole = findPosition(positionId)?.betterRole;
  const holder = betterRole === 'bottom' || betterRole === 'defender' ? opponentOf(athleteOver) : athleteOver;
  return { kind: 'position', positionId, holder };
}
