import { type DoneBefore, doseOf } from '@/core/planning';
import { drillOf } from '@/core/vocabulary';
import { listDrilledBy } from '@/data/classes/log';
import type { Database } from '@/data/client';
import { listHomeworkOf } from '@/data/reviews/signedReviews';
import { houseOf } from '../language/loadHouse';

/** Dose of one homework: ten minutes of repeating, half of them thought done where nobody saw them. @source house estimate */
const HOMEWORK_DOSE = 2.5;

/** What people did about their errors since a day, in classes that they came to and at home; days in the academy's own zone. */
export async function listDoneBefore(
  database: Database,
  personIds: readonly string[],
  since: string,
  zone: string,
): Promise<ReadonlyMap<string, readonly DoneBefore[]>> {
  const [house, drilled, homework] = await Promise.all([
    houseOf(database),
    listDrilledBy(database, personIds, since, zone),
    listHomeworkOf(database, personIds, since, zone),
  ]);
  const done = new Map<string, DoneBefore[]>();
  const add = (personId: string, one: DoneBefore) => done.set(personId, [...(done.get(personId) ?? []), one]);
  for (const { personId, drillId, minutes, day } of drilled) {
    const drill = drillOf(house, drillId);
    for (const errorId of drill?.targetErrorIds ?? [])
      add(personId, { errorId, day, dose: drill ? doseOf(drill, minutes, 1) : 0 });
  }
  for (const { personId, errorId, day } of homework) add(personId, { errorId, day, dose: HOMEWORK_DOSE });
  return done;
}
