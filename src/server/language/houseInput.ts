import { z } from 'zod';
import type { Outcome } from '@/core/kernel';
import { storableText } from '@/core/marks';
import { MOST_WORD_CHARACTERS, type WordProblem } from '@/core/vocabulary';

export const conceptId = storableText().min(1).max(120);
/** A name or another word for something, as it is typed; `checkWord` says what is wrong with it. */
export const word = storableText().max(500);
/** Words of a call, in small letters, as they were read. */
export const learnedWords = storableText().trim().min(1).max(MOST_WORD_CHARACTERS);
/** So many things are known of a card at most: more than the reader of any release weighed. */
const MOST_FEATURES = 256;
/** Cards of a talk with what became of them; a talk of ten hours has fewer. */
export const decidedCards = z
  .array(z.object({ features: z.array(z.number().min(-10).max(10)).max(MOST_FEATURES), right: z.boolean() }))
  .max(5000);
export const ownWordInput = z.object({
  likeId: conceptId,
  name: word,
  text: storableText().trim().max(1000, 'Use at most 1,000 characters.'),
  aliases: z.array(word).max(20, 'Twenty other words are enough.'),
});
export type OwnWordInput = z.input<typeof ownWordInput>;

/** What became of a change of the house's words: the entry that it is about now. */
export type Named = Outcome<{ readonly id: string }>;

/** What is wrong with a word, and what to do; the text stays in its field. */
export function wordProblemText(problem: WordProblem, text: string): string {
  switch (problem.code) {
    case 'empty':
      return 'Write a word first.';
    case 'no-letters':
      return `“${text.trim()}” has no letter or digit, so nobody could type or say it. Add one.`;
    case 'too-long':
      return `Use at most ${MOST_WORD_CHARACTERS} characters, so that it fits a line of the ledger.`;
    case 'taken':
      return `“${text.trim()}” already means “${problem.byName}”. Choose another word, or rename or hide that one first.`;
    case 'hides-standard-name':
      return `“${text.trim()}” is the standard name of “${problem.byName}” and would hide it. Choose another word, or hide that entry first.`;
  }
}
