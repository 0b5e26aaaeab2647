import dynamic from 'next/dynamic';
import { listKeptReels, putIntoReel } from '@/server/reels/reelActions';
import { dayWords } from '@/terms/dayWords';
import type { ReviewDeskParts } from './useReviewDesk';

const IntoReelDialog = dynamic(() => import('@/forms/IntoReelDialog').then((loaded) => loaded.IntoReelDialog));

/** Asks which reel the chosen moments go into, once there are any. */
export function IntoReel({ desk: { forReel, setForReel, names, round } }: { readonly desk: ReviewDeskParts }) {
  if (!forReel) return null;
  return (
    <IntoReelDialog
      pieces={forReel}
      name={`${names.a} and ${names.b}, ${dayWords(round.heldOn)}`}
      list={listKeptReels}
      put={putIntoReel}
      onClose={() => setForReel(undefined)}
    />
  );
}
