import { z } from 'zod';
import type { Outcome } from '@/core/kernel';

/** A stretch of footage that a round takes up. */
const partInput = z
  .object({ id: z.uuid(), startSeconds: z.number().min(0), endSeconds: z.number().max(86_400) })
  .refine((part) => part.endSeconds > part.startSeconds, 'The out point lies before the in point.');

/** The parts that a round is cut into, in order and apart from each other; one of them keeps its id. */
export const partsInput = z
  .array(partInput)
  .min(1, 'A round has at least one part.')
  .max(40, 'At most 40 rounds at once.')
  .refine(
    (parts) => parts.every((part, index) => index === 0 || part.startSeconds >= (parts[index - 1]?.endSeconds ?? 0)),
    'The parts lie over each other. Move their ends apart.',
  );

/** What comes of cutting rounds that are there: their versions afterwards. */
export type CutRounds = Outcome<{ readonly versions: Readonly<Record<string, number>> }>;
