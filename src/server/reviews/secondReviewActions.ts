'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import { redirect } from 'next/navigation';
import type { Mark } from '@/core/round';
import { pool } from '@/data/client';
import { findMark, listMarks, secondMarks } from '@/data/marks/marks';
import { beginSecondReview, endSecondReview, findSecondReview, settleDifference } from '@/data/reviews/secondReviews';
import { findRound } from '@/data/rounds/rounds';
import { requireCoach } from '../accounts/currentCoach';
import { isUuid } from '../kernel/isUuid';
import { applyChanges } from '../marks/applyChanges';
import { placeOfRound } from '../marks/marksPlace';

/** Begins this coach's blind review of a round, or goes on with it. */
export async function beginSecond(roundId: string): Promise<void> {
  const coach = await requireCoach();
  const round = isUuid(roundId) ? await findRound(pool(), roundId) : undefined;
  if (!round) redirect('/review');
  await beginSecondReview(pool(), randomUUID(), round.id, coach.id);
  redirect(`/rounds/${round.id}/second`);
}

/** Ends it: it is compared from now on and does not change any more. */
export async function endSecond(roundId: string, reviewId: string): Promise<void> {
  const coach = await requireCoach();
  if (isUuid(reviewId)) await endSecondReview(pool(), reviewId, coach.id);
  redirect(`/rounds/${isUuid(roundId) ? roundId : ''}/agreement`);
}

export type SettleOutcome = { readonly ok: true } | { readonly ok: false; readonly message: string };

/** Settles a difference: `second` takes the second reviewer's mark into the round, in place of the first one's where there is one; `first` leaves the round as it is. */
export async function settle(
  roundId: string,
  reviewId: string,
  key: string,
  take: 'first' | 'second',
): Promise<SettleOutcome> {
  const coach = await requireCoach();
  const review = isUuid(reviewId) ? await findSecondReview(pool(), reviewId) : undefined;
  const round = review?.doneAt && review.roundId === roundId ? await findRound(pool(), review.roundId) : undefined;
  if (!review || !round) return { ok: false, message: 'This second review is not there any more, or is not done yet.' };
  const ids = key.split(' ');
  if (ids.length > 2 || !ids.every(isUuid))
    return { ok: false, message: 'This difference is not there any more. Reload the page.' };
  if (take === 'second') {
    const second = (await listMarks(pool(), review.id, secondMarks)).find((one) => ids.includes(one.id));
    const first = ids.length === 2 ? await findMark(pool(), ids[0]!) : undefined;
    const removed = !second;
    const stored = second ? undefined : await findMark(pool(), key);
    const target = first ?? stored;
    const mark = second
      ? { ...second.mark, id: first?.id ?? randomUUID(), ...linksOf(second.mark, first?.mark) }
      : stored?.mark;
    if (!mark) return { ok: false, message: 'One of the two marks is gone. Reload the page.' };
    const change = { changeId: randomUUID(), mark, baseChangeId: target?.changeId, removed };
    const [outcome] = await applyChanges(pool(), placeOfRound(round), [change], coach.id);
    if (outcome?.status !== 'stored')
      return { ok: false, message: 'Somebody changed the mark meanwhile. Reload the page and look again.' };
  }
  await settleDifference(pool(), review.id, key);
  revalidatePath(`/rounds/${round.id}/agreement`);
  return { ok: true };
}

/** Links of a second review lead to its own marks: they do not come along; those of the mark that it replaces stay. */
const linksOf = (mark: Mark, replaced: Mark | undefined): object =>
  mark.kind === 'error' ? { ledTo: replaced?.kind === 'error' ? replaced.ledTo : [] } : {};
