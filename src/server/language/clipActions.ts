'use server';

import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { refuse } from '@/core/kernel';
import { kindOf } from '@/core/vocabulary';
import { pool } from '@/data/client';
import { findFootage } from '@/data/footage/footage';
import { deleteClip, saveClip } from '@/data/language/referenceClips';
import { defineCommand } from '../kernel/defineCommand';
import { clipInput } from './clipInput';
import type { Named } from './houseInput';

/** Keeps a piece of own footage as an entry's reference, or changes one that is kept. */
export const keepClip = defineCommand({
  actor: 'coach',
  args: [clipInput],
  run: async (coach, clip): Promise<Named> => {
    if (!kindOf(clip.conceptId)) return refuse('The library does not know this entry any more.');
    const footage = await findFootage(pool(), clip.footageId);
    if (!footage) return refuse('That footage is gone. Choose another piece.');
    if (clip.startSeconds >= footage.durationSeconds) return refuse('The clip begins after the footage ends. Move it.');
    await saveClip(pool(), { ...clip, endSeconds: Math.min(clip.endSeconds, footage.durationSeconds) }, coach.id);
    revalidatePath('/library', 'layout');
    return { ok: true, id: clip.id };
  },
});

export const removeClip = defineCommand({
  actor: 'coach',
  args: [z.uuid()],
  misfit: 'This clip is gone already.',
  run: async (_coach, id): Promise<Named> => {
    await deleteClip(pool(), id);
    revalidatePath('/library', 'layout');
    return { ok: true, id };
  },
});
