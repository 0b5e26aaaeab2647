import { randomUUID } from 'node:crypto';
import { mkdir, readdir, stat } from 'node:fs/promises';
import path from 'node:path';
import { recordedAtOf } from '@/core/footage';
import { inTransaction, pool } from '@/data/client';
import {
  completeArrival,
  deleteArrival,
  insertArrival,
  listClaimedArrivals,
  refuseArrival,
} from '@/data/footage/arrivals';
import { safeFileName } from '../footage/fileNames';
import { arrivingPath, inboxFolder, moveFile, sizeOf } from '../footage/storage';
import { inboxSettleSeconds } from '../kernel/environment';
import { queueArrival } from './queueWork';

export interface InboxFile {
  readonly name: string;
  readonly byteLength: number;
  readonly changedAtMs: number;
}

const isUnfinishedName = (name: string): boolean =>
  name.startsWith('.') || /\.(part|tmp|partial|filepart|crdownload)$/i.test(name);

/** The files in the camera's inbox, oldest first; names that say "not finished" are left out. */
export async function listInbox(): Promise<InboxFile[]> {
  await mkdir(/*turbopackIgnore: true*/ inboxFolder(), { recursive: true });
  const entries = await readdir(/*turbopackIgnore: true*/ inboxFolder(), { withFileTypes: true });
  const files: InboxFile[] = [];
  for (const entry of entries) {
    if (!entry.isFile() || isUnfinishedName(entry.name)) continue;
    // A camera may take its file away while the folder is read.
    const found = await stat(path.join(/*turbopackIgnore: true*/ inboxFolder(), entry.name)).catch(() => undefined);
    if (found) files.push({ name: entry.name, byteLength: found.size, changedAtMs: found.mtimeMs });
  }
  return files.sort((one, other) => one.changedAtMs - other.changedAtMs || one.name.localeCompare(other.name));
}

/** Looks into the inbox again and again: call `look` every second or two. A file is taken when it has not changed for a while. */
export function createInboxWatcher(workerNumber: number) {
  const seen = new Map<
    string,
    { readonly byteLength: number; readonly changedAtMs: number; readonly sinceMs: number }
  >();
  const look = async (nowMs: number): Promise<void> => {
    const files = await listInbox();
    for (const name of seen.keys()) if (!files.some((one) => one.name === name)) seen.delete(name);
    for (const file of files) {
      const known = seen.get(file.name);
      const same = known?.byteLength === file.byteLength && known.changedAtMs === file.changedAtMs;
      if (!known || !same) {
        seen.set(file.name, { byteLength: file.byteLength, changedAtMs: file.changedAtMs, sinceMs: nowMs });
      } else if (nowMs - known.sinceMs >= inboxSettleSeconds() * 1000) {
        seen.delete(file.name);
        await claim(file, workerNumber);
      }
    }
  };
  return { look };
}

/** Recorded before it is moved, so that a process that dies between the two leaves a trace; see `resumeClaims`. */
async function claim(file: InboxFile, workerNumber: number): Promise<void> {
  const id = randomUUID();
  const recorded = recordedAtOf(file.name);
  const arrival = {
    id,
    source: 'camera' as const,
    originalName: safeFileName(file.name),
    byteLength: file.byteLength,
    sampleDigest: undefined,
    recordedAt: recorded ? new Date(recorded).toISOString() : undefined,
    coachId: undefined,
    state: 'arriving' as const,
  };
  await insertArrival(pool(), arrival, workerNumber);
  try {
    await moveFile(path.join(/*turbopackIgnore: true*/ inboxFolder(), file.name), arrivingPath(id));
  } catch (error) {
    // Another process was faster, or the camera took its file back: nothing of ours was lost.
    if ((error as NodeJS.ErrnoException).code === 'ENOENT') await deleteArrival(pool(), id);
    else await refuseArrival(pool(), id, { code: 'gone-from-inbox' });
    return;
  }
  await hand(id);
}

const hand = (id: string) =>
  inTransaction(pool(), async (client) => void (await completeArrival(client, id))).then(() => queueArrival(id));

/** Camera files whose process died while it took them: handed on when they were moved, forgotten (and found again) when not. */
export async function resumeClaims(): Promise<void> {
  for (const { id } of await listClaimedArrivals(pool())) {
    if ((await sizeOf(arrivingPath(id))) === undefined) await deleteArrival(pool(), id);
    else await hand(id);
  }
}
