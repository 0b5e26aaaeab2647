import { doubleMetaphone } from 'double-metaphone';

/** Text as words: lower case, no accents, letters and digits only; apostrophes join ("d'arce" → "darce"). */
export function wordsOf(text: string): string[] {
  const plain = text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase().replace(/['’]/g, '');
  return plain.match(/[\p{L}\p{N}]+/gu) ?? [];
}

/** A word without its usual English ending, so that "passes", "passed" and "passing" meet "pass". Words under five letters stay. */
export function stemOf(word: string): string {
  if (word.length < 5) return word.endsWith('s') && word.length > 3 && !word.endsWith('ss') ? word.slice(0, -1) : word;
  for (const ending of ['ing', 'ies', 'ed', 'es', 's']) {
    if (!word.endsWith(ending) || word.endsWith('ss')) continue;
    const stem = word.slice(0, -ending.length);
    return stem.length >= 3 ? undouble(stem) : word;
  }
  return word.endsWith('e') ? word.slice(0, -1) : word;
}

const undouble = (stem: string): string =>
  /(.)\1$/.test(stem) && !/(ss|ll)$/.test(stem) ? stem.slice(0, -1) : stem.replace(/e$/, '');

/** How a word sounds, roughly: equal for "gillotine" and "guillotine". Empty for what has no sound of its own. */
export function phoneticKey(word: string): string {
  return /^[a-z]+$/.test(word) ? doubleMetaphone(word)[0] : '';
}
