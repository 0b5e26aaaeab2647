import { z } from 'zod';
import { defineKind } from '../defineKind';
import { endSchema, markBase } from '../parts';

const schema = z.strictObject({
  ...markBase,
  kind: z.literal('stoppage'),
  endSeconds: endSchema,
  /** The round went on, but the camera did not see it: no time of anybody's, and nothing may be inferred; a clock ran on. */
  offCamera: z.literal(true).optional(),
});
export type StoppageMark = Readonly<z.output<typeof schema>>;

export const stoppage = defineKind({
  kind: 'stoppage',
  schema,
  called: { one: 'stoppage', many: 'Stoppages' },
  rank: 0,
});
