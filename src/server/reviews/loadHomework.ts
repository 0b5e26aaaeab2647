import type { Homework } from '@/core/reviewing';
import type { Database } from '@/data/client';
import { listEarlierReviews } from '@/data/reviews/signedReviews';
import type { Round } from '@/data/rounds/rounds';

/** The latest homework against each error of both athletes, given after rounds before this one. */
export async function loadHomework(database: Database, round: Round): Promise<Homework[]> {
  const before = { roundId: round.id, heldOn: round.heldOn, numberInSession: round.numberInSession };
  const reviews = await listEarlierReviews(database, [round.a.personId, round.b.personId], before);
  const found = new Map<string, Homework>();
  for (const review of reviews) {
    const athlete = review.personId === round.a.personId ? 'a' : 'b';
    for (const { errorId, homework, homeworkDue: due, markIds } of review.content.points) {
      const key = `${athlete} ${errorId}`;
      if (homework === '' || found.has(key)) continue;
      const { heldOn: givenOn, roundId } = review;
      found.set(key, { athlete, errorId, text: homework, due, givenOn, roundId, countThen: markIds.length });
    }
  }
  return [...found.values()];
}
