'use server';

import { revalidatePath } from 'next/cache';
import { updateCoachPreferences } from '@/data/accounts/coaches';
import { inTransaction, pool } from '@/data/client';
import { saveAcademy } from '@/data/people/academy';
import { defineAction } from '../kernel/defineAction';
import { messagesOf } from '../rounds/roundInput';
import { type SaveSettingsOutcome, settingsInput } from './settingsInput';

/** The coach's own preferences; the academy's limits too when the head coach saves. */
export const saveSettings = defineAction({
  args: [settingsInput],
  refused: (error): SaveSettingsOutcome => ({ ok: false, messages: messagesOf(error, 1) }),
  run: async (coach, input): Promise<SaveSettingsOutcome> => {
    const { academyName, liveWeightGapPercent, minorsWithAdults, reactionLeadSeconds, weightUnit, timeZone } = input;
    await inTransaction(pool(), async (client) => {
      await updateCoachPreferences(client, coach.id, reactionLeadSeconds, weightUnit);
      if (coach.role === 'head')
        await saveAcademy(client, {
          name: academyName,
          liveWeightGapRatio: liveWeightGapPercent / 100,
          minorsWithAdults,
          timeZone,
        });
    });
    revalidatePath('/', 'layout');
    return { ok: true };
  },
});
