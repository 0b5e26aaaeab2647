import { answerWords } from '@/core/reviewing';
import { pool } from '@/data/client';
import { type Clip, listClips } from '@/data/clips/clips';
import { findPerson } from '@/data/people/people';
import { findClosing } from '@/data/reviews/closings';
import type { SignedReview } from '@/data/reviews/signedReviews';
import { listAnswersOfClosing } from '@/data/sharing/answers';
import { listLinksOfClosing, type ShareLink } from '@/data/sharing/links';
import { listReviewClips } from '@/data/sharing/reviewClips';
import { today } from '../kernel/academyTime';
import { whoIsShown, whyNotShown } from '../people/whoIsShown';
import { roundsShown } from './closedRounds';

export interface Sharing {
  readonly closingId: string;
  readonly person: { readonly name: string; readonly email: string };
  readonly problem?: string;
  readonly links: readonly ShareLink[];
  readonly clips: readonly (Pick<Clip, 'id' | 'state' | 'progress' | 'problem'> & { readonly place: string })[];
}

/** How a signed review is shared, and what was said to it; absent for the academy's, which is for coaches. */
export async function loadSharing(closingId: string, signed: readonly SignedReview[]) {
  const [latest] = signed;
  const [closing, said] = await Promise.all([findClosing(pool(), closingId), listAnswersOfClosing(pool(), closingId)]);
  const person = closing?.personId ? await findPerson(pool(), closing.personId) : undefined;
  const answers = said.map((one) => {
    const { content } = signed.find((version) => version.id === one.reviewId) ?? {};
    return {
      ...{ id: one.id, kind: one.kind, asked: one.asked, isTaken: one.takenAt !== undefined },
      words: answerWords(one, content?.questions[one.place]?.choices),
    };
  });
  if (!closing || !latest || !person) return { sharing: undefined, answers };
  const [links, places, shown] = await Promise.all([
    listLinksOfClosing(pool(), closingId),
    listReviewClips(pool(), latest.id),
    roundsShown(pool(), closing, latest.content).then(async (roundIds) => whoIsShown(pool(), roundIds, await today())),
  ]);
  const clips = new Map((await listClips(pool(), [...places.values()])).map((one) => [one.id, one]));
  const sharing: Sharing = {
    ...{ closingId, links, person: { name: person.name, email: person.email }, problem: whyNotShown(shown) },
    clips: [...places].flatMap(([place, id]) => {
      const clip = clips.get(id);
      return clip ? [{ place, id, state: clip.state, progress: clip.progress, problem: clip.problem }] : [];
    }),
  };
  return { sharing, answers };
}
