import { z } from 'zod';
import { storableText } from '@/core/marks';

const points = z
  .number()
  .int()
  .min(0, 'Points are whole numbers from 0 to 20.')
  .max(20, 'Points are whole numbers from 0 to 20.');

const pointsRules = z.strictObject({
  points: z.strictObject({
    takedown: points,
    sweep: points,
    'knee-on-belly': points,
    pass: points,
    mount: points,
    back: points,
  }),
  pastGuardPoints: points.optional(),
  guardPullPoints: z.number().int().min(-5, 'Write −5 to 5.').max(5, 'Write −5 to 5.').optional(),
  holdSeconds: z.number().min(0, 'Write 0 to 10 seconds.').max(10, 'Write 0 to 10 seconds.'),
  pointlessRatio: z.number().min(0, 'Write 0 to 90 %.').max(0.9, 'Write 0 to 90 %.'),
  bodyTriangleCounts: z.boolean(),
  penalties: z.array(z.enum(['warning', 'advantage', 'two-points'])).max(6, 'At most six steps before the last.'),
});
const overtimeRules = z.strictObject({
  turnsEach: z.number().int().min(1, 'Write 1 to 6 turns.').max(6, 'Write 1 to 6 turns.'),
  turnSeconds: z.number().int().min(10, 'Write 10 to 600 seconds.').max(600, 'Write 10 to 600 seconds.'),
  equalWithinSeconds: z.number().min(0, 'Write 0 to 5 seconds.').max(5, 'Write 0 to 5 seconds.').optional(),
});

/** A rule set of the academy's own. */
export const ruleSetInput = z.strictObject({
  id: z.uuid(),
  name: storableText().trim().min(1, 'Give the rules a name.').max(80, 'Use at most 80 characters.'),
  uniform: z.enum(['gi', 'no-gi', 'both']),
  points: pointsRules.optional(),
  overtime: overtimeRules.optional(),
});
export type RuleSetInput = z.input<typeof ruleSetInput>;
