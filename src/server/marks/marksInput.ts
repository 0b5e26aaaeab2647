import { z } from 'zod';
import {
  attemptEnds,
  gripOutcomes,
  type Mark,
  punishments,
  rulings,
  sides,
  stages,
  tapCauses,
  targets,
  turnEnds,
  turnStarts,
  verdicts,
} from '@/core/round';
import { belts } from '@/core/vocabulary';
import { storableText } from '@/data/storableText';
import { drawingInput } from '../kernel/strokeInput';

const base = {
  id: z.uuid(),
  atSeconds: z.number().min(0).max(86_400),
  note: storableText().max(20_000).optional(),
  verdict: z.enum(verdicts).optional(),
  unsure: z.literal(true).optional(),
  drawing: drawingInput.min(1).optional(),
};
const athlete = z.enum(['a', 'b']);
const count = z.number().int().min(0).max(99);
const tally = z.strictObject({ points: z.number().int().min(-20).max(200), advantages: count, penalties: count });
const conceptId = storableText().min(1).max(120);
const side = z.enum(sides).optional();
const target = z.enum(targets).optional();

/** The shape of a mark on the wire; what it means is checked by the core. */
export const markInput: z.ZodType<Mark> = z.discriminatedUnion('kind', [
  z.strictObject({ ...base, kind: z.literal('position'), positionId: conceptId, holder: athlete.optional() }),
  z.strictObject({
    ...base,
    kind: z.literal('grip'),
    gripId: conceptId,
    athlete,
    side,
    outcome: z.enum(gripOutcomes),
    target,
  }),
  z.strictObject({
    ...base,
    kind: z.literal('attempt'),
    techniqueId: conceptId,
    athlete,
    stage: z.enum(stages),
    end: z.enum(attemptEnds).optional(),
    endSeconds: z.number().max(86_400).optional(),
    side,
    tapCause: z.enum(tapCauses).optional(),
    target,
  }),
  z.strictObject({ ...base, kind: z.literal('chance'), techniqueId: conceptId, athlete, side }),
  z.strictObject({
    ...base,
    kind: z.literal('error'),
    errorId: conceptId,
    athlete,
    punished: z.enum(punishments).optional(),
    punishedFrom: z.enum(belts).optional(),
    side,
    ledTo: z.array(z.uuid()).max(50),
  }),
  z.strictObject({ ...base, kind: z.literal('strength'), strengthId: conceptId, athlete }),
  z.strictObject({
    ...base,
    kind: z.literal('stoppage'),
    endSeconds: z.number().max(86_400),
    offCamera: z.literal(true).optional(),
  }),
  z.strictObject({ ...base, kind: z.literal('ruling'), athlete, ruling: z.enum(rulings) }),
  z.strictObject({ ...base, kind: z.literal('board'), score: z.strictObject({ a: tally, b: tally }) }),
  z.strictObject({
    ...base,
    kind: z.literal('turn'),
    athlete,
    from: z.enum(turnStarts),
    endSeconds: z.number().max(86_400).optional(),
    end: z.enum(turnEnds).optional(),
    clockSeconds: z.number().min(0).max(3600).optional(),
    officialSeconds: z.number().min(0).max(3600).optional(),
    officialTotals: z.strictObject({ a: z.number().min(0).max(3600), b: z.number().min(0).max(3600) }).optional(),
  }),
  z.strictObject({
    ...base,
    kind: z.literal('measure'),
    endSeconds: z.number().max(86_400),
    athlete: athlete.optional(),
  }),
  z.strictObject({ ...base, kind: z.literal('note'), note: storableText().max(20_000), athlete: athlete.optional() }),
]);

export const changeInput = z.object({
  changeId: z.uuid(),
  mark: markInput,
  /** The change that this one was made on; absent for a new mark. */
  baseChangeId: z.uuid().optional(),
  removed: z.boolean(),
});
/** Most changes in one request. */
export const MOST_CHANGES = 200;
/** The envelope only: each change is read by itself, so that one which nobody understands holds up no other. */
export const changesInput = z.object({
  /** Whose page sends them. */
  coachId: z.uuid().optional(),
  changes: z.array(z.unknown()).min(1).max(MOST_CHANGES),
});
/** Enough of a change to answer for it. */
export const namedChange = z.looseObject({ changeId: z.uuid() });

export type MarkChange = z.output<typeof changeInput>;

export type ChangeOutcome =
  | { readonly changeId: string; readonly status: 'stored'; readonly version: number }
  | {
      readonly changeId: string;
      readonly status: 'conflict';
      readonly current: {
        readonly mark: Mark;
        readonly changeId: string;
        readonly removed: boolean;
        readonly by?: string;
      };
    }
  | { readonly changeId: string; readonly status: 'refused'; readonly problems: readonly { readonly code: string }[] };
