import { present } from '../kernel';
import { placeOfRole } from '../round';
import { findError, findPosition, findStrength, type PositionFamily, type Uniform } from '../vocabulary';
import type { Judged } from './judgement';
import { spellingsOf } from './spellings';
import type { Concept, ConceptKind, IndexedPhrase, VocabularyIndex } from './vocabularyIndex';
import { type Likenesses, likenessesOf } from './wordLikeness';
import { stemOf } from './words';

export interface MatchContext {
  readonly uniform: Uniform;
  /** Position at the moment of the call; ambiguous words lean to what happens there. */
  readonly positionId?: string;
  /** Where the athlete was whom the call is about; what is done from elsewhere is less likely meant. */
  readonly place?: 'over' | 'under' | 'level';
  /** A word before the concept that tells its kind ("grips …", "good: …"). */
  readonly kindHint?: ConceptKind;
  /** How the whole call judges: a fault is no grip, and praise no fault. */
  readonly judged?: Judged;
}

export interface ConceptMatch {
  readonly concept: Concept;
  /** 0 to 1: how well the words fit; from 0.6 on it is taken as meant. */
  readonly confidence: number;
}

/** No name is longer than this many words; longer text is a remark. */
const MOST_WORDS = 16;

/** Least confidence at which a reading is offered, and at which it is taken. @source own decision, tuned on the list of phrases */
export const OFFERED_CONFIDENCE = 0.42;
export const TAKEN_CONFIDENCE = 0.6;

/** Small words that a coach says and a name may lack: they cost next to nothing when they match nothing. */
const fillers: ReadonlySet<string> = new Set(
  'the a an of with to in on at for his her their its and from is are was into my your that this it he she they him them'.split(
    ' ',
  ),
);

/** Words that say only of what kind a concept is: "two on one grip". */
const kindWords: Readonly<Record<ConceptKind, readonly string[]>> = {
  position: ['position'],
  grip: ['grip', 'grips'],
  attempt: [],
  error: ['mistake', 'error'],
  strength: [],
};

const INITIALS_LIKENESS = 0.86;

/** The title of an error or a strength is a sentence: one word of it is seldom the whole of what is meant. @source own decision */
const WORD_OF_START = 0.06;
const WORD_OF_MIDDLE = 0.28;
/** The least likeness of one word that begins a title. */
const FROM_START_LIKENESS = 0.82;
const ELSEWHERE = 0.1;
const ALIAS_LIKENESS = 0.95;

/** How well typed words fit a phrase, 0 to 1: each word's best partner, the share of the phrase that was said, and its trust. */
function phraseLikeness(typed: readonly string[], likenesses: readonly Likenesses[], phrase: IndexedPhrase): number {
  let total = 0;
  let matched = 0;
  let ignored = 0;
  let fromStart = true;
  let used = 0;
  let last = -1;
  let inOrder = true;
  const { wordNumbers } = phrase;
  for (let position = 0; position < typed.length; position += 1) {
    let best = 0;
    let at = -1;
    for (let place = 0; place < wordNumbers.length; place += 1) {
      if (used & (1 << place)) continue;
      const likeness = present(likenesses[position]).get(present(wordNumbers[place])) ?? 0;
      if (likeness > best) {
        best = likeness;
        at = place;
      }
    }
    if (at >= 0) {
      used |= 1 << at;
      matched += 1;
      if (at < last) inOrder = false;
      last = at;
      if (at >= typed.length) fromStart = false;
    } else if (fillers.has(present(typed[position]))) ignored += 1;
    total += best;
  }
  const counted = typed.length - ignored;
  if (matched === 0 || counted === 0) return 0;
  // A name that was said word for word stays ahead of what merely fits the place.
  if (inOrder && total >= wordNumbers.length && typed.length === wordNumbers.length) return 1.03 * phrase.trust;
  const share = matched / wordNumbers.length;
  // Typing a name from its start is the usual way to cut it short, so that costs less than naming a word from its middle.
  const whole = matched === counted && fromStart ? 0.82 + 0.18 * share : 0.72 + 0.28 * share;
  return ((total - 0.02 * ignored) / counted) * whole * (inOrder ? 1 : 0.98) * phrase.trust;
}

const kindPreference: Readonly<Record<ConceptKind, number>> = {
  attempt: 0.012,
  position: 0.01,
  error: 0.006,
  grip: 0.004,
  strength: 0,
};

/** Whether an error or a strength belongs to the other side of the position. */
function isElsewhere(concept: Concept, place: MatchContext['place']): boolean {
  if (place === undefined || place === 'level') return false;
  const role = findError(concept.id)?.role ?? findStrength(concept.id)?.role ?? 'neutral';
  const wanted = placeOfRole(role);
  return wanted !== 'level' && wanted !== place;
}

/** A call that says outright that something is wrong, or well done, is seldom about anything else. @source own decision, tried on the calls that others wrote */
function judgementBonus(kind: ConceptKind, judged: Judged | undefined): number {
  if (!judged?.firm) return 0;
  if (judged.judgement === 'error') return kind === 'error' ? 0.03 : kind === 'attempt' ? -0.06 : -0.12;
  if (judged.judgement === 'good') return kind === 'strength' ? 0.03 : kind === 'error' ? -0.2 : -0.04;
  return kind === 'attempt' ? 0.02 : kind === 'error' ? -0.02 : -0.06;
}

