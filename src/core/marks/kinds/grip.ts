import { z } from 'zod';
import { defineKind } from '../defineKind';
import { athleteSchema, conceptSchema, markBase, sideSchema, targetSchema } from '../parts';

export const gripOutcomes = ['got', 'broken', 'lost', 'missed'] as const;
/** What became of a grip; `missed` was reached for and not got. */
export type GripOutcome = (typeof gripOutcomes)[number];

const schema = z.strictObject({
  ...markBase,
  kind: z.literal('grip'),
  gripId: conceptSchema,
  athlete: athleteSchema,
  side: sideSchema,
  outcome: z.enum(gripOutcomes),
  target: targetSchema,
});
export type GripMark = Readonly<z.output<typeof schema>>;

export const grip = defineKind({
  kind: 'grip',
  schema,
  called: { one: 'grip', many: 'Grips' },
  rank: 3,
  concept: 'gripId',
});
