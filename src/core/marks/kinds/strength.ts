import { z } from 'zod';
import { defineKind } from '../defineKind';
import { athleteSchema, conceptSchema, markBase, sideSchema, targetSchema } from '../parts';

const schema = z.strictObject({
  ...markBase,
  kind: z.literal('strength'),
  strengthId: conceptSchema,
  athlete: athleteSchema,
  side: sideSchema,
  /** The part of the body or the cloth that it is about. */
  part: targetSchema,
});
export type StrengthMark = Readonly<z.output<typeof schema>>;

export const strength = defineKind({
  kind: 'strength',
  schema,
  called: { one: 'well done', many: 'Done well' },
  rank: 6,
  concept: 'strengthId',
});
