import { z } from 'zod';
import { storableText } from '@/core/marks';

/** How long a link to a review lasts, unless somebody says otherwise, and at most. @source the issue's own default; own decision: a year is an own page's */
export const USUAL_LINK_DAYS = 30;
export const MOST_LINK_DAYS = 365;

const days = z
  .number({ error: 'Write the days as a number.' })
  .int('Write whole days.')
  .min(1, 'A link lasts a day at least.')
  .max(MOST_LINK_DAYS, 'A link lasts a year at most.');

export const shareInput = z.object({ days, isSent: z.boolean() });

const said = storableText().trim().max(2000, 'Write at most 2000 characters.');

/** What a student can say on their page. */
export const answerInput = z.discriminatedUnion('kind', [
  z
    .object({
      kind: z.literal('question'),
      place: z.number().int().min(0).max(19),
      choice: z.number().int().min(0).max(5).optional(),
      said,
    })
    .refine((answer) => answer.choice !== undefined || answer.said !== '', 'Choose an answer, or write one.'),
  z.object({ kind: z.literal('feeling'), said }).refine((answer) => answer.said !== '', 'Write how it felt.'),
  z.object({ kind: z.literal('homework'), place: z.number().int().min(0).max(2), isDone: z.boolean(), said }),
]);
export type AnswerInput = z.output<typeof answerInput>;
