'use server';

import { z } from 'zod';
import { pool } from '@/data/client';
import { stillShape } from '@/data/rounds/circumstances';
import { setStill } from '@/data/rounds/rounds';
import { defineAction } from '../kernel/defineAction';

/** Keeps the small picture that shows who one athlete of a round is; absent forgets it. Says whether it was kept. */
export const saveStill = defineAction({
  args: [z.uuid(), z.enum(['a', 'b']), stillShape.optional()],
  refused: () => false,
  run: async (_coach, roundId, slot, still) => (await setStill(pool(), roundId, slot, still ?? null)) > 0,
});
