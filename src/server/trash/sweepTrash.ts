import { pool } from '@/data/client';
import { deleteOldTrash } from '@/data/trash/trash';
import { dropStored } from '../store/films';
import { TRASH_DAYS } from './trashDays';

/** Lets go for good what was deleted long ago, with its files. */
export async function sweepTrash(days: number = TRASH_DAYS): Promise<void> {
  for (const name of await deleteOldTrash(pool(), days)) await dropStored(name);
}
