import { z } from 'zod';
import { defineKind } from '../defineKind';
import { endSchema, markBase } from '../parts';

export const stopReasons = [
  'tap',
  'blood',
  'kit',
  'injury',
  'illness',
  'edge',
  'another pair',
  'referee',
  'talk',
  'drink',
] as const;
/** Why play stopped. @source rule books of the main federations (blood, kit, injury, the edge), from memory; drink and talk: common practice in the gym */
export type StopReason = (typeof stopReasons)[number];

const schema = z.strictObject({
  ...markBase,
  kind: z.literal('stoppage'),
  endSeconds: endSchema,
  reason: z.enum(stopReasons).optional(),
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
