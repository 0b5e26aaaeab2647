import { z } from 'zod';
import { storableText } from '@/core/marks';

const text = (most: number) => storableText().trim().max(most, `Use at most ${most} characters.`);
/** What later versions of this shape added: a review that was signed before has none of it. */
const addedText = (most: number) => text(most).default('');
const markIds = z.array(z.uuid()).max(200);
const conceptId = storableText().min(1).max(120);

const point = z.object({
  /** The error that it is about; absent for a missed chance, a principle, or the coach's own words. */
  errorId: conceptId.optional(),
  /** What else it is about: the technique of a missed chance, or a principle. */
  aboutId: conceptId.optional(),
  title: text(200).min(1, 'Say what it is about.'),
  text: text(2000),
  cue: text(500),
  /** What to do in its place. */
  instead: addedText(500),
  branch: text(500),
  drillId: storableText().max(120).optional(),
  homework: text(500),
  homeworkDue: z.union([z.literal(''), z.iso.date('Write a day that exists, such as 24 Nov 2026, or leave it empty.')]),
  markIds,
});

const question = z.object({
  text: text(500),
  markId: z.uuid().optional(),
  /** Answers to choose from, in words, with what the mark becomes by them; any other answer is written. */
  choices: z
    .array(z.object({ text: text(120).min(1), conceptId: conceptId.optional() }))
    .max(6)
    .default([]),
});

/** What a signed review says: one good thing, at most three to work on, questions to the athlete. */
export const reviewContentShape = z.object({
  good: z.object({ text: text(1000), markIds }),
  points: z.array(point).max(3, 'At most three things to work on: fewer is better.'),
  questions: z.array(question).max(20, 'At most twenty questions.'),
  remark: text(2000),
});
export type ReviewContent = z.output<typeof reviewContentShape>;
