import { z } from 'zod';
import { type ClipRecipe, captionWays, MOST_PIECES } from '@/core/clip';
import { drawingSchema, momentSchema, storableText } from '@/core/marks';

const piece = z.object({
  footageId: z.uuid(),
  startSeconds: momentSchema,
  endSeconds: momentSchema,
  speed: z.number().positive(),
  freezes: z
    .array(z.object({ atSeconds: momentSchema, forSeconds: z.number().min(0), drawing: drawingSchema.readonly() }))
    .readonly(),
  caption: storableText().max(500),
  sound: z.boolean(),
  readings: z.array(z.object({ atSeconds: momentSchema, text: storableText().max(60) })).readonly(),
});

/** A recipe as it is stored: its fields always in this order, so that equal ones are equal texts. */
export const recipeShape: z.ZodType<ClipRecipe> = z.object({
  pieces: z.array(piece).min(1).max(MOST_PIECES).readonly(),
  captions: z.enum(captionWays),
});
