import type { Athlete } from '@/core/round';
import type { Database } from '@/data/client';
import { listEarlierReviews } from '@/data/reviews/signedReviews';
import type { Round } from '@/data/rounds/rounds';

/** Homework that an athlete of a round was given after an earlier one. */
export interface Homework {
  readonly athlete: Athlete;
  readonly errorId: string;
  readonly text: string;
  /** When it was to be looked at again; empty when no day was set. */
  readonly due: string;
  readonly givenOn: string;
  readonly roundId: string;
  /** How often the error was seen then. */
  readonly countThen: number;
}

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
