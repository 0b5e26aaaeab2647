import type { MarkDraft } from './draftOf';
import type { ConceptMatch } from './matchConcept';
import type { Concept } from './vocabularyIndex';

export type CallRemark =
  /** Words that named nothing: they are kept as the mark's remark. */
  | { readonly code: 'kept-as-remark'; readonly words: readonly string[] }
  /** A second meaning is about as likely. */
  | { readonly code: 'close-call'; readonly other: Concept }
  /** No entry holds it: the verdict is marked with the coach's own words. */
  | { readonly code: 'own-words' }
  /** Only the class of the technique was said. */
  | { readonly code: 'no-name-yet' }
  | { readonly code: 'no-such-consequence'; readonly words: string }
  | { readonly code: 'no-such-cause'; readonly words: string };

export interface CallReading {
  /** The mark as understood; a note with the whole text when nothing was; undefined for empty text. */
  readonly draft?: MarkDraft;
  readonly understood: boolean;
  readonly confidence: number;
  /** Other concepts that the words may mean, best first, the taken one included. */
  readonly choices: readonly ConceptMatch[];
  /** Words of the concept, without athlete, small words and note: what a completion replaces. */
  readonly conceptWords: readonly string[];
  /** What could not be read, or only guessed. */
  readonly remarks: readonly CallRemark[];
  /** What led to this mark, when the call named it. */
  readonly causeId?: string;
  /** The attempt or the stoppage that the call ends: the mark to change instead of making another. */
  readonly finishesId?: string;
  /** The attempt that was on and has come further: its stage is raised, no second one made. */
  readonly furthersId?: string;
  /** Another reading is about as likely: nobody takes either without having seen both. */
  readonly doubtful?: true;
  /** The mark that keeps the words as they are, where none of the entries may be meant. */
  readonly ownWords?: MarkDraft;
  /** Nothing names it: the words only resemble how it is told, and were kept as they are before. */
  readonly guessed?: true;
  /** Whether the call says that the time is over: the round ends here. */
  readonly endsRound?: true;
}
