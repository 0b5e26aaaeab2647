'use server';

import { rm } from 'node:fs/promises';
import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { pool } from '@/data/client';
import { retryArrival } from '@/data/footage/arrivals';
import { deleteUnusedFootage, findFootage } from '@/data/footage/footage';
import { cancelWork, workKinds } from '@/data/footage/work';
import { queueArrival, queueWork } from '../jobs/queueWork';
import { defineCommand } from '../kernel/defineCommand';
import { letArrivalGo } from './letArrivalGo';
import { storedPath } from './storage';

/** Removes a file that no round uses, from the list and from the disk, with what was made of it. */
export const removeFootage = defineCommand({
  actor: 'coach',
  args: [z.uuid()],
  run: async (_coach, footageId) => {
    const footage = await findFootage(pool(), footageId);
    if (footage && (await deleteUnusedFootage(pool(), footageId)) === 1) {
      const names = [
        footage.storageName,
        footage.proxy?.storageName,
        footage.filmstrip?.storageName,
        footage.filmstrip?.posterName,
      ];
      for (const name of names) if (name) await rm(/*turbopackIgnore: true*/ storedPath(name), { force: true });
    }
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
