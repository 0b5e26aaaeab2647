'use server';

import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { type Outcome, refuse } from '@/core/kernel';
import { pool } from '@/data/client';
import { findSignedReview, insertSignedReview, latestSignedVersion } from '@/data/reviews/signedReviews';
import { findRound } from '@/data/rounds/rounds';
import { defineCommand } from '../kernel/defineCommand';
import { findOpenSecondReview } from './blindness';
import { closingInput } from './closingInput';

/**
 * Signs a review as the version after the one that the coach saw; an earlier signing by somebody else is told, and nothing is overwritten. `reviewId` is
 * made by the page: the same signing sent twice, because its answer was lost, is one.
 */
export const signReview = defineCommand({
  actor: 'coach',
  args: [z.uuid(), z.enum(['a', 'b']), z.number().int().min(0), closingInput, z.uuid()],
  run: async (coach, roundId, slot, seenVersion, content, reviewId): Promise<Outcome<{ readonly version: number }>> => {
    if (!(await findRound(pool(), roundId))) return refuse('This round is no longer there.');
    if (await findOpenSecondReview(roundId, coach.id))
      return refuse('You review this round blind: end your second review first.');
    const before = await findSignedReview(pool(), reviewId);
    if (before)
      return before.roundId === roundId && before.slot === slot
        ? { ok: true, version: before.version }
        : refuse('This signing belongs to another round. Reload the page.');
    // The page says what it saw; how far the versions are only the database knows.
    const latest = await latestSignedVersion(pool(), roundId, slot);
    const review = { id: reviewId, roundId, slot, version: latest + 1, content };
    const stored = latest === seenVersion ? await insertSignedReview(pool(), review, coach.id) : 0;
    if (stored === 0)
      return refuse(
        'Another coach signed this review meanwhile. What you wrote stays on this page: reload it to see theirs.',
      );
    revalidatePath(`/rounds/${roundId}/closing`);
    return { ok: true, version: review.version };
  },
});
