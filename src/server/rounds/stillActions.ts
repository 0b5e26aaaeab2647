'use server';

import { z } from 'zod';
import { type Outcome, refuse } from '@/core/kernel';
import { pool } from '@/data/client';
import { stillShape } from '@/data/rounds/circumstances';
import { setStill } from '@/data/rounds/rounds';
import { defineCommand } from '../kernel/defineCommand';

/** Keeps the small picture that shows who one athlete of a round is; absent forgets it. */
export const saveStill = defineCommand({
  actor: 'coach',
  args: [z.uuid(), z.enum(['a', 'b']), stillShape.optional()],
  misfit: 'This picture cannot be kept.',
  run: async (_coach, roundId, slot, still): Promise<Outcome> =>
    (await setStill(pool(), roundId, slot, still ?? null)) > 0
      ? { ok: true }
      : refuse('This round is no longer there.'),
});
