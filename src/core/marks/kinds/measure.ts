import { z } from 'zod';
import { defineKind } from '../defineKind';
import { athleteSchema, endSchema, markBase } from '../parts';

/** A time taken with two presses; with an athlete, how long that athlete took to answer. */
const schema = z.strictObject({
  ...markBase,
  kind: z.literal('measure'),
  endSeconds: endSchema,
  athlete: athleteSchema.optional(),
});
export type MeasureMark = Readonly<z.output<typeof schema>>;

export const measure = defineKind({
  kind: 'measure',
  schema,
  called: { one: 'measured time', many: 'Measured times' },
  rank: 10,
});
