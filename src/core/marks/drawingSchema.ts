import { z } from 'zod';
import { MOST_LABEL_CHARACTERS, MOST_LINE_POINTS, MOST_STROKES, type Stroke } from '../drawing';
import { storableText } from './storableText';

const share = z.number().min(0).max(1);
const point = z.tuple([share, share]);
const strokeSchema: z.ZodType<Stroke> = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('arrow'), from: point, to: point }),
  z.strictObject({ kind: z.literal('straight'), from: point, to: point }),
  z.strictObject({ kind: z.literal('ring'), centre: point, radius: z.number().positive().max(2) }),
  z.strictObject({ kind: z.literal('line'), points: z.array(point).min(2).max(MOST_LINE_POINTS) }),
  z.strictObject({
    kind: z.literal('angle'),
    from: point,
    corner: point,
    to: point,
    degrees: z.number().min(0).max(180),
  }),
  z.strictObject({
    kind: z.literal('label'),
    at: point,
    text: storableText().trim().min(1).max(MOST_LABEL_CHARACTERS, 'A label holds sixty characters.'),
  }),
]);

/** What may be drawn over a picture. */
export const drawingSchema = z.array(strokeSchema).max(MOST_STROKES, 'Sixty strokes are enough for pointing.');
