import { randomUUID } from 'node:crypto';
import { lstat, mkdir, readdir } from 'node:fs/promises';
import { recordedAtOf } from '@/core/footage';
import { pool } from '@/data/client';
import { deleteArrival, insertArrival, listClaimedArrivals, refuseArrival } from '@/data/footage/arrivals';
import { moveFile } from '../footage/durable';
import { safeFileName } from '../footage/fileNames';
import { arrivingPath, inboxFolder, sizeOf } from '../footage/storage';
import { inboxSettleSeconds } from '../kernel/environment';
import { handOn } from './sweep';

export interface InboxFile {
  /** Where it lies, byte for byte: cameras write names that are no UTF-8. */
  readonly path: Buffer;
  /** As it can be shown, with the folders that it lies in. */
  readonly name: string;
  readonly byteLength: number;
  readonly changedAtMs: number;
}

/** Cameras lay their files two or three folders deep; what lies deeper is not theirs. @source DCF, "DCIM/100ABCDE/…" (from memory) */
const MOST_FOLDERS = 4;

const isUnfinishedName = (name: string): boolean =>
  name.startsWith('.') || /\.(part|tmp|partial|filepart|crdownload)$/i.test(name);

const utf8 = new TextDecoder('utf-8', { fatal: true });
/** A file name as text: UTF-8, else each byte as one sign, so that everything has a name that can be read. */
function textOfName(name: Buffer): string {
  try {
    return utf8.decode(name);
  } catch {
    return name.toString('latin1');
  }
}

/** The files in the camera's inbox and its folders, oldest first; names that say "not finished" are left out, and links are not followed. */
export async function listInbox(): Promise<InboxFile[]> {
  await mkdir(/*turbopackIgnore: true*/ inboxFolder(), { recursive: true });
  const files: InboxFile[] = [];
  await listInto(files, Buffer.from(inboxFolder()), [], MOST_FOLDERS);
  return files.sort((one, other) => one.changedAtMs - other.changedAtMs || one.name.localeCompare(other.name));
}

async function listInto(
  files: InboxFile[],
  folder: Buffer,
  above: readonly string[],
  foldersLeft: number,
): Promise<void> {
  // A camera may take a folder or a file away while it is read.
  const names = await readdir(/*turbopackIgnore: true*/ folder, { encoding: 'buffer' }).catch(() => []);
  for (const raw of names) {
    const name = textOfName(raw);
    if (isUnfinishedName(name)) continue;
    const path = Buffer.concat([folder, Buffer.from('/'), raw]);
    const found = await lstat(/*turbopackIgnore: true*/ path).catch(() => undefined);
    if (found?.isFile())
      files.push({ path, name: [...above, name].join('/'), byteLength: found.size, changedAtMs: found.mtimeMs });
    else if (found?.isDirectory() && foldersLeft > 0) await listInto(files, path, [...above, name], foldersLeft - 1);
  }
}

/** Looks into the inbox again and again: call `look` every second or two. A file is taken when it has not changed for a while. */
export function createInboxWatcher(workerNumber: number) {
  const seen = new Map<
    string,
    { readonly byteLength: number; readonly changedAtMs: number; readonly sinceMs: number }
  >();
  const look = async (nowMs: number): Promise<void> => {
    const files = await listInbox();
    const keyOf = (file: InboxFile) => file.path.toString('latin1');
    const there = new Set(files.map(keyOf));
    for (const key of seen.keys()) if (!there.has(key)) seen.delete(key);
    for (const file of files) {
      const known = seen.get(keyOf(file));
      const same = known?.byteLength === file.byteLength && known.changedAtMs === file.changedAtMs;
      if (!known || !same) {
        seen.set(keyOf(file), { byteLength: file.byteLength, changedAtMs: file.changedAtMs, sinceMs: nowMs });
      } else if (nowMs - known.sinceMs >= inboxSettleSeconds() * 1000) {
        seen.delete(keyOf(file));
        await claim(file, workerNumber);
      }
    }
  };
  return { look };
}

/** Recorded before it is moved, so that a process that dies between the two leaves a trace; see `resumeClaims`. */
async function claim(file: InboxFile, workerNumber: number): Promise<void> {
  const id = randomUUID();
  const originalName = safeFileName(file.name);
  const recorded = recordedAtOf(originalName);
  const arrival = {
    id,
    source: 'camera' as const,
    originalName,
    byteLength: file.byteLength,
    sampleDigest: undefined,
    recordedAt: recorded ? new Date(recorded).toISOString() : undefined,
    coachId: undefined,
    state: 'arriving' as const,
  };
  await insertArrival(pool(), arrival, workerNumber);
  try {
    await moveFile(file.path, arrivingPath(id));
  } catch (error) {
    const { code } = error as NodeJS.ErrnoException;
    // Another process was faster, or the camera took its file back: nothing of ours was lost.
    if (code === 'ENOENT') await deleteArrival(pool(), id);
    // The file lies in the inbox still, and is tried again when there is room.
    else if (code === 'ENOSPC') {
      await deleteArrival(pool(), id);
      throw error;
    } else await refuseArrival(pool(), id, { code: 'gone-from-inbox' });
    return;
  }
  await handOn(id);
}

/** Camera files whose process died while it took them: handed on when they were moved, forgotten (and found again) when not. */
export async function resumeClaims(): Promise<void> {
  for (const { id } of await listClaimedArrivals(pool())) {
    if ((await sizeOf(arrivingPath(id))) === undefined) await deleteArrival(pool(), id);
    else await handOn(id);
  }
}
