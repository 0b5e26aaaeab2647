'use server';

import { rm } from 'node:fs/promises';
import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { pool } from '@/data/client';
import { retryArrival } from '@/data/footage/arrivals';
import { deleteUnusedFootage, findFootage } from '@/data/footage/footage';
import { cancelWork, workKinds } from '@/data/footage/work';
import { queueArrival, queueWork } from '../jobs/queueWork';
import { defineAction } from '../kernel/defineAction';
import { letArrivalGo } from './letArrivalGo';
import { storedPath } from './storage';

const nothing = () => undefined;

/** Removes a file that no round uses, from the list and from the disk, with what was made of it. */
export const removeFootage = defineAction({
  args: [z.uuid()],
  refused: nothing,
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
  },
});

/** Stops work that waits or runs; it can be begun again. */
export const cancelFootageWork = defineAction({
  args: [z.uuid(), z.enum(workKinds)],
  refused: nothing,
  run: async (_coach, footageId, kind) => void (await cancelWork(pool(), footageId, kind)),
});

export const retryFootageWork = defineAction({
  args: [z.uuid(), z.enum(workKinds)],
  refused: nothing,
  run: async (_coach, footageId, kind) => {
    if (await findFootage(pool(), footageId)) await queueWork(footageId, kind);
  },
});

/** Lets a file be looked at again after trouble that had nothing to do with it. */
export const tryArrivalAgain = defineAction({
  args: [z.uuid()],
  refused: nothing,
  run: async (_coach, id) => {
    if ((await retryArrival(pool(), id)) > 0) await queueArrival(id);
  },
});

/** Takes a refused or unfinished arrival off the list; what a camera sent is kept in the folder of refused files. */
export const forgetArrival = defineAction({
  args: [z.uuid()],
  refused: nothing,
  run: async (_coach, id) => letArrivalGo(id),
});
