import { z } from 'zod';
import { pool } from '@/data/client';
import { addReviewTime } from '@/data/rounds/reviewTimes';
import { findRound } from '@/data/rounds/rounds';
import { isUuid } from '../kernel/isUuid';

/** More than this at once is a clock that jumped, not a coach at work. */
const MOST_SECONDS = 600;
const body = z.object({ seconds: z.number().positive().max(MOST_SECONDS) });

/** Adds a stretch of a coach's time at a round; false when it makes no sense. */
export async function receiveReviewTime(roundId: string, coachId: string, text: string): Promise<boolean> {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return false;
  }
  const parsed = body.safeParse(json);
  if (!parsed.success || !isUuid(roundId) || !(await findRound(pool(), roundId))) return false;
  await addReviewTime(pool(), roundId, coachId, parsed.data.seconds);
  return true;
}
