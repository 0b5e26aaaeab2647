'use server';

import { pool } from '@/data/client';
import { deleteClock, insertClock, updateClock } from '@/data/rounds/clocks';
import { findRound } from '@/data/rounds/rounds';
import { requireCoach } from '../accounts/currentCoach';
import { isUuid } from '../kernel/isUuid';
import { type ClockInput, clockInput, type SaveClockOutcome } from './clockInput';

/** Stores a clock of a round: new with version 0, otherwise changed if nobody else changed it meanwhile. */
export async function saveClock(roundId: string, draft: ClockInput): Promise<SaveClockOutcome> {
  await requireCoach();
  const input = clockInput.safeParse(draft);
  if (!input.success) return { ok: false, message: input.error.issues[0]?.message ?? 'This clock cannot be kept.' };
  if (!isUuid(roundId) || !(await findRound(pool(), roundId)))
    return { ok: false, message: 'This round is no longer there.' };
  const clock = input.data;
  const touched =
    clock.version === 0 ? await insertClock(pool(), roundId, clock) : await updateClock(pool(), roundId, clock);
  return touched === 0
    ? { ok: false, message: 'Another coach changed this clock meanwhile. Reload the page, then tie it again.' }
    : { ok: true, version: clock.version + 1 };
}

export async function removeClock(roundId: string, clockId: string): Promise<void> {
  await requireCoach();
  if (isUuid(roundId) && isUuid(clockId)) await deleteClock(pool(), roundId, clockId);
}
