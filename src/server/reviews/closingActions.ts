'use server';

import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { type Outcome, refuse } from '@/core/kernel';
import { pool } from '@/data/client';
import { findClosingId } from '@/data/reviews/closings';
import {
  findLatestReview,
  findSignedReview,
  insertSignedReview,
  type SignedReview,
} from '@/data/reviews/signedReviews';
import { isShared } from '@/data/sharing/links';
import { defineCommand } from '../kernel/defineCommand';
import { prepareClips } from '../sharing/prepareClips';
import { aboutInput, closingInput } from './closingInput';
import { sightOf } from './loadClosing';

/**
 * Signs a review as the version after the one that the coach saw; an earlier signing by somebody else is told, and nothing is overwritten. `reviewId` is
 * made by the page: the same signing sent twice, because its answer was lost, is one.
 */
export const signReview = defineCommand({
  actor: 'coach',
  args: [aboutInput, z.number().int().min(0), closingInput, z.uuid()],
  run: async (coach, about, seenVersion, content, reviewId): Promise<Outcome<{ readonly version: number }>> => {
    const sight = await sightOf(about, coach.id);
    if (sight === 'gone') return refuse('What this review closes is no longer there.');
    if (sight === 'blind') return refuse('You review this round blind: end your second review first.');
    const closingId = await findClosingId(pool(), about);
    const before = await findSignedReview(pool(), reviewId);
    if (before && before.closingId !== closingId)
      return refuse('This signing belongs to another review. Reload the page.');
    if (before) {
      await prepareIfShared(before, coach.id);
      return { ok: true, version: before.version };
    }
    // The page says what it saw; how far the versions are only the database knows.
    const latest = closingId ? ((await findLatestReview(pool(), closingId))?.version ?? 0) : 0;
    const review = { id: reviewId, about, version: latest + 1, content };
    const stored = latest === seenVersion ? await insertSignedReview(pool(), review, coach.id) : 0;
    if (stored === 0)
      return refuse(
        'Another coach signed this review meanwhile. What you wrote stays on this page: reload it to see theirs.',
      );
    const signed = await findSignedReview(pool(), reviewId);
    if (signed) await prepareIfShared(signed, coach.id);
    revalidatePath('/', 'layout');
    return { ok: true, version: review.version };
  },
});

/** Whoever has a link reads a new version from its signing on: its clips are asked for, also when the same signing comes again because that failed. */
async function prepareIfShared(signed: SignedReview, coachId: string): Promise<void> {
  if (await isShared(pool(), signed.closingId)) await prepareClips(signed, coachId);
}
