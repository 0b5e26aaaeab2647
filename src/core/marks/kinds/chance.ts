import { z } from 'zod';
import { defineKind } from '../defineKind';
import { athleteSchema, conceptSchema, markBase, sideSchema, targetSchema } from '../parts';

/** An opening that was there and was not taken: it belongs to the funnel of its technique, not to the errors. */
const schema = z.strictObject({
  ...markBase,
  kind: z.literal('chance'),
  /** What was not taken: mostly a technique, but a grip, a position or something done well may lie open as well. */
  techniqueId: conceptSchema,
  athlete: athleteSchema,
  side: sideSchema,
  /** The part of the body or the cloth that it is about. */
  part: targetSchema,
});
export type ChanceMark = Readonly<z.output<typeof schema>>;

export const chance = defineKind({
  kind: 'chance',
  schema,
  called: { one: 'missed chance', many: 'Missed chances' },
  rank: 4,
  concept: 'techniqueId',
});
