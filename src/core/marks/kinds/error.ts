import { z } from 'zod';
import { belts } from '../../vocabulary';
import { defineKind } from '../defineKind';
import { athleteSchema, conceptSchema, ledToSchema, markBase, sideSchema, targetSchema } from '../parts';

export const punishments = ['yes', 'partly', 'no', 'spared'] as const;
export type Punishment = (typeof punishments)[number];

const schema = z.strictObject({
  ...markBase,
  kind: z.literal('error'),
  errorId: conceptSchema,
  athlete: athleteSchema,
  punished: z.enum(punishments).optional(),
  /** The belt from which an opponent would usually punish it: a judgement, of use where it was not punished. */
  punishedFrom: z.enum(belts).optional(),
  side: sideSchema,
  /** The part of the body or the cloth that it is about. */
  part: targetSchema,
  ledTo: ledToSchema,
});
export type ErrorMark = Readonly<z.output<typeof schema>>;

export const error = defineKind({
  kind: 'error',
  schema,
  called: { one: 'error', many: 'Errors' },
  rank: 5,
  concept: 'errorId',
});
