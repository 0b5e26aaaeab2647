'use server';

import { rm } from 'node:fs/promises';
import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { pool } from '@/data/client';
import { deleteArrival, findArrival, retryArrival } from '@/data/footage/arrivals';
import { deleteUnusedFootage, findFootage } from '@/data/footage/footage';
import { cancelWork, type WorkKind, workKinds } from '@/data/footage/work';
import { requireCoach } from '../accounts/currentCoach';
import { queueArrival, queueWork } from '../jobs/queueWork';
import { arrivingPath, storedPath } from './storage';

/** Removes a file that no round uses, from the list and from the disk, with what was made of it. */
export async function removeFootage(footageId: string): Promise<void> {
  await requireCoach();
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
}

const workName = z.object({ footageId: z.uuid(), kind: z.enum(workKinds) });

/** Stops work that waits or runs; it can be begun again. */
export async function cancelFootageWork(footageId: string, kind: WorkKind): Promise<void> {
  await requireCoach();
  const name = workName.parse({ footageId, kind });
  await cancelWork(pool(), name.footageId, name.kind);
}

export async function retryFootageWork(footageId: string, kind: WorkKind): Promise<void> {
  await requireCoach();
  const name = workName.parse({ footageId, kind });
  if (await findFootage(pool(), name.footageId)) await queueWork(name.footageId, name.kind);
}

/** Lets a file be looked at again after trouble that had nothing to do with it. */
export async function tryArrivalAgain(arrivalId: string): Promise<void> {
  await requireCoach();
  const id = z.uuid().parse(arrivalId);
  if ((await retryArrival(pool(), id)) > 0) await queueArrival(id);
}

/** Takes a refused or unfinished arrival off the list; what was sent of an unfinished one is thrown away. */
export async function forgetArrival(arrivalId: string): Promise<void> {
  await requireCoach();
  const arrival = await findArrival(pool(), z.uuid().parse(arrivalId));
  if (!arrival || !['arriving', 'refused'].includes(arrival.state)) return;
  await deleteArrival(pool(), arrival.id);
  for (const file of [arrivingPath(arrival.id), `${arrivingPath(arrival.id)}.json`])
    await rm(/*turbopackIgnore: true*/ file, { force: true });
}
