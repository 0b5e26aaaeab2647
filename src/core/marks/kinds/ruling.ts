import { z } from 'zod';
import { defineKind } from '../defineKind';
import { athleteSchema, markBase } from '../parts';

export const rulings = ['points', 'advantage', 'penalty'] as const;
/** What a referee gave: points or an advantage to this athlete, or a penalty against them. */
export type Ruling = (typeof rulings)[number];

const schema = z.strictObject({
  ...markBase,
  kind: z.literal('ruling'),
  athlete: athleteSchema,
  ruling: z.enum(rulings),
  /** How many points were given. */
  points: z.number().int().min(1).max(12).optional(),
});
export type RulingMark = Readonly<z.output<typeof schema>>;

export const ruling = defineKind({
  kind: 'ruling',
  schema,
  called: { one: 'the referee’s', many: 'The referee’s' },
  rank: 7,
});
