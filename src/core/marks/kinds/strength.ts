import { z } from 'zod';
import { defineKind } from '../defineKind';
import { athleteSchema, conceptSchema, markBase } from '../parts';

const schema = z.strictObject({
  ...markBase,
  kind: z.literal('strength'),
  strengthId: conceptSchema,
  athlete: athleteSchema,
});
export type StrengthMark = Readonly<z.output<typeof schema>>;

export const strength = defineKind({
  kind: 'strength',
  schema,
  called: { one: 'well done', many: 'Done well' },
  rank: 6,
  concept: 'strengthId',
});
