'use server';

import { revalidatePath } from 'next/cache';
import { kindOf } from '@/core/vocabulary';
import { pool } from '@/data/client';
import { findFootage } from '@/data/footage/footage';
import { deleteClip, saveClip } from '@/data/language/referenceClips';
import { requireCoach } from '../accounts/currentCoach';
import { type ClipInput, clipInput } from './clipInput';
import type { WordOutcome } from './houseInput';

/** Keeps a piece of own footage as an entry's reference, or changes one that is kept. */
export async function keepClip(draft: ClipInput): Promise<WordOutcome> {
  const coach = await requireCoach();
  const input = clipInput.safeParse(draft);
  if (!input.success) return { ok: false, message: input.error.issues[0]?.message ?? 'Check the clip.' };
  const clip = input.data;
  if (!kindOf(clip.conceptId)) return { ok: false, message: 'The library does not know this entry any more.' };
  const footage = await findFootage(pool(), clip.footageId);
  if (!footage) return { ok: false, message: 'That footage is gone. Choose another piece.' };
  if (clip.startSeconds >= footage.durationSeconds)
    return { ok: false, message: 'The clip begins after the footage ends. Move it.' };
  await saveClip(pool(), { ...clip, endSeconds: Math.min(clip.endSeconds, footage.durationSeconds) }, coach.id);
  revalidatePath('/library', 'layout');
  return { ok: true, id: clip.id };
}

export async function removeClip(id: string): Promise<WordOutcome> {
  await requireCoach();
  await deleteClip(pool(), id);
  revalidatePath('/library', 'layout');
  return { ok: true, id };
}
