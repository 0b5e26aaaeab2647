'use server';

import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import type { Outcome } from '@/core/kernel';
import { inTransaction, pool } from '@/data/client';
import { circumstancesShape } from '@/data/rounds/circumstances';
import { holdCircumstancesOfDay, setCircumstances } from '@/data/rounds/dayCircumstances';
import { defineCommand } from '../kernel/defineCommand';

/** What a whole session shares; what was agreed and who the two are to each other belongs to one round. */
const shared = circumstancesShape.pick({
  intensity: true,
  audience: true,
  wallNear: true,
  crowdedMat: true,
  filmedBy: true,
});
const before = z.array(z.object({ id: z.uuid(), circumstances: circumstancesShape })).max(500);
/** What rounds were like before they were told to be the same. */
export type CircumstancesBefore = z.output<typeof before>;

/** Gives every other round of the day what this one was like, as far as a session shares it; says what each was before, so that it can be taken back. */
export const shareCircumstances = defineCommand({
  actor: 'coach',
  args: [z.uuid(), shared],
  run: async (_coach, roundId, circumstances): Promise<Outcome<{ readonly before: CircumstancesBefore }>> => {
    const others = await inTransaction(pool(), async (client) => {
      const held = await holdCircumstancesOfDay(client, roundId);
      for (const one of held) await setCircumstances(client, one.id, { ...one.circumstances, ...circumstances });
      return held;
    });
    revalidatePath('/footage');
    return { ok: true, before: others };
  },
});

/** Takes that back. */
export const restoreCircumstances = defineCommand({
  actor: 'coach',
  args: [before],
  run: async (_coach, rounds): Promise<Outcome<object>> => {
    await inTransaction(pool(), async (client) => {
      for (const one of [...rounds].sort((a, b) => (a.id < b.id ? -1 : 1)))
        await setCircumstances(client, one.id, one.circumstances);
    });
    revalidatePath('/footage');
    return { ok: true };
  },
});
