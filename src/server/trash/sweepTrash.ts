import { rm } from 'node:fs/promises';
import { pool } from '@/data/client';
import { deleteOldTrash } from '@/data/trash/trash';
import { storedPath } from '../footage/storage';
import { TRASH_DAYS } from './trashDays';

/** Lets go for good what was deleted long ago, with its files. */
export async function sweepTrash(days: number = TRASH_DAYS): Promise<void> {
  for (const name of await deleteOldTrash(pool(), days)) await rm(storedPath(name), { force: true });
}
