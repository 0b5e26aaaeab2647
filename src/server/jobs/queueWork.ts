import { type Database, inTransaction, pool } from '@/data/client';
import { queueTask } from '@/data/footage/queue';
import { putWork, type WorkKind } from '@/data/footage/work';

/** Puts work on one file on the list for the working processes. Harmless when it is there already. */
export const queueWork = (footageId: string, kind: WorkKind): Promise<void> =>
  inTransaction(pool(), async (client) => {
    if ((await putWork(client, footageId, kind)) > 0) await queueWorkTask(footageId, kind, client);
  });

export const queueWorkTask = (footageId: string, kind: WorkKind, database: Database = pool()): Promise<number> =>
  queueTask(database, kind, { footageId }, `${kind}:${footageId}`);

/** Queues a look at a file that has arrived. */
export const queueArrival = (arrivalId: string): Promise<number> =>
  queueTask(pool(), 'take-in', { arrivalId }, `take-in:${arrivalId}`);
