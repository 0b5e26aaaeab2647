import { type Concept, ordinaryWords, phoneticKey, stemOf, type VocabularyIndex, wordsOf } from '../callline';
import { present } from '../kernel';
import { misheardWords } from '../vocabulary';
import { doingsAsTold, positionsAsTold } from '../vocabulary/sayings/bodies';
import { findNamesBySound, type NamesBySound, namesBySound } from './namesBySound';

/** A name or saying as the ear takes it: its telling words, and whether their order matters. */
interface SpokenPhrase {
  readonly concept: Concept;
  readonly stems: readonly string[];
  readonly ordered: boolean;
  readonly trust: number;
}

/** The vocabulary ready to listen with: phrases by their rarest word, and the words that they are made of. */
export interface SpokenIndex {
  readonly phrasesByRareStem: ReadonlyMap<string, readonly SpokenPhrase[]>;
  readonly stems: ReadonlySet<string>;
  /** Words of five letters and more with one letter left out → stem: finds slips without comparing with every word. */
  readonly shortened: ReadonlyMap<string, string>;
  readonly namesBySound: NamesBySound;
  /** How a telling word sounds → its stem, where only one word sounds so. */
  readonly bySound: ReadonlyMap<string, string>;
}

export interface HeardWord {
  /** Its stem, then what else it may have been. */
  readonly stems: readonly string[];
  readonly isFiller: boolean;
  /** A comma stands before it: a name seldom runs over one. */
  readonly afterPause: boolean;
}

export interface Mention {
  readonly concept: Concept;
  /** What the same words fit besides, best first. */
  readonly rivals: readonly Concept[];
  /** First and last word, both included. */
  readonly from: number;
  readonly to: number;
  readonly score: number;
}

const fillers: ReadonlySet<string> = new Set(
  'the a an of to in on at his her their its is are was were be my your that this it there he she they i just really very so too'.split(
    ' ',
  ),
);

/** Single words that are names on the mat and ordinary words off it: alone they name nothing. */
const ordinary: ReadonlySet<string> = new Set(
  (
    'standing seated behind underneath unlocked scissors switch snap frame hook under over single double half heart calm posture flat total hurdle settle joke hill ' +
    'neighbor trucks cinch slave mound mounds twist elevator patient composed efficient combination harness dig knee head leg arm neck trackt track ' +
    'plum step folded stack inversion flattened escape lapel down hip hooks reef lassoed back knees flattens seat drag float steps reap shield pass sweep neutral feet foot hand hands hold holds side turn kneel knees seated sat stood waits base body neck elbow elbows shoulder'
  ).split(' '),
);

const contentStems = (words: readonly string[]): string[] => {
  const content = words.filter((word) => !fillers.has(word));
  return (content.length > 0 ? content : words).map(stemOf);
};

export function buildSpokenIndex(index: VocabularyIndex): SpokenIndex {
  const frequency = new Map<string, number>();
  const phrases: SpokenPhrase[] = index.phrases.flatMap((phrase) => {
    const words = phrase.wordNumbers.map((number) => present(index.words[number]).word);
    const stems = contentStems(words);
    const { kind } = phrase.concept;
    const isSaying = kind === 'error' || kind === 'strength';
    if (
      stems.length === 1 &&
      (ordinary.has(present(words[0])) ||
        words.some((word) => !fillers.has(word) && ordinaryWords.has(word)) ||
        ordinary.has(present(stems[0])) ||
        isSaying ||
        present(stems[0]).length < 3)
    )
      return [];
    return [{ concept: phrase.concept, stems, ordered: !isSaying || stems.length > 4, trust: phrase.trust }];
  });
  phrases.push(...toldPhrases(index));
  for (const phrase of phrases)
    for (const stem of new Set(phrase.stems)) frequency.set(stem, (frequency.get(stem) ?? 0) + 1);
  const phrasesByRareStem = new Map<string, SpokenPhrase[]>();
  for (const phrase of phrases) {
    const rare = phrase.stems.reduce((one, other) =>
      present(frequency.get(other)) < present(frequency.get(one)) ? other : one,
    );
    phrasesByRareStem.set(rare, [...(phrasesByRareStem.get(rare) ?? []), phrase]);
  }
  const stems = new Set(frequency.keys());
  const shortened = new Map<string, string>();
  for (const { word, stem } of index.words) {
    if (word.length < 5 || !stems.has(stem)) continue;
    for (const less of withoutOneLetter(word)) if (!shortened.has(less)) shortened.set(less, stem);
  }
  return {
    ...{ phrasesByRareStem, stems, shortened },
    bySound: soundsOf(index, stems),
    namesBySound: namesBySound(index),
  };
}

