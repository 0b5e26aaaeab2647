import { type ApartReason, reasonApart } from '@/core/round';
import { pool } from '@/data/client';
import { type BeltStep, listBeltSteps, listWeighings, type Weighing } from '@/data/people/histories';
import { listReviewsOf, type ReviewOf } from '@/data/reviews/signedReviews';
import { type Hurt, listHurtsOf } from '@/data/rounds/hurts';
import { listRoundsApart } from '@/data/rounds/rounds';

/** Signed reviews, cards that say something hurt, and rounds apart shown at once. @source own decision: what can be looked through in one list */
const SHOWN = { reviews: 12, hurts: 12, apart: 12 } as const;

/** A round that enters no rate, with what is marked of somebody in it. */
export interface RoundApart {
  readonly roundId: string;
  readonly heldOn: string;
  readonly partner: string;
  readonly filmed: boolean;
  readonly startSeconds: number;
  readonly reason: ApartReason;
  readonly marks: readonly { readonly markId: string; readonly conceptId: string; readonly atSeconds: number }[];
}

/** What is known of somebody beside what keeps happening. */
export interface StudentPast {
  readonly belts: readonly BeltStep[];
  readonly weights: readonly Weighing[];
  readonly hurts: readonly Hurt[];
  /** Newest first, each as it was signed last. */
  readonly reviews: readonly ReviewOf[];
  readonly apart: readonly RoundApart[];
}

/** Belts, weights, what hurt, signed reviews, and the rounds that say nothing of sparring. */
export async function loadPast(personId: string, withoutRoundIds: readonly string[]): Promise<StudentPast> {
  const [belts, weights, hurts, reviews, apart] = await Promise.all([
    listBeltSteps(pool(), [personId]),
    listWeighings(pool(), [personId]),
    listHurtsOf(pool(), personId, SHOWN.hurts),
    listReviewsOf(pool(), personId, SHOWN.reviews),
    listRoundsApart(pool(), personId, SHOWN.apart),
  ]);
  const isSeen = ({ roundId }: { readonly roundId: string }) => !withoutRoundIds.includes(roundId);
  return {
    ...{ belts, weights, hurts },
    reviews: reviews.filter(isSeen),
    apart: apart.filter(isSeen).flatMap(({ circumstances, ...round }) => {
      const reason = reasonApart(circumstances);
      return reason ? [{ ...round, reason }] : [];
    }),
  };
}
