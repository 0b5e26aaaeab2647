import { z } from 'zod';
import { defineKind } from '../defineKind';
import { athleteSchema, conceptSchema, markBase } from '../parts';

export const hazards = [
  'cranked',
  'neck loaded',
  'slammed',
  'fell on a joint',
  'jumped on',
  'fingers',
  'late to let go',
  'near others',
  'wall or floor',
  'out of control',
] as const;
/** What may hurt somebody. @source common practice: what coaches stop a round for */
export type Hazard = (typeof hazards)[number];

/** Something that could have hurt somebody: nobody's error and in no rate, but to be spoken of before anything else. */
const schema = z.strictObject({
  ...markBase,
  kind: z.literal('hazard'),
  hazard: z.enum(hazards),
  /** Who brought it about; absent where nobody did. */
  athlete: athleteSchema.optional(),
  /** The technique or the position in which it happened. */
  duringId: conceptSchema.optional(),
});
export type HazardMark = Readonly<z.output<typeof schema>>;

export const hazard = defineKind({
  kind: 'hazard',
  schema,
  called: { one: 'hazard', many: 'Hazards' },
  rank: 12,
});
