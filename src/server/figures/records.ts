import { addDays, daysBetween } from '@/core/kernel';
import {
  agedSums,
  type CohortMember,
  errorIdsOf,
  listRecurringErrors,
  type RecurringError,
  type StudentRecord,
} from '@/core/patterns';
import { adultEquivalent, standardIdOf } from '@/core/vocabulary';
import type { Database } from '@/data/client';
import { listBelts, type Person } from '@/data/people/people';
import { listErrorSums } from '@/data/projections/people';
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
  errorIds: readonly string[],
  today: string,
): Promise<CohortMember[]> {
  const wanted = [...new Set(errorIds.flatMap((id) => [id, standardIdOf(id)]))];
  const [belts, sums] = [await listBelts(database), await listErrorSums(database, wanted)];
  return sums.map(({ personId, asOf, sums: own }) => {
    const days = daysBetween(asOf, today);
    return {
      personId,
      belt: adultEquivalent(belts.get(personId)),
      sums: days === 0 ? own : new Map([...own].map(([errorId, one]) => [errorId, agedSums(one, days)])),
    };
  });
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
  const cohort = await loadCohort(database, errorIdsOf(record), today);
  return { record, errors: listRecurringErrors(record, cohort, today) };
}
