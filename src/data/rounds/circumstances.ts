import { z } from 'zod';
import { storableText } from '@/core/marks';
import { audiences, freshness, intensities, relations, restrictions, type Still, sizes, sleeps } from '@/core/round';

const filmedBy = storableText().trim().max(80, 'Use at most 80 characters.');
const hurt = storableText().trim().max(300, 'Use at most 300 characters.');

/** What a round was like, as it is stored and sent; what is absent is unknown. */
export const circumstancesShape = z.object({
  intensity: z.enum(intensities).optional(),
  restrictions: z.array(z.enum(restrictions)).max(restrictions.length).default([]),
  audience: z.enum(audiences).default('ordinary'),
  relation: z.enum(relations).optional(),
  size: z.enum(sizes).optional(),
  wallNear: z.boolean().default(false),
  crowdedMat: z.boolean().default(false),
  filmedBy: filmedBy.default(''),
});

/** How one athlete came to the round. */
export const conditionShape = z.object({
  freshness: z.enum(freshness).optional(),
  sleep: z.enum(sleeps).optional(),
  hurt: hurt.default(''),
  heightCm: z.number().int().min(60).max(240).optional(),
});

/** Where in the footage a picture of an athlete was taken (shares of the frame), and the picture as a JPEG in base64. */
export const stillShape: z.ZodType<Still> = z.object({
  atSeconds: z.number().min(0).max(86_400),
  x: z.number().min(0).max(1),
  y: z.number().min(0).max(1),
  width: z.number().min(0).max(1),
  height: z.number().min(0).max(1),
  jpeg: z
    .string()
    .max(60_000)
    .regex(/^\/9j\/[A-Za-z0-9+/]+={0,2}$/),
});
