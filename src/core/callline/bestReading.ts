import { placeOfRole, type RoundState, roleIn } from '../round';
import type { CallContext } from './callContext';
import type { Judged } from './judgement';
import { type ConceptMatch, type MatchContext, matchConcepts, OFFERED_CONFIDENCE } from './matchConcept';
import { fitsModifiers, type Modifiers, mergeModifiers, splitModifiers } from './modifiers';
import { versionsOf } from './versions';
import type { Concept, VocabularyIndex } from './vocabularyIndex';
import type { Who } from './who';

export interface BestReading {
  readonly match: ConceptMatch;
  readonly modifiers: Modifiers;
  /** The words that were matched: what a completion replaces. */
  readonly words: readonly string[];
  readonly choices: readonly ConceptMatch[];
  /** Where it went, when a place was named beside it. */
  readonly to?: Concept;
  /** Words beside it that say more about it. */
  readonly tail?: readonly string[];
}

/** From here on the words are a name as it stands. @source own decision */
export const CERTAIN = 0.995;
const WHOLE_NAME = 0.03;
/** Where the athlete who is named was by then. */
export const placeOf = (who: Who, state: RoundState): MatchContext['place'] =>
  who.named && state.kind === 'position' && state.holder
    ? placeOfRole(roleIn(state.positionId, state.holder, who.athlete))
    : undefined;

/** "weight on the neck" is mostly what a sentence of the catalogue says, and not where it was done. @source own decision */
const TITLE_PART = 0.08;
const isPartOfTitle = ({ kind }: Concept, { target }: Modifiers): boolean =>
  target !== undefined && (kind === 'error' || kind === 'strength');

/** What else is known of the words that are read. */
interface Around {
  readonly place?: MatchContext['place'];
  readonly judged?: Judged;
}

// One call asks for the same words several times: as a whole, as the rest behind a verb, as a clause. What is known of a moment never changes.
const known = new WeakMap<CallContext, { index: VocabularyIndex; readings: Map<string, BestReading | undefined> }>();

/** The concept that the words most likely name, whatever small words and places stand around it. */
export function bestReading(
  words: readonly string[],
  index: VocabularyIndex,
  context: CallContext,
  around: Around = {},
): BestReading | undefined {
  let memory = known.get(context);
  if (memory?.index !== index) {
    memory = { index, readings: new Map() };
    known.set(context, memory);
  }
  const key = `${words.join(' ')}|${around.place ?? ''}|${around.judged?.judgement ?? ''}|${around.judged?.firm ?? ''}`;
  if (memory.readings.has(key)) return memory.readings.get(key);
  const best = findBest(words, index, context, around);
  if (memory.readings.size >= MOST_KNOWN) memory.readings.clear();
  memory.readings.set(key, best);
  return best;
}

/** So many readings of one moment are kept: more than anybody types at once. @source own decision */
const MOST_KNOWN = 500;

function findBest(
  words: readonly string[],
  index: VocabularyIndex,
  context: CallContext,
  { place, judged }: Around,
): BestReading | undefined {
  const positionId = context.state.kind === 'position' ? context.state.positionId : undefined;
  let best: (BestReading & { readonly rank: number }) | undefined;
  for (const version of versionsOf(words, index))
    for (const split of splitModifiers(version.words)) {
      const { kindHint } = split;
      const modifiers = mergeModifiers(version.modifiers ?? {}, split.modifiers);
      const choices = matchConcepts(split.words, index, {
        uniform: context.uniform,
        positionId,
        kindHint,
        place,
        judged,
      });
      const match = choices[0];
      if (!match) continue;
      // Understanding a small word is worth a little, but never as much as a word of the concept that then goes unexplained.
      // All the words are a name: "back control" is the position, also where chokes from the back are usual.
      const whole = split.stripped === 0 && version.cost === 0 && match.confidence >= CERTAIN ? WHOLE_NAME : 0;
      const fits = fitsModifiers(match.concept.kind, modifiers) ? 0 : -0.15;
      const named = isPartOfTitle(match.concept, modifiers) ? TITLE_PART : 0;
      const rank = match.confidence + 0.02 * split.stripped + whole + fits - named - version.cost;
      const { to, tail } = version;
      if (!best || rank > best.rank) best = { match, modifiers, words: split.words, choices, to, tail, rank };
    }
  return best && best.match.confidence >= OFFERED_CONFIDENCE ? best : undefined;
}
