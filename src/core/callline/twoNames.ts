import { type BestReading, bestReading } from './bestReading';
import type { CallContext } from './callContext';
import type { Concept, VocabularyIndex } from './vocabularyIndex';
import { readAthlete } from './who';
import { wordsOf } from './words';

/** How sure either name must be. @source own decision: below it "or" joins words of a sentence */
const NAMED = 0.85;

export interface TwoNames {
  /** The call with the first name alone. */
  readonly text: string;
  readonly other: Concept;
  readonly modifiers: BestReading['modifiers'];
}

/** "scissor sweep or elevator sweep": two names for one move, of which somebody says later which it was; undefined where "or" joins anything else. */
export function readTwoNames(text: string, index: VocabularyIndex, context: CallContext): TwoNames | undefined {
  const found = /^(.+?),? or (?:was it |maybe |perhaps )?(?:an? |the )?(.+)$/i.exec(text);
  if (!found) return undefined;
  const [, before = '', behind = ''] = found;
  const first = named(readAthlete(wordsOf(before), context).words, index, context);
  const second = named(wordsOf(behind), index, context);
  if (!first || !second || first.match.concept.id === second.match.concept.id) return undefined;
  return { text: before, other: second.match.concept, modifiers: second.modifiers };
}

function named(words: readonly string[], index: VocabularyIndex, context: CallContext): BestReading | undefined {
  const best = words.length > 0 ? bestReading(words, index, context) : undefined;
  return best && best.match.concept.kind === 'attempt' && best.match.confidence >= NAMED ? best : undefined;
}
