import { dayIn, weekdayOf } from '@/core/kernel';
import { LEARNED_FROM, usualChance } from '@/core/planning';
import { saveAttendee } from '@/data/classes/classes';
import { listUsuallyThere } from '@/data/classes/log';
import type { Database } from '@/data/client';

/** Expects in a new class whoever usually comes on that day of the week, each with the chance that they do. */
export async function expectUsual(
  database: Database,
  { id, startsAt }: { readonly id: string; readonly startsAt: string },
  timeZone: string,
): Promise<void> {
  const weekday = weekdayOf(dayIn(timeZone, startsAt));
  for (const { personId, ...seen } of await listUsuallyThere(database, weekday, startsAt, LEARNED_FROM, timeZone)) {
    const chance = usualChance(seen);
    if (chance > 0) await saveAttendee(database, id, personId, chance);
  }
}
