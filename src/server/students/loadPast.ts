import { type ApartReason, reasonApart } from '@/core/round';
import { pool } from '@/data/client';
import { listConsents, type RecordedConsent } from '@/data/people/consents';
import { type BeltStep, listBeltSteps, listWeighings, type Weighing } from '@/data/people/histories';
import type { Person } from '@/data/people/people';
import { listReviewsOf, type ReviewOf } from '@/data/reviews/signedReviews';
import { type Hurt, listHurtsOf } from '@/data/rounds/hurts';
import { listRoundsApart } from '@/data/rounds/rounds';
import { listAnswersOf, type StudentAnswer } from '@/data/sharing/answers';
import { listStudentLinks, type ShareLink } from '@/data/sharing/links';
import { type AnsweredQuestion, loadQuestionsAbout } from '../search/loadQuestions';
import { loadReadiness, type UnitOfStudent } from './loadReadiness';

/** Signed reviews, cards that say something hurt, and rounds apart shown at once. @source own decision: what can be looked through in one list */
const SHOWN = { reviews: 12, hurts: 12, apart: 12, said: 40 } as const;

/** A round that enters no rate, with what is marked of somebody in it. */
export interface RoundApart {
  readonly roundId: string;
  readonly heldOn: string;
  readonly partner: string;
  readonly filmed: boolean;
  readonly startSeconds: number;
  readonly reason: ApartReason;
  readonly marks: readonly { readonly markId: string; readonly conceptId: string; readonly atSeconds: number }[];
}

/** What is known of somebody beside what keeps happening. */
export interface StudentPast {
  readonly belts: readonly BeltStep[];
  readonly weights: readonly Weighing[];
  readonly hurts: readonly Hurt[];
  /** Newest first, each as it was signed last. */
  readonly reviews: readonly ReviewOf[];
  readonly apart: readonly RoundApart[];
  /** This coach's kept questions about them, answered. */
  readonly questions: readonly AnsweredQuestion[];
  /** What they, or a guardian for them, agreed to, newest first. */
  readonly consents: readonly RecordedConsent[];
  /** Their reviews' answers, newest first. */
  readonly said: readonly StudentAnswer[];
  /** The links to their own page, newest first. */
  readonly links: readonly ShareLink[];
  /** The units of their belt: taught when, seen how often. */
  readonly units: readonly UnitOfStudent[];
}

/** Belts, weights, what hurt, signed reviews, the rounds that say nothing of sparring, and what the coach asks about them. */
export async function loadPast(
  person: Pick<Person, 'id' | 'name' | 'belt'>,
  withoutRoundIds: readonly string[],
): Promise<StudentPast> {
  const { id: personId } = person;
  const [belts, weights, hurts, reviews, apart, questions, units, consents, said, links] = await Promise.all([
    listBeltSteps(pool(), [personId]),
    listWeighings(pool(), [personId]),
    listHurtsOf(pool(), personId, SHOWN.hurts),
    listReviewsOf(pool(), personId, SHOWN.reviews),
    listRoundsApart(pool(), personId, SHOWN.apart),
    loadQuestionsAbout(person),
    loadReadiness(person),
    listConsents(pool(), [personId]),
    listAnswersOf(pool(), personId, SHOWN.said),
    listStudentLinks(pool(), personId),
  ]);
  const isSeen = ({ roundId }: { readonly roundId?: string }) =>
    roundId === undefined || !withoutRoundIds.includes(roundId);
  return {
    ...{ belts, weights, hurts, questions, units, consents, said, links },
    reviews: reviews.filter(isSeen),
    apart: apart.filter(isSeen).flatMap(({ circumstances, ...round }) => {
      const reason = reasonApart(circumstances);
      return reason ? [{ ...round, reason }] : [];
    }),
  };
}
