import { wordsOf } from '../callline';
import type { Cue } from './cue';

/** One spoken word with the moment at which it was said. */
export interface SpokenWord {
  readonly word: string;
  readonly atSeconds: number;
  /** A pause in the sentence stands before it: a comma, a dash. */
  readonly afterPause: boolean;
}

/** Words that belong together, with the text that they come from. */
export interface Sentence {
  readonly words: readonly SpokenWord[];
  readonly text: string;
}

const SENTENCE_END = /[.!?…]["')\]]*$/;
const PAUSE_END = /[,;:–—]$/;

/** Words that begin a clause of speech, with or without a comma before them. @source common practice: what fills the seams of spoken English */
const seams: ReadonlySet<string> = new Set(
  'and but so then because cause now okay ok alright well anyway meanwhile however though although until while when before after actually basically eventually finally instead plus or except unless yeah yep nope'.split(
    ' ',
  ),
);
const subjects: ReadonlySet<string> = new Set(
  'he she i you they we it hes shes im youre theyre its thats theres'.split(' '),
);
/** A seam or a subject cuts only where enough was said since the last cut. @source own decision */
const LEAST_CLAUSE_WORDS = 4;
const MOST_CLAUSE_WORDS = 22;

/** Captions that run on leave no time between them. @source own decision */
const GAP_SECONDS = 0.6;

interface Token {
  readonly text: string;
  readonly words: readonly SpokenWord[];
  /** A gap in speech stands before it. */
  readonly afterGap: boolean;
  readonly isSubject: boolean;
}

/**
 * Cuts speech into clauses, each with the times of its own words: at full stops and commas where the text has them, at gaps in speech, at the words that begin
 * clauses. Inside a cue words are spread evenly over its time. `names` are the words by which the athletes are called: a name after some words begins a clause.
 */
export function cutClausesOfSpeech(cues: readonly Cue[], names: ReadonlySet<string>): Sentence[] {
  const clauses: Sentence[] = [];
  let open: Token[] = [];
  const close = () => {
    const words = open.flatMap((token) => token.words);
    if (words.length > 0) clauses.push({ words, text: open.map((token) => token.text).join(' ') });
    open = [];
  };
  for (const token of tokensOf(cues, names)) {
    const said = open.length;
    const first = token.words[0]?.word ?? '';
    const isCut =
      token.afterGap ||
      said >= MOST_CLAUSE_WORDS ||
      (said >= LEAST_CLAUSE_WORDS && PAUSE_END.test(open.at(-1)?.text ?? '') && !takesBack.has(first)) ||
      (said >= LEAST_CLAUSE_WORDS &&
        (seams.has(first) || (token.isSubject && first !== 'i' && !continues(open.at(-1)))));
    if (isCut) close();
    open.push(token);
    if (SENTENCE_END.test(token.text)) close();
  }
  close();
  return clauses;
}

/** "the flower sweep, I mean the pendulum sweep", "side control, or mount". */
const takesBack: ReadonlySet<string> = new Set(['i', 'or', 'no', 'sorry', 'rather', 'actually']);

/** Words behind which a subject or a name goes on with what was begun: "but he", "because she", "on ana". */
const before: ReadonlySet<string> = new Set(
  'and but so then because cause now when while if that where which until before after on to from of with by for past over under the his her what how why as than like did does do is was are can could would should will has have had'.split(
    ' ',
  ),
);
const continues = (token: Token | undefined): boolean => before.has(token?.words.at(-1)?.word ?? '');

function tokensOf(cues: readonly Cue[], names: ReadonlySet<string>): Token[] {
  const tokens: Token[] = [];
  let lastEnd = Number.NEGATIVE_INFINITY;
  let wasLine = false;
  for (const cue of cues) {
    let afterGap = wasLine || cue.startSeconds - lastEnd > GAP_SECONDS;
    wasLine = cue.isLine === true;
    lastEnd = cue.endSeconds;
    const texts = cue.text.split(/\s+/).filter(Boolean);
    const step = texts.length > 1 ? (cue.endSeconds - cue.startSeconds) / texts.length : 0;
    for (const [at, text] of texts.entries()) {
      const afterPause =
        tokens.length > 0 && (PAUSE_END.test(tokens.at(-1)?.text ?? '') || tokens.at(-1)?.text === '-');
      const words = wordsOf(text).map((word, place) => ({
        word,
        atSeconds: cue.startSeconds + at * step,
        afterPause: afterPause && place === 0,
      }));
      const first = words[0]?.word ?? '';
      tokens.push({ text, words, afterGap, isSubject: subjects.has(first) || names.has(first) });
      afterGap = false;
    }
  }
  return tokens;
}
