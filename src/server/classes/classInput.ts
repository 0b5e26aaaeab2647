import { z } from 'zod';
import { parseCalendarDate } from '@/core/kernel';
import { storableText } from '@/core/marks';
import { themePlaces } from '@/core/planning';
import { positionFamilies } from '@/core/vocabulary';
import { howClassesGo } from '@/data/classes/log';

/** `Date` takes 30 February for a day of March and "1" for a year: the parts are looked at first. @source RFC 3339, section 5.6 */
function isMoment(text: string): boolean {
  const parts = /^(\d{4}-\d{2}-\d{2})T([01]\d|2[0-3]):[0-5]\d(:[0-5]\d(\.\d+)?)?(Z|[+-]\d{2}:\d{2})?$/.exec(text);
  return parts !== null && parseCalendarDate(parts[1] ?? '') !== undefined && !Number.isNaN(Date.parse(text));
}

export const classInput = z.object({
  title: storableText().trim().min(1, 'Give the class a name.').max(80, 'Use at most 80 characters.'),
  /** Day and time where the academy stands, or a moment with its offset. */
  startsAt: storableText().refine(isMoment, 'Write a day that exists, such as 24 Nov 2026, and a time, such as 19:30.'),
  minutes: z.number().int().min(20, 'A class lasts at least 20 minutes.').max(240, 'A class lasts at most 4 hours.'),
  uniform: z.enum(['gi', 'no-gi']),
  level: storableText().trim().max(40),
  pairsOnMats: z.number().int().min(1, 'At least one pair has to fit on the mats.').max(100),
  /** Coaches on the mat: with two it may be parted into two groups. */
  coaches: z.number().int().min(1).max(2, 'One coach, or two.').default(1),
  /** What it is to be about; left to the plan where absent. */
  setTheme: z.object({ family: z.enum(positionFamilies), place: z.enum(themePlaces) }).optional(),
});
export type ClassInput = z.input<typeof classInput>;

/** A day of the calendar. */
export const dayInput = z
  .string()
  .max(10)
  .refine((text) => parseCalendarDate(text) !== undefined, 'Write a day that exists, such as 24 Nov.');
export const holidayInput = z.object({
  day: dayInput,
  title: storableText().trim().max(80, 'Use at most 80 characters.'),
});

export const lockInput = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('keep'), drillId: storableText().max(80), minutes: z.number().int().min(1).max(120) }),
  z.object({ kind: z.literal('drop'), drillId: storableText().max(80) }),
]);
export const locksInput = z.array(lockInput).max(60).readonly();

/** How a class went, as a coach says it. */
export const noteInput = z.object({
  went: z.enum(howClassesGo).optional(),
  words: storableText().trim().max(2000, 'Use at most 2,000 characters.'),
  hazards: storableText().trim().max(1000, 'Use at most 1,000 characters.'),
});
/** How a class was for somebody who came. */
export const howItWasInput = z.object({
  struggled: z.boolean(),
  hurt: storableText().trim().max(200, 'Use at most 200 characters.'),
});
