import { findTechnique, techniques } from '../vocabulary';
import { type BestReading, bestReading } from './bestReading';
import type { CallContext } from './callContext';
import type { Doing } from './doings';
import type { Heard } from './heard';
import type { Judged } from './judgement';
import type { VocabularyIndex } from './vocabularyIndex';
import type { Who } from './who';
import { stemOf } from './words';

/** A name that was said together with a plain verb must be this sure. @source own decision */
const NAMED_WITH_VERB = 0.7;
/** A sentence of the catalogue that begins with the verb of a doing must be this sure to be meant instead. @source own decision */
const SENTENCE_NAMED = 0.9;
/** @source own decision */
const OBJECT_NAMED = 0.9;
const isSentence = ({ match }: BestReading): boolean => ['error', 'strength'].includes(match.concept.kind);

/** Whether the words of a reading are those of the call, from its verb on. */
const beginsAlike = ({ words }: BestReading, who: Who): boolean =>
  stemOf(words[0] ?? '') === stemOf(who.words[0] ?? '') && words.at(-1) === who.words.at(-1);
interface Told {
  readonly doing: Doing;
  readonly who: Who;
  readonly best?: BestReading;
  readonly judged?: Judged;
  readonly index: VocabularyIndex;
  readonly context: CallContext;
}

const classWords: ReadonlySet<string> = new Set(
  'pass sweep takedown take back guard escape chok lock down over revers submit throw the a his her to on is was are now again just then off backward sideway forward'.split(
    ' ',
  ),
);
/** Whether words say more than the class of a technique. */
const namesMore = (words: readonly string[]): boolean => words.some((word) => !classWords.has(stemOf(word)));

/** A plain verb, or the technique that is named beside it when it is one of that class: "passes with the knee slice". */
export function hearDoing({ doing, who, best, judged, index, context }: Told): Heard | undefined {
  const { class: wanted } = findTechnique(doing.conceptId) ?? {};
  const classOf = (reading: BestReading | undefined) => reading && findTechnique(reading.match.concept.id)?.class;
  const rest =
    doing.rest === ''
      ? undefined
      : bestReading(doing.rest.replace(/^(?:up|on|in|out) /, '').split(' '), index, context);
  const together = [best, rest].find(
    (one) => one && classOf(one) === wanted && one.match.confidence >= NAMED_WITH_VERB && namesMore(one.words),
  );
  if (together && !doing.byOther)
    return { kind: 'named', who, best: together, modifiers: { ...doing.modifiers, ...together.modifiers } };
  // "throws up a triangle": the verb only brings it on.
  if (
    rest &&
    rest.match.confidence >= OBJECT_NAMED &&
    rest.match.concept.kind === 'attempt' &&
    classOf(rest) !== wanted
  )
    return { kind: 'named', who, best: rest, modifiers: rest.modifiers };
  // A sentence of the catalogue that begins with the same verb: "passes from the knees".
  if (!doing.byOther && best && best.match.confidence >= SENTENCE_NAMED && isSentence(best) && beginsAlike(best, who))
    return undefined;
  const arrival = best?.to ?? rest?.match.concept;
  const known = techniques.filter(
    ({ class: one, ...technique }) =>
      one === wanted &&
      one !== 'submissions' &&
      'resultPositionId' in technique &&
      technique.resultPositionId === arrival?.id,
  );
  const [only] = known;
  if (judged?.firm && judged.judgement !== 'chance' && doing.rest !== '') return undefined;
  return {
    kind: 'plain',
    who,
    best,
    remark: doing.rest || undefined,
    plain: {
      conceptId: wanted === 'guard-pulls' && only ? only.id : doing.conceptId,
      modifiers: judged?.judgement === 'chance' ? { missed: true } : doing.modifiers,
      conceptWords: who.words,
      settled: false,
    },
    ...(doing.byOther ? { byOther: true } : {}),
  };
}
