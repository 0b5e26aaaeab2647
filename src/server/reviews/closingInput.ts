import { reviewContentShape } from '@/data/reviews/reviewContent';

export type { ReviewContent } from '@/data/reviews/reviewContent';

/** A review that can be signed says something. */
export const closingInput = reviewContentShape.refine(
  (review) => review.good.text !== '' || review.points.length > 0 || review.remark !== '',
  'There is nothing to sign yet: write at least one thing.',
);
