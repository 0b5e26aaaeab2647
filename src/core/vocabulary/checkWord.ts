import { conceptName } from './catalogue';
import { findOwnWord, type HouseWords, houseNameOf, listConceptIds } from './house';
import { conceptKinds } from './types';

/** Longest name or alias in characters (own decision: what fits a line of the ledger). */
export const MOST_WORD_CHARACTERS = 60;

export type WordProblem =
  | { readonly code: 'empty' }
  | { readonly code: 'no-letters' }
  | { readonly code: 'too-long'; readonly most: number }
  | { readonly code: 'taken'; readonly byId: string; readonly byName: string }
  | { readonly code: 'hides-standard-name'; readonly byId: string; readonly byName: string };

/** Letters and digits of any script, lower case, one blank between words: two texts that agree in this sound the same. */
export const soundOf = (text: string): string =>
  (
    text
      .normalize('NFD')
      .replace(/\p{M}/gu, '')
      .toLowerCase()
      .replace(/['’]/g, '')
      .match(/[\p{L}\p{N}]+/gu) ?? []
  ).join(' ');

/**
 * What keeps a text from being a name or an alias of `forId` (undefined for a new entry). It must differ from every other entry's
 * name here and from the standard names that the academy renamed, which are still understood. Sharing an alias is allowed: then the
 * position decides which is meant.
 */
export function checkWord(house: HouseWords, text: string, forId: string | undefined): WordProblem | undefined {
  const trimmed = text.trim();
  if (trimmed === '') return { code: 'empty' };
  if (trimmed.length > MOST_WORD_CHARACTERS) return { code: 'too-long', most: MOST_WORD_CHARACTERS };
  const sound = soundOf(trimmed);
  if (sound === '') return { code: 'no-letters' };
  for (const id of conceptKinds.flatMap((kind) => listConceptIds(house, kind))) {
    if (id === forId) continue;
    const byName = houseNameOf(house, id);
    if (soundOf(byName) === sound) return { code: 'taken', byId: id, byName };
    if (!findOwnWord(house, id) && soundOf(conceptName(id)) === sound)
      return { code: 'hides-standard-name', byId: id, byName: conceptName(id) };
  }
  return undefined;
}