/** Told at length an entry is meant less surely than by its name. @source own decision */
const TOLD_TRUST = 0.8;

/** What bodies do, as phrases of the techniques and positions that they are. */
function toldPhrases({ concepts }: VocabularyIndex): SpokenPhrase[] {
  return Object.entries({ ...doingsAsTold, ...positionsAsTold }).flatMap(([id, told]) => {
    const concept = concepts.get(id);
    if (!concept) return [];
    return told.map((text) => ({ concept, stems: contentStems(wordsOf(text)), ordered: true, trust: TOLD_TRUST }));
  });
}

/** Words of so many sounds are told apart by them. @source own decision: shorter ones sound like everything */
const LEAST_SOUNDS = 3;

function soundsOf(index: VocabularyIndex, stems: ReadonlySet<string>): Map<string, string> {
  const found = new Map<string, string>();
  const shared = new Set<string>();
  for (const { word, stem, sound } of index.words) {
    if (word.length < 5 || sound.length < LEAST_SOUNDS || !stems.has(stem) || ordinaryWords.has(word)) continue;
    const known = found.get(sound);
    if (known !== undefined && known !== stem) shared.add(sound);
    found.set(sound, stem);
  }
  for (const sound of shared) found.delete(sound);
  return found;
}

// The first letter is seldom the slip: "counted" is not "mounted".
const withoutOneLetter = (word: string): string[] => [
  word,
  ...Array.from(word.slice(1), (_, at) => word.slice(0, at + 1) + word.slice(at + 2)),
];

/** What a spoken word may be: itself, what speech programs write for another word, a slip of a longer one. */
export function hearWord(word: string, index: SpokenIndex): Omit<HeardWord, 'afterPause'> {
  const stem = stemOf(word);
  const stems = [stem];
  const heard = Object.hasOwn(misheardWords, word) ? misheardWords[word] : undefined;
  if (heard) stems.push(stemOf(heard));
  if (!index.stems.has(stem) && word.length >= 5 && !ordinaryWords.has(word)) {
    const near = withoutOneLetter(word)
      .map((less) => index.shortened.get(less))
      .find(Boolean);
    const alike = near ?? index.bySound.get(phoneticKey(word));
    if (alike) stems.push(alike);
  }
  return { stems, isFiller: fillers.has(word) };
}

/** Two words are one only where that is so long. @source own decision: "in to" and "a side" are two */
const LEAST_JOINED = 7;

/** "berim bolo", "under hook": what speech programs write apart is heard as one word, too, where there is such a one. */
export function hearJoined(
  words: readonly { readonly word: string }[],
  heard: readonly HeardWord[],
  index: SpokenIndex,
): HeardWord[] {
  return heard.map((one, at) => {
    const next = words[at + 1];
    const joined = next ? `${present(words[at]).word}${next.word}` : '';
    if (joined.length < LEAST_JOINED || heard[at + 1]?.afterPause) return one;
    const stem = stemOf(joined);
    return index.stems.has(stem) ? { ...one, stems: [...one.stems, stem], isFiller: false } : one;
  });
}

/** The concepts that a stretch of words names, longest first, no word used twice. In order of place. */
export function findMentions(
  words: readonly HeardWord[],
  index: SpokenIndex,
  spoken: readonly string[] = [],
): Mention[] {
  const isKnown = (word: string) => ordinaryWords.has(word) || index.stems.has(stemOf(word));
  const found: Mention[] = findNamesBySound(spoken, index.namesBySound, isKnown).map(
    ({ concept, from, to, words: of }) => ({
      ...{ concept, from, to, rivals: [] },
      score: of * SOUND_TRUST,
    }),
  );
  for (const [at, word] of words.entries()) {
    for (const stem of word.stems) {
      for (const phrase of index.phrasesByRareStem.get(stem) ?? []) {
        const span = phrase.ordered ? fitInOrder(words, at, stem, phrase.stems) : fitAnyhow(words, at, phrase.stems);
        if (span) found.push({ concept: phrase.concept, ...span, score: scoreOf(phrase, span), rivals: [] });
      }
    }
  }
  found.sort((one, other) => other.score - one.score || one.from - other.from);
  const taken = new Set<number>();
  const kept: Mention[] = [];
  for (const mention of found) {
    const places = Array.from({ length: mention.to - mention.from + 1 }, (_, at) => mention.from + at);
    if (places.some((place) => taken.has(place) && !present(words[place]).isFiller)) continue;
    for (const place of places) taken.add(place);
    kept.push({ ...mention, rivals: rivalsOf(mention, found) });
  }
  return kept.sort((one, other) => one.from - other.from);
}

