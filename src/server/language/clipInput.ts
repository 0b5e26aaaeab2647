import { z } from 'zod';
import { MOST_LINE_POINTS, type Stroke } from '@/core/drawing';

const share = z.number().min(0).max(1);
const point = z.tuple([share, share]);
const strokeInput: z.ZodType<Stroke> = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('arrow'), from: point, to: point }),
  z.strictObject({ kind: z.literal('ring'), centre: point, radius: z.number().min(0.005).max(1) }),
  z.strictObject({ kind: z.literal('line'), points: z.array(point).min(2).max(MOST_LINE_POINTS) }),
]);

export const clipInput = z
  .strictObject({
    id: z.uuid(),
    conceptId: z.string().min(1).max(120),
    footageId: z.uuid(),
    startSeconds: z.number().min(0).max(86_400),
    endSeconds: z.number().min(0).max(86_400),
    speed: z.number().min(0.1).max(2),
    caption: z.string().trim().max(200, 'Use at most 200 characters for the caption.'),
    drawing: z.array(strokeInput).max(60, 'Sixty strokes are enough for pointing.'),
  })
  .refine((clip) => clip.endSeconds - clip.startSeconds >= 0.2 && clip.endSeconds - clip.startSeconds <= 60, {
    message: 'A clip lasts from 0.2 to 60 seconds.',
  });
export type ClipInput = z.output<typeof clipInput>;
