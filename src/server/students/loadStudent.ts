import { type LessonDone, lessonsDone } from '@/core/effects';
import { addDays, type WeightUnit } from '@/core/kernel';
import {
  type AgainstGroup,
  type Answers,
  againstWhom,
  answersOf,
  chooseWorkOn,
  compareStudents,
  type EdgeWeights,
  type ErrorsAgainst,
  errorsAgainst,
  type FamilyFunnel,
  type Flows,
  type Funnel,
  familyFunnelsOf,
  flowsOf,
  funnelsOf,
  type Habits,
  habitsOf,
  houseEdge,
  lateErrors,
  laterRounds,
  listChanged,
  listNotTheirs,
  type NotTheirs,
  type PeriodDifference,
  type RecurringError,
  type SideCount,
  type StudentRecord,
  sidesOf,
  sumsOf,
  type ThemeFigures,
  themesOf,
  WINDOW_DAYS,
} from '@/core/patterns';
import { adultEquivalent, anyBelts } from '@/core/vocabulary';
import { pool } from '@/data/client';
import { getAcademy } from '@/data/people/academy';
import { findPerson, listPeople, listPeopleByIds, type Person } from '@/data/people/people';
import { findEdge } from '@/data/projections/edge';
import { listUsualCounts } from '@/data/projections/people';
import { findFiguresDue } from '@/data/projections/roundFigures';
import { listRounds, type Round } from '@/data/rounds/rounds';
import type { Piece } from '@/data/rows';
import { requireCoach } from '../accounts/currentCoach';
import { noteTouched } from '../accounts/noteTouched';
import { loadPatterns, type Patterns } from '../figures/records';
import { today } from '../kernel/academyTime';
import { isUuid } from '../kernel/isUuid';
import { listBlindRounds } from '../reviews/blindness';
import { meaningOfTheme, openWorld } from '../search/understand';
import { comparedRounds, partingDay } from './comparedRounds';
import { loadPast, type StudentPast } from './loadPast';
import { readStudentQuery, type StudentQuery } from './studentInput';

/** Rounds shown at once. @source own decision: what can be looked through in one list */
const SHOWN_ROUNDS = 30;

/** How many rounds wait for their figures, and since when. */
export type FiguresDue = Awaited<ReturnType<typeof findFiguresDue>>;
type Named = Pick<Person, 'id' | 'name'>;

export interface StudentPage {
  readonly person: Person;
  readonly query: StudentQuery;
  /** Histories are there of what is drawn month by month only: of what there is to work on and of what changed. */
  readonly errors: readonly RecurringError[];
  readonly notTheirs: readonly NotTheirs[];
  /** What became of their errors since something was done about them. */
  readonly lessons: readonly LessonDone[];
  readonly habits: Habits;
  /** Newest first, from the place that was asked for on. */
  readonly rounds: Piece<{ readonly round: Round; readonly meanTide?: number }>;
  readonly flows: Flows;
  readonly funnels: Readonly<Record<'own' | 'faced', Readonly<{ techniques: Funnel[]; families: FamilyFunnel[] }>>>;
  readonly partners: readonly AgainstGroup[];
  readonly errorsAgainst: readonly ErrorsAgainst[];
  /** By what is expected of partners: learned from the academy's rounds, or the house estimate. */
  readonly edge: EdgeWeights;
  /** Everybody met in the rounds that are looked at, by name. */
  readonly met: readonly Named[];
  readonly sides: readonly SideCount[];
  /** Timed with the stopwatch, and read off the marks. */
  readonly answers: { readonly timed?: Answers; readonly marked?: Answers };
  /** The themes of days against own attempts. */
  readonly themes: readonly ThemeFigures[];
  readonly late: ReturnType<typeof lateErrors>;
  readonly later: ReturnType<typeof laterRounds>;
  readonly compared: {
    readonly differences: readonly PeriodDifference[];
    /** The day that parts the two periods; undefined where no belt or injury is known that could. */
    readonly day?: string;
    /** Those who can stand beside, while two students are compared. */
    readonly others: readonly Named[];
  };
  readonly past: StudentPast;
  readonly window: { readonly since?: string; readonly earlierRounds: number; readonly isCut: boolean };
  readonly today: string;
  readonly weightUnit: WeightUnit;
  /** The academy gives students pages of their own. */
  readonly givesPages: boolean;
  readonly mayErase: boolean;
  readonly figuresDue: FiguresDue;
}

