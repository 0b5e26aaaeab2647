'use server';

import { rm } from 'node:fs/promises';
import path from 'node:path';
import { revalidatePath } from 'next/cache';
import { pool } from '@/data/client';
import { deleteUnusedFootage, findFootage } from '@/data/footage/footage';
import { requireCoach } from '../accounts/currentCoach';
import { footageFolder } from '../kernel/environment';

/** Removes a file that no round uses, from the list and from the disk. */
export async function removeFootage(footageId: string): Promise<void> {
  await requireCoach();
  const footage = await findFootage(pool(), footageId);
  if (footage && (await deleteUnusedFootage(pool(), footageId)) === 1) {
    await rm(path.join(/*turbopackIgnore: true*/ footageFolder(), footage.storageName), { force: true });
  }
  revalidatePath('/footage');
}
