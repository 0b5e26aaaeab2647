'use server';

import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { firstNameOf, type Outcome, refuse } from '@/core/kernel';
import { pool } from '@/data/client';
import { getAcademy } from '@/data/people/academy';
import { findPerson } from '@/data/people/people';
import { findClosing } from '@/data/reviews/closings';
import { findLatestReview } from '@/data/reviews/signedReviews';
import { findLink, insertLink, revokeLink } from '@/data/sharing/links';
import { hashToken, newToken } from '../accounts/tokens';
import { today } from '../kernel/academyTime';
import { defineCommand } from '../kernel/defineCommand';
import { qrOf } from '../kernel/qrOf';
import { whoIsShown, whyNotShown } from '../people/whoIsShown';
import { roundsShown } from './closedRounds';
import { linkAddress } from './linkAddress';
import { prepareClips } from './prepareClips';
import { MOST_LINK_DAYS, shareInput } from './shareInput';
import { writeMessage } from './writeMessage';

/** What is told of a new link, once: only a hash of it is kept. */
export interface MadeLink {
  readonly address: string;
  /** A picture of it for the printed page, as SVG. */
  readonly qr: string;
  /** Whether a message with it lies in the outbox. */
  readonly isSent: boolean;
}

/**
 * Makes a link under which a student reads their signed review, and asks for its clips. Refused while the footage shows somebody who is not to be shown. Sent
 * twice under the same id, it is refused: the first one's token is known to nobody else.
 */
export const shareReview = defineCommand({
  actor: 'coach',
  noted: 'link-made',
  args: [z.uuid(), shareInput, z.uuid()],
  run: async (coach, closingId, { days, isSent }, linkId): Promise<Outcome<MadeLink>> => {
    const closing = await findClosing(pool(), closingId);
    const review = closing && (await findLatestReview(pool(), closingId));
    const person = closing?.personId ? await findPerson(pool(), closing.personId) : undefined;
    if (!closing || !review || !person) return refuse('There is no signed review of somebody here. Sign it first.');
    const shown = await whoIsShown(pool(), await roundsShown(pool(), closing, review.content), await today());
    const problem = whyNotShown(shown);
    if (problem) return refuse(problem);
    if (isSent && person.email === '')
      return refuse(`No address is known of ${person.name}. Write it on their card, or hand the link over yourself.`);
    // First what can be repeated: a link that was made and not told is of no use to anybody.
    await prepareClips(review, coach.id);
    const token = newToken();
    const link = {
      ...{ id: linkId, kind: 'review' as const, personId: person.id, closingId, days },
      tokenHash: hashToken(token),
    };
    if ((await insertLink(pool(), link, coach.id)) === 0) return refuse('This link was made already. Make a new one.');
    const address = await linkAddress(token);
    if (isSent)
      await writeMessage({
        ...{ kind: 'review', person, address, reason: `review ${linkId}` },
        from: (await getAcademy(pool())).name,
        subject: `Your review, ${firstNameOf(person.name)}`,
        lines: [
          `${coach.displayName} looked at your rounds and wrote down what was good and what to work on.`,
          review.content.questions.length > 0 ? 'There is a question for you in it, too.' : '',
          `The link is yours alone and holds for ${days === 1 ? 'a day' : `${days} days`}. Please do not pass it on: others are in the picture, too.`,
        ],
      }).catch(async (error: unknown) => {
        await revokeLink(pool(), linkId);
        throw error;
      });
    revalidatePath('/', 'layout');
    return { ok: true, address, qr: await qrOf(address), isSent };
  },
});

/** Makes the longer-lived link to a student's own page, where the academy allows such pages. */
export const shareOwnPage = defineCommand({
  actor: 'coach',
  noted: 'link-made',
  args: [z.uuid(), z.uuid()],
  run: async (coach, personId, linkId): Promise<Outcome<MadeLink>> => {
    const person = await findPerson(pool(), personId);
    if (!person) return refuse('This person is no longer there. Reload the page.');
    if (!(await getAcademy(pool())).studentPages)
      return refuse('The academy does not give students pages of their own. The head coach can allow it in Settings.');
    const token = newToken();
    const link = { id: linkId, kind: 'student' as const, personId, tokenHash: hashToken(token), days: MOST_LINK_DAYS };
    if ((await insertLink(pool(), link, coach.id)) === 0) return refuse('This link was made already. Make a new one.');
    revalidatePath('/', 'layout');
    const address = await linkAddress(token);
    return { ok: true, address, qr: await qrOf(address), isSent: false };
  },
});

/** Closes a link at once. */
export const closeLink = defineCommand({
  actor: 'coach',
  noted: 'link-closed',
  args: [z.uuid()],
  misfit: 'This link is no longer there. Reload the page.',
  run: async (_coach, linkId): Promise<Outcome> => {
    if (!(await findLink(pool(), linkId))) return refuse('This link is no longer there. Reload the page.');
    await revokeLink(pool(), linkId);
    revalidatePath('/', 'layout');
    return { ok: true };
  },
});
