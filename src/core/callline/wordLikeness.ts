import { distance } from 'fastest-levenshtein';
import { present } from '../kernel';
import { ordinaryWords } from './ordinaryWords';
import type { VocabularyIndex } from './vocabularyIndex';
import { phoneticKey, stemOf } from './words';

/** Likeness of equal sound, of the same stem, and of slips; own decisions, tuned on the list of phrases. */
const SAME_STEM = 0.97;
const SAME_SOUND = 0.78;
const ONE_SLIP = 0.82;
const TWO_SLIPS = 0.7;

interface Typed {
  readonly word: string;
  readonly stem: string;
  readonly sound: string;
}

/** How alike two words are, 0 to 1: equal, same stem, beginning of, a slip of the keyboard (one letter from four, two from seven), same sound. */
function wordLikeness(typed: Typed, known: Typed): number {
  if (typed.word === known.word) return 1;
  if (typed.stem === known.stem) return SAME_STEM;
  const { word } = typed;
  if (ordinaryWords.has(word)) return 0;
  if (word.length >= 2 && known.word.startsWith(word)) return 0.8 + 0.15 * (word.length / known.word.length);
  if (word.length < 4 || known.word.length < 3) return 0;
  const difference = Math.abs(word.length - known.word.length);
  if (difference <= 2) {
    const slips = isSwap(word, known.word) ? 1 : Math.min(distance(word, known.word), distance(typed.stem, known.stem));
    if (slips === 1) return ONE_SLIP;
    if (slips === 2 && word.length >= 6) return TWO_SLIPS;
  }
  const sounds = typed.sound.length >= 2 && typed.sound === known.sound && word[0] === known.word[0];
  return sounds && difference <= 3 ? SAME_SOUND : 0;
}

/** How alike a typed word is to another, 0 to 1, by the same measure as in calls: for lists that are no vocabulary. */
export function likenessOf(typed: string, known: string): number {
  const [one, other] = [typed, known].map((word) => ({ word, stem: stemOf(word), sound: phoneticKey(word) }));
  return wordLikeness(present(one), present(other));
}

/** Two neighbouring letters exchanged: one slip of the fingers, though two edits. */
function isSwap(one: string, other: string): boolean {
  if (one.length !== other.length) return false;
  const at = [...one].findIndex((letter, index) => letter !== other[index]);
  return at >= 0 && one[at] === other[at + 1] && one[at + 1] === other[at] && one.slice(at + 2) === other.slice(at + 2);
}

/** How alike one typed word is to each word of the vocabulary that it resembles at all, by word number. */
export type Likenesses = ReadonlyMap<number, number>;

// Typing repeats words from key to key and from split to split; what a word resembles depends on nothing else.
const remembered = new WeakMap<VocabularyIndex, Map<string, Likenesses>>();
const MOST_REMEMBERED = 4000;

export function likenessesOf(word: string, index: VocabularyIndex): Likenesses {
  const memory = remembered.get(index) ?? new Map<string, Likenesses>();
  remembered.set(index, memory);
  const known = memory.get(word);
  if (known) return known;
  const typed = { word, stem: stemOf(word), sound: phoneticKey(word) };
  const found = new Map<number, number>();
  for (let number = 0; number < index.words.length; number += 1) {
    const likeness = wordLikeness(typed, present(index.words[number]));
    if (likeness > 0) found.set(number, likeness);
  }
  // A word of the mat is no slip of another one: "calm" is no "calf".
  if ([...found.values()].some((likeness) => likeness >= SAME_STEM))
    for (const [number, likeness] of found)
      if (likeness <= ONE_SLIP && !present(index.words[number]).word.startsWith(word)) found.delete(number);
  if (memory.size >= MOST_REMEMBERED) memory.clear();
  memory.set(word, found);
  return found;
}

/** Whether the vocabulary holds this very word or another form of it. */
export function isKnownWord(word: string, index: VocabularyIndex): boolean {
  for (const likeness of likenessesOf(word, index).values()) if (likeness >= SAME_STEM) return true;
  return false;
}
