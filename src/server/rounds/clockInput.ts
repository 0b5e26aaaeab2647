import { z } from 'zod';
import { parseDisplayedClock } from '@/core/clock';
import { storableText } from '@/core/marks';

/** A clock as it is sent: at most two dozen ties, and none of them against its direction. */
export const clockInput = z
  .object({
    id: z.uuid(),
    name: storableText()
      .trim()
      .min(1, 'Give the clock a name: “wall”, “stream”.')
      .max(40, 'Use at most 40 characters.'),
    counts: z.enum(['up', 'down']),
    pauses: z.boolean(),
    restarts: z.boolean(),
    ties: z
      .array(z.object({ mediaSeconds: z.number().min(0).max(86_400), readingSeconds: z.number().min(0).max(86_400) }))
      .max(24, 'Two dozen ties are enough for one clock.'),
    version: z.number().int().min(0),
  })
  .superRefine((clock, context) => {
    if (clock.ties.length < 2) return;
    const parsed = parseDisplayedClock({ ...clock, setAnewAt: clock.restarts ? [] : undefined });
    if (!parsed.ok)
      context.addIssue({
        code: 'custom',
        path: ['ties'],
        message: `This clock counts ${clock.counts}: the readings do not go that way. Correct a reading, or the direction; or say that it is set anew for each turn.`,
      });
  });
export type ClockInput = z.input<typeof clockInput>;
