import {
  type Athlete,
  athleteAt,
  type Held,
  type Mark,
  opponentOf,
  placeOfRole,
  roleIn,
  stateAfterAttempt,
} from '../round';
import { findError, findPosition, findStrength, findTechnique } from '../vocabulary';
import type { CallContext } from './callContext';
import type { Modifiers } from './modifiers';
import type { Concept } from './vocabularyIndex';
import type { Who } from './who';

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
  const athlete = who.named ? who.athlete : likelyAthlete(concept, modifiers, who.athlete, context);
  const { side, target, verdict, unsure, amid } = modifiers;
  const base = { atSeconds, verdict, unsure, ...(amid ? { amid } : {}) };
  // An opening may be about anything: a grip, a position, something done well.
  if (modifiers.missed && concept.kind !== 'error')
    return { ...base, kind: 'chance', techniqueId: concept.id, athlete, side, ...(target ? { part: target } : {}) };
  switch (concept.kind) {
    case 'position':
      return {
        ...base,
        kind: 'position',
        positionId: concept.id,
        holder: holderOf(concept.id, athlete, modifiers.place),
        ...heldOf(modifiers),
      };
    case 'grip':
      return { ...base, kind: 'grip', gripId: concept.id, athlete, side, target, outcome: modifiers.outcome ?? 'got' };
    case 'attempt': {
      const stage = modifiers.stage ?? (isOutOf(concept, modifiers) ? 'finished' : 'entry');
      const end = stage === 'finished' ? 'finished' : modifiers.end;
      const { tapCause, came } = modifiers;
      const note = modifiers.praised ? 'good' : undefined;
      return {
        ...base,
        kind: 'attempt',
        techniqueId: concept.id,
        athlete,
        stage,
        end,
        side,
        target,
        tapCause,
        note,
        ...(came ? { came } : {}),
      };
    }
    case 'error': {
      return {
        ...base,
        kind: 'error',
        errorId: concept.id,
        athlete,
        punished: modifiers.punished,
        punishedFrom: modifiers.punishedFrom,
        side,
        ...(target ? { part: target } : {}),
        ledTo: [],
      };
    }
    case 'strength':
      return {
        ...base,
        kind: 'strength',
        strengthId: concept.id,
        athlete,
        ...(side ? { side } : {}),
        ...(target ? { part: target } : {}),
      };
  }
}

/** "granby roll escapes": an escape that escapes has done what it is for. */
const isOutOf = (concept: Concept, { end }: Modifiers): boolean =>
  end === 'escaped' && findTechnique(concept.id)?.class === 'escapes';

/** How a position is held, where the call says it. */
function heldOf({ side, held }: Modifiers): { readonly held?: Held } {
  return side || held ? { held: { ...(side ? { side } : {}), ...held } } : {};
}

/**
 * Whom a call without a name is about: an error whom its role fits, a pass the one on top, a sweep or an escape the one below, an attack
 * whoever has the better of the position; a position leaves on top who is on top. Where nothing tells, the athlete in focus.
 */
function likelyAthlete(concept: Concept, modifiers: Modifiers, inFocus: Athlete, context: CallContext): Athlete {
  const { state } = context;
  const arrived = concept.kind === 'position' && !modifiers.place ? whoArrived(concept, context) : undefined;
  if (arrived) return namedFrom(concept, arrived);
  if (state.kind !== 'position' || state.holder === undefined) return inFocus;
  const { holder } = state;
  const at = (place: 'over' | 'under') => athleteAt(state, place) ?? inFocus;
  const technique = findTechnique(concept.id);
  if (technique) {
    if (technique.class === 'passes') return at('over');
    if (['sweeps', 'escapes', 'leg-entries'].includes(technique.class)) return at('under');
    return technique.class === 'submissions' || technique.class === 'back-takes' ? holder : inFocus;
  }
  if (concept.kind === 'position') {
    if (modifiers.place) return inFocus;
    return namedFrom(concept, at('over'));
  }
  const role = findError(concept.id)?.role ?? findStrength(concept.id)?.role ?? 'neutral';
  const place = placeOfRole(role);
  return place === 'level' ? inFocus : at(place);
}

/** Named from below or from above, as the position is usually called: either way this one is on top. */
function namedFrom({ id }: Concept, over: Athlete): Athlete {
  const held = holderOf(id, over, undefined);
  const stays = held !== undefined && placeOfRole(roleIn(id, held, over)) === 'over';
  return stays ? over : opponentOf(over);
}

/** What was tried leads there within this time. @source own decision */
const ARRIVAL_SECONDS = 15;

/** Who is on top in a position that somebody's move leads to, called right after the move: "rolls for the legs", then "saddle". */
function whoArrived({ id }: Concept, { marks = [], atSeconds }: CallContext): Athlete | undefined {
  const move = marks.findLast((mark) => mark.kind === 'attempt' || mark.kind === 'position');
  const isRecent =
    move?.kind === 'attempt' && atSeconds >= move.atSeconds && atSeconds - move.atSeconds <= ARRIVAL_SECONDS;
  if (!isRecent || (move.end !== undefined && move.end !== 'finished')) return undefined;
  const after = stateAfterAttempt(move);
  if (after?.kind !== 'position' || findPosition(after.positionId)?.family !== findPosition(id)?.family)
    return undefined;
  return athleteAt(after, 'over');
}

/**
 * Who has the better role when this athlete is named with a position: guards are played from below unless "top" is said, all else from
 * above unless "bottom" is said, the turtle by the one below; positions without better and worse have a holder only where the call says who is on top.
 */
export function holderOf(
  positionId: string,
  athlete: Athlete,
  place: 'over' | 'under' | undefined,
): Athlete | undefined {
  const position = findPosition(positionId);
  if (!position) return undefined;
  // Who pulls together plays no guard yet.
  const isPlayed = /guard/.test(position.id) && position.family !== 'scramble';
  const isLevel = position.betterRole === 'neutral' && !isPlayed;
  // A level position has a holder only where the call says who is on top.
  if (isLevel) return place === undefined ? undefined : place === 'over' ? athlete : opponentOf(athlete);
  if (['standing', 'scramble'].includes(position.family)) return place === 'under' ? opponentOf(athlete) : athlete;
  const isGuard = ['closed-guard', 'open-guard', 'half-guard'].includes(position.family);
  const played = (isGuard && /guard/.test(position.id)) || position.family === 'turtle' ? 'under' : 'over';
  const wanted = place ?? (position.betterRole === 'bottom' ? 'under' : played);
  return placeOfRole(roleIn(positionId, athlete, athlete)) === wanted ? athlete : opponentOf(athlete);
}