/** What a student's page shows, from the figures that are kept of each round. */
export async function loadStudent(
  personId: string,
  query: StudentQuery = readStudentQuery({}),
): Promise<StudentPage | undefined> {
  const coach = await requireCoach();
  const person = isUuid(personId) ? await findPerson(pool(), personId) : undefined;
  if (!person) return undefined;
  noteTouched({ coachId: coach.id, did: 'saw', kind: 'student', about: person.id });
  const [day, blind] = await Promise.all([today(), listBlindRounds(coach.id)]);
  const { filter, after } = query;
  const { partnerId, uniform, fromDay, toDay } = filter;
  const listed = { personIds: [person.id, ...(partnerId ? [partnerId] : [])], uniform, fromDay, toDay };
  const [{ record, errors }, rounds, figuresDue, past, usual, { planNumbers, studentPages }, edge = houseEdge] =
    await Promise.all([
      loadPatterns(pool(), person, day, { withoutRoundIds: blind, filter }),
      listRounds(pool(), listed, SHOWN_ROUNDS, after),
      findFiguresDue(pool(), [person.id]),
      loadPast(person, blind),
      listUsualCounts(pool(), beltsLike(person), person.id),
      getAcademy(pool()),
      findEdge(pool()),
    ]);
  const all = [...record.earlier, ...record.rounds];
  const [compared, met, world] = await Promise.all([
    compare(query, { record, errors }, past, day, blind),
    listPeopleByIds(pool(), [...new Set(all.flatMap((round) => round.partnerId ?? []))]),
    record.rounds.some((round) => round.theme) ? openWorld() : undefined,
  ]);
  return {
    ...{ person, query, past, compared, figuresDue, today: day, weightUnit: coach.weightUnit },
    givesPages: studentPages,
    mayErase: coach.role === 'head',
    errors: withDrawnHistory(errors),
    notTheirs: listNotTheirs(record, usual),
    lessons: lessonsDone(errors, planNumbers),
    rounds: {
      ...rounds,
      rows: rounds.rows
        // What kind a partner is, only the figures say.
        .filter((round) => filter.against === undefined || all.some((one) => one.roundId === round.id))
        .map((round) => ({ round, meanTide: tideIn(all, round.id) })),
    },
    ...figuresOf(record, edge),
    themes: world ? themesOf(record.rounds, (theme) => meaningOfTheme(world, theme)) : [],
    edge,
    met: met.map(({ id, name }) => ({ id, name })),
    window: {
      since: record.rounds[0]?.heldOn,
      earlierRounds: record.earlier.length,
      isCut: record.isCut ?? false,
    },
  };
}

/** The moments of families are those of their techniques: sent once, they are a tenth of the page less. */
const chancesOf = (rounds: StudentRecord['rounds'], whose: 'own' | 'faced') => ({
  techniques: funnelsOf(rounds, whose),
  families: familyFunnelsOf(rounds, whose).map(({ moments: _ofTechniques, ...family }) => family),
});

const figuresOf = ({ rounds }: StudentRecord, edge: EdgeWeights) => ({
  habits: habitsOf(rounds),
  flows: flowsOf(rounds),
  funnels: {
    own: chancesOf(rounds, 'own'),
    faced: chancesOf(rounds, 'faced'),
  },
  partners: againstWhom(rounds, edge),
  errorsAgainst: errorsAgainst(rounds),
  sides: sidesOf(rounds),
  answers: { timed: answersOf(rounds, 'stopwatch'), marked: answersOf(rounds, 'marks') },
  late: lateErrors(rounds),
  later: laterRounds(rounds),
});

function tideIn(figures: StudentRecord['rounds'], roundId: string): number | undefined {
  const figure = figures.find((one) => one.roundId === roundId);
  return figure && figure.liveMinutes > 0 ? figure.tideArea / (figure.liveMinutes * 60) : undefined;
}

/** The belts of those with whom somebody is compared. */
const beltsLike = ({ belt }: Person) => anyBelts.filter((one) => adultEquivalent(one) === adultEquivalent(belt));

/** Two sets of rounds side by side: of this student, or of this and another one. */
async function compare(
  { side: { division, day, otherId }, filter }: StudentQuery,
  { record, errors }: Patterns,
  past: StudentPast,
  today: string,
  blind: readonly string[],
): Promise<StudentPage['compared']> {
  if (division === 'belt' || division === 'injury') {
    const parting = partingDay(division, past, day);
    return { day: parting, others: [], differences: parting ? comparedRounds(errors, division, parting) : [] };
  }
  const middle = day ?? record.rounds[0]?.heldOn ?? addDays(today, -WINDOW_DAYS);
  if (division !== 'student') return { day: middle, others: [], differences: comparedRounds(errors, division, middle) };
  const others = (await listPeople(pool())).filter((one) => one.id !== record.personId);
  const other = others.find((one) => one.id === otherId);
  const beside = other && (await loadPatterns(pool(), other, today, { withoutRoundIds: blind, filter }));
  return {
    day: middle,
    others: others.map(({ id, name }) => ({ id, name })),
    differences: beside
      ? compareStudents(
          sumsOf(record.rounds, today),
          sumsOf(beside.record.rounds, today),
          [...errors, ...beside.errors].map((one) => one.errorId),
        )
      : [],
  };
}

/** Rounds by rounds only where they are drawn: the rest would be half of the page's weight. */
function withDrawnHistory(errors: readonly RecurringError[]): RecurringError[] {
  const drawn = new Set([...chooseWorkOn(errors), ...listChanged(errors)]);
  return errors.map((one) => (drawn.has(one) ? one : { ...one, history: [] }));
}
