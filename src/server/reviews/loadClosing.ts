import { phraseMark } from '@/core/callline';
import { formatClock } from '@/core/clock';
import { roundFigures } from '@/core/figures';
import { shortNamesOf } from '@/core/kernel';
import {
  checkHomework,
  type DraftQuestion,
  draftReview,
  type Homework,
  type HomeworkCheck,
  type RoundToClose,
} from '@/core/reviewing';
import { type Athlete, type Mark, readChains, readRound, tideOf } from '@/core/round';
import { adultEquivalent, type HouseWords, houseNameOf, kindOf } from '@/core/vocabulary';
import { pool } from '@/data/client';
import { findPerson } from '@/data/people/people';
import { type ClosingAbout, findClosingId } from '@/data/reviews/closings';
import { listVersions } from '@/data/reviews/signedReviews';
import { findRound, listRounds, type Round } from '@/data/rounds/rounds';
import { listAnswersOf } from '@/data/sharing/answers';
import { times } from '@/terms/times';
import { requireCoach } from '../accounts/currentCoach';
import { loadPatterns } from '../figures/records';
import { today } from '../kernel/academyTime';
import { isUuid } from '../kernel/isUuid';
import { loadHouse } from '../language/loadHouse';
import { marksByRound } from '../rounds/marksByRound';
import { ruleSetOf } from '../rounds/ruleSetOf';
import { loadSharing } from '../sharing/loadSharing';
import { findOpenSecondReview, listBlindRounds, requireSight } from './blindness';
import type { ReviewContent } from './closingInput';
import { listHomeworkBefore } from './loadHomework';
import { pointOf } from './pointOf';

/** Rounds that one closing looks at. @source own decision: a week of a whole academy; more is no evening and no visit */
const MOST_ROUNDS = 120;
/** The newest of what a student said: homework of before is among them. */
const MOST_ANSWERS = 60;

/** A piece of evidence: a mark with its moment. */
export interface Evidence {
  readonly markId: string;
  readonly roundId: string;
  /** When, as one says it: "2:13", of several rounds with whom. */
  readonly at: string;
  readonly mediaSeconds: number;
  /** What is marked there. */
  readonly words: string;
  readonly filmed: boolean;
}
export type WorkPoint = ReviewContent['points'][number];

/** Homework that was given before, and what these rounds say of it. */
export interface HomeworkSeen extends Homework {
  readonly check: HomeworkCheck;
  /** What they said of it themselves. */
  readonly said?: { readonly isDone: boolean; readonly text: string };
}

interface ClosedRound extends RoundToClose {
  readonly round: Round;
  readonly marks: readonly Mark[];
}

/** The rounds of somebody's days, or of everybody's, once for each athlete that is closed. */
async function listClosed(about: ClosingAbout, coachId: string, house: HouseWords): Promise<ClosedRound[] | undefined> {
  if (about.kind === 'round') {
    const round = isUuid(about.roundId) ? await findRound(pool(), about.roundId) : undefined;
    if (!round) return undefined;
    await requireSight(round.id, coachId);
    return readClosed([round], () => [about.slot], house);
  }
  const { firstDay, lastDay } = about;
  const personIds = about.kind === 'days' ? [about.personId] : [];
  const found = await listRounds(pool(), { personIds, fromDay: firstDay, toDay: lastDay, marked: true }, MOST_ROUNDS);
  const blind = await listBlindRounds(coachId);
  const rounds = found.rows.filter((round) => !blind.includes(round.id)).reverse();
  const slotsOf = (round: Round): Athlete[] =>
    about.kind === 'academy' ? ['a', 'b'] : [round.a.personId === about.personId ? 'a' : 'b'];
  return readClosed(rounds, slotsOf, house);
}

