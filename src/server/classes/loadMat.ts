import { findMatClock, type KeptMatClock } from '@/data/classes/matClocks';
import { pool } from '@/data/client';
import { isUuid } from '../kernel/isUuid';

/** The clock of a class, or of one of its groups; version 0 where nobody has started it. */
export async function loadMatClock(
  classId: string,
  group = 0,
): Promise<Partial<KeptMatClock> & { readonly version: number }> {
  const kept = isUuid(classId) ? await findMatClock(pool(), classId, group) : undefined;
  return kept ?? { version: 0 };
}

/** Which group an address asks for: 1 or 2, else 0 for all of the class. */
export const groupIn = (text: string | null | undefined): number => (text === '1' || text === '2' ? Number(text) : 0);
