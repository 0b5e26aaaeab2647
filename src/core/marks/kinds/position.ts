import { z } from 'zod';
import { defineKind } from '../defineKind';
import { athleteSchema, conceptSchema, markBase } from '../parts';

const schema = z.strictObject({
  ...markBase,
  kind: z.literal('position'),
  positionId: conceptSchema,
  /** Who has the better role of the position; absent when it is level. */
  holder: athleteSchema.optional(),
});
export type PositionMark = Readonly<z.output<typeof schema>>;

export const position = defineKind({
  kind: 'position',
  schema,
  called: { one: 'position', many: 'Positions' },
  rank: 2,
  concept: 'positionId',
  exchange: ({ holder }, other) => (holder ? { holder: other(holder) } : {}),
});
