'use server';

import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { type Outcome, refuse } from '@/core/kernel';
import { pool } from '@/data/client';
import { findClosingId } from '@/data/reviews/closings';
import { findLatestReview, findSignedReview, insertSignedReview } from '@/data/reviews/signedReviews';
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
    if (before)
      return before.closingId === closingId
        ? { ok: true, version: before.version }
        : refuse('This signing belongs to another review. Reload the page.');
    // The page says what it saw; how far the versions are only the database knows.
    const latest = closingId ? ((await findLatestReview(pool(), closingId))?.version ?? 0) : 0;
    const review = { id: reviewId, about, version: latest + 1, content };
    const stored = latest === seenVersion ? await insertSignedReview(pool(), review, coach.id) : 0;
    if (stored === 0)
      return refuse(
        'Another coach signed this review meanwhile. What you wrote stays on this page: reload it to see theirs.',
      );
    const signed = await findSignedReview(pool(), reviewId);
    // Whoever has a link reads the new version from now on.
    if (signed && (await isShared(pool(), signed.closingId))) await prepareClips(signed, coach.id);
    revalidatePath('/', 'layout');
    return { ok: true, version: review.version };
  },
});
