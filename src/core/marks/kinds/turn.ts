import { z } from 'zod';
import { defineKind } from '../defineKind';
import { athleteSchema, endSchema, markBase } from '../parts';

export const turnStarts = ['back', 'arm'] as const;
/** From where a turn of an overtime begins: back control, or the arm-lock start. */
export type TurnStart = (typeof turnStarts)[number];
export const turnEnds = ['escaped', 'tapped', 'ran-out'] as const;
export type TurnEnd = (typeof turnEnds)[number];

const seconds = z.number().min(0).max(3600);

/** One turn of an overtime by escape time; `athlete` is the one who escapes. It runs until it has an end. */
const schema = z.strictObject({
  ...markBase,
  kind: z.literal('turn'),
  athlete: athleteSchema,
  from: z.enum(turnStarts),
  endSeconds: endSchema.optional(),
  end: z.enum(turnEnds).optional(),
  /** What a displayed clock that counts down showed at the end, in seconds: a second source for the same figure. */
  clockSeconds: seconds.optional(),
  /** The escape time that the officials gave. */
  officialSeconds: seconds.optional(),
  /** The sums that the officials gave out after this turn. */
  officialTotals: z.strictObject({ a: seconds, b: seconds }).readonly().optional(),
  /** What they announced at the end, as far as it was heard. */
  announced: z
    .strictObject({ winner: athleteSchema.optional(), marginSeconds: seconds.optional() })
    .readonly()
    .optional(),
});
export type TurnMark = Readonly<z.output<typeof schema>>;

export const turn = defineKind({
  kind: 'turn',
  schema,
  called: { one: 'turn of the overtime', many: 'Overtime turns' },
  rank: 9,
  exchange: ({ officialTotals, announced }, other) => ({
    ...(officialTotals ? { officialTotals: { a: officialTotals.b, b: officialTotals.a } } : {}),
    ...(announced?.winner ? { announced: { ...announced, winner: other(announced.winner) } } : {}),
  }),
});
