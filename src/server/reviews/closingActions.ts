'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import { pool } from '@/data/client';
import { insertSignedReview } from '@/data/reviews/signedReviews';
import { findRound } from '@/data/rounds/rounds';
import { requireCoach } from '../accounts/currentCoach';
import { isUuid } from '../kernel/isUuid';
import { closingInput, type ReviewContent, type SignOutcome } from './closingInput';

/** Signs a review as the version after the one that the coach saw; an earlier signing by somebody else is told, and nothing is overwritten. */
export async function signReview(
  roundId: string,
  slot: 'a' | 'b',
  seenVersion: number,
  draft: ReviewContent,
): Promise<SignOutcome> {
  const coach = await requireCoach();
  const input = closingInput.safeParse(draft);
  if (!input.success) return { ok: false, message: input.error.issues[0]?.message ?? 'This review cannot be kept.' };
  if (!isUuid(roundId) || !['a', 'b'].includes(slot) || !(await findRound(pool(), roundId)))
    return { ok: false, message: 'This round is no longer there.' };
  const version = seenVersion + 1;
  const review = { id: randomUUID(), roundId, slot, version, content: input.data };
  const stored = Number.isInteger(version) && version > 0 ? await insertSignedReview(pool(), review, coach.id) : 0;
  if (stored === 0)
    return {
      ok: false,
      message:
        'Another coach signed this review meanwhile. What you wrote stays on this page: reload it to see theirs.',
    };
  revalidatePath(`/rounds/${roundId}/closing`);
  return { ok: true, version };
}
