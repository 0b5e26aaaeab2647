import { z } from 'zod';
import { storableText } from '@/core/marks';

const text = (most: number) => storableText().trim().max(most, `Use at most ${most} characters.`);
const markIds = z.array(z.uuid()).max(200);

/** What a signed review says: one good thing, at most three to work on, questions to the athlete. */
export const reviewContentShape = z.object({
  good: z.object({ text: text(1000), markIds }),
  points: z
    .array(
      z.object({
        errorId: storableText().min(1).max(120),
        title: text(200),
        text: text(2000),
        cue: text(500),
        branch: text(500),
        drillId: storableText().max(120).optional(),
        homework: text(500),
        homeworkDue: z.union([
          z.literal(''),
          z.iso.date('Write a day that exists, such as 24 Nov 2026, or leave it empty.'),
        ]),
        markIds,
      }),
    )
    .max(3, 'At most three things to work on: fewer is better.'),
  questions: z.array(z.object({ text: text(500), markId: z.uuid().optional() })).max(20, 'At most twenty questions.'),
  remark: text(2000),
});
export type ReviewContent = z.output<typeof reviewContentShape>;
