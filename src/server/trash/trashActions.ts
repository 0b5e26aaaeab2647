'use server';

import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { type Outcome, refuse } from '@/core/kernel';
import { inTransaction, pool } from '@/data/client';
import { bringBackRows, deleteTrash, holdTrash } from '@/data/trash/trash';
import { defineCommand } from '../kernel/defineCommand';

const GONE = 'This is brought back already, or gone for good.';

/** Brings back what was deleted, as it was. */
export const bringBack = defineCommand({
  actor: 'coach',
  noted: 'brought-back',
  args: [z.uuid()],
  misfit: GONE,
  run: async (_coach, trashId): Promise<Outcome> => {
    try {
      const isBack = await inTransaction(pool(), async (client) => {
        const kept = await holdTrash(client, trashId);
        if (!kept) return false;
        await bringBackRows(client, kept.id, kept.kind);
        await deleteTrash(client, kept.id);
        return true;
      });
      if (!isBack) return refuse(GONE);
    } catch (error) {
      // Class 23: what it refers to is gone, or something like it is there.
      if (!(error as { readonly code?: string }).code?.startsWith('23')) throw error;
      return refuse(
        'It cannot be brought back: its film or somebody in it is no longer there, or the same film is here again. A film that was deleted is brought back first.',
      );
    }
    revalidatePath('/', 'layout');
    return { ok: true };
  },
});