async function readClosed(
  rounds: readonly Round[],
  slotsOf: (round: Round) => readonly Athlete[],
  house: HouseWords,
): Promise<ClosedRound[]> {
  const marks = await marksByRound(pool(), house, rounds);
  const closed = await Promise.all(
    rounds.map(async (round) => {
      const own = marks.get(round.id) ?? [];
      const reading = readRound(round, own);
      const rules = await ruleSetOf(pool(), round.ruleSet);
      const chains = readChains(reading, tideOf(reading), rules?.points?.points);
      return slotsOf(round).map((athlete) => ({
        ...{ round, marks: own, reading, chains, athlete, personId: round[athlete].personId },
      }));
    }),
  );
  return closed.flat();
}

/** What closing a round, somebody's days or the academy's needs: the draft, what else could be taken in, what was asked of them before, and what was signed. */
export async function loadClosing(about: ClosingAbout) {
  const coach = await requireCoach();
  const house = await loadHouse();
  const closed = await listClosed(about, coach.id, house);
  if (!closed) return undefined;
  const personId = about.kind === 'academy' ? undefined : about.kind === 'days' ? about.personId : closed[0]?.personId;
  const person = personId && isUuid(personId) ? await findPerson(pool(), personId) : undefined;
  if (about.kind === 'days' && !person) return undefined;
  const [first] = closed;
  const belt = about.kind === 'academy' ? 'white' : adultEquivalent(first?.round[first.athlete].belt ?? person?.belt);
  const [draft, closingId, day] = await Promise.all([
    prioritiesOf(personId).then((priorities) => draftReview(closed, belt, priorities)),
    findClosingId(pool(), about),
    today(),
  ]);
  const evidence = evidenceOf(closed, house);
  const [good] = draft.goods;
  const points = draft.points.map((one) => pointOf(one, house, day));
  return {
    about,
    closingId,
    coachId: coach.id,
    day,
    rounds: describeRounds(closed),
    markCount: new Set(closed.flatMap((one) => one.marks.map((mark) => mark.id))).size,
    /** Absent for the academy. */
    person: person && { id: person.id, name: person.name, standing: person.standing },
    goods: draft.goods.map((one) => ({
      ...one,
      title: houseNameOf(house, one.conceptId),
      text: goodWords(one, closed, house),
    })),
    others: draft.others.map((one) => ({ kind: one.kind, point: pointOf(one, house, day) })),
    draft: {
      good: { text: good ? goodWords(good, closed, house) : '', markIds: [...(good?.markIds ?? [])].slice(0, 3) },
      points,
      questions: about.kind === 'academy' ? [] : draft.questions.map((one) => questionOf(one, evidence, house)),
      remark: '',
    } satisfies ReviewContent,
    evidence,
    homework: personId ? await homeworkSeen(personId, closed) : [],
    ...(await signedOf(closingId)),
    house,
  };
}
export type Closing = NonNullable<Awaited<ReturnType<typeof loadClosing>>>;

/** What was signed, newest first, how it is shared, and what was said to it. */
async function signedOf(closingId: string | undefined) {
  const signed = closingId ? await listVersions(pool(), closingId) : [];
  if (!closingId || signed.length === 0) return { signed, answers: [] };
  return { signed, ...(await loadSharing(closingId, signed)) };
}

/** The rounds that are closed, each once. */
const describeRounds = (closed: readonly ClosedRound[]) =>
  [...new Map(closed.map((one) => [one.round.id, one])).values()].map(({ round, athlete }) => ({
    ...{ id: round.id, heldOn: round.heldOn, a: round.a.name, b: round.b.name, athlete },
  }));

function evidenceOf(closed: readonly ClosedRound[], house: HouseWords): Record<string, Evidence> {
  const several = new Set(closed.map((one) => one.round.id)).size > 1;
  const all: Record<string, Evidence> = {};
  for (const { round, marks, athlete } of closed) {
    const [a = '', b = ''] = shortNamesOf([round.a.name, round.b.name]);
    const other = athlete === 'a' ? b : a;
    for (const mark of marks) {
      const clock = formatClock(mark.atSeconds - round.startSeconds);
      all[mark.id] = {
        ...{ markId: mark.id, roundId: round.id, mediaSeconds: mark.atSeconds, filmed: round.footageId !== undefined },
        at: several ? `${clock} with ${other}` : clock,
        words: phraseMark(mark, { a, b }, (id) => houseNameOf(house, id)),
      };
    }
  }
  return all;
}

