'use server';

import { randomUUID } from 'node:crypto';
import { headers } from 'next/headers';
import { redirect } from 'next/navigation';
import { z } from 'zod';
import { countCoaches, findCoachBySignInName, insertCoach } from '@/data/accounts/coaches';
import { countFailures, insertAttempt, revokeAllSessions } from '@/data/accounts/sessions';
import { inTransaction, pool } from '@/data/client';
import { type FormOutcome, newAccountInput, signInInput } from './accountInput';
import { closeSession, openSession, requireCoach } from './currentCoach';
import { hashPassword, passwordMatches } from './passwords';

const FAILURES_PER_NAME = 8;
const FAILURES_PER_ADDRESS = 40;
const WINDOW_MINUTES = 15;

async function clientAddress(): Promise<string> {
  const incoming = await headers();
  return incoming.get('x-forwarded-for')?.split(',')[0]?.trim() ?? 'local';
}

export async function signIn(_previous: FormOutcome, form: FormData): Promise<FormOutcome> {
  const input = signInInput.safeParse(Object.fromEntries(form));
  if (!input.success) return { fieldErrors: z.flattenError(input.error).fieldErrors };
  const { signInName, password } = input.data;
  const address = await clientAddress();
  const failures = await countFailures(pool(), signInName, address, WINDOW_MINUTES);
  if (failures.byName >= FAILURES_PER_NAME || failures.byAddress >= FAILURES_PER_ADDRESS) {
    return { message: `Too many tries. Wait ${WINDOW_MINUTES} minutes, then try again.` };
  }
  const coach = await findCoachBySignInName(pool(), signInName);
  const matches = await passwordMatches(coach?.passwordHash, password);
  await insertAttempt(pool(), signInName, address, matches);
  if (!coach || !matches)
    return { message: 'Sign-in name and password do not belong together. Check both and try again.' };
  await openSession(coach.id);
  redirect('/footage');
}

export async function signOut(): Promise<void> {
  await closeSession();
  redirect('/sign-in');
}

export async function signOutEverywhere(): Promise<void> {
  const coach = await requireCoach();
  await revokeAllSessions(pool(), coach.id);
  await closeSession();
  redirect('/sign-in');
}

/** The very first account: only while there is none. It leads the academy. */
export async function createFirstAccount(_previous: FormOutcome, form: FormData): Promise<FormOutcome> {
  const input = newAccountInput.safeParse(Object.fromEntries(form));
  if (!input.success) return { fieldErrors: z.flattenError(input.error).fieldErrors };
  const id = randomUUID();
  const passwordHash = await hashPassword(input.data.password);
  const created = await inTransaction(pool(), async (client) => {
    await client.query('select pg_advisory_xact_lock(712002)');
    if ((await countCoaches(client)) > 0) return false;
    return (await insertCoach(client, { id, ...accountOf(input.data), role: 'head', passwordHash })) === 1;
  });
  if (!created) redirect('/sign-in');
  await openSession(id);
  redirect('/footage');
}

const accountOf = (input: z.output<typeof newAccountInput>) => ({
  displayName: input.displayName,
  signInName: input.signInName,
});

/** Another coach's account; only the head coach may make one. */
export async function addCoach(_previous: FormOutcome, form: FormData): Promise<FormOutcome> {
  const coach = await requireCoach();
  if (coach.role !== 'head') return { message: 'Only the head coach can add accounts.' };
  const input = newAccountInput.safeParse(Object.fromEntries(form));
  if (!input.success) return { fieldErrors: z.flattenError(input.error).fieldErrors };
  const passwordHash = await hashPassword(input.data.password);
  const added = await insertCoach(pool(), {
    id: randomUUID(),
    ...accountOf(input.data),
    role: 'assistant',
    passwordHash,
  });
  if (added === 0) return { fieldErrors: { signInName: ['Somebody already has this sign-in name. Choose another.'] } };
  return { done: true, message: `${input.data.displayName} can sign in now.` };
}
