'use server';

import { z } from 'zod';
import { pool } from '@/data/client';
import { deleteClock, insertClock, updateClock } from '@/data/rounds/clocks';
import { findRound } from '@/data/rounds/rounds';
import { defineAction, firstMessage } from '../kernel/defineAction';
import { clockInput, type SaveClockOutcome } from './clockInput';

/** Stores a clock of a round: new with version 0, otherwise changed if nobody else changed it meanwhile. */
export const saveClock = defineAction({
  args: [z.uuid(), clockInput],
  refused: (error): SaveClockOutcome => ({ ok: false, message: firstMessage(error) }),
  run: async (_coach, roundId, clock): Promise<SaveClockOutcome> => {
    if (!(await findRound(pool(), roundId))) return { ok: false, message: 'This round is no longer there.' };
    const touched =
      clock.version === 0 ? await insertClock(pool(), roundId, clock) : await updateClock(pool(), roundId, clock);
    return touched === 0
      ? { ok: false, message: 'Another coach changed this clock meanwhile. Reload the page, then tie it again.' }
      : { ok: true, version: clock.version + 1 };
  },
});

export const removeClock = defineAction({
  args: [z.uuid(), z.uuid()],
  refused: () => undefined,
  run: async (_coach, roundId, clockId) => void (await deleteClock(pool(), roundId, clockId)),
});
