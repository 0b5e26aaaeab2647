import { z } from 'zod';
import { defineKind } from '../defineKind';
import { markBase } from '../parts';

const count = z.number().int().min(0).max(99);
const tally = z
  .strictObject({ points: z.number().int().min(-20).max(200), advantages: count, penalties: count })
  .readonly();

/** The official score as the board showed it. */
const schema = z.strictObject({
  ...markBase,
  kind: z.literal('board'),
  score: z.strictObject({ a: tally, b: tally }).readonly(),
});
export type BoardMark = Readonly<z.output<typeof schema>>;

export const board = defineKind({
  kind: 'board',
  schema,
  called: { one: 'official score', many: 'The board' },
  rank: 8,
  exchange: ({ score }) => ({ score: { a: score.b, b: score.a } }),
});
