import { constants, copyFile, mkdir, open, rename, rm } from 'node:fs/promises';
import path from 'node:path';

/*
 * A file is on the disk when its bytes are and when its folder names it; until both are synced, a power cut may leave it empty or take it away.
 * Whatever a record will speak of is synced here first. @source POSIX.1-2017, fsync and rename; fsync(2): a new entry of a folder needs a sync of the folder
 */

/** Waits until the bytes of a file are on the disk. */
export async function syncFile(file: string | Buffer): Promise<void> {
  const handle = await open(/*turbopackIgnore: true*/ file, constants.O_RDONLY);
  try {
    await handle.sync();
  } finally {
    await handle.close();
  }
}

/** Waits until what was named, renamed or removed in a folder is so on the disk. */
export const syncFolder = syncFile;

/** Gives a finished file its name, on the disk before the answer; the name appears with the whole file or not at all. Both lie in one folder. */
export async function settleFile(partial: string, target: string): Promise<void> {
  await syncFile(partial);
  await rename(/*turbopackIgnore: true*/ partial, target);
  await syncFolder(path.dirname(target));
}

/** Moves a file, also to another disk, and waits until it is there; the target appears whole or not at all, and the source goes last. */
export async function moveFile(from: string | Buffer, to: string): Promise<void> {
  const folder = path.dirname(to);
  await mkdir(/*turbopackIgnore: true*/ folder, { recursive: true });
  await syncFile(from);
  try {
    await rename(/*turbopackIgnore: true*/ from, to);
    await syncFolder(folder);
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'EXDEV') throw error;
    const partial = `${to}.part`;
    try {
      await copyFile(/*turbopackIgnore: true*/ from, partial);
      await settleFile(partial, to);
    } catch (trouble) {
      // A full disk must not be left fuller by half a copy.
      await rm(/*turbopackIgnore: true*/ partial, { force: true });
      throw trouble;
    }
    await rm(/*turbopackIgnore: true*/ from, { force: true });
  }
}
