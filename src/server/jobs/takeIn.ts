import { rm } from 'node:fs/promises';
import { pool } from '@/data/client';
import {
  beginArrival,
  findArrival,
  noteArrivalProgress,
  refuseArrival,
  returnArrival,
  takeArrival,
} from '@/data/footage/arrivals';
import { isOutage } from '@/data/outage';
import { keepFootage } from '../footage/keepFootage';
import { keepRefused } from '../footage/letArrivalGo';
import { arrivingPath } from '../footage/storage';
import { queueArrival } from './queueWork';
import { throughOutage } from './throughOutage';

const NOTE_EVERY_MS = 700;

/** Looks at one file that has arrived and puts it on the shelf, or says why not. Killed at any step, it goes on from there when it is called again. */
export async function takeIn(arrivalId: string, workerNumber: number): Promise<void> {
  if ((await beginArrival(pool(), arrivalId, workerNumber)) === 0) return;
  const arrival = await findArrival(pool(), arrivalId);
  if (!arrival) return;
  let ratio = 0;
  const timer = setInterval(
    () => void noteArrivalProgress(pool(), arrivalId, ratio).catch(() => undefined),
    NOTE_EVERY_MS,
  );
  const refuse = (problem: { readonly code: string }) => throughOutage(() => refuseArrival(pool(), arrivalId, problem));
  try {
    const kept = await keepFootage(arrival, (now) => (ratio = now));
    if (kept.ok) {
      const { footage, already } = kept.value;
      await throughOutage(() => takeArrival(pool(), arrivalId, footage.id, already));
      // Only now: a process that ends before this finds the file again.
      await rm(/*turbopackIgnore: true*/ arrivingPath(arrivalId), { force: true });
    } else {
      // A coach still has what they sent; the camera has nothing but this.
      if (arrival.source === 'camera') await keepRefused(arrivalId, arrival.originalName);
      await refuse(kept.problem);
      if (arrival.source === 'upload') await rm(/*turbopackIgnore: true*/ arrivingPath(arrivalId), { force: true });
    }
    await rm(/*turbopackIgnore: true*/ `${arrivingPath(arrivalId)}.json`, { force: true });
  } catch (error) {
    // Nothing to do with the file, which stays where it is. A database that was away is back by now, or soon: it goes on by itself.
    if (isOutage(error)) {
      await throughOutage(() => returnArrival(pool(), arrivalId));
      await throughOutage(() => queueArrival(arrivalId));
      return;
    }
    // The coach can let it be tried again.
    const full = (error as NodeJS.ErrnoException).code === 'ENOSPC';
    await refuse({ code: full ? 'disk-full' : 'interrupted' });
  } finally {
    clearInterval(timer);
  }
}
