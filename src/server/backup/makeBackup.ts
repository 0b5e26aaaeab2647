import { mkdir, open, readdir, rename, rm } from 'node:fs/promises';
import path from 'node:path';
import type pg from 'pg';
import { fail, type Result, succeed } from '@/core/kernel';
import { inSnapshot, type Snapshot, whileAlone } from '@/data/backup/snapshot';
import type { BackupProblem } from '@/data/backup/tries';
import { listElsewhere } from '@/data/footage/filmsElsewhere';
import { digestOfFile, freeBytes, sizeOf } from '../footage/storage';
import { reserveBytes } from '../kernel/environment';
import { bringFilmHere } from '../store/films';
import { dumpDatabase, listDump } from './dump';
import { keepFile, NotReadable } from './keepFile';
import { DUMP, type KeptFile, listBackups, MANIFEST, type Manifest, nameOf, storeFolder, storePath } from './manifest';
import { pruneBackups } from './pruneBackups';

/** Not part of a backup: what is still coming in, and what tells of the machine. */
const LEFT_OUT = /^((arriving|exports)(\/|$)|[^/]*\.log$)|\.part(\/|$)/;

export interface BackupOptions {
  readonly database: pg.Pool;
  readonly databaseUrl: string;
  /** Whose files. */
  readonly dataFolder: string;
  /** Where backups lie. */
  readonly folder: string;
  /** How many are kept: the oldest go once there is a new one. */
  readonly most: number;
  readonly signal: AbortSignal;
  readonly onProgress?: (copied: number, total: number) => void;
}

export interface MadeBackup {
  readonly name: string;
  readonly manifest: Manifest;
  /** What had to be copied: the rest was there from earlier ones. */
  readonly newBytes: number;
}

type Problem = { readonly code: BackupProblem | 'underway'; readonly words?: string };

/**
 * Backs up a running academy: its files by their content, then one state of its database, then the files that came meanwhile, so that whatever the database
 * speaks of is there. Everything that is written is read back. Its list is written last: without it nothing counts as a backup.
 */
export async function makeBackup(options: BackupOptions): Promise<Result<MadeBackup, Problem>> {
  try {
    return (await whileAlone(options.database, () => makeAlone(options))) ?? fail({ code: 'underway' });
  } catch (error) {
    const problem = problemOf(error);
    // What was copied in vain must not keep the disk full; after any other break it is there for the next try.
    if (problem?.code === 'disk-full')
      await whileAlone(options.database, () => pruneBackups(options.folder, options.most)).catch(() => undefined);
    if (problem) return fail(problem);
    throw error;
  }
}

function problemOf(error: unknown): Problem | undefined {
  if (error instanceof NotReadable) return { code: 'not-readable', words: error.message };
  const { code, message = '' } = error as NodeJS.ErrnoException;
  if (code === 'ENOSPC' || /No space left on device/i.test(message)) return { code: 'disk-full' };
  if (code && ['EACCES', 'EPERM', 'EROFS', 'ENOTDIR', 'EIO', 'ENODEV'].includes(code))
    return { code: 'not-reachable', words: message };
  return undefined;
}

