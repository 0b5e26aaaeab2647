import { pool } from '@/data/client';
import { type MarkStore, roundMarks, secondMarks } from '@/data/marks/marks';
import { findSecondReview } from '@/data/reviews/secondReviews';
import { findRound, type Round } from '@/data/rounds/rounds';
import { isUuid } from '../kernel/isUuid';
import { findOpenSecondReview } from '../reviews/blindness';

/** The marks that a page works on: those of a round, or those of somebody's second review of it. */
export interface MarksPlace {
  readonly round: Round;
  readonly scopeId: string;
  readonly store: MarkStore;
}

/** The round's own marks. */
export const placeOfRound = (round: Round): MarksPlace => ({ round, scopeId: round.id, store: roundMarks });

/**
 * Where marks of a request belong. A second review is open only to the coach whose it is, and only until it is done: so it stays blind, and what was
 * compared stays as it was. Undefined for anything else.
 */
export async function findMarksPlace(
  roundId: string,
  secondReviewId: string | null,
  coachId: string,
): Promise<MarksPlace | undefined> {
  const round = isUuid(roundId) ? await findRound(pool(), roundId) : undefined;
  if (!round) return undefined;
  // Whoever reviews a round blind has only their own marks of it, whatever their page asks for.
  if (secondReviewId === null) return (await findOpenSecondReview(round.id, coachId)) ? undefined : placeOfRound(round);
  const review = isUuid(secondReviewId) ? await findSecondReview(pool(), secondReviewId) : undefined;
  if (!review || review.roundId !== round.id || review.coachId !== coachId || review.doneAt) return undefined;
  return { round, scopeId: review.id, store: secondMarks };
}
