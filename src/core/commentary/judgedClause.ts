import { draftInOwnWords, type Judged, type MarkDraft, principleOf } from '../callline';
import type { Athlete } from '../round';
import type { DraftPart } from './draftPart';
import type { Hearer } from './freeSpeech';
import type { Hearing } from './hearing';
import { draftOfConcept } from './otherReadings';
import { findNear } from './spokenIndex';

/** A judgement in fewer words says nothing that can be looked at again. @source own decision */
const LEAST_JUDGED_WORDS = 4;
/** Words that judge only now and then need more beside them; such a card is unsure, and folded. @source own decision */
const LEAST_SOFT_WORDS = 6;
/** A judgement without an object is about what was told so long before at most. @source own decision */
const ABOUT_BEFORE_SECONDS = 8;

/**
 * A judgement in the speaker's own words: what it is about is told in the clause, else in the one before it ("he digs the underhook, and she does not even
 * argue").
 */
export const hearJudgement: Hearer = (
  { sentence, words, told, athlete, judged, named, atSeconds, propose },
  hearing,
) => {
  if (!judged || !athlete || isNamed(named, judged)) return false;
  if (words.length < (judged.firm ? LEAST_JUDGED_WORDS : LEAST_SOFT_WORDS)) return false;
  const before =
    hearing.before && atSeconds - hearing.before.atSeconds <= ABOUT_BEFORE_SECONDS ? hearing.before : undefined;
  const isAbout = principleOf(told) !== undefined;
  if (!isAbout && (!judged.firm || !before)) return false;
  if (!isAbout && before && isSaidAgain(judged, athlete, before.atSeconds, hearing)) return false;
  const about = isAbout || !before ? told : [...before.words, ...told];
  const text = isAbout || !before ? sentence.text : `${before.text} ${sentence.text}`;
  return propose(
    judgedDraft(judged, athlete, text, about),
    judged.firm ? nearEntries(told, judged, athlete, hearing).slice(0, 2) : [],
  );
};

const kindsOf: Readonly<Record<Judged['judgement'], MarkDraft['kind']>> = {
  error: 'error',
  good: 'strength',
  chance: 'chance',
};
/** Whether the clause before was judged so already: then this one only says it again. */
function isSaidAgain({ judgement }: Judged, athlete: Athlete, clauseAt: number, { readings }: Hearing): boolean {
  const last = readings.at(-1);
  return (
    last?.saidInClauseAt === clauseAt &&
    last.draft.kind === kindsOf[judgement] &&
    'athlete' in last.draft &&
    last.draft.athlete === athlete
  );
}

/** What is judged has a name already, or is an attempt that is praised. Where somebody is, what they hold, an attempt that was badly done may be judged besides. */
const isNamed = (named: ReadonlySet<MarkDraft['kind']>, { judgement }: Judged): boolean =>
  (['error', 'strength', 'chance'] as const).some((kind) => named.has(kind)) ||
  (named.has('attempt') && judgement === 'good');

function judgedDraft(judged: Judged, athlete: Athlete, text: string, about: readonly string[]): DraftPart {
  const who = { athlete, named: true, words: about };
  const { atSeconds: _, ...draft } = draftInOwnWords({ who, judged, modifiers: {}, text, about }, 0);
  return draft as DraftPart;
}

/** Entries of the same verdict that the words may mean, as further readings of the same card; a technique stands for its missed chance. */
const nearEntries = (
  words: readonly string[],
  { judgement }: Judged,
  athlete: Athlete,
  { index }: Hearing,
): MarkDraft[] =>
  findNear(words, index)
    .flatMap((concept) => draftOfConcept(concept, athlete))
    .flatMap((one): MarkDraft[] => {
      if (judgement !== 'chance') return one.kind === kindsOf[judgement] ? [one] : [];
      return one.kind === 'attempt' ? [{ kind: 'chance', atSeconds: 0, techniqueId: one.techniqueId, athlete }] : [];
    });
