import { doubleMetaphone } from 'double-metaphone';
import { presentForm } from './verbForms';

/** Text as words: lower case, no accents, letters and digits only; apostrophes join ("d'arce" → "darce"). */
export function wordsOf(text: string): string[] {
  const plain = text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase().replace(/['’]/g, '');
  return plain.match(/[\p{L}\p{N}]+/gu) ?? [];
}

/** A word without its usual English ending, so that "passes", "passed" and "passing" meet "pass", and "comes" meets "come". */
export function stemOf(written: string): string {
  const word = presentForm(written);
  if (word.length < 4) return word;
  for (const ending of ['ing', 'ed', 's']) {
    if (!word.endsWith(ending) || word.endsWith('ss')) continue;
    const stem = word.slice(0, -ending.length);
    if (stem.length >= 3) return withoutE(undouble(stem));
  }
  return withoutE(word);
}

const undouble = (stem: string): string => (/([^lse])\1$/.test(stem) ? stem.slice(0, -1) : stem);
const withoutE = (stem: string): string =>
  stem.length >= 4 && stem.endsWith('e') && !stem.endsWith('ee') ? stem.slice(0, -1) : stem;

/** How a word sounds, roughly: equal for "gillotine" and "guillotine". Empty for what has no sound of its own. */
export function phoneticKey(word: string): string {
  return /^[a-z]+$/.test(word) ? doubleMetaphone(word)[0] : '';
}
