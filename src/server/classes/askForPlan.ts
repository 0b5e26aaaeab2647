import type { DrillLock } from '@/core/planning';
import { insertAskedPlan } from '@/data/classes/classes';
import { inTransaction, pool } from '@/data/client';
import { queueTask } from '@/data/footage/queue';

/** Asks for a plan of a class, to be worked out in the background: its number, or nothing for a class that is gone. Whatever was asked for before and is not ready is overtaken. */
export const askForPlan = (
  classId: string,
  locks: readonly DrillLock[],
  coachId: string | undefined,
): Promise<number | undefined> =>
  inTransaction(pool(), async (client) => {
    const version = await insertAskedPlan(client, classId, locks, coachId);
    if (version !== undefined) await queueTask(client, 'plan', { classId, version }, `plan:${classId}`);
    return version;
  });
