import { z } from 'zod';
import { defineKind } from '../defineKind';
import { athleteSchema, conceptSchema, markBase, sideSchema } from '../parts';

export const heights = ['high', 'low'] as const;
export const headPlaces = ['inside', 'outside', 'up', 'down'] as const;
export const postures = ['kept', 'broken'] as const;
/** How a position is held: on which side, how high, where the head of the one who holds it is, and whether the posture of the other is broken. */
const heldSchema = z
  .strictObject({
    side: sideSchema,
    height: z.enum(heights).optional(),
    head: z.enum(headPlaces).optional(),
    posture: z.enum(postures).optional(),
  })
  .readonly();
export type Held = z.output<typeof heldSchema>;

const schema = z.strictObject({
  ...markBase,
  kind: z.literal('position'),
  positionId: conceptSchema,
  /** Who has the better role of the position; absent when it is level. */
  holder: athleteSchema.optional(),
  held: heldSchema.optional(),
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
