/**
 * Whether a text can be kept and read again anywhere: no NUL (no PostgreSQL text holds one) and no half of a surrogate pair (UTF-8 cannot write it).
 * Pasting from broken programs brings both.
 * @source The Unicode Standard, chapter 3, D75 and D92 (a lone surrogate is not well-formed); PostgreSQL manual, "Character Types"
 */
export const isStorableText = (text: string): boolean => !/[\0\p{Surrogate}]/u.test(text);

/** The text without what could not be kept: for looking something up, never for keeping. */
export const storablePart = (text: string): string => text.replace(/[\0\p{Surrogate}]/gu, '');

/** What is said where such a text is refused. */
export const UNSTORABLE_TEXT =
  'The text holds a sign that cannot be kept, mostly from pasting. Take it out, or type the text.';
