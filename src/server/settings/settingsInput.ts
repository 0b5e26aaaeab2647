import { z } from 'zod';
import { isTimeZone, weightUnits } from '@/core/kernel';
import { storableText } from '@/core/marks';

export const settingsInput = z.object({
  academyName: storableText().trim().min(1, 'Write the name of the academy.').max(80),
  liveWeightGapPercent: z.number().min(2, 'Write a limit from 2 to 200 %.').max(200, 'Write a limit from 2 to 200 %.'),
  minorsWithAdults: z.boolean(),
  studentPages: z.boolean().optional(),
  reactionLeadSeconds: z.number().min(0, 'Write 0 to 3 seconds.').max(3, 'Write 0 to 3 seconds.'),
  weightUnit: z.enum(weightUnits),
  timeZone: z.string().max(60).refine(isTimeZone, 'Choose a time zone from the list, such as Europe/Lisbon.'),
});
export type SettingsInput = z.input<typeof settingsInput>;
