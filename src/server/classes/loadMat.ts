import { findMatClock, type KeptMatClock } from '@/data/classes/matClocks';
import { pool } from '@/data/client';
import { isUuid } from '../kernel/isUuid';

/** The clock of a class; version 0 where nobody has started it. */
export async function loadMatClock(classId: string): Promise<Partial<KeptMatClock> & { readonly version: number }> {
  const kept = isUuid(classId) ? await findMatClock(pool(), classId) : undefined;
  return kept ?? { version: 0 };
}
