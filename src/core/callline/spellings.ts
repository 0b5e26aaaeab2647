import { misheardWords } from '../vocabulary';
import type { VocabularyIndex } from './vocabularyIndex';
import { isKnownWord } from './wordLikeness';

/** Another way to read the same words: two typed as one, one typed as two, or a word that speech-to-text put for another. */
export interface Spelling {
  readonly words: readonly string[];
  /** Less than 1 for readings that had to be guessed. */
  readonly trust: number;
}

const GUESS = 0.97;
const LEAST_JOINED = 6;

/** The words as they stand, then their likely other spellings. At most six. */
export function spellingsOf(words: readonly string[], index: VocabularyIndex): Spelling[] {
  const spellings: Spelling[] = [{ words, trust: 1 }];
  for (const [at, word] of words.entries()) {
    const heard = Object.hasOwn(misheardWords, word) ? misheardWords[word] : undefined;
    if (heard) spellings.push({ words: replaceAt(words, at, 1, [heard]), trust: GUESS });
    const next = words[at + 1];
    if (next && (!isKnownWord(word, index) || !isKnownWord(next, index)) && isKnownWord(word + next, index))
      spellings.push({ words: replaceAt(words, at, 2, [word + next]), trust: GUESS });
    if (word.length >= LEAST_JOINED && !isKnownWord(word, index)) {
      const parts = splitWord(word, index);
      if (parts) spellings.push({ words: replaceAt(words, at, 1, parts), trust: GUESS });
    }
  }
  return spellings.slice(0, 6);
}

const replaceAt = (words: readonly string[], at: number, count: number, by: readonly string[]): string[] => [
  ...words.slice(0, at),
  ...by,
  ...words.slice(at + count),
];

function splitWord(word: string, index: VocabularyIndex): [string, string] | undefined {
  for (let at = 3; at <= word.length - 3; at += 1) {
    const parts: [string, string] = [word.slice(0, at), word.slice(at)];
    if (parts.every((part) => isKnownWord(part, index))) return parts;
  }
  return undefined;
}
