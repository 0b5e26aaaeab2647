import { z } from 'zod';
import { defineKind } from '../defineKind';
import { athleteSchema, markBase, noteSchema } from '../parts';

const schema = z.strictObject({
  ...markBase,
  kind: z.literal('note'),
  note: noteSchema,
  athlete: athleteSchema.optional(),
});
export type NoteMark = Readonly<z.output<typeof schema>>;

export const note = defineKind({
  kind: 'note',
  schema,
  called: { one: 'note', many: 'Notes' },
  rank: 11,
});
