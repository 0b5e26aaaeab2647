import { clockIn, dayIn } from '@/core/kernel';
import { listClassesFrom } from '@/data/classes/classes';
import { pool } from '@/data/client';
import { listNamesAndBirthdays } from '@/data/people/people';
import { requireCoach } from '../accounts/currentCoach';
import { academyZone, today } from '../kernel/academyTime';

const EVER = '0001-01-01T00:00:00Z';

/** What a list of attendance or a calendar is compared with: the classes and the people that are here. */
export async function loadBringIn() {
  await requireCoach();
  const [zone, classes, people] = await Promise.all([
    academyZone(),
    listClassesFrom(pool(), EVER),
    listNamesAndBirthdays(pool()),
  ]);
  return {
    today: await today(),
    people,
    classes: classes.map(({ id, title, startsAt }) => ({
      ...{ id, title },
      day: dayIn(zone, startsAt),
      time: clockIn(zone, startsAt),
    })),
  };
}
