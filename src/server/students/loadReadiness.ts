import { adultEquivalent } from '@/core/vocabulary';
import { listSeenDoing, listTaughtTo, listUnits } from '@/data/classes/units';
import { pool } from '@/data/client';
import type { Person } from '@/data/people/people';
import { academyZone } from '../kernel/academyTime';

/** One unit of somebody's belt: what of it they were taught and what was seen of them on film. No verdict. */
export interface UnitOfStudent {
  readonly unitId: string;
  readonly title: string;
  readonly entries: readonly {
    readonly conceptId: string;
    /** When they were last taught it; undefined: never in a class that is logged. */
    readonly taughtOn?: string;
    /** How often they were seen doing it, and when last. */
    readonly seen?: { readonly times: number; readonly day: string };
  }[];
}

/** The units of the belt that somebody wears, in the academy's order: taught when, seen how often. */
export async function loadReadiness({ id, belt }: Pick<Person, 'id' | 'belt'>): Promise<UnitOfStudent[]> {
  const units = await listUnits(pool(), adultEquivalent(belt));
  if (units.length === 0) return [];
  const conceptIds = [...new Set(units.flatMap((one) => one.conceptIds))];
  const [taught, seen] = await Promise.all([
    listTaughtTo(pool(), conceptIds, await academyZone(), id),
    listSeenDoing(pool(), id, conceptIds),
  ]);
  return units.map((unit) => ({
    unitId: unit.id,
    title: unit.title,
    entries: unit.conceptIds.map((conceptId) => ({
      conceptId,
      taughtOn: taught.find((one) => one.conceptId === conceptId)?.day,
      seen: seen.find((one) => one.conceptId === conceptId),
    })),
  }));
}
