import { z } from 'zod';
import { storableText } from '@/core/marks';

/** Questions that one coach can keep. @source own decision: what can be read in one look */
export const MOST_QUESTIONS = 30;

/** A question to keep: its text, and what was changed of how it was read. */
export const questionInput = z.object({
  id: z.uuid(),
  text: storableText().trim().min(1, 'Ask something first.').max(200, 'Use at most 200 characters.'),
  as: storableText().min(1).max(120).optional(),
  whose: z.enum(['own', 'partner', 'either']).optional(),
});
export const questionId = z.uuid();
