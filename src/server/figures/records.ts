import { addDays } from '@/core/kernel';
import {
  addGroups,
  type Cohort,
  errorIdsOf,
  type GroupSums,
  listRecurringErrors,
  type RecurringError,
  type StudentRecord,
  WEIGHT_HALVES_DAYS,
} from '@/core/patterns';
import { adultEquivalent, type Belt, standardIdOf } from '@/core/vocabulary';
import type { Database } from '@/data/client';
import type { Person } from '@/data/people/people';
import { listGroupSums } from '@/data/projections/people';
import { listRoundFigures } from '@/data/projections/roundFigures';

/** Rounds that count for what keeps happening. @source own decision: a term of training */
export const WINDOW_DAYS = 120;

type Known = Pick<Person, 'id' | 'belt'>;

/** What the rounds of somebody since a day say, without those that are to be left out. */
export const recordOf = async (
  database: Database,
  person: Known,
  since: string,
  withoutRoundIds: readonly string[] = [],
): Promise<StudentRecord> => {
  const all = await listRoundFigures(database, [person.id], since);
  return {
    personId: person.id,
    belt: adultEquivalent(person.belt),
    rounds: all.map((one) => one.figures).filter((round) => !withoutRoundIds.includes(round.roundId)),
  };
};

/** Everybody with whom somebody who makes these errors is compared. */
export async function loadCohort(
  database: Database,
  personId: string,
  errorIds: readonly string[],
  today: string,
): Promise<Cohort> {
  const errors = errorIds.map((errorId) => ({ errorId, standardId: standardIdOf(errorId) }));
  const cohort = new Map<string, Map<Belt, GroupSums>>();
  for (const row of await listGroupSums(database, errors, personId, today, WEIGHT_HALVES_DAYS)) {
    const { error_id, belt, event_squares, judged, punished, ...moments } = row;
    const group = { ...moments, eventSquares: event_squares, judgedByHigher: judged, punishedByHigher: punished };
    const byBelt = cohort.get(error_id) ?? new Map<Belt, GroupSums>();
    // Children's belts are compared with the adult belt of the same years.
    const worn = adultEquivalent(belt ?? undefined);
    const before = byBelt.get(worn);
    cohort.set(error_id, byBelt.set(worn, before ? addGroups(before, group) : group));
  }
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
  withoutRoundIds: readonly string[] = [],
): Promise<Patterns> {
  const record = await recordOf(database, person, addDays(today, -WINDOW_DAYS), withoutRoundIds);
  const cohort = await loadCohort(database, person.id, errorIdsOf(record), today);
  return { record, errors: listRecurringErrors(record, cohort, today) };
}