/** A name that was only heard by its sound is meant less surely than one that stands there. @source own decision */
const SOUND_TRUST = 0.85;

/** A reading that fits so much worse is none. @source own decision */
const RIVAL_SHARE = 0.5;

function rivalsOf(mention: Mention, found: readonly Mention[]): Concept[] {
  const rivals = new Map<string, Concept>();
  for (const { concept, from, to, score } of found) {
    if (from > mention.to || to < mention.from || concept.id === mention.concept.id) continue;
    if (score >= RIVAL_SHARE * mention.score && !rivals.has(concept.id)) rivals.set(concept.id, concept);
  }
  return [...rivals.values()];
}

/** An entry is near when so much of one of its phrases was said, in whatever order. @source own decision */
const NEAR_SHARE = 0.5;
const LEAST_NEAR_STEMS = 2;

/** Entries of which the words say at least half a phrase, nearest first: what may be meant where nothing was named. */
export function findNear(words: readonly string[], index: SpokenIndex): Concept[] {
  const said = new Set(words.map(stemOf));
  const near = new Map<string, { readonly concept: Concept; readonly share: number }>();
  for (const stem of said)
    for (const { concept, stems } of index.phrasesByRareStem.get(stem) ?? []) {
      const found = stems.filter((one) => said.has(one)).length;
      const share = found / stems.length;
      if (found < LEAST_NEAR_STEMS || share < NEAR_SHARE || share <= (near.get(concept.id)?.share ?? 0)) continue;
      near.set(concept.id, { concept, share });
    }
  return [...near.values()].sort((one, other) => other.share - one.share).map(({ concept }) => concept);
}

interface Fit {
  readonly from: number;
  readonly to: number;
  readonly strange: number;
}

const scoreOf = (phrase: SpokenPhrase, fit: Fit): number =>
  phrase.stems.length * phrase.trust -
  0.25 * fit.strange +
  (phrase.ordered ? 0.2 : 0) +
  (phrase.concept.kind === 'attempt' ? 0.05 : 0);

/** The words in their order around a place, fillers between them, at most one strange word. */
function fitInOrder(words: readonly HeardWord[], at: number, rare: string, stems: readonly string[]): Fit | undefined {
  const place = stems.indexOf(rare);
  const behind = follow(words, at, stems.slice(place + 1), 1);
  const before = follow(words, at, stems.slice(0, place).reverse(), -1);
  if (!behind || !before || behind.strange + before.strange > 1) return undefined;
  return { from: before.end, to: behind.end, strange: behind.strange + before.strange };
}

/** Goes from a place through the stems one way; words between that are no fillers, and commas, are strange. */
function follow(words: readonly HeardWord[], at: number, stems: readonly string[], step: 1 | -1) {
  let end = at;
  let strange = 0;
  for (const stem of stems) {
    end += step;
    while (words[end] && !present(words[end]).stems.includes(stem)) {
      if (!present(words[end]).isFiller) strange += 1;
      if (strange > 1) return undefined;
      end += step;
    }
    if (!words[end]) return undefined;
    if (present(words[step === 1 ? end : end + 1]).afterPause) strange += 1;
  }
  return { end, strange };
}

/** All the words near a place, in any order: coaches turn a saying round as it comes. */
function fitAnyhow(words: readonly HeardWord[], at: number, stems: readonly string[]): Fit | undefined {
  const reach = stems.length + 3;
  let from = at;
  let to = at;
  for (const stem of stems) {
    if (present(words[at]).stems.includes(stem)) continue;
    let best = -1;
    for (let place = Math.max(0, at - reach); place <= Math.min(words.length - 1, at + reach); place += 1) {
      if (!present(words[place]).stems.includes(stem)) continue;
      if (best < 0 || Math.abs(place - at) < Math.abs(best - at)) best = place;
    }
    if (best < 0) return undefined;
    from = Math.min(from, best);
    to = Math.max(to, best);
  }
  let content = 0;
  for (let place = from; place <= to; place += 1) if (!present(words[place]).isFiller) content += 1;
  const strange = Math.max(0, content - stems.length);
  return strange > 2 ? undefined : { from, to, strange };
}
