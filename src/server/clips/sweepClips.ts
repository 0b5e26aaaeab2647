import { rm } from 'node:fs/promises';
import { pool } from '@/data/client';
import { deleteClip, listUnusedClips } from '@/data/clips/clips';
import { storedPath } from '../footage/storage';

/** Films that nobody looked at for so long go; they are made again when somebody asks. @source own decision: longer than a link lasts by itself */
const UNUSED_DAYS = 60;

export async function sweepClips(days: number = UNUSED_DAYS): Promise<void> {
  for (const { id, storageName, coverName } of await listUnusedClips(pool(), days)) {
    await deleteClip(pool(), id);
    for (const name of [storageName, coverName])
      if (name) await rm(/*turbopackIgnore: true*/ storedPath(name), { force: true });
  }
}
