import { stemOf, wordsOf } from '../callline';
import type { Cue } from './cue';
import type { SpokenIndex } from './spokenIndex';

/** The small words of English, of which every third or second spoken word is one. @source general knowledge of the language */
const small: ReadonlySet<string> = new Set(
  (
    'the a an and or but so then now of to in on at by for with from up down out off over under into he she they it i you we his her ' +
    'their my your him them me us is are was were be been has have had do does did not no yes this that these those there here what when ' +
    'where which who why how if because as just again still very too more some any all both one two get gets got go goes going'
  ).split(' '),
);
/** Fewer words tell nothing. */
const LEAST_WORDS = 40;
/** Of English speech and of terse English notes far more are small words or words of the mat, of other languages far fewer. @source measured on the talks and calls of `tests/language` and on their translations by the makers */
const LEAST_SHARE = 0.25;
/** A talk says in its first few thousand words in which language it is. */
const MOST_WORDS = 4000;

/** Whether a talk is in the language that the reader knows. Short talks are believed to be. */
export function isEnglish(cues: readonly Cue[], index: SpokenIndex): boolean {
  let words = 0;
  let known = 0;
  for (const { text } of cues) {
    for (const word of wordsOf(text)) {
      words += 1;
      if (small.has(word) || (word.length > 3 && index.stems.has(stemOf(word)))) known += 1;
    }
    if (words > MOST_WORDS) break;
  }
  return words < LEAST_WORDS || known / words >= LEAST_SHARE;
}
