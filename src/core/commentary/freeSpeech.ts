import type { Judged, MarkDraft } from '../callline';
import type { Athlete } from '../round';
import type { Pointing } from './athletes';
import type { DraftPart } from './draftPart';
import type { Hearing } from './hearing';
import type { Sentence } from './sentences';

/** A clause of speech beside the entries that it names. */
export interface FreeSpeech {
  readonly sentence: Sentence;
  readonly words: readonly string[];
  readonly pointings: readonly Pointing[];
  /** Its words without who does it and without what leads in. */
  readonly told: readonly string[];
  /** Who does it, or who was spoken of before. */
  readonly athlete: Athlete | undefined;
  /** Whom the clause itself points at. */
  readonly doer: Pointing | undefined;
  readonly judged: Judged | undefined;
  /** Kinds of marks that the clause has told of by an entry. */
  readonly named: ReadonlySet<MarkDraft['kind']>;
  readonly atSeconds: number;
  /** Makes a card of this clause; answers whether it is a new one. */
  readonly propose: (draft: DraftPart & { readonly sureWho?: boolean }, near?: readonly MarkDraft[]) => boolean;
}

/** Hears one thing that a clause may tell; answers whether it was that, so that nothing else is looked for. */
export type Hearer = (free: FreeSpeech, hearing: Hearing) => boolean;
