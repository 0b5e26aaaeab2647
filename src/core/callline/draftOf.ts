import { type Athlete, type Mark, opponentOf, placeOfRole, type RoundState, roleIn } from '../round';
import { findError, findPosition } from '../vocabulary';
import type { Who } from './callParts';
import type { Modifiers } from './modifiers';
import type { CallContext } from './readCall';
import type { Concept } from './vocabularyIndex';

type DistributiveOmit<Union, Key extends PropertyKey> = Union extends unknown ? Omit<Union, Key> : never;
/** A mark that has no id yet. */
export type MarkDraft = DistributiveOmit<Mark, 'id'>;

/** The mark that a concept makes with the small words around it. */
export function draftOf(
  concept: Concept,
  modifiers: Modifiers,
  who: Who,
  atSeconds: number,
  context: CallContext,
): MarkDraft {
  const { athlete } = who;
  const { side, target, verdict, unsure } = modifiers;
  const base = { atSeconds, verdict, unsure };
  switch (concept.kind) {
    case 'position':
      return {
        ...base,
        kind: 'position',
        positionId: concept.id,
        holder: holderOf(concept.id, athlete, modifiers.place),
      };
    case 'grip':
      return { ...base, kind: 'grip', gripId: concept.id, athlete, side, target, outcome: modifiers.outcome ?? 'got' };
    case 'attempt': {
      if (modifiers.missed) return { ...base, kind: 'chance', techniqueId: concept.id, athlete, side };
      const stage = modifiers.stage ?? 'entry';
      const end = modifiers.end ?? (stage === 'finished' ? 'finished' : undefined);
      const { tapCause } = modifiers;
      const note = modifiers.praised ? 'good' : undefined;
      return { ...base, kind: 'attempt', techniqueId: concept.id, athlete, stage, end, side, target, tapCause, note };
    }
    case 'error': {
      const owner = errorOwner(concept, who, context.state);
      return {
        ...base,
        kind: 'error',
        errorId: concept.id,
        athlete: owner,
        punished: modifiers.punished,
        side,
        ledTo: [],
      };
    }
    case 'strength':
      return { ...base, kind: 'strength', strengthId: concept.id, athlete };
  }
}

/** An error without a name belongs to whom its role fits now, else to the athlete in focus. */
function errorOwner(concept: Concept, who: Who, state: RoundState): Athlete {
  const role = findError(concept.id)?.role ?? 'neutral';
  if (who.named || role === 'neutral' || state.kind !== 'position') return who.athlete;
  const fits = (athlete: Athlete) => placeOfRole(roleIn(state.positionId, state.holder, athlete)) === placeOfRole(role);
  return fits('b') && !fits('a') ? 'b' : 'a';
}

/**
 * Who has the better role when this athlete is named with a position: guards are played from below unless "top" is said, all else from
 * above unless "bottom" is said; positions without better and worse have no holder.
 */
export function holderOf(
  positionId: string,
  athlete: Athlete,
  place: 'over' | 'under' | undefined,
): Athlete | undefined {
  const position = findPosition(positionId);
  if (!position || ['standing', 'scramble'].includes(position.family)) {
    return position && position.betterRole !== 'neutral'
      ? place === 'under'
        ? opponentOf(athlete)
        : athlete
      : undefined;
  }
  if (position.betterRole === 'neutral' && !/guard/.test(position.id)) return undefined;
  const isGuard = ['closed-guard', 'open-guard', 'half-guard'].includes(position.family);
  const played = isGuard && /guard/.test(position.id) ? 'under' : 'over';
  const wanted = place ?? (position.betterRole === 'bottom' ? 'under' : played);
  return placeOfRole(roleIn(positionId, athlete, athlete)) === wanted ? athlete : opponentOf(athlete);
}
