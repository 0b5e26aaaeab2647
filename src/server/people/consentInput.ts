import { z } from 'zod';
import { consentPurposes } from '@/core/consent';
import { parseCalendarDate } from '@/core/kernel';
import { storableText } from '@/core/marks';

const isDay = (text: string): boolean => parseCalendarDate(text) !== undefined;

export const consentInput = z
  .object({
    personId: z.uuid(),
    purposes: z.array(z.enum(consentPurposes)).min(1, 'Say what they agreed to.').max(consentPurposes.length),
    givenBy: storableText().trim().min(1, 'Say who agreed.').max(120, 'Use at most 120 characters.'),
    byGuardian: z.boolean(),
    givenOn: storableText().trim().refine(isDay, 'Write the day on which they agreed, such as 24 Nov 2026.'),
    untilDay: storableText()
      .trim()
      .refine((text) => text === '' || isDay(text), 'Write a day that exists, or leave it empty.'),
    note: storableText().trim().max(500, 'Use at most 500 characters.'),
  })
  .refine((consent) => consent.untilDay === '' || consent.untilDay >= consent.givenOn, {
    path: ['untilDay'],
    message: 'It would end before it began: exchange the two days.',
  });
