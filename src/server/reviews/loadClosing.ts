import { formatClock } from '@/core/clock';
import { addDays } from '@/core/kernel';
import { draftReview, type WorkCandidate } from '@/core/reviewing';
import { type Athlete, conceptIdOf, type Mark, readChains, readRound, tideOf } from '@/core/round';
import { adultEquivalent, cueOf, drillOf, findError, type HouseWords, houseNameOf } from '@/core/vocabulary';
import { pool } from '@/data/client';
import { findPerson } from '@/data/people/people';
import { listSignedReviews } from '@/data/reviews/signedReviews';
import { findRound } from '@/data/rounds/rounds';
import { requireCoach } from '../accounts/currentCoach';
import { loadPatterns } from '../figures/records';
import { today } from '../kernel/academyTime';
import { isUuid } from '../kernel/isUuid';
import { loadHouse } from '../language/loadHouse';
import { marksByRound } from '../rounds/marksByRound';
import { ruleSetOf } from '../rounds/ruleSetOf';
import { requireSight } from './blindness';
import type { ReviewContent } from './closingInput';

/** Homework is looked for on footage of three weeks later. @source own decision */
const HOMEWORK_DAYS = 21;

/** A piece of evidence: a mark with its moment of the round. */
export interface Evidence {
  readonly markId: string;
  readonly at: string;
  readonly mediaSeconds: number;
}
export type WorkPoint = ReviewContent['points'][number];

/** What closing the review of one athlete of a round needs: the draft, what else could be taken in, and what was signed. */
export async function loadClosing(roundId: string, slot: Athlete) {
  const coach = await requireCoach();
  const round = isUuid(roundId) ? await findRound(pool(), roundId) : undefined;
  if (!round) return undefined;
  await requireSight(round.id, coach.id);
  const [house, person, signed, rules] = await Promise.all([
    loadHouse(),
    findPerson(pool(), round[slot].personId),
    listSignedReviews(pool(), round.id, slot),
    ruleSetOf(pool(), round.ruleSet),
  ]);
  const marks = (await marksByRound(pool(), house, [round])).get(round.id) ?? [];
  const reading = readRound(round, marks);
  const athlete = round[slot];
  const belt = adultEquivalent(athlete.belt);
  const draft = draftReview(
    reading,
    readChains(reading, tideOf(reading), rules?.points?.points),
    slot,
    belt,
    await prioritiesOf(athlete.personId),
  );
  const evidenceOf = (markId: string): Evidence | undefined => {
    const mark = marks.find((one) => one.id === markId);
    return mark && { markId, at: formatClock(mark.atSeconds - round.startSeconds), mediaSeconds: mark.atSeconds };
  };
  const day = await today();
  const candidates = draft.candidates.map((one) => pointOf(one, house, day));
  return {
    round: { id: round.id, heldOn: round.heldOn, a: round.a.name, b: round.b.name, markCount: marks.length },
    slot,
    coachId: coach.id,
    athleteName: athlete.name,
    standing: person?.standing ?? 'student',
    candidates,
    draft: {
      good: { text: goodWords(draft.good, marks, house), markIds: [...(draft.good?.markIds ?? [])].slice(0, 3) },
      points: candidates.slice(0, 3),
      questions: draft.questionMarkIds.map((markId) => ({ markId, text: questionWords(marks, markId, house) })),
      remark: '',
    } satisfies ReviewContent,
    evidence: Object.fromEntries(marks.flatMap(({ id }) => (evidenceOf(id) ? [[id, evidenceOf(id)!]] : []))),
    signed,
    house,
  };
}
export type Closing = NonNullable<Awaited<ReturnType<typeof loadClosing>>>;

/** What keeps happening to a person, by error. */
async function prioritiesOf(personId: string): Promise<ReadonlyMap<string, number>> {
  const person = await findPerson(pool(), personId);
  if (!person) return new Map();
  const { errors } = await loadPatterns(pool(), person, await today());
  return new Map(errors.map((one) => [one.errorId, one.priority]));
}

function pointOf({ errorId, markIds, damage, unlinked }: WorkCandidate, house: HouseWords, day: string): WorkPoint {
  const drillId = findError(errorId)?.drillIds.find((id) => !house.hiddenIds.includes(id));
  const drill = drillId ? drillOf(house, drillId) : undefined;
  const branch = drill?.branches[0];
  const times = ['never', 'once', 'twice'][markIds.length] ?? `${markIds.length} times`;
  const cost =
    damage >= 0.5
      ? `, and it cost about ${damage.toFixed(0)} points’ worth`
      : unlinked > 0
        ? ', and it was punished'
        : ', so far without a price';
  const cue = cueOf(house, errorId);
  return {
    errorId,
    title: houseNameOf(house, errorId),
    text: `It happened ${times} in this round${cost}.`,
    cue,
    branch: branch ? `If ${branch.when}, then ${branch.answer}.` : '',
    drillId,
    homework: cue ? `To be seen on your next footage: ${cue}` : '',
    homeworkDue: addDays(day, HOMEWORK_DAYS),
    markIds: [...markIds],
  };
}

const goodWords = (
  good: { readonly conceptId: string; readonly markIds: readonly string[] } | undefined,
  marks: readonly Mark[],
  house: HouseWords,
): string => {
  if (!good) return '';
  const note = marks.find((mark) => good.markIds.includes(mark.id))?.note;
  const times = good.markIds.length > 1 ? `, ${good.markIds.length} times` : '';
  return `${houseNameOf(house, good.conceptId)}${times}.${note && note !== 'good' ? ` ${note}` : ''}`;
};

function questionWords(marks: readonly Mark[], markId: string, house: HouseWords): string {
  const mark = marks.find((one) => one.id === markId);
  const conceptId = mark && conceptIdOf(mark);
  return conceptId ? `What did you want there? (${houseNameOf(house, conceptId)})` : 'What did you want there?';
}
