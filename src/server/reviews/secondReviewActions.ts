'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import { redirect } from 'next/navigation';
import { z } from 'zod';
import { type Outcome, refuse } from '@/core/kernel';
import { linksOf, type Mark } from '@/core/round';
import { pool } from '@/data/client';
import { findMark, listMarks, secondMarks } from '@/data/marks/marks';
import { beginSecondReview, endSecondReview, findSecondReview, settleDifference } from '@/data/reviews/secondReviews';
import { findRound, type Round } from '@/data/rounds/rounds';
import { defineCommand } from '../kernel/defineCommand';
import { applyChanges } from '../marks/applyChanges';
import { placeOfRound } from '../marks/marksPlace';
import { findOpenSecondReview } from './blindness';

/** Begins this coach's blind review of a round, or goes on with it. */
export const beginSecond = defineCommand({
  actor: 'coach',
  args: [z.uuid()],
  misfit: 'This round is no longer there. Go back to the list of rounds.',
  run: async (coach, roundId) => {
    const round = await findRound(pool(), roundId);
    if (!round) redirect('/review');
    await beginSecondReview(pool(), randomUUID(), round.id, coach.id);
    redirect(`/rounds/${round.id}/second`);
  },
});

/** Ends it: it is compared from now on and does not change any more. */
export const endSecond = defineCommand({
  actor: 'coach',
  args: [z.uuid(), z.uuid()],
  misfit: 'This round is no longer there. Go back to the list of rounds.',
  run: async (coach, roundId, reviewId) => {
    await endSecondReview(pool(), reviewId, coach.id);
    redirect(`/rounds/${roundId}/agreement`);
  },
});

const differenceKey = z
  .string()
  .max(80)
  .transform((key) => key.split(' '))
  .pipe(z.array(z.uuid()).min(1).max(2));

/** Settles a difference: `second` takes the second reviewer's mark into the round, in place of the first one's where there is one; `first` leaves the round as it is. */
export const settle = defineCommand({
  actor: 'coach',
  args: [z.uuid(), z.uuid(), differenceKey, z.enum(['first', 'second'])],
  misfit: 'This difference is not there any more. Reload the page.',
  run: async (coach, roundId, reviewId, ids, take): Promise<Outcome> => {
    const review = await findSecondReview(pool(), reviewId);
    const round = review?.doneAt && review.roundId === roundId ? await findRound(pool(), review.roundId) : undefined;
    if (!review || !round || (await findOpenSecondReview(round.id, coach.id)))
      return refuse('This second review is not there any more, or is not done yet.');
    const key = ids.join(' ');
    if (take === 'second') {
      const problem = await takeSecond(round, review.id, ids, coach.id);
      if (problem) return refuse(problem);
    }
    await settleDifference(pool(), review.id, key);
    revalidatePath(`/rounds/${round.id}/agreement`);
    return { ok: true };
  },
});

/** Lays the second reviewer's mark into the round; gives why not. */
async function takeSecond(
  round: Round,
  reviewId: string,
  ids: readonly string[],
  coachId: string,
): Promise<string | undefined> {
  const second = (await listMarks(pool(), reviewId, secondMarks)).find((one) => ids.includes(one.id));
  const [firstId = ''] = ids;
  const first = ids.length === 2 ? await findMark(pool(), firstId) : undefined;
  const stored = second ? undefined : await findMark(pool(), firstId);
  const mark = second
    ? { ...second.mark, id: first?.id ?? randomUUID(), ...keptLinks(second.mark, first?.mark) }
    : stored?.mark;
  if (!mark) return 'One of the two marks is gone. Reload the page.';
  const baseChangeId = (first ?? stored)?.changeId;
  const change = { changeId: randomUUID(), mark, baseChangeId, removed: !second };
  const [outcome] = await applyChanges(pool(), placeOfRound(round), [change], coachId);
  if (outcome?.status !== 'stored') return 'Somebody changed the mark meanwhile. Reload the page and look again.';
  return undefined;
}

/** Links of a second review lead to its own marks: they do not come along; those of the mark that it replaces stay. */
const keptLinks = (mark: Mark, replaced: Mark | undefined): object =>
  mark.kind === 'error' || mark.ledTo || replaced?.ledTo ? { ledTo: replaced ? linksOf(replaced) : [] } : {};
