import { z } from 'zod';

export const cutReasons = ['bell-to-bell', 'bell-to-early-bell', 'bell-to-stillness', 'movement-only'] as const;

/** One stretch of a file that is to become a round. */
export const cutShape = z.strictObject({
  key: z.string().min(1).max(80),
  startSeconds: z.number().min(0).max(86_400),
  endSeconds: z.number().min(0).max(86_400),
  state: z.enum(['proposed', 'confirmed']),
  reason: z.enum(cutReasons).optional(),
  confidenceRatio: z.number().min(0).max(1).optional(),
  plannedSeconds: z.number().min(0).max(86_400).optional(),
});
