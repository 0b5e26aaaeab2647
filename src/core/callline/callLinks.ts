import { compareMarks, conceptIdOf, type Mark } from '../round';
import { findTechnique, standardIdOf } from '../vocabulary';
import type { CallContext } from './callContext';
import { matchConcepts, OFFERED_CONFIDENCE } from './matchConcept';
import type { VocabularyIndex } from './vocabularyIndex';
import { stemOf, wordsOf } from './words';

/** How far a consequence or a cause may lie from a call that names it. @source own decision: longer ones are linked in the ledger */
export const LINK_REACH_SECONDS = 45;

/** Less must be said of a mark that is there than of one that is to be made. */
const NAMED_LINK = OFFERED_CONFIDENCE;

const classWords: Readonly<Record<string, readonly string[]>> = {
  takedowns: ['takedown', 'throw'],
  'guard-pulls': ['pull'],
  passes: ['pass'],
  sweeps: ['sweep', 'reversal'],
  escapes: ['escape'],
  'back-takes': ['back'],
  'leg-entries': ['entry'],
  submissions: ['submission', 'tap', 'finish', 'choke', 'lock'],
};

/** The nearest later mark that the words name ("the pass", "side control"), within reach; undefined when there is none. */
export function findLaterMark(words: string, atSeconds: number, index: VocabularyIndex, context: CallContext) {
  const later = [...(context.marks ?? [])]
    .filter((mark) => mark.atSeconds >= atSeconds && mark.atSeconds <= atSeconds + LINK_REACH_SECONDS)
    .sort(compareMarks);
  return findNamed(words, later, index, context);
}

/** The nearest earlier mark that the words name, within reach; errors before others. */
export function findEarlierMark(words: string, atSeconds: number, index: VocabularyIndex, context: CallContext) {
  const earlier = (context.marks ?? [])
    .filter((mark) => mark.atSeconds <= atSeconds && mark.atSeconds >= atSeconds - LINK_REACH_SECONDS)
    .sort((one, other) => compareMarks(other, one));
  const errors = earlier.filter((mark) => mark.kind === 'error');
  return findNamed(words, errors, index, context) ?? findNamed(words, earlier, index, context);
}

function findNamed(text: string, marks: readonly Mark[], index: VocabularyIndex, context: CallContext) {
  const words = wordsOf(text).filter((word) => !['the', 'a', 'an', 'his', 'her', 'their'].includes(word));
  const wanted = matchConcepts(words, index, { uniform: context.uniform })
    .filter((match) => match.confidence >= NAMED_LINK)
    .map((match) => standardIdOf(match.concept.id));
  const byConcept = marks.find((mark) => wanted.includes(standardIdOf(conceptIdOf(mark) ?? '')));
  if (byConcept) return byConcept;
  const stems = words.map(stemOf);
  return marks.find((mark) => {
    const technique = mark.kind === 'attempt' ? findTechnique(mark.techniqueId) : undefined;
    return technique && classWords[technique.class]?.some((word) => stems.includes(stemOf(word)));
  });
}
