'use server';

import { revalidatePath } from 'next/cache';
import { updateCoachPreferences } from '@/data/accounts/coaches';
import { inTransaction, pool } from '@/data/client';
import { saveAcademy } from '@/data/people/academy';
import { requireCoach } from '../accounts/currentCoach';
import { messagesOf } from '../rounds/roundInput';
import { type SaveSettingsOutcome, type SettingsInput, settingsInput } from './settingsInput';

/** The coach's own preferences; the academy's limits too when the head coach saves. */
export async function saveSettings(draft: SettingsInput): Promise<SaveSettingsOutcome> {
  const coach = await requireCoach();
  const input = settingsInput.safeParse(draft);
  if (!input.success) return { ok: false, messages: messagesOf(input.error) };
  const { academyName, liveWeightGapPercent, minorsWithAdults, reactionLeadSeconds, weightUnit } = input.data;
  await inTransaction(pool(), async (client) => {
    await updateCoachPreferences(client, coach.id, reactionLeadSeconds, weightUnit);
    if (coach.role === 'head')
      await saveAcademy(client, {
        name: academyName,
        liveWeightGapRatio: liveWeightGapPercent / 100,
        minorsWithAdults,
      });
  });
  revalidatePath('/', 'layout');
  return { ok: true };
}
