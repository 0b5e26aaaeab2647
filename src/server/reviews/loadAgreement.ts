import {
  agreementByKind,
  agreementOfStates,
  type Difference,
  type Kappa,
  type KindAgreement,
  listDifferences,
  matchEvents,
} from '@/core/agreement';
import { readRound } from '@/core/round';
import type { HouseWords } from '@/core/vocabulary';
import { pool } from '@/data/client';
import { listMarks, secondMarks } from '@/data/marks/marks';
import { listSecondReviews, type SecondReview } from '@/data/reviews/secondReviews';
import { findRound, type Round } from '@/data/rounds/rounds';
import { requireCoach } from '../accounts/currentCoach';
import { isUuid } from '../kernel/isUuid';
import { loadHouse } from '../language/loadHouse';
import { placeOfRound } from '../marks/marksPlace';
import { readMarks } from '../marks/readMarks';

/** How far one second review agrees with the first. */
export interface Agreement {
  readonly review: SecondReview;
  readonly kinds: readonly KindAgreement[];
  readonly states: Kappa;
  /** What is still open to be settled. */
  readonly differences: readonly Difference[];
  readonly settled: number;
}

export interface AgreementPage {
  readonly round: Round;
  readonly house: HouseWords;
  /** This coach's own second review, begun or done. */
  readonly own?: SecondReview;
  /** Others that are not done yet: their marks are not shown to anybody. */
  readonly waiting: readonly SecondReview[];
  readonly agreements: readonly Agreement[];
  readonly firstCount: number;
}

/** The second reviews of a round and how they agree with the first. Nothing of the first is told to a coach whose own second review is not done. */
export async function loadAgreement(roundId: string): Promise<AgreementPage | undefined> {
  const coach = await requireCoach();
  const round = isUuid(roundId) ? await findRound(pool(), roundId) : undefined;
  if (!round) return undefined;
  const [house, reviews] = await Promise.all([loadHouse(), listSecondReviews(pool(), round.id)]);
  const own = reviews.find((one) => one.coachId === coach.id);
  const isBlind = own !== undefined && !own.doneAt;
  const first = (await readMarks(placeOfRound(round))).map((one) => one.mark);
  const agreements = isBlind
    ? []
    : await Promise.all(reviews.filter((one) => one.doneAt).map((review) => compare(round, first, review)));
  const waiting = reviews.filter((one) => !one.doneAt && one.coachId !== coach.id);
  return { round, house, own, waiting, agreements, firstCount: isBlind ? 0 : first.length };
}

async function compare(
  round: Round,
  first: Parameters<typeof matchEvents>[0],
  review: SecondReview,
): Promise<Agreement> {
  const second = (await listMarks(pool(), review.id, secondMarks)).map((stored) => stored.mark);
  const matched = matchEvents(first, second);
  const all = listDifferences(matched);
  const differences = all.filter((one) => !review.settled.includes(one.key));
  return {
    review,
    kinds: agreementByKind(matched),
    states: agreementOfStates(readRound(round, first), readRound(round, second)),
    differences,
    settled: all.length - differences.length,
  };
}
