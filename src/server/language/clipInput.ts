import { z } from 'zod';
import { drawingSchema, storableText } from '@/core/marks';

export const clipInput = z
  .strictObject({
    id: z.uuid(),
    conceptId: storableText().min(1).max(120),
    footageId: z.uuid(),
    startSeconds: z.number().min(0).max(86_400),
    endSeconds: z.number().min(0).max(86_400),
    speed: z.number().min(0.1).max(2),
    caption: storableText().trim().max(200, 'Use at most 200 characters for the caption.'),
    drawing: drawingSchema,
  })
  .refine((clip) => clip.endSeconds - clip.startSeconds >= 0.2 && clip.endSeconds - clip.startSeconds <= 60, {
    message: 'A clip lasts from 0.2 to 60 seconds.',
  });
export type ClipInput = z.output<typeof clipInput>;
