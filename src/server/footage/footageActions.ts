'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { type Outcome, refuse } from '@/core/kernel';
import { inTransaction, pool } from '@/data/client';
import { retryArrival } from '@/data/footage/arrivals';
import { deleteUnusedFootage, findFootage } from '@/data/footage/footage';
import { cancelWork, workKinds } from '@/data/footage/work';
import { deleteTrash, keepInTrash } from '@/data/trash/trash';
import { queueArrival, queueWork } from '../jobs/queueWork';
import { defineCommand } from '../kernel/defineCommand';
import { letArrivalGo } from './letArrivalGo';

/** Removes a file that no round uses from the shelf. It lies where it is for as long as it can be brought back. */
export const removeFootage = defineCommand({
  actor: 'coach',
  noted: 'film-deleted',
  args: [z.uuid()],
  run: async (coach, footageId): Promise<Outcome> => {
    const isGone = await inTransaction(pool(), async (client) => {
      const footage = await findFootage(client, footageId);
      if (!footage) return true;
      const trashId = randomUUID();
      await keepInTrash(
        client,
        { id: trashId, kind: 'film', title: footage.originalName, coachId: coach.id },
        footageId,
      );
      if ((await deleteUnusedFootage(client, footageId)) === 1) return true;
      await deleteTrash(client, trashId);
      return false;
    });
    if (!isGone) return refuse('A round uses this film, so it stays.');
    revalidatePath('/footage');
    return { ok: true };
  },
});

/** Stops work that waits or runs; it can be begun again. */
export const cancelFootageWork = defineCommand({
  actor: 'coach',
  args: [z.uuid(), z.enum(workKinds)],
  run: async (_coach, footageId, kind) => {
    await cancelWork(pool(), footageId, kind);
    return { ok: true };
  },
});

export const retryFootageWork = defineCommand({
  actor: 'coach',
  args: [z.uuid(), z.enum(workKinds)],
  run: async (_coach, footageId, kind) => {
    if (await findFootage(pool(), footageId)) await queueWork(footageId, kind);
    return { ok: true };
  },
});

/** Lets a file be looked at again after trouble that had nothing to do with it. */
export const tryArrivalAgain = defineCommand({
  actor: 'coach',
  args: [z.uuid()],
  run: async (_coach, id) => {
    if ((await retryArrival(pool(), id)) > 0) await queueArrival(id);
    return { ok: true };
  },
});

/** Takes a refused or unfinished arrival off the list; what a camera sent is kept in the folder of refused files. */
export const forgetArrival = defineCommand({
  actor: 'coach',
  args: [z.uuid()],
  run: async (_coach, id) => {
    await letArrivalGo(id);
    return { ok: true };
  },
});
