import type { MarkDraft } from '../callline';
import type { Resemblance } from '../resemblance';
import type { Athlete, RoundState } from '../round';
import type { Uniform } from '../vocabulary';
import type { CalledBy, Listener, Pointing } from './athletes';
import type { Features } from './certainty';
import type { Sentence, SpokenWord } from './sentences';
import type { Mention, SpokenIndex } from './spokenIndex';

export interface CommentaryContext {
  readonly uniform: Uniform;
  readonly calledBy: CalledBy;
  /** The athlete who talks, when it is one of the two. */
  readonly speaks?: Athlete;
  /** Whom "you" means, when the talk is spoken to one of the two. */
  readonly you?: Athlete;
  /** "he" or "she" of each athlete, where it is known. */
  readonly pronouns?: Partial<Record<Athlete, 'he' | 'she'>>;
  /** How long after the moment people usually speak of it. */
  readonly lagSeconds?: number;
}

/** What the words may mean, with the words. */
export interface Reading {
  readonly draft: MarkDraft;
  readonly words: string;
  /** Where in the media it was said. */
  readonly saidAtSeconds: number;
  /** Where its clause begins: what stands in one clause may be one thing. */
  readonly saidInClauseAt: number;
  /** The person was named, not guessed. */
  readonly sureWho: boolean;
  /** Nothing names it: the words only resemble how it is told. */
  readonly guessed?: true;
  /** What is known of the card before anybody decides on it. */
  readonly features: Features;
  /** Other marks that the same words may mean, likeliest first: most readings become no card, and nobody asks. */
  readonly besides: () => readonly MarkDraft[];
  /** A name, a kit or "I" stood in the sentence. */
  readonly named: boolean;
}

/** A mark that is proposed: the likeliest reading of a clause, with what it may be instead. */
export interface Proposal extends Omit<Reading, 'besides'> {
  /** Likeliest first. */
  readonly others: readonly MarkDraft[];
}

/** Everything that is known while listening. */
export interface Hearing {
  readonly index: SpokenIndex;
  readonly context: CommentaryContext;
  readonly listener: Listener;
  state: RoundState;
  /** The state follows from an attempt; nobody has named the position yet. */
  stateIsImplied: boolean;
  readonly readings: Reading[];
  /** Places of those readings that were only guessed, and that a name told of a moment later. */
  readonly outdone: Set<number>;
  /** The clause before was about no moment of this round. */
  isElsewhere: boolean;
  /** What the clause at hand is like. */
  alike: Resemblance;
  /** Kinds of marks that the clause at hand told of, also where they were told before. */
  told: Set<MarkDraft['kind']>;
  lastAttempt?: { athlete: Athlete; atSeconds: number; at: number };
  /** The clause before, where it told of the round. */
  before?: { readonly words: readonly string[]; readonly text: string; readonly atSeconds: number };
}

export interface Clause {
  /** Words before the mention that belong to it, and words behind it. */
  readonly before: string;
  readonly after: string;
  readonly from: number;
  readonly to: number;
}

/** A concept that was named, with everything around it. */
export interface Said {
  readonly mention: Mention;
  readonly clause: Clause;
  readonly words: readonly SpokenWord[];
  readonly pointings: readonly Pointing[];
  readonly sentence: Sentence;
  readonly whole: string;
}

/** What is found out about a clause whatever is read in it: once, since a clause has several readings. */
export function onceAClause<Known>(find: (whole: string) => Known) {
  const found = new WeakMap<Sentence, Known>();
  return ({ sentence, whole }: Pick<Said, 'sentence' | 'whole'>): Known => {
    const known = found.get(sentence) ?? find(whole);
    found.set(sentence, known);
    return known;
  };
}

const bounded = new WeakMap<readonly string[], readonly string[]>();

/** Phrases between blanks, made once: every clause is asked for all of them. */
function boundedOf(phrases: readonly string[]): readonly string[] {
  const known = bounded.get(phrases) ?? phrases.map((phrase) => ` ${phrase} `);
  bounded.set(phrases, known);
  return known;
}

/** Whether any of the phrases stands in a text that begins and ends with a blank. */
export const says = (text: string, phrases: readonly string[]): boolean =>
  boundedOf(phrases).some((phrase) => text.includes(phrase));
