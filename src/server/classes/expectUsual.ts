import { dayIn, weekdayOf } from '@/core/kernel';
import { usualChance } from '@/core/planning';
import { saveAttendee } from '@/data/classes/classes';
import { listUsuallyThere } from '@/data/classes/log';
import type { Database } from '@/data/client';
import { getAcademy } from '@/data/people/academy';

/** Expects in a new class whoever usually comes on that day of the week, each with the chance that they do. */
export async function expectUsual(
  database: Database,
  { id, startsAt }: { readonly id: string; readonly startsAt: string },
): Promise<void> {
  const { timeZone, planNumbers } = await getAcademy(database);
  const weekday = weekdayOf(dayIn(timeZone, startsAt));
  const there = await listUsuallyThere(database, weekday, startsAt, planNumbers.usualClasses, timeZone);
  for (const { personId, ...seen } of there) {
    const chance = usualChance(seen, planNumbers);
    if (chance > 0) await saveAttendee(database, id, personId, chance);
  }
}
