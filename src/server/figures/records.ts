import { addDays } from '@/core/kernel';
import {
  addGroups,
  type Cohort,
  type Dose,
  errorIdsOf,
  FEWEST_ROUNDS,
  filterRounds,
  type GroupSums,
  type Judged,
  listRecurringErrors,
  noGroup,
  type PartnersBelt,
  type RecurringError,
  type RoundFilter,
  type StudentRecord,
  splitByWindow,
} from '@/core/patterns';
import { type AnyBelt, adultEquivalent, type Belt, drillOf, standardIdOf } from '@/core/vocabulary';
import { listDrilled } from '@/data/classes/log';
import type { Database } from '@/data/client';
import { getAcademy } from '@/data/people/academy';
import type { Person } from '@/data/people/people';
import { listGroupSums, listGroupVerdicts } from '@/data/projections/people';
import { listRoundFigures } from '@/data/projections/roundFigures';
import { listHomework } from '@/data/reviews/signedReviews';
import { houseOf } from '../language/loadHouse';

/** How far back changes are looked for. @source own decision: half a year, so that what is long ago does not speak for today */
const HISTORY_DAYS = 183;
/** Of somebody who spars every day: more than a year's worth at once would make their page wait. */
const MOST_ROUNDS = 400;

type Known = Pick<Person, 'id' | 'belt'>;

/** Which rounds of somebody are looked at. */
export interface RecordWanted {
  /** Rounds that are to be left out. */
  readonly withoutRoundIds?: readonly string[];
  readonly filter?: RoundFilter;
}

/** What the rounds of somebody say: of half a year, or of the days of the filter, which are the window then. */
export const recordOf = async (
  database: Database,
  person: Known,
  today: string,
  { withoutRoundIds = [], filter = {} }: RecordWanted = {},
): Promise<StudentRecord> => {
  const { fromDay, toDay } = filter;
  const since = fromDay ?? addDays(toDay ?? today, -HISTORY_DAYS);
  const wanted = { since, until: toDay, always: fromDay ? 0 : FEWEST_ROUNDS, most: MOST_ROUNDS };
  const all = await listRoundFigures(database, person.id, wanted);
  const shown = all.map((one) => one.figures).filter((round) => !withoutRoundIds.includes(round.roundId));
  const rounds = filterRounds(shown, filter);
  return {
    personId: person.id,
    belt: adultEquivalent(person.belt),
    ...(fromDay || toDay ? { rounds, earlier: [] } : splitByWindow(rounds, today)),
    doses: await dosesOf(database, person.id, since),
    isCut: all.length >= MOST_ROUNDS,
  };
};

/** What was done about each of somebody's errors since a day: classes they came to that drilled it, and homework. */
async function dosesOf(database: Database, personId: string, since: string): Promise<StudentRecord['doses']> {
  // One after the other: within a transaction there is one connection.
  const { timeZone } = await getAcademy(database);
  const house = await houseOf(database);
  const doses = new Map<string, Dose[]>();
  const add = (errorId: string, dose: Dose) => doses.set(errorId, [...(doses.get(errorId) ?? []), dose]);
  for (const { drillId, day, classTitle } of await listDrilled(database, personId, since, timeZone))
    for (const errorId of drillOf(house, drillId)?.targetErrorIds ?? [])
      add(errorId, { day, kind: 'class', drillId, words: classTitle });
  for (const { errorId, drillId, homework, day } of await listHomework(database, personId, since, timeZone))
    add(errorId, { day, kind: 'homework', drillId, words: homework });
  for (const all of doses.values()) all.sort((one, other) => (one.day < other.day ? -1 : 1));
  return doses;
}

/** Everybody with whom somebody who makes these errors is compared. */
export async function loadCohort(database: Database, personId: string, errorIds: readonly string[]): Promise<Cohort> {
  const errors = errorIds.map((errorId) => ({ errorId, standardId: standardIdOf(errorId) }));
  const groups = await listGroupSums(database, errors, personId);
  const verdicts = await listGroupVerdicts(database, errorIds, personId);
  const cohort = new Map<string, Map<Belt, GroupSums>>();
  const add = (errorId: string, belt: AnyBelt | null, group: GroupSums) => {
    const byBelt = cohort.get(errorId) ?? new Map<Belt, GroupSums>();
    // Children's belts are compared with the adult belt of the same years.
    const worn = adultEquivalent(belt ?? undefined);
    const before = byBelt.get(worn);
    cohort.set(errorId, byBelt.set(worn, before ? addGroups(before, group) : group));
  };
  for (const { error_id, belt, event_squares, ...moments } of groups)
    add(error_id, belt, { ...moments, eventSquares: event_squares, verdicts: {} });
  const judgedBy = new Map<string, { errorId: string; belt: AnyBelt | null; of: [PartnersBelt, Judged][] }>();
  for (const { error_id, belt, partner, judged, punished } of verdicts) {
    const key = `${error_id} ${belt}`;
    const known = judgedBy.get(key) ?? { errorId: error_id, belt, of: [] };
    known.of.push([partner, { judged, punished }]);
    judgedBy.set(key, known);
  }
  for (const { errorId, belt, of } of judgedBy.values())
    add(errorId, belt, { ...noGroup, verdicts: Object.fromEntries(of) });
  return cohort;
}

export interface Patterns {
  readonly record: StudentRecord;
  readonly errors: readonly RecurringError[];
}

/** What keeps happening to somebody in the window up to a day. */
export async function loadPatterns(
  database: Database,
  person: Known,
  today: string,
  wanted: RecordWanted = {},
): Promise<Patterns> {
  const record = await recordOf(database, person, today, wanted);
  const cohort = await loadCohort(database, person.id, errorIdsOf(record));
  return { record, errors: listRecurringErrors(record, cohort, today) };
}
