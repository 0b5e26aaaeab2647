import path from 'node:path';
import { pool } from '@/data/client';
import { deleteArrival, findArrival } from '@/data/footage/arrivals';
import { moveFile } from './durable';
import { keptName } from './fileNames';
import { arrivingPath, refusedFolder, removeArriving, sizeOf } from './storage';

/**
 * Takes a refused or unfinished arrival off the list. What a coach sent of one is thrown away, since they have it still; what a camera sent is moved to
 * the folder of refused files before its record goes, since it may be the only copy.
 */
export async function letArrivalGo(arrivalId: string): Promise<void> {
  const arrival = await findArrival(pool(), arrivalId);
  if (!arrival || !['arriving', 'refused'].includes(arrival.state)) return;
  if (arrival.source === 'camera') await keepRefused(arrival.id, arrival.originalName);
  await deleteArrival(pool(), arrival.id);
  if (arrival.source === 'upload') await removeArriving(arrival.id);
}

/** Moves what a camera sent to the folder of refused files, under a name that every disk takes. */
export async function keepRefused(arrivalId: string, name: string): Promise<void> {
  const from = arrivingPath(arrivalId);
  if ((await sizeOf(from)) !== undefined) await moveFile(from, path.join(refusedFolder(), keptName(arrivalId, name)));
}
