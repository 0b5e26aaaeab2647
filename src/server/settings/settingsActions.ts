'use server';

import { revalidatePath } from 'next/cache';
import type { Outcome } from '@/core/kernel';
import { updateCoachPreferences } from '@/data/accounts/coaches';
import { inTransaction, pool } from '@/data/client';
import { keepPlanNumbers, planNumbersShape, saveAcademy } from '@/data/people/academy';
import { defineCommand } from '../kernel/defineCommand';
import { settingsInput } from './settingsInput';

/** The coach's own preferences; the academy's limits too when the head coach saves. */
export const saveSettings = defineCommand({
  actor: 'coach',
  changes: 'academy',
  args: [settingsInput],
  run: async (coach, input): Promise<Outcome> => {
    const {
      academyName,
      liveWeightGapPercent,
      minorsWithAdults,
      reactionLeadSeconds,
      weightUnit,
      timeZone,
      studentPages,
    } = input;
    await inTransaction(pool(), async (client) => {
      await updateCoachPreferences(client, coach.id, reactionLeadSeconds, weightUnit);
      if (coach.role === 'head')
        await saveAcademy(client, {
          name: academyName,
          liveWeightGapRatio: liveWeightGapPercent / 100,
          minorsWithAdults,
          timeZone,
          studentPages,
        });
    });
    revalidatePath('/', 'layout');
    return { ok: true };
  },
});

/** Says how the academy plans; plans made from then on keep to it. */
export const savePlanNumbers = defineCommand({
  actor: 'head-coach',
  changes: 'academy',
  args: [planNumbersShape],
  run: async (_coach, numbers): Promise<Outcome> => {
    await keepPlanNumbers(pool(), numbers);
    revalidatePath('/', 'layout');
    return { ok: true };
  },
});
