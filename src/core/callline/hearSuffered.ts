import { type Athlete, type AttemptMark, opponentOf } from '../round';
import { findTechnique } from '../vocabulary';
import { type BestReading, bestReading } from './bestReading';
import type { CallContext } from './callContext';
import type { Modifiers } from './modifiers';
import type { VocabularyIndex } from './vocabularyIndex';
import type { Who } from './who';

/** What the one who is named gets out of or lies under: the other one's doing, or a position in which the other one is on top. */
export interface Suffered {
  readonly who: Who;
  readonly best: BestReading;
  readonly modifiers: Modifiers;
  /** The attempt that was on and is over with this. */
  readonly finishesId?: string;
}

const ARTICLES = '(?:(?:the|a|an|his|her|their|my|that) )*';
const outOf = new RegExp(
  `^(?:then |and |finally |just )*(?:escapes|escaped|escape|gets out of|got out of|slips out of|works out of|rolls out of|defends|defended|survives|survived|fights off|fought off|shuts down|stuffs|stuffed|blocks|blocked|avoids|denies|counters|countered|frees (?:himself|herself) from|breaks free of|is out of) ${ARTICLES}(.+)$`,
);
const under = new RegExp(
  `^(?:is |was |gets |ends up |stuck |caught |trapped |still |now |flat |back )*(?:under|underneath|beneath|below) ${ARTICLES}(.+)$`,
);
const held = /^(?:is|was|gets|got|being|been) (mounted|pinned|crossfaced|side controlled)\b/;
const heldIn: Readonly<Record<string, string>> = {
  mounted: 'mount',
  pinned: 'side control',
  'side controlled': 'side control',
};

/** How sure the name must be of what somebody gets out of. @source own decision */
const NAMED = 0.85;
/** An attack is still on for so long. @source own decision */
const GOING_SECONDS = 90;

/** "escapes the armbar" ends the other one's armbar; "is mounted", "under side control" are positions of the other one. Undefined for anything else. */
export function hearSuffered(who: Who, index: VocabularyIndex, context: CallContext): Suffered | undefined {
  if (!who.named) return undefined;
  const text = who.words.join(' ');
  const other: Who = { ...who, athlete: opponentOf(who.athlete) };
  const pinned = heldIn[held.exec(text)?.[1] ?? ''] ?? under.exec(text)?.[1];
  if (pinned) {
    const best = bestReading(pinned.split(' '), index, context);
    if (best?.match.concept.kind !== 'position' || best.match.confidence < NAMED) return undefined;
    return { who: other, best, modifiers: { ...best.modifiers, place: 'over' } };
  }
  const escaped = outOf.exec(text)?.[1];
  const best = escaped ? bestReading(escaped.split(' '), index, context) : undefined;
  if (!best || best.match.confidence < NAMED || best.match.concept.kind !== 'attempt') return undefined;
  const technique = findTechnique(best.match.concept.id);
  if (!technique || technique.class === 'escapes') return undefined;
  const going = goingAttempt(technique.id, other.athlete, context);
  const stage = going ? { stage: going.stage } : {};
  return { who: other, best, modifiers: { ...best.modifiers, ...stage, end: 'escaped' }, finishesId: going?.id };
}

/** The attempt that is on at the moment of a call: of this technique, without an end, begun not long ago. */
export function goingAttempt(
  techniqueId: string,
  athlete: Athlete | undefined,
  { marks, atSeconds }: CallContext,
): AttemptMark | undefined {
  return marks?.findLast(
    (mark): mark is AttemptMark =>
      mark.kind === 'attempt' &&
      (athlete === undefined || mark.athlete === athlete) &&
      mark.techniqueId === techniqueId &&
      mark.end === undefined &&
      mark.atSeconds <= atSeconds &&
      mark.atSeconds >= atSeconds - GOING_SECONDS,
  );
}
