import { z } from 'zod';
import { defineKind } from '../defineKind';
import { athleteSchema, markBase } from '../parts';

export const rulings = ['advantage', 'penalty'] as const;
/** What a referee gave: an advantage to this athlete, or a penalty against them. */
export type Ruling = (typeof rulings)[number];

const schema = z.strictObject({
  ...markBase,
  kind: z.literal('ruling'),
  athlete: athleteSchema,
  ruling: z.enum(rulings),
});
export type RulingMark = Readonly<z.output<typeof schema>>;

export const ruling = defineKind({
  kind: 'ruling',
  schema,
  called: { one: 'the referee’s', many: 'The referee’s' },
  rank: 7,
});
