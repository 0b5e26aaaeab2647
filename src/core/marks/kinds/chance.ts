import { z } from 'zod';
import { defineKind } from '../defineKind';
import { athleteSchema, conceptSchema, markBase, sideSchema } from '../parts';

/** An opening that was there and was not taken: it belongs to the funnel of its technique, not to the errors. */
const schema = z.strictObject({
  ...markBase,
  kind: z.literal('chance'),
  techniqueId: conceptSchema,
  athlete: athleteSchema,
  side: sideSchema,
});
export type ChanceMark = Readonly<z.output<typeof schema>>;

export const chance = defineKind({
  kind: 'chance',
  schema,
  called: { one: 'missed chance', many: 'Missed chances' },
  rank: 4,
  concept: 'techniqueId',
});
