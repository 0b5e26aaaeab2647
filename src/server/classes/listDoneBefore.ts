import { type DoneBefore, doseOf, taughtBy } from '@/core/planning';
import { listDrilledBy } from '@/data/classes/log';
import type { Database } from '@/data/client';
import type { Academy } from '@/data/people/academy';
import { listHomeworkOf } from '@/data/reviews/signedReviews';
import { houseOf } from '../language/loadHouse';

/** What people did about their errors since a day, in classes that they came to and at home; days in the academy's own zone. */
export async function listDoneBefore(
  database: Database,
  personIds: readonly string[],
  since: string,
  { timeZone, planNumbers }: Pick<Academy, 'timeZone' | 'planNumbers'>,
): Promise<ReadonlyMap<string, readonly DoneBefore[]>> {
  const [house, drilled, homework] = await Promise.all([
    houseOf(database),
    listDrilledBy(database, personIds, since, timeZone),
    listHomeworkOf(database, personIds, since, timeZone),
  ]);
  const taughtOf = taughtBy(house, planNumbers);
  const done = new Map<string, DoneBefore[]>();
  const add = (personId: string, one: DoneBefore) => done.set(personId, [...(done.get(personId) ?? []), one]);
  for (const { personId, drillId, minutes, day } of drilled) {
    const drill = taughtOf(drillId);
    for (const errorId of drill?.targetErrorIds ?? [])
      add(personId, { errorId, day, dose: drill ? doseOf(drill, minutes, 1) : 0 });
  }
  const { homeworkMinutes, repeatedWork } = planNumbers;
  for (const { personId, errorId, day } of homework)
    add(personId, { errorId, day, dose: (homeworkMinutes * repeatedWork) / 100 });
  return done;
}
