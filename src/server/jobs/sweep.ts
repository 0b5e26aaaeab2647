import { readdir, rm, stat } from 'node:fs/promises';
import path from 'node:path';
import { inTransaction, pool } from '@/data/client';
import {
  completeArrival,
  expireUploads,
  findArrival,
  listDoneAmong,
  listUnfinishedUploads,
} from '@/data/footage/arrivals';
import { deleteSilentWorkers } from '@/data/footage/queue';
import { arrivingFolder, arrivingPath, removeArriving, sizeOf } from '../footage/storage';
import { footageFolder } from '../kernel/environment';
import { isUuid } from '../kernel/isUuid';
import { queueArrival } from './queueWork';

/** An upload is given up when nothing came of it for so many days. @source own decision: a phone left at the academy over the weekend is still in time */
const UPLOAD_DAYS = 7;
/** Nobody writes any more to a half-made file that has not changed for so long. */
const STALE_MS = 30 * 60_000;
/** A page that has just sent the last byte tells so itself. */
const SETTLED_MS = 10_000;

/** Uploads whose last byte came while nobody could take note of it are handed on: all of them is here. */
export async function finishUploads(nowMs: number): Promise<void> {
  for (const { id, byteLength } of await listUnfinishedUploads(pool())) {
    const found = await stat(/*turbopackIgnore: true*/ arrivingPath(id)).catch(() => undefined);
    if (found?.size === byteLength && nowMs - found.mtimeMs > SETTLED_MS) await handOn(id);
  }
}

/** All of an arrival is here: it waits to be looked at, and is looked at. False when it was withdrawn. */
export async function handOn(arrivalId: string): Promise<boolean> {
  await inTransaction(pool(), async (client) => void (await completeArrival(client, arrivalId)));
  if ((await findArrival(pool(), arrivalId))?.state !== 'waiting') return false;
  await queueArrival(arrivalId);
  return true;
}

/** Uploads that nothing came of for a week are refused with a word, and what was here of them goes. */
export async function giveUpOldUploads(days: number = UPLOAD_DAYS): Promise<void> {
  for (const { id } of await expireUploads(pool(), days)) await removeArriving(id);
}

/** Removes what killed processes left behind: half-made copies that nobody writes to, and files whose film stands on the shelf. */
export async function sweepLeftovers(nowMs: number): Promise<void> {
  await deleteSilentWorkers(pool());
  const made = await readdir(/*turbopackIgnore: true*/ footageFolder()).catch(() => []);
  for (const name of made) {
    if (!name.endsWith('.part')) continue;
    const file = path.join(/*turbopackIgnore: true*/ footageFolder(), name);
    const found = await stat(/*turbopackIgnore: true*/ file).catch(() => undefined);
    if (found && nowMs - found.mtimeMs > STALE_MS)
      await rm(/*turbopackIgnore: true*/ file, { recursive: true, force: true });
  }
  const ids = (await readdir(/*turbopackIgnore: true*/ arrivingFolder()).catch(() => [])).filter(isUuid);
  for (const id of await listDoneAmong(pool(), ids))
    if ((await sizeOf(arrivingPath(id))) !== undefined) await removeArriving(id);
}
