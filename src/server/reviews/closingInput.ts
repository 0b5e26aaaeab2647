import { z } from 'zod';
import { parseCalendarDate } from '@/core/kernel';
import { storableText } from '@/core/marks';
import { reviewContentShape } from '@/data/reviews/reviewContent';

export type { ClosingAbout } from '@/data/reviews/closings';
export type { ReviewContent } from '@/data/reviews/reviewContent';

/** A review that can be signed says something. */
export const closingInput = reviewContentShape.refine(
  (review) => review.good.text !== '' || review.points.length > 0 || review.remark !== '',
  'There is nothing to sign yet: write at least one thing.',
);

const day = storableText().refine((text) => parseCalendarDate(text) !== undefined);

/** What is closed, as a page says it. */
export const aboutInput = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('round'), roundId: z.uuid(), slot: z.enum(['a', 'b']) }),
  z
    .object({ kind: z.literal('days'), personId: z.uuid(), firstDay: day, lastDay: day })
    .refine((about) => about.firstDay <= about.lastDay),
  z
    .object({ kind: z.literal('academy'), firstDay: day, lastDay: day })
    .refine((about) => about.firstDay <= about.lastDay),
]);
