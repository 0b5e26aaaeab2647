import type { Interval } from '../statistics';

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

/** How often what was asked for is marked, against how often it could have been. */
export interface SearchedCount {
  readonly marks: number;
  /** Rounds in which it is marked. */
  readonly rounds: number;
  /** There are more: it was counted no further. */
  readonly isCut: boolean;
  /** What it was seen in: the reviewed rounds of the one who is named, and their live minutes. */
  readonly seenIn?: { readonly rounds: number; readonly minutes: number };
  /** The chances of the one error that was asked for. */
  readonly exposure?: { readonly errorId: string; readonly amount: number };
}

/** How often one thing followed another. */
export interface SearchedFollows {
  readonly first: string;
  readonly second: string;
  readonly isNot: boolean;
  /** How often the first is marked, and how many of these the second followed (or did not, where that is asked). */
  readonly marks: number;
  readonly followed: number;
  readonly isCut: boolean;
  /** Between which shares the truth lies, 19 times in 20; undefined where the first is not marked. */
  readonly interval?: Interval;
}

/** How long somebody was somewhere, of all their live time. */
export interface SearchedLength {
  readonly place?: 'over' | 'under';
  /** Where; empty for anywhere. */
  readonly positionIds: readonly string[];
  readonly minutes: number;
  readonly liveMinutes: number;
  /** Reviewed rounds that fit, and those of them in which it happened. */
  readonly rounds: number;
  readonly roundsWith: number;
  /** Between which shares half of the rounds lie; undefined without rounds. */
  readonly usual?: Interval;
}
export interface SearchedAnswer {
  readonly count?: SearchedCount;
  readonly follows?: SearchedFollows;
  readonly length?: SearchedLength;
  /** The question is about somebody, and nobody is named. */
  readonly needsName?: true;
}
/** What the newest round in which a question could be answered says by itself. */
export interface NewestAnswer {
  readonly roundId: string;
  readonly heldOn: string;
  readonly answer: SearchedAnswer;
}

/** What was found, part by part, the most of each first. */
export interface SearchedBreakdown {
  readonly what: readonly { readonly id: string; readonly count: number }[];
  readonly partners: readonly { readonly id: string; readonly name: string; readonly count: number }[];
  readonly days: readonly { readonly day: string; readonly count: number }[];
}

export interface SearchFindings {
  readonly people: readonly { readonly id: string; readonly name: string }[];
  readonly marks: readonly MarkLine[];
  readonly notes: readonly MarkLine[];
  readonly rounds: readonly RoundLine[];
  readonly entries: readonly EntryLine[];
  /** Of all marks that fit, not only of those shown; absent where no marks were looked for. */
  readonly answer?: SearchedAnswer;
  /** By what, by partner and by day; absent where no marks were looked for. */
  readonly breakdown?: SearchedBreakdown;
  /** Where the time that was asked for begins, newest first. */
  readonly stays?: readonly { readonly roundId: string; readonly atSeconds: number }[];
  /** Marks of those shown that were followed by what the question asks for. */
  readonly followedIds?: readonly string[];
  /** From where each list goes on; absent where all of it is shown. */
  readonly more: { readonly marks?: string; readonly notes?: string; readonly rounds?: string };
  /** Entries that were found and could not be read. */
  readonly unreadable: number;
}
