/** One reviewed round: how long it lasts and how long the coach was at it. */
export interface ReviewedRound {
  readonly liveSeconds: number;
  readonly reviewSeconds: number;
}

/** Review time for each second of footage, before anything is known of a coach. @source house estimate */
export const USUAL_REVIEW_RATIO = 1.6;
/** Footage that the usual ratio counts for: after this much of the coach's own, both weigh the same. @source own decision: four rounds */
const USUAL_WEIGHT_SECONDS = 1200;

/** A coach's own ratio of review time to footage time, drawn to the usual one while there is little to go by; always above 0. */
export function reviewRatio(reviewed: readonly ReviewedRound[]): number {
  const live = reviewed.reduce((sum, one) => sum + one.liveSeconds, 0);
  const spent = reviewed.reduce((sum, one) => sum + one.reviewSeconds, 0);
  return (spent + USUAL_REVIEW_RATIO * USUAL_WEIGHT_SECONDS) / (live + USUAL_WEIGHT_SECONDS);
}