async function makeAlone(options: BackupOptions): Promise<Result<MadeBackup, Problem>> {
  const { database, databaseUrl, folder, dataFolder, signal, onProgress = () => undefined } = options;
  await mkdir(storeFolder(folder), { recursive: true });
  const last = (await listBackups(folder)).find((one) => one.manifest !== undefined)?.manifest;
  const known = new Map(last?.files.map((one) => [one.path, one]));
  const madeAt = new Date();
  const name = nameOf(madeAt);
  const place = path.join(folder, name);
  const names = await listFiles(dataFolder, folder);
  const sizes = await Promise.all(names.map((one) => sizeOf(path.join(dataFolder, one))));
  const total = sizes.reduce<number>((sum, bytes) => sum + (bytes ?? 0), 0);
  const fresh = names.reduce((sum, one, at) => sum + (known.has(one) ? 0 : (sizes[at] ?? 0)), 0);
  // Where it lies on the academy's own disk, it must not take the room on which the database lives.
  if (fresh > (await freeBytes(folder)) - reserveBytes()) return fail({ code: 'disk-full' });
  const kept = new Map<string, KeptFile>();
  let copied = 0;
  const keep = async (which: readonly string[]) => {
    for (const one of which) {
      if (kept.has(one)) continue;
      signal.throwIfAborted();
      const file = await keepFile({
        ...{ folder, source: path.join(dataFolder, one), name: one, before: known.get(one), signal },
        onBytes: (bytes) => {
          copied += bytes;
          onProgress(copied, Math.max(total, copied));
        },
      });
      if (file) kept.set(one, file);
    }
  };
  await keep(names);
  await keepFilmsElsewhere(options, known, kept, keep);
  await mkdir(place, { recursive: true, mode: 0o700 });
  try {
    const dump = path.join(place, DUMP);
    const snapshot = await inSnapshot(database, async (held: Snapshot) => {
      await dumpDatabase(databaseUrl, held.id, dump);
      return held;
    });
    await keep(await listFiles(dataFolder, folder));
    await listDump(dump);
    const manifest: Manifest = {
      ...{ format: 'unhurried-owl-backup', version: 1, madeAt: madeAt.toISOString() },
      ...{ migrations: [...snapshot.migrations], tables: { ...snapshot.tables } },
      database: { sha256: await digestOfFile(dump), bytes: (await sizeOf(dump)) ?? 0 },
      files: [...kept.values()].sort((one, other) => (one.path < other.path ? -1 : 1)),
    };
    await writeLast(place, manifest);
    await pruneBackups(folder, options.most);
    return succeed({ name, manifest, newBytes: newBytesOf(manifest, last) });
  } catch (error) {
    await rm(place, { recursive: true, force: true });
    throw error;
  }
}

/** Films that lie elsewhere only: as the last backup has them, else brought here for as long as it takes to copy them. */
async function keepFilmsElsewhere(
  { database, folder, signal }: BackupOptions,
  known: ReadonlyMap<string, KeptFile>,
  kept: Map<string, KeptFile>,
  keep: (which: readonly string[]) => Promise<void>,
): Promise<void> {
  for (const { storageName, byteLength } of await listElsewhere(database)) {
    const name = path.join('footage', storageName);
    if (kept.has(name)) continue;
    const before = known.get(name);
    const isKept = before?.bytes === byteLength && (await sizeOf(storePath(folder, before.sha256))) === byteLength;
    if (before && isKept) {
      kept.set(name, before);
      continue;
    }
    const file = await bringFilmHere(storageName, signal);
    await keep([name]);
    await rm(/*turbopackIgnore: true*/ file, { force: true });
  }
}

function newBytesOf(manifest: Manifest, last: Manifest | undefined): number {
  const there = new Set(last?.files.map((one) => one.sha256));
  return manifest.files.reduce((sum, one) => sum + (there.has(one.sha256) ? 0 : one.bytes), manifest.database.bytes);
}

/** Everything below the data folder that belongs to the academy, in order. Backups that lie there themselves do not. */
async function listFiles(dataFolder: string, backups: string): Promise<readonly string[]> {
  const entries = await readdir(dataFolder, { recursive: true, withFileTypes: true }).catch(
    (error: NodeJS.ErrnoException) => {
      if (error.code === 'ENOENT') return [];
      throw error;
    },
  );
  const own = path.relative(dataFolder, backups);
  return entries
    .filter((entry) => entry.isFile())
    .map((entry) => path.relative(dataFolder, path.join(entry.parentPath, entry.name)))
    .filter((name) => !LEFT_OUT.test(name) && !name.startsWith(`${own}${path.sep}`))
    .sort();
}

/** Written beside, synced and renamed: there whole or not at all. */
async function writeLast(place: string, manifest: Manifest): Promise<void> {
  const beside = path.join(place, `${MANIFEST}.part`);
  const handle = await open(beside, 'w', 0o600);
  await handle.writeFile(JSON.stringify(manifest));
  await handle.sync();
  await handle.close();
  await rename(beside, path.join(place, MANIFEST));
}
