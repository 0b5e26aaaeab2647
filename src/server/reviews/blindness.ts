import { redirect } from 'next/navigation';
import { pool } from '@/data/client';
import { findOwnSecondReview, listOpenSecondRoundIds, type SecondReview } from '@/data/reviews/secondReviews';

/**
 * The second review of a round that this coach has begun and not ended. While there is one, nothing that the first reviewer marked, signed or drew may
 * reach them: whatever answers with the contents of a round asks here first.
 */
export async function findOpenSecondReview(roundId: string, coachId: string): Promise<SecondReview | undefined> {
  const own = await findOwnSecondReview(pool(), roundId, coachId);
  return own && !own.doneAt ? own : undefined;
}

/** Ids of the rounds that this coach reviews blind now: searches, lists of moments and figures leave their marks out. */
export const listBlindRounds = (coachId: string): Promise<string[]> => listOpenSecondRoundIds(pool(), coachId);

/** Sends a coach who reviews the round blind to their own review of it. */
export async function requireSight(roundId: string, coachId: string): Promise<void> {
  if (await findOpenSecondReview(roundId, coachId)) redirect(`/rounds/${roundId}/second`);
}
