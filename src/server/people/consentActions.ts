'use server';

import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { type Outcome, refuse } from '@/core/kernel';
import { inTransaction, pool } from '@/data/client';
import { findConsent, insertConsent, withdrawConsent } from '@/data/people/consents';
import { findPerson } from '@/data/people/people';
import { revokeLinksTo } from '@/data/sharing/links';
import { today } from '../kernel/academyTime';
import { defineCommand } from '../kernel/defineCommand';
import { consentInput } from './consentInput';

/** Records what somebody, or a guardian for them, agreed to: one line for each purpose, under ids that the page made. Sent twice, it is one. */
export const recordConsent = defineCommand({
  actor: 'coach',
  noted: 'consent-recorded',
  args: [consentInput, z.array(z.uuid()).min(1).max(3)],
  run: async (coach, consent, ids): Promise<Outcome> => {
    const { personId, purposes, givenBy, byGuardian, givenOn, untilDay, note } = consent;
    if (!(await findPerson(pool(), personId))) return refuse('This person is no longer there. Reload the page.');
    if (givenOn > (await today())) return refuse('Nobody has agreed in the future yet.', 'givenOn');
    if (new Set(purposes).size > ids.length) return refuse('Reload the page, then try again.');
    await inTransaction(pool(), async (client) => {
      for (const [at, purpose] of [...new Set(purposes)].entries())
        await insertConsent(
          client,
          {
            ...{ id: ids[at] ?? '', personId, purpose, givenBy, byGuardian, givenOn, note },
            untilDay: untilDay || undefined,
          },
          coach.id,
        );
    });
    revalidatePath('/', 'layout');
    return { ok: true };
  },
});

/** Ends what somebody agreed to, from today on; withdrawn of filming or showing, every link to footage with them closes at once. */
export const withdrawRecordedConsent = defineCommand({
  actor: 'coach',
  noted: 'consent-withdrawn',
  args: [z.uuid()],
  misfit: 'This consent is no longer there. Reload the page.',
  run: async (_coach, consentId): Promise<Outcome<{ readonly closed: number }>> => {
    const consent = await findConsent(pool(), consentId);
    if (!consent) return refuse('This consent is no longer there. Reload the page.');
    const day = await today();
    const closed = await inTransaction(pool(), async (client) => {
      await withdrawConsent(client, consentId, day);
      return consent.purpose === 'name' ? 0 : revokeLinksTo(client, consent.personId);
    });
    revalidatePath('/', 'layout');
    return { ok: true, closed };
  },
});
