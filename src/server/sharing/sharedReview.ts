import { withoutName } from '@/core/consent';
import { firstNameOf } from '@/core/kernel';
import type { SaidBefore, SharedClip, SharedPoint, SharedReview } from '@/core/reviewing';
import { drillOf, type HouseWords } from '@/core/vocabulary';
import { pool } from '@/data/client';
import { listClips } from '@/data/clips/clips';
import { getAcademy } from '@/data/people/academy';
import { findPerson } from '@/data/people/people';
import { type Closing, findClosing } from '@/data/reviews/closings';
import { findLatestReview, type SignedReview } from '@/data/reviews/signedReviews';
import { type AnswerKind, listAnswersOfReview, type StudentAnswer } from '@/data/sharing/answers';
import { listSharedClosings, type ShareLink } from '@/data/sharing/links';
import { type ClipPlace, clipPlaces, listReviewClips } from '@/data/sharing/reviewClips';
import { today } from '../kernel/academyTime';
import { loadHouse } from '../language/loadHouse';
import { type ShownPerson, whoIsShown, whyNotShown } from '../people/whoIsShown';
import { roundsShown } from './closedRounds';

/** What a link leads to: a closing of its own person that is shared, its signed version and who is in it; undefined for anything else, and while somebody in it is not to be shown. */
export async function findShared(
  link: ShareLink,
  closingId: string | undefined = link.closingId,
): Promise<
  { readonly closing: Closing; readonly review: SignedReview; readonly people: readonly ShownPerson[] } | undefined
> {
  if (closingId === undefined) return undefined;
  if (link.kind === 'review' && closingId !== link.closingId) return undefined;
  if (link.kind === 'student' && !(await listSharedClosings(pool(), link.personId)).includes(closingId))
    return undefined;
  const closing = await findClosing(pool(), closingId);
  // A round's card may have been corrected since: the review is somebody else's then.
  if (!closing || closing.personId !== link.personId) return undefined;
  const review = await findLatestReview(pool(), closingId);
  if (!review) return undefined;
  const people = await whoIsShown(pool(), await roundsShown(pool(), closing, review.content), await today());
  return whyNotShown(people) ? undefined : { closing, review, people };
}

/** The review that a link leads to; of a student's own page, the one that is asked for. */
export async function loadSharedReview(link: ShareLink, closingId?: string): Promise<SharedReview | undefined> {
  const shared = await findShared(link, closingId);
  if (!shared) return undefined;
  const { closing, review, people } = shared;
  const [person, house, academy, clipIds, answers] = await Promise.all([
    findPerson(pool(), link.personId),
    loadHouse(),
    getAcademy(pool()),
    listReviewClips(pool(), review.id),
    listAnswersOfReview(pool(), review.id),
  ]);
  if (!person) return undefined;
  const clips = new Map((await listClips(pool(), [...clipIds.values()])).map((one) => [one.id, one]));
  const clipAt = (place: ClipPlace | undefined): SharedClip | undefined => {
    const clip = place && clips.get(clipIds.get(place) ?? '');
    if (!clip || clip.state === 'failed' || clip.state === 'cancelled') return undefined;
    return { id: clip.id, isReady: clip.state === 'ready', seconds: clip.seconds };
  };
  const clean = cleanerFor(people, person.name);
  const saidTo = (kind: AnswerKind, place: number) =>
    saidBefore(answers.find((one) => one.kind === kind && one.place === place));
  const { good, points, questions, remark } = review.content;
  return {
    ...{
      closingId: closing.id,
      academyName: academy.name,
      firstName: firstNameOf(person.name),
      version: review.version,
    },
    ...{
      coachName: review.signedByName,
      signedAt: review.signedAt,
      firstDay: closing.firstDay,
      lastDay: closing.lastDay,
    },
    isOneRound: closing.kind === 'round',
    good: { text: clean(good.text), clip: clipAt('good') },
    points: points.map((point, place) => ({
      ...{ place, title: clean(point.title), text: clean(point.text), cue: clean(point.cue) },
      ...{ instead: clean(point.instead), branch: clean(point.branch), homework: clean(point.homework) },
      homeworkDue: point.homeworkDue,
      drill: drillWords(house, point.drillId),
      clip: clipAt(clipPlaces[place + 1]),
      done: saidTo('homework', place),
    })),
    questions: questions.map((question, place) => ({
      ...{ place, text: clean(question.text), choices: question.choices.map((one) => one.text) },
      said: saidTo('question', place),
    })),
    remark: clean(remark),
    feeling: saidTo('feeling', 0),
  };
}

/** Takes the names of those out of a text who did not agree to be named; the reader's own stays. */
export function cleanerFor(people: readonly ShownPerson[], own: string): (text: string) => string {
  const hidden = people.filter((one) => !one.isNamed && one.name !== own);
  return (text) => hidden.reduce((left, { name }) => withoutName(left, name, 'your partner', [own]), text);
}

const saidBefore = (answer: StudentAnswer | undefined): SaidBefore | undefined =>
  answer && {
    ...{ said: answer.said, choice: answer.choice, isDone: answer.isDone },
    isTaken: answer.takenAt !== undefined,
  };

function drillWords(house: HouseWords, drillId: string | undefined): SharedPoint['drill'] {
  const drill = drillId ? drillOf(house, drillId) : undefined;
  return drill && { name: drill.name, start: drill.start, counterpart: drill.counterpart };
}
