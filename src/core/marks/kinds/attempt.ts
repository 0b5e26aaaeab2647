import { z } from 'zod';
import { defineKind } from '../defineKind';
import { athleteSchema, conceptSchema, endSchema, markBase, sideSchema, targetSchema } from '../parts';

export const stages = ['entry', 'control', 'locked', 'finished'] as const;
/** How far an attempt came; a later stage implies the earlier ones. */
export type Stage = (typeof stages)[number];

export const attemptEnds = ['finished', 'escaped', 'abandoned', 'declined', 'interrupted'] as const;
export type AttemptEnd = (typeof attemptEnds)[number];

export const tapCauses = ['technique', 'injury', 'illness', 'courtesy'] as const;
/** Why somebody tapped; only `technique` enters statistics. */
export type TapCause = (typeof tapCauses)[number];

export const luckyEnds = ['luck', 'gift'] as const;
/** Why a success says little about skill: it came by luck, or the other let it happen. */
export type LuckyEnd = (typeof luckyEnds)[number];

const schema = z.strictObject({
  ...markBase,
  kind: z.literal('attempt'),
  techniqueId: conceptSchema,
  athlete: athleteSchema,
  stage: z.enum(stages),
  end: z.enum(attemptEnds).optional(),
  /** When it came so far, where somebody called it then. */
  controlSeconds: endSchema.optional(),
  lockedSeconds: endSchema.optional(),
  endSeconds: endSchema.optional(),
  side: sideSchema,
  tapCause: z.enum(tapCauses).optional(),
  target: targetSchema,
  came: z.enum(luckyEnds).optional(),
  /** Another name that the move may have, until somebody settles it; it counts under the first. */
  orElse: conceptSchema.optional(),
});
export type AttemptMark = Readonly<z.output<typeof schema>>;

export const attempt = defineKind({
  kind: 'attempt',
  schema,
  called: { one: 'attempt', many: 'Attempts' },
  rank: 1,
  concept: 'techniqueId',
});
