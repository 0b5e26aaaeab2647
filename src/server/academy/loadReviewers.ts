import { agreementByKind, agreementOfStates, matchEvents } from '@/core/agreement';
import { readRound } from '@/core/round';
import { pool } from '@/data/client';
import { listMarks, secondMarks } from '@/data/marks/marks';
import { listDoneSecondReviews } from '@/data/reviews/secondReviews';
import { listRoundsByIds } from '@/data/rounds/rounds';

/** Second reviews that are compared. @source own decision: enough to see a course, quick enough to work out anew */
const NEWEST = 12;

/** How far a second review of a round agrees with the first. */
export interface ReviewersAgreed {
  readonly roundId: string;
  readonly doneOn: string;
  readonly names: readonly [string, string];
  readonly coachName: string;
  /** Second by second, where the two are, beyond chance; undefined where no disagreement was possible. */
  readonly kappa?: number;
  /** Of the errors that either marked, the share that both did; undefined where neither marked one. */
  readonly errors?: number;
}

/** The newest second reviews that are done, oldest first, but for rounds that must not be met. */
export async function loadReviewers(withoutRoundIds: readonly string[]): Promise<ReviewersAgreed[]> {
  const reviews = (await listDoneSecondReviews(pool(), NEWEST)).filter((one) => !withoutRoundIds.includes(one.roundId));
  const rounds = new Map(
    (
      await listRoundsByIds(
        pool(),
        reviews.map((one) => one.roundId),
      )
    ).map((round) => [round.id, round]),
  );
  const compared = await Promise.all(
    reviews.map(async ({ id, roundId, coachName, doneOn }): Promise<ReviewersAgreed[]> => {
      const round = rounds.get(roundId);
      if (!round) return [];
      const [first, second] = (await Promise.all([listMarks(pool(), roundId), listMarks(pool(), id, secondMarks)])).map(
        (marks) => marks.map((stored) => stored.mark),
      );
      if (!first || !second) return [];
      const errors = agreementByKind(matchEvents(first, second)).find((one) => one.kind === 'error');
      return [
        {
          ...{ roundId, doneOn, coachName, names: [round.a.name, round.b.name] },
          kappa: agreementOfStates(readRound(round, first), readRound(round, second)).kappa,
          errors: errors?.f1,
        },
      ];
    }),
  );
  return compared.flat().reverse();
}
