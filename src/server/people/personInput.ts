import { z } from 'zod';
import { parseCalendarDate, toKilograms, weightUnits } from '@/core/kernel';
import { storableText } from '@/core/marks';
import { isPlausibleWeight } from '@/core/partner';
import { anyBelts, mostStripes } from '@/core/vocabulary';

const optionalDay = storableText()
  .trim()
  .refine(
    (text) => text === '' || parseCalendarDate(text) !== undefined,
    'Write a day that exists, such as 24 Nov 2026, or leave it empty.',
  );

/** A weight as a number in the unit beside it. */
export const weightNumber = z.number({ error: 'Write the weight as a number, like 61.5, or with its unit: 150 lb.' });

export const personInput = z
  .object({
    name: storableText().trim().min(1, 'Write a name.').max(80, 'Use at most 80 characters.'),
    standing: z.enum(['student', 'partner', 'guest']),
    division: z.enum(['male', 'female']).optional(),
    bornOn: optionalDay,
    /** Absent when nobody said. */
    belt: z.enum(anyBelts).optional(),
    stripes: z.number().int().min(0).max(6),
    weight: weightNumber.optional(),
    weightUnit: z.enum(weightUnits),
    injuredUntil: optionalDay,
    heightCm: z
      .number()
      .int('Write whole centimetres.')
      .min(60, 'Write the height in centimetres, from 60 to 240.')
      .max(240, 'Write the height in centimetres, from 60 to 240.')
      .optional(),
    competesOn: optionalDay,
    injuryNote: storableText().trim().max(300, 'Use at most 300 characters.'),
    note: storableText().trim().max(4000, 'Use at most 4000 characters.').default(''),
    /** Where messages to them go; empty for nowhere. */
    email: z
      .union([z.literal(''), z.email('Write an address such as nadia@example.org, or leave it empty.').max(254)])
      .default(''),
  })
  .superRefine((person, context) => {
    if (person.weight !== undefined && !isPlausibleWeight(toKilograms(person.weight, person.weightUnit))) {
      context.addIssue({
        code: 'custom',
        path: ['weight'],
        message: `${person.weight} ${person.weightUnit} is not a weight that somebody on the mat has.`,
      });
    }
    if (person.stripes > mostStripes(person.belt)) {
      context.addIssue({
        code: 'custom',
        path: ['stripes'],
        message: person.belt
          ? `This belt carries at most ${mostStripes(person.belt)} stripes.`
          : 'Say the belt before its stripes.',
      });
    }
  });
export type PersonInput = z.input<typeof personInput>;
