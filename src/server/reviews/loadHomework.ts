import type { Homework } from '@/core/reviewing';
import type { Database } from '@/data/client';
import { listEarlierReviews } from '@/data/reviews/signedReviews';
import type { Round } from '@/data/rounds/rounds';

/** The latest homework against each error of both athletes, given after rounds before this one. */
export async function loadHomework(database: Database, round: Round): Promise<Homework[]> {
  const before = { roundId: round.id, heldOn: round.heldOn, numberInSession: round.numberInSession };
  const given = await listHomeworkBefore(database, [round.a.personId, round.b.personId], before);
  return given.map(({ personId, reviewId: _review, place: _place, ...homework }) => ({
    ...homework,
    athlete: personId === round.a.personId ? 'a' : 'b',
  }));
}

/** Homework as it was given: to whom, in which review, at which place of it. */
type Given = Omit<Homework, 'athlete'> & {
  readonly personId: string;
  readonly reviewId: string;
  readonly place: number;
};

/** The latest homework against each error of these people that was given before a round. */
export async function listHomeworkBefore(
  database: Database,
  personIds: readonly string[],
  before: { readonly roundId: string; readonly heldOn: string; readonly numberInSession: number },
): Promise<Given[]> {
  const found = new Map<string, Given>();
  for (const review of await listEarlierReviews(database, personIds, before)) {
    const { personId, heldOn: givenOn, roundId } = review;
    for (const [place, { errorId, homework, homeworkDue: due, markIds }] of review.content.points.entries()) {
      const key = `${personId} ${errorId}`;
      if (errorId === undefined || homework === '' || found.has(key)) continue;
      found.set(key, {
        ...{ personId, errorId, text: homework, due, givenOn, roundId, countThen: markIds.length },
        ...{ reviewId: review.id, place },
      });
    }
  }
  return [...found.values()];
}
