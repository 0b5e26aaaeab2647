import type { AttemptMark } from '../round';
import { findTechnique, isUnnamed } from '../vocabulary';
import type { CallContext } from './callContext';
import { plainNoun } from './plainCalls';
import type { VocabularyIndex } from './vocabularyIndex';
import { readAthlete } from './who';
import { wordsOf } from './words';

const anyMove = 'thing|one|move|technique|attack|entry';
const ANY = new RegExp(`^(?:${anyMove})$`);
const SAME = new RegExp(
  String.raw`\b(?:the )?same (${anyMove}|sweep|pass|takedown|throw|escape|choke|submission|back take)\b`,
  'i',
);

/** "same sweep again": the words with the name of the last one of that class that was tried, by the one who is named. */
export function withLastNamed(text: string, index: VocabularyIndex, context: CallContext): string {
  const noun = SAME.exec(text)?.[1]?.toLowerCase();
  if (noun === undefined) return text;
  const classId = ANY.test(noun) ? undefined : plainNoun(noun, context.state);
  const wanted = classId && findTechnique(classId)?.class;
  const who = readAthlete(wordsOf(text), context);
  const last = context.marks?.findLast(
    (mark): mark is AttemptMark =>
      mark.kind === 'attempt' &&
      mark.atSeconds <= context.atSeconds &&
      !isUnnamed(mark.techniqueId) &&
      (!who.named || mark.athlete === who.athlete) &&
      (wanted === undefined || findTechnique(mark.techniqueId)?.class === wanted),
  );
  const concept = last && index.concepts.get(last.techniqueId);
  return concept || classId ? text.replace(SAME, concept?.name ?? noun) : text;
}
