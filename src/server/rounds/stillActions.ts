'use server';

import type { Still } from '@/core/round';
import { pool } from '@/data/client';
import { stillShape } from '@/data/rounds/circumstances';
import { setStill } from '@/data/rounds/rounds';
import { requireCoach } from '../accounts/currentCoach';
import { isUuid } from '../kernel/isUuid';

/** Keeps the small picture that shows who one athlete of a round is; absent forgets it. Says whether it was kept. */
export async function saveStill(roundId: string, slot: 'a' | 'b', draft: Still | undefined): Promise<boolean> {
  await requireCoach();
  const still = draft === undefined ? null : stillShape.safeParse(draft).data;
  if (!isUuid(roundId) || !['a', 'b'].includes(slot) || still === undefined) return false;
  return (await setStill(pool(), roundId, slot, still)) > 0;
}
