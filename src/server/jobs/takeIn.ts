import { rm } from 'node:fs/promises';
import path from 'node:path';
import { pool } from '@/data/client';
import { beginArrival, findArrival, noteArrivalProgress, refuseArrival, takeArrival } from '@/data/footage/arrivals';
import { keepFootage } from '../footage/keepFootage';
import { arrivingPath, moveFile, refusedFolder, sizeOf } from '../footage/storage';

const NOTE_EVERY_MS = 700;

/** Looks at one file that has arrived and puts it on the shelf, or says why not. */
export async function takeIn(arrivalId: string, workerNumber: number): Promise<void> {
  if ((await beginArrival(pool(), arrivalId, workerNumber)) === 0) return;
  const arrival = await findArrival(pool(), arrivalId);
  if (!arrival) return;
  let ratio = 0;
  const timer = setInterval(
    () => void noteArrivalProgress(pool(), arrivalId, ratio).catch(() => undefined),
    NOTE_EVERY_MS,
  );
  try {
    const kept = await keepFootage(arrival, (now) => (ratio = now));
    if (kept.ok) await takeArrival(pool(), arrivalId, kept.value.footage.id, kept.value.already);
    else {
      // A coach still has what they sent; the camera has nothing but this.
      if (arrival.source === 'camera') await keepRefused(arrivalId, arrival.originalName);
      else await rm(/*turbopackIgnore: true*/ arrivingPath(arrivalId), { force: true });
      await refuseArrival(pool(), arrivalId, kept.problem);
    }
  } catch (error) {
    // Nothing to do with the file, which stays where it is: the coach can let it be tried again.
    const full = (error as NodeJS.ErrnoException).code === 'ENOSPC';
    await refuseArrival(pool(), arrivalId, { code: full ? 'disk-full' : 'interrupted' });
  } finally {
    clearInterval(timer);
    await rm(/*turbopackIgnore: true*/ `${arrivingPath(arrivalId)}.json`, { force: true });
  }
}

async function keepRefused(arrivalId: string, name: string): Promise<void> {
  const from = arrivingPath(arrivalId);
  if ((await sizeOf(from)) !== undefined)
    await moveFile(from, path.join(refusedFolder(), `${arrivalId.slice(0, 8)} ${name}`));
}
