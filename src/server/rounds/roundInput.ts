import { z } from 'zod';
import { parseCalendarDate, toKilograms, weightUnits } from '@/core/kernel';
import { storableText } from '@/core/marks';
import { isPlausibleWeight, weightSources } from '@/core/partner';
import { ruleSets } from '@/core/scoring';
import { anyBelts, mostStripes } from '@/core/vocabulary';
import { circumstancesShape, conditionShape } from '@/data/rounds/circumstances';
import { weightNumber } from '../people/personInput';

const athleteInput = z
  .object({
    personId: z.uuid().optional(),
    newName: storableText().trim().max(80, 'Use at most 80 characters.').optional(),
    standing: z.enum(['student', 'partner', 'guest']),
    division: z.enum(['male', 'female']).optional(),
    /** Absent when nobody said. */
    belt: z.enum(anyBelts).optional(),
    stripes: z.number().int().min(0).max(6),
    weight: weightNumber.optional(),
    weightUnit: z.enum(weightUnits),
    weightSource: z.enum(weightSources).optional(),
    toldApartBy: storableText().trim().max(80, 'Use at most 80 characters.'),
    condition: conditionShape.optional(),
  })
  .superRefine((athlete, context) => {
    const complain = (path: string, message: string) => context.addIssue({ code: 'custom', path: [path], message });
    if (!athlete.personId && !athlete.newName) complain('newName', 'Choose somebody, or write a new name.');
    if (athlete.stripes > mostStripes(athlete.belt))
      complain(
        'stripes',
        athlete.belt
          ? `This belt carries at most ${mostStripes(athlete.belt)} stripes.`
          : 'Say the belt before its stripes.',
      );
    if (athlete.weight === undefined) return;
    if (!isPlausibleWeight(toKilograms(athlete.weight, athlete.weightUnit))) {
      complain(
        'weight',
        `${athlete.weight} ${athlete.weightUnit} is not a weight that somebody on the mat has. Correct it, or leave it empty.`,
      );
    } else if (!athlete.weightSource) complain('weightSource', 'Say where the weight comes from.');
  });

export const roundInput = z
  .object({
    footageId: z.uuid().optional(),
    heldOn: storableText().refine(
      (text) => parseCalendarDate(text) !== undefined,
      'Write a day that exists, such as 24 Nov 2026.',
    ),
    uniform: z.enum(['gi', 'no-gi']),
    ruleSet: z.union([z.enum(ruleSets.map((one) => one.id) as [string, ...string[]]), z.uuid()], {
      error: 'Choose the rules again: these are not kept any more.',
    }),
    /** Absent when nobody said: then the length of the footage counts. */
    plannedSeconds: z
      .number({ error: 'Write the length in minutes, like 5 or 4.5, or leave it empty.' })
      .int()
      .min(30, 'A round lasts at least half a minute.')
      .max(7200, 'A round lasts at most two hours.')
      .optional(),
    occasion: z.enum(['sparring', 'positional', 'competition']),
    theme: storableText().trim().max(200, 'Use at most 200 characters.'),
    circumstances: circumstancesShape.optional(),
    numberInSession: z.number().int().min(1).max(60),
    startSeconds: z.number().min(0, 'The in point cannot lie before the footage.'),
    endSeconds: z.number().max(86_400),
    a: athleteInput,
    b: athleteInput,
  })
  .superRefine((round, context) => {
    if (round.endSeconds <= round.startSeconds) {
      context.addIssue({
        code: 'custom',
        path: ['endSeconds'],
        message: 'The out point lies before the in point. Set it later in the footage.',
      });
    }
    const sameName =
      !round.a.personId && !round.b.personId && round.a.newName?.toLowerCase() === round.b.newName?.toLowerCase();
    if ((round.a.personId && round.a.personId === round.b.personId) || (sameName && round.a.newName)) {
      context.addIssue({
        code: 'custom',
        path: ['b', 'personId'],
        message: 'Both athletes are the same person. Choose the partner.',
      });
    }
  });

/** The rounds of one session under the ids that their page gave them, stored all together or not at all. */
export const roundsInput = z
  .array(roundInput.and(z.object({ id: z.uuid() })))
  .min(1, 'Choose at least one round.')
  .max(40, 'At most 40 rounds at once.');

export type RoundInput = z.input<typeof roundInput>;
export type RoundsInput = z.input<typeof roundsInput>;
export type AthleteInput = z.input<typeof athleteInput>;
