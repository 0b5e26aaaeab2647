import { distance } from 'fastest-levenshtein';
import { findPosition, type PositionFamily, type Uniform } from '../vocabulary';
import type { Concept, ConceptKind, IndexedPhrase, VocabularyIndex } from './vocabularyIndex';
import { stemOf } from './words';

export interface MatchContext {
  readonly uniform: Uniform;
  /** Position at the moment of the call; ambiguous words lean to what happens there. */
  readonly positionId?: string;
  /** A word before the concept that tells its kind ("grips …", "good: …"). */
  readonly kindHint?: ConceptKind;
}

export interface ConceptMatch {
  readonly concept: Concept;
  /** 0 to 1: how well the words fit; from 0.6 on it is taken as meant. */
  readonly confidence: number;
}

/** No name is longer than this many words; longer text is a remark. */
const MOST_WORDS = 16;

/** Least confidence at which a reading is offered, and at which it is taken. @source own decision, tuned on the call line's examples */
export const OFFERED_CONFIDENCE = 0.42;
export const TAKEN_CONFIDENCE = 0.6;

/** How alike two words are, 0 to 1: equal, same stem, beginning of, or a slip of the keyboard (one letter from four, two from seven). */
function wordLikeness(typed: string, typedStem: string, word: string, stem: string): number {
  if (typed === word) return 1;
  if (typedStem === stem) return 0.97;
  if (typed.length >= 2 && word.startsWith(typed)) return 0.8 + 0.15 * (typed.length / word.length);
  if (typed.length < 4 || Math.abs(typed.length - word.length) > 2) return 0;
  const slips = distance(typed, word);
  if (slips === 1) return 0.8;
  return slips === 2 && typed.length >= 7 ? 0.7 : 0;
}

/** Small words that a coach says and a name may lack: they cost nothing when they match nothing. */
const fillers: ReadonlySet<string> = new Set([
  'the',
  'a',
  'an',
  'of',
  'with',
  'to',
  'in',
  'on',
  'his',
  'her',
  'their',
  'and',
  'from',
]);

/** How alike one typed word is to each word of the vocabulary that it resembles at all, by word number. */
type Likenesses = ReadonlyMap<number, number>;

// Typing repeats words from key to key and from split to split; what a word resembles depends on nothing else.
const remembered = new WeakMap<VocabularyIndex, Map<string, Likenesses>>();
const MOST_REMEMBERED = 2000;

function likenessesOf(typed: string, index: VocabularyIndex): Likenesses {
  const memory = remembered.get(index) ?? new Map<string, Likenesses>();
  remembered.set(index, memory);
  const known = memory.get(typed);
  if (known) return known;
  const stem = stemOf(typed);
  const found = new Map<number, number>();
  for (const [number, entry] of index.words.entries()) {
    const likeness = wordLikeness(typed, stem, entry.word, entry.stem);
    if (likeness > 0) found.set(number, likeness);
  }
  if (memory.size >= MOST_REMEMBERED) memory.clear();
  memory.set(typed, found);
  return found;
}

function phraseLikeness(typed: readonly string[], likenesses: readonly Likenesses[], phrase: IndexedPhrase): number {
  let total = 0;
  let matched = 0;
  let ignored = 0;
  const used = new Set<number>();
  for (const [position, word] of typed.entries()) {
    let best = 0;
    let at = -1;
    for (const [place, number] of phrase.wordNumbers.entries()) {
      const likeness = used.has(place) ? 0 : (likenesses[position]!.get(number) ?? 0);
      if (likeness > best) {
        best = likeness;
        at = place;
      }
    }
    if (at >= 0) {
      used.add(at);
      matched += 1;
    } else if (fillers.has(word)) ignored += 1;
    total += best;
  }
  const counted = typed.length - ignored;
  if (matched === 0 || counted === 0) return 0;
  const share = matched / phrase.wordNumbers.length;
  // Typing a name from its start is the usual way to cut it short, so that costs less than naming a word from its middle.
  const whole =
    matched === counted && [...used].every((place) => place < typed.length) ? 0.82 + 0.18 * share : 0.72 + 0.28 * share;
  return ((total - 0.04 * ignored) / counted) * whole * phrase.trust;
}

const kindPreference: Readonly<Record<ConceptKind, number>> = {
  attempt: 0.012,
  position: 0.01,
  error: 0.006,
  grip: 0.004,
  strength: 0,
};

function contextBonus(concept: Concept, context: MatchContext): number {
  let bonus = kindPreference[concept.kind];
  if (context.kindHint === concept.kind) bonus += 0.12;
  else if (context.kindHint) bonus -= 0.12;
  if (concept.uniform !== 'both' && concept.uniform !== context.uniform) bonus -= 0.2;
  const position = context.positionId ? findPosition(context.positionId) : undefined;
  if (position) {
    if (concept.families.includes(position.family as PositionFamily)) bonus += 0.03;
    const weight = position.nextCalls.find(([id]) => id === concept.id)?.[1] ?? 0;
    bonus += 0.006 * weight;
  }
  return bonus;
}

/** The concepts that the words may mean, best first, each once; empty when nothing is near. Pure and without state. */
export function matchConcepts(
  words: readonly string[],
  index: VocabularyIndex,
  context: MatchContext,
  most = 8,
): ConceptMatch[] {
  if (words.length === 0 || words.length > MOST_WORDS) return [];
  const likenesses = words.map((word) => likenessesOf(word, index));
  const candidates = new Set(
    likenesses.flatMap((one) => [...one.keys()].flatMap((number) => index.words[number]!.phraseNumbers)),
  );
  const best = new Map<string, { concept: Concept; score: number }>();
  for (const number of candidates) {
    const phrase = index.phrases[number]!;
    const likeness = phraseLikeness(words, likenesses, phrase);
    if (likeness < OFFERED_CONFIDENCE) continue;
    const score = likeness + contextBonus(phrase.concept, context);
    const known = best.get(phrase.concept.id);
    if (!known || score > known.score) best.set(phrase.concept.id, { concept: phrase.concept, score });
  }
  return [...best.values()]
    .sort((one, other) => other.score - one.score || (one.concept.id < other.concept.id ? -1 : 1))
    .slice(0, most)
    .map(({ concept, score }) => ({ concept, confidence: Math.min(1, Math.max(0, score)) }));
}
