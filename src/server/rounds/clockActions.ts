'use server';

import { z } from 'zod';
import { type Outcome, refuse } from '@/core/kernel';
import { pool } from '@/data/client';
import { deleteClock, insertClock, updateClock } from '@/data/rounds/clocks';
import { findRound } from '@/data/rounds/rounds';
import { defineCommand } from '../kernel/defineCommand';
import { clockInput } from './clockInput';

/** Stores a clock of a round: new with version 0, otherwise changed if nobody else changed it meanwhile. */
export const saveClock = defineCommand({
  actor: 'coach',
  args: [z.uuid(), clockInput],
  run: async (_coach, roundId, clock): Promise<Outcome<{ readonly version: number }>> => {
    if (!(await findRound(pool(), roundId))) return refuse('This round is no longer there.');
    const touched =
      clock.version === 0 ? await insertClock(pool(), roundId, clock) : await updateClock(pool(), roundId, clock);
    return touched === 0
      ? refuse('Another coach changed this clock meanwhile. Reload the page, then tie it again.')
      : { ok: true, version: clock.version + 1 };
  },
});

export const removeClock = defineCommand({
  actor: 'coach',
  args: [z.uuid(), z.uuid()],
  run: async (_coach, roundId, clockId) => {
    await deleteClock(pool(), roundId, clockId);
    return { ok: true };
  },
});
