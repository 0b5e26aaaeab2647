import { pool } from '@/data/client';
import type { SignedReview } from '@/data/reviews/signedReviews';
import { type ClipPlace, clipPlaces, saveReviewClip } from '@/data/sharing/reviewClips';
import { askForClip } from '../clips/askForClip';
import { recipeOfMoments } from '../clips/recipeOfMoments';
import { today } from '../kernel/academyTime';
import { loadHouse } from '../language/loadHouse';
import { whoIsShown, whyNotShown } from '../people/whoIsShown';

/** Moments of one clip. @source own decision: a student looks at three, not at ten */
const MOST_MOMENTS_SHOWN = 3;

/** Asks for the clips of a signed version: of what was good, and of each point, but for moments with somebody who is not to be shown. Harmless to repeat. */
export async function prepareClips(review: SignedReview, coachId: string): Promise<void> {
  const [house, day] = await Promise.all([loadHouse(), today()]);
  const { good, points } = review.content;
  const parts: (readonly [ClipPlace, readonly string[]])[] = [
    ['good', good.markIds],
    ...points.flatMap(({ markIds }, at) => {
      const place = clipPlaces[at + 1];
      return place ? [[place, markIds] as const] : [];
    }),
  ];
  for (const [place, markIds] of parts) {
    const moments = await recipeOfMoments(pool(), house, markIds, 'beside');
    if (!moments) continue;
    const { recipe, roundIds } = moments;
    if (whyNotShown(await whoIsShown(pool(), roundIds, day))) continue;
    const shown = { ...recipe, pieces: recipe.pieces.slice(0, MOST_MOMENTS_SHOWN) };
    const clip = await askForClip(shown, roundIds, coachId);
    if (clip.ok) await saveReviewClip(pool(), review.id, place, clip.value.id);
  }
}
