import { wordsOf } from '../callline';
import type { Cue } from './timedText';

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

const SENTENCE_END = /[.!?]["')\]]*$/;

/**
 * Cuts speech into sentences: at full stops where the text has them, else at the ends of cues. Inside a cue, words are spread evenly
 * over its time.
 */
export function cutSentences(cues: readonly Cue[]): Sentence[] {
  const punctuated = cues.filter((cue) => SENTENCE_END.test(cue.text)).length >= cues.length * 0.3;
  const sentences: Sentence[] = [];
  let words: SpokenWord[] = [];
  let pieces: string[] = [];
  const close = () => {
    if (words.length > 0) sentences.push({ words, text: pieces.join(' ') });
    words = [];
    pieces = [];
  };
  let lastEnd = Number.NEGATIVE_INFINITY;
  for (const cue of cues) {
    if (cue.startSeconds - lastEnd > 2.5) close();
    lastEnd = cue.endSeconds;
    const tokens = cue.text.split(/\s+/).filter(Boolean);
    const step = tokens.length > 1 ? (cue.endSeconds - cue.startSeconds) / tokens.length : 0;
    let afterPause = words.length > 0;
    for (const [at, token] of tokens.entries()) {
      for (const word of wordsOf(token)) {
        words.push({ word, atSeconds: cue.startSeconds + at * step, afterPause });
        afterPause = false;
      }
      pieces.push(token);
      if (/[,;:–—]$/.test(token) || token === '-') afterPause = true;
      if (SENTENCE_END.test(token)) close();
    }
    if (!punctuated) close();
  }
  close();
  return sentences;
}