function contextBonus(concept: Concept, context: MatchContext, index: VocabularyIndex): number {
  let bonus = kindPreference[concept.kind];
  if (context.kindHint === concept.kind) bonus += 0.06;
  else if (context.kindHint) bonus -= 0.12;
  bonus += judgementBonus(concept.kind, context.judged);
  if (concept.uniform !== 'both' && concept.uniform !== context.uniform) bonus -= 0.2;
  const uses = index.uses.get(concept.id) ?? 0;
  if (uses > 0) bonus += Math.min(0.03, 0.008 * Math.log1p(uses));
  const position = context.positionId ? findPosition(context.positionId) : undefined;
  if (!position) return bonus;
  if (concept.families.includes(position.family as PositionFamily)) bonus += 0.03;
  const next = position.nextCalls.find(([id]) => id === concept.id);
  return next ? bonus + 0.006 * next[1] : bonus;
}

/** The concepts that the words may mean, best first, each once; empty when nothing is near. Pure and without state. */
export function matchConcepts(
  words: readonly string[],
  index: VocabularyIndex,
  context: MatchContext,
  most = 8,
): ConceptMatch[] {
  if (words.length === 0 || words.length > MOST_WORDS) return [];
  const contentWords = words.filter((word) => !fillers.has(word)).length;
  if (contentWords === 0 && !index.names.has(words.map(stemOf).join(' '))) return [];
  const commonness = contentWords === 1 ? commonnessOf(words, index) : undefined;
  const best = new Map<string, { concept: Concept; score: number }>();
  const offer = (concept: Concept, likeness: number) => {
    if (likeness < OFFERED_CONFIDENCE) return;
    // "good base" says that praise is meant; "blocks" alone does not.
    const isSentence = concept.kind === 'error' || (concept.kind === 'strength' && context.kindHint !== 'strength');
    const fromMiddle = likeness < FROM_START_LIKENESS || concept.kind === 'strength';
    const oneWord =
      contentWords !== 1
        ? 0
        : isSentence
          ? fromMiddle
            ? WORD_OF_MIDDLE
            : WORD_OF_START
          : (commonness?.[concept.kind] ?? 0);
    // What was said word for word is meant, wherever they are.
    const doubt = likeness < ALIAS_LIKENESS ? oneWord + (isElsewhere(concept, context.place) ? ELSEWHERE : 0) : 0;
    // "nice arm triangle" praises an arm triangle.
    const isPraised = concept.kind === 'attempt' && likeness >= 1 && context.kindHint === 'strength';
    const around = isPraised ? { ...context, kindHint: undefined, judged: undefined } : context;
    const score = likeness + contextBonus(concept, around, index) - doubt;
    const known = best.get(concept.id);
    if (!known || score > known.score) best.set(concept.id, { concept, score });
  };
  for (const spelling of spellingsOf(words, index)) {
    const likenesses = spelling.words.map((word) => likenessesOf(word, index));
    const candidates = new Set<number>();
    for (const one of likenesses)
      for (const number of one.keys())
        for (const phrase of present(index.words[number]).phraseNumbers) candidates.add(phrase);
    for (const number of candidates) {
      const phrase = present(index.phrases[number]);
      offer(phrase.concept, phraseLikeness(spelling.words, likenesses, phrase) * spelling.trust);
    }
  }
  offerInitials(words, index, offer);
  return [...best.values()]
    .sort((one, other) => other.score - one.score || (one.concept.id < other.concept.id ? -1 : 1))
    .slice(0, most)
    .map(({ concept, score }) => ({ concept, confidence: Math.min(1, Math.max(0, score)) }));
}

/** A lone word that stands in the names of many entries says little: "knee", "low". @source own decision, tried on the calls that others wrote */
function commonnessOf(words: readonly string[], index: VocabularyIndex): Partial<Record<ConceptKind, number>> {
  const only = words.find((word) => !fillers.has(word)) ?? '';
  const stem = stemOf(only);
  const concepts = new Map<string, ConceptKind>();
  for (const known of index.words)
    if (known.stem === stem)
      for (const number of known.phraseNumbers) {
        const { concept } = present(index.phrases[number]);
        concepts.set(concept.id, concept.kind);
      }
  const counts: Partial<Record<ConceptKind, number>> = {};
  for (const kind of concepts.values()) counts[kind] = (counts[kind] ?? 0) + 1;
  return Object.fromEntries(
    Object.entries(counts).map(([kind, count]) => [kind, Math.min(0.2, 0.03 * Math.max(0, count - 2))]),
  );
}

/** "ks" for knee slice: the first letters of a name, when nothing else stands there. */
function offerInitials(
  words: readonly string[],
  index: VocabularyIndex,
  offer: (concept: Concept, likeness: number) => void,
): void {
  const [only = ''] = words;
  if (words.length !== 1 || only.length < 2 || only.length > 4) return;
  for (const phrase of index.phrases)
    if (phrase.initials === only) offer(phrase.concept, INITIALS_LIKENESS * phrase.trust);
}

/** The typed words that a concept does not explain; without a concept, those that resemble nothing in the vocabulary. Fillers never count. */
export function listUnreadWords(
  words: readonly string[],
  concept: Concept | undefined,
  index: VocabularyIndex,
): string[] {
  const counted = (word: string) => !fillers.has(word) && !kindWords[concept?.kind ?? 'error'].includes(word);
  if (!concept) return words.filter((word) => counted(word) && likenessesOf(word, index).size === 0);
  // A word that stands in any name of the concept is explained, in the spelling that leaves the least over.
  const known = new Set(
    index.phrases.filter((phrase) => phrase.concept.id === concept.id).flatMap((phrase) => phrase.wordNumbers),
  );
  const left = spellingsOf(words, index).map((spelling) =>
    spelling.words.filter(
      (word) => counted(word) && ![...likenessesOf(word, index).keys()].some((number) => known.has(number)),
    ),
  );
  return left.reduce((one, other) => (other.length < one.length ? other : one));
}
