import { likestKinds, likestOf } from '../resemblance/fitsState';
import type { AlikeEntry, Resemblance, ToldKind } from '../resemblance/resemblance';
import { conceptIdOf, type Mark, type RoundState } from '../round';
import type { CallContext } from './callContext';
import type { CallReading } from './callReading';
import type { MarkDraft } from './draftOf';
import type { Concept, VocabularyIndex } from './vocabularyIndex';
import { readAthlete } from './who';

/** What a call resembles, seen beside what was read in it. */
interface Opinion {
  /** The entry that it resembles most, of the kind that it resembles most. */
  readonly likest: AlikeEntry;
  /** How much of the resemblance falls to that kind, and to the kind of what was read. */
  readonly share: number;
  readonly shareOfRead: number;
}

/** What can be marked without more than the entry. */
const markable: ReadonlySet<ToldKind> = new Set(['error', 'strength', 'attempt', 'position', 'grip']);

/** What a call resembles; undefined where that is nothing that can be marked. */
function opinionOf(draft: MarkDraft, alike: Resemblance, state: RoundState): Opinion | undefined {
  const [most] = likestKinds(alike, markable);
  const likest = most && likestOf(most[0], alike, state).find(({ id }) => id !== '');
  if (!likest) return undefined;
  return {
    ...{ likest, share: most[1] },
    shareOfRead: (alike.kinds as Readonly<Record<string, number>>)[draft.kind] ?? 0,
  };
}

/** From here on a resemblance is worth a look. @source own decision */
const TELLS_SOMETHING = 0.2;
/** A reading that was not in doubt is, where the call resembles something else altogether. @source own decision */
const OTHERWISE_SHARE = 0.75;
const OTHERWISE_LIKENESS = 0.6;
const OTHERWISE_OF_READ = 0.15;

/**
 * The reading of a call with what it resembles beside it: the first choice where nothing was understood or the coach's own words were kept, the second where
 * something was read in doubt. What was sure and is altogether unlike is in doubt. What is marked stays what was read.
 */
export function withSecondOpinion(
  reading: CallReading,
  words: readonly string[],
  index: VocabularyIndex,
  context: CallContext,
): CallReading {
  const { draft, choices } = reading;
  if (!index.resembles || !draft || reading.finishesId || reading.furthersId) return reading;
  const opinion = opinionOf(draft, index.resembles(readAthlete(words, context).words), context.state);
  const concept = opinion && conceptOf(opinion.likest.id, index);
  // What needs a jacket is not offered in a round without one.
  if (!opinion || !concept || ![context.uniform, 'both'].includes(concept.uniform)) return reading;
  const { likest, share, shareOfRead } = opinion;
  const isOtherwise =
    likest.kind !== draft.kind &&
    share >= OTHERWISE_SHARE &&
    likest.likeness >= OTHERWISE_LIKENESS &&
    shareOfRead <= OTHERWISE_OF_READ;
  const isSettled =
    reading.understood && !reading.doubtful && !reading.remarks.some(({ code }) => code === 'own-words');
  if (isSettled ? !isOtherwise : share * likest.likeness < TELLS_SOMETHING) return reading;
  const [first] = choices;
  const isRead = first !== undefined && first.concept.id === conceptIdOf({ ...draft, id: '' } as Mark);
  if (isRead && first.concept.id === concept.id) return reading;
  const other = { concept, confidence: likest.likeness };
  const rest = choices.filter((one) => one !== first && one.concept.id !== concept.id);
  return {
    ...reading,
    choices: isRead ? [first, other, ...rest] : [other, ...choices.filter((one) => one.concept.id !== concept.id)],
    ...(isSettled ? { doubtful: true } : {}),
  };
}

const conceptOf = (id: string, index: VocabularyIndex): Concept | undefined =>
  index.phrases.find((phrase) => phrase.concept.id === id)?.concept;
