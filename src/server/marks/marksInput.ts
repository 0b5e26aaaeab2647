import { z } from 'zod';
import { type Mark, markSchema } from '@/core/round';

export const changeInput = z.object({
  changeId: z.uuid(),
  mark: markSchema,
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
