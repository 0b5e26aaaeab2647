import type { WeightUnit } from '@/core/kernel';
import {
  type AgainstGroup,
  againstWhom,
  chooseWorkOn,
  type Flows,
  type Funnel,
  flowsOf,
  funnelsOf,
  type Habits,
  habitsOf,
  lateErrors,
  type RecurringError,
  type SideCount,
  sidesOf,
} from '@/core/patterns';
import { pool } from '@/data/client';
import { findPerson, listPeoplePiece, type Person } from '@/data/people/people';
import { listStandings, type Standing } from '@/data/projections/people';
import { findFiguresDue } from '@/data/projections/roundFigures';
import { listRounds, type Round } from '@/data/rounds/rounds';
import type { Piece } from '@/data/rows';
import { requireCoach } from '../accounts/currentCoach';
import { loadPatterns } from '../figures/records';
import { today } from '../kernel/academyTime';
import { isUuid, uuidIn } from '../kernel/isUuid';
import { listBlindRounds } from '../reviews/blindness';

/** Rounds and people shown at once. @source own decision: what can be looked through in one list */
const SHOWN_ROUNDS = 60;
const SHOWN_PEOPLE = 75;

/** How many rounds wait for their figures, and since when. */
export type FiguresDue = Awaited<ReturnType<typeof findFiguresDue>>;

export interface StudentPage {
  readonly person: Person;
  readonly errors: readonly RecurringError[];
  readonly habits: Habits;
  /** Newest first, from the place that was asked for on. */
  readonly rounds: Piece<{ readonly round: Round; readonly meanTide?: number }>;
  readonly flows: Flows;
  readonly funnels: { readonly own: readonly Funnel[]; readonly faced: readonly Funnel[] };
  readonly partners: readonly AgainstGroup[];
  readonly sides: readonly SideCount[];
  readonly late: ReturnType<typeof lateErrors>;
  readonly window: { readonly since?: string; readonly earlierRounds: number };
  readonly today: string;
  readonly weightUnit: WeightUnit;
  readonly figuresDue: FiguresDue;
}

/** What a student's page shows, from the figures that are kept of each round; `after` is the last round of the piece before. */
export async function loadStudent(personId: string, after?: string): Promise<StudentPage | undefined> {
  const coach = await requireCoach();
  const person = isUuid(personId) ? await findPerson(pool(), personId) : undefined;
  if (!person) return undefined;
  const day = await today();
  const [{ record, errors }, rounds, figuresDue] = await Promise.all([
    listBlindRounds(coach.id).then((blind) => loadPatterns(pool(), person, day, blind)),
    listRounds(pool(), { personIds: [person.id] }, SHOWN_ROUNDS, after),
    findFiguresDue(pool(), [person.id]),
  ]);
  const figures = new Map([...record.earlier, ...record.rounds].map((one) => [one.roundId, one]));
  const tideOf = (round: Round) => {
    const figure = figures.get(round.id);
    return figure && figure.liveMinutes > 0 ? figure.tideArea / (figure.liveMinutes * 60) : undefined;
  };
  return {
    person,
    errors: withShownHistory(errors),
    habits: habitsOf(record.rounds),
    rounds: { ...rounds, rows: rounds.rows.map((round) => ({ round, meanTide: tideOf(round) })) },
    flows: flowsOf(record.rounds),
    funnels: { own: funnelsOf(record.rounds, 'own'), faced: funnelsOf(record.rounds, 'faced') },
    partners: againstWhom(record.rounds),
    sides: sidesOf(record.rounds),
    late: lateErrors(record.rounds),
    window: { since: record.rounds[0]?.heldOn, earlierRounds: record.earlier.length },
    today: day,
    weightUnit: coach.weightUnit,
    figuresDue,
  };
}

/** What was seen once only cannot have changed: its rounds are shown nowhere and stay here, but of what there is to work on. */
function withShownHistory(errors: readonly RecurringError[]): RecurringError[] {
  const workOn = new Set(chooseWorkOn(errors));
  const seen = (one: RecurringError) => one.history.reduce((sum, round) => sum + round.count, 0);
  return errors.map((one) => (workOn.has(one) || seen(one) > 1 ? one : { ...one, history: [] }));
}

export type StudentLine = Person & Pick<Standing, 'rounds' | 'lastHeldOn' | 'top'>;

/** A piece of everybody by name, each with how they stand; `after` is the last person of the piece before. */
export async function loadStudents(after?: string): Promise<{
  readonly people: Piece<StudentLine>;
  readonly figuresDue: FiguresDue;
  readonly weightUnit: WeightUnit;
}> {
  const coach = await requireCoach();
  const [people, figuresDue] = await Promise.all([
    listPeoplePiece(pool(), SHOWN_PEOPLE, uuidIn(after)),
    findFiguresDue(pool(), undefined),
  ]);
  const standings = new Map(
    (
      await listStandings(
        pool(),
        people.rows.map((person) => person.id),
      )
    ).map((one) => [one.personId, one]),
  );
  const lineOf = (person: Person): StudentLine => {
    const { rounds = 0, lastHeldOn, top } = standings.get(person.id) ?? {};
    return { ...person, rounds, lastHeldOn, top };
  };
  return { people: { ...people, rows: people.rows.map(lineOf) }, figuresDue, weightUnit: coach.weightUnit };
}
