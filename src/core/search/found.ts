/** A mark as a line of a list: who, when, in which words, and where it lies on the footage. */
export interface MarkLine {
  readonly markId: string;
  readonly roundId: string;
  readonly heldOn: string;
  readonly uniform: string;
  readonly roundSeconds: number;
  readonly mediaSeconds: number;
  readonly footageId?: string;
  /** First names. */
  readonly a: string;
  readonly b: string;
  readonly words: string;
}

export interface RoundLine {
  readonly id: string;
  readonly heldOn: string;
  readonly uniform: string;
  readonly a: string;
  readonly b: string;
  readonly markCount: number;
  readonly theme: string;
}

export interface EntryLine {
  readonly id: string;
  readonly uses: number;
}

export interface SearchFindings {
  readonly people: readonly { readonly id: string; readonly name: string }[];
  readonly marks: readonly MarkLine[];
  readonly notes: readonly MarkLine[];
  readonly rounds: readonly RoundLine[];
  readonly entries: readonly EntryLine[];
  /** From where each list goes on; absent where all of it is shown. */
  readonly more: { readonly marks?: string; readonly notes?: string; readonly rounds?: string };
  /** Entries that were found and could not be read. */
  readonly unreadable: number;
}
