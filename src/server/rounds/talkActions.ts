'use server';

import { rm } from 'node:fs/promises';
import { z } from 'zod';
import { type Outcome, refuse } from '@/core/kernel';
import { pool } from '@/data/client';
import { deleteTalk, findTalk, setTrack, trackShape } from '@/data/rounds/talks';
import { storedPath } from '../footage/storage';
import { defineCommand } from '../kernel/defineCommand';

/** Says what the footage did while a talk was recorded; its sound came before, with the first moment. */
export const saveTrack = defineCommand({
  actor: 'coach',
  args: [z.uuid(), trackShape],
  run: async (_coach, id, track): Promise<Outcome<object>> =>
    (await setTrack(pool(), id, track)) > 0 ? { ok: true } : refuse('This talk is no longer there. Reload the page.'),
});

/** Removes a talk and its sound; marks that were made of it stay. */
export const removeTalk = defineCommand({
  actor: 'coach',
  args: [z.uuid()],
  run: async (_coach, id): Promise<Outcome<object>> => {
    const talk = await findTalk(pool(), id);
    if (!talk) return refuse('This talk is no longer there. Reload the page.');
    await deleteTalk(pool(), id);
    await rm(/*turbopackIgnore: true*/ storedPath(talk.storageName), { force: true });
    return { ok: true };
  },
});