/** What keeps happening to a person, by error. */
async function prioritiesOf(personId: string | undefined): Promise<ReadonlyMap<string, number>> {
  const person = personId && isUuid(personId) ? await findPerson(pool(), personId) : undefined;
  if (!person) return new Map();
  const { errors } = await loadPatterns(pool(), person, await today());
  return new Map(errors.map((one) => [one.errorId, one.priority]));
}

/** The latest homework from before these rounds, and what they say of it together. */
async function homeworkSeen(personId: string, closed: readonly ClosedRound[]): Promise<HomeworkSeen[]> {
  const [first] = closed;
  if (!first) return [];
  const { id: roundId, heldOn, numberInSession } = first.round;
  const given = await listHomeworkBefore(pool(), [personId], { roundId, heldOn, numberInSession });
  const figures = closed.map(({ round, athlete, marks }) =>
    roundFigures({
      ...{ roundId: round.id, heldOn: round.heldOn, span: round, athlete, marks, beltGap: 0, weightGap: 0 },
    }),
  );
  const answers = await listAnswersOf(pool(), personId, MOST_ANSWERS);
  return given.map(({ personId: _own, reviewId, place, ...homework }) => {
    const answer = answers.find((one) => one.reviewId === reviewId && one.kind === 'homework' && one.place === place);
    const said = answer && { isDone: answer.isDone === true, text: answer.said };
    const checks = figures.map((one) => checkHomework(one, homework.errorId));
    const count = checks.reduce((sum, one) => sum + one.count, 0);
    const exposure = checks.reduce((sum, one) => sum + one.exposure, 0);
    const shows = count > 0 ? 'again' : exposure > 0 ? 'kept' : 'not-tested';
    return {
      ...homework,
      said,
      athlete: first.athlete,
      check: { shows, count, exposure, unit: checks[0]?.unit ?? 'times' },
    };
  });
}

function goodWords(
  good: { readonly conceptId: string; readonly markIds: readonly string[] },
  closed: readonly ClosedRound[],
  house: HouseWords,
): string {
  const note = closed.flatMap((one) => one.marks).find((mark) => good.markIds.includes(mark.id))?.note;
  const name = houseNameOf(house, good.conceptId);
  const often = good.markIds.length > 1 ? `, ${times(good.markIds.length)}` : '';
  const sentence = kindOf(good.conceptId) === 'attempt' ? `The ${name} worked${often}.` : `${name}${often}.`;
  return note && note !== 'good' ? `${sentence} ${note}` : sentence;
}

/** How tight it was, as those say it who were in it. */
const feltChoices = ['tight: I had to tap or move', 'there, but not tight', 'not there'];

function questionOf(
  { markId, asks, conceptIds }: DraftQuestion,
  evidence: Readonly<Record<string, Evidence>>,
  house: HouseWords,
): ReviewContent['questions'][number] {
  const at = evidence[markId]?.at ?? '';
  if (asks === 'felt')
    return { markId, text: `How tight was it on you at ${at}?`, choices: feltChoices.map((text) => ({ text })) };
  const choices = conceptIds.map((conceptId) => ({ text: houseNameOf(house, conceptId), conceptId }));
  return { markId, text: `What did you want at ${at}?`, choices };
}

/** Whether this coach may read and sign this now; `blind` while they review a round of it blind. */
export async function sightOf(about: ClosingAbout, coachId: string): Promise<'gone' | 'blind' | undefined> {
  if (about.kind === 'round') {
    if (!(await findRound(pool(), about.roundId))) return 'gone';
    return (await findOpenSecondReview(about.roundId, coachId)) ? 'blind' : undefined;
  }
  if (about.kind === 'days' && !(await findPerson(pool(), about.personId))) return 'gone';
  return undefined;
}
