'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import { headers } from 'next/headers';
import { redirect } from 'next/navigation';
import { z } from 'zod';
import {
  countCoaches,
  endCoach,
  findCoachBySignInName,
  insertCoach,
  lockFirstAccount,
  updatePassword,
} from '@/data/accounts/coaches';
import { forgetDevices } from '@/data/accounts/devices';
import { noteSuccess, revokeAllSessions, revokeOtherSessions } from '@/data/accounts/sessions';
import { inTransaction, pool } from '@/data/client';
import { defineAction } from '../kernel/defineAction';
import { type FormOutcome, newAccountInput, passwordChangeInput, signInInput } from './accountInput';
import { admitGuess } from './admitGuess';
import { clientAddress } from './clientAddress';
import { closeSession, currentDevice, currentSession, openSession, requireCoach } from './currentCoach';
import { waitWords } from './guessDelay';
import { isAcademyNew } from './isAcademyNew';
import { passwordProblem } from './passwordRules';
import { hashPassword, passwordMatches, TooBusy } from './passwords';

const entriesOf = (form: unknown): unknown => (form instanceof FormData ? Object.fromEntries(form) : undefined);
const fieldErrors = (error: z.ZodError): FormOutcome => ({ fieldErrors: z.flattenError(error).fieldErrors });
const busy: FormOutcome = { message: 'Many sign in at this moment. Wait a few seconds, then try again.' };

/** Answers a form; when there are more passwords to look at than the machine can, it says so. */
const unlessBusy = (work: () => Promise<FormOutcome>): Promise<FormOutcome> =>
  work().catch((error: unknown) => {
    if (error instanceof TooBusy) return busy;
    throw error;
  });

const address = async (): Promise<string> => clientAddress((await headers()).get('x-forwarded-for'));

export async function signIn(_previous: unknown, form: unknown): Promise<FormOutcome> {
  const input = signInInput.safeParse(entriesOf(form));
  if (!input.success) return fieldErrors(input.error);
  const { signInName, password } = input.data;
  return unlessBusy(async () => {
    const { waitSeconds, attemptId } = await admitGuess(signInName, await address(), await currentDevice());
    if (attemptId === undefined) return { message: `Too many tries. Wait ${waitWords(waitSeconds)}, then try again.` };
    const coach = await findCoachBySignInName(pool(), signInName);
    if (!(await passwordMatches(coach?.passwordHash, password)) || !coach)
      return { message: 'Sign-in name and password do not belong together. Check both and try again.' };
    await noteSuccess(pool(), attemptId);
    await openSession(coach.id);
    redirect('/footage');
  });
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
export async function createFirstAccount(_previous: unknown, form: unknown): Promise<FormOutcome> {
  // Looked at before anything that costs: this door stands open to everybody.
  if (!(await isAcademyNew())) redirect('/sign-in');
  const input = newAccountInput.safeParse(entriesOf(form));
  if (!input.success) return fieldErrors(input.error);
  return unlessBusy(async () => {
    const id = randomUUID();
    const { password, displayName, signInName } = input.data;
    const passwordHash = await hashPassword(password);
    const created = await inTransaction(pool(), async (client) => {
      await lockFirstAccount(client);
      if ((await countCoaches(client)) > 0) return false;
      return (await insertCoach(client, { id, displayName, signInName, role: 'head', passwordHash })) === 1;
    });
    if (!created) redirect('/sign-in');
    await openSession(id);
    redirect('/footage');
  });
}

/** Another coach's account; only the head coach may make one. */
export const addCoach = defineAction({
  args: [z.unknown(), z.unknown().transform(entriesOf).pipe(newAccountInput)],
  refused: (error): FormOutcome => withoutPlace(error),
  run: (coach, _previous, { password, displayName, signInName }): Promise<FormOutcome> =>
    unlessBusy(async () => {
      if (coach.role !== 'head') return { message: 'Only the head coach can add accounts.' };
      const account = {
        displayName,
        signInName,
        role: 'assistant',
        passwordHash: await hashPassword(password),
      } as const;
      if ((await insertCoach(pool(), { id: randomUUID(), ...account })) === 0)
        return { fieldErrors: { signInName: ['Somebody already has this sign-in name. Choose another.'] } };
      revalidatePath('/settings');
      return { done: true, message: `${displayName} can sign in now.` };
    }),
});

/** Messages by field; the field stands behind the argument's place. */
const withoutPlace = (error: z.ZodError): FormOutcome => {
  const errors: Record<string, string[]> = {};
  for (const issue of error.issues) {
    const field = String(issue.path[1] ?? '');
    errors[field] = [...(errors[field] ?? []), issue.message];
  }
  return { fieldErrors: errors };
};

/** Changes one's own password. Every other browser is signed out, and none is known any more. */
export const changePassword = defineAction({
  args: [z.unknown(), z.unknown().transform(entriesOf).pipe(passwordChangeInput)],
  refused: (error): FormOutcome => withoutPlace(error),
  run: (coach, _previous, { currentPassword, password }): Promise<FormOutcome> =>
    unlessBusy(async (): Promise<FormOutcome> => {
      const problem = passwordProblem(password, [coach.signInName, coach.displayName]);
      if (problem) return { fieldErrors: { password: [problem] } };
      // Guessed here as at the door: an open page must not be a way round the limit.
      const { waitSeconds, attemptId } = await admitGuess(coach.signInName, await address(), await currentDevice());
      if (attemptId === undefined)
        return { message: `Too many tries. Wait ${waitWords(waitSeconds)}, then try again.` };
      if (!(await passwordMatches(coach.passwordHash, currentPassword)))
        return { fieldErrors: { currentPassword: ['This is not your password now. Nothing was changed.'] } };
      await noteSuccess(pool(), attemptId);
      const passwordHash = await hashPassword(password);
      const session = await currentSession();
      await inTransaction(pool(), async (client) => {
        await updatePassword(client, coach.id, passwordHash);
        await forgetDevices(client, coach.id);
        if (session) await revokeOtherSessions(client, coach.id, session);
      });
      return { done: true, message: 'Your password is changed, and every other device is signed out.' };
    }),
});

/** Ends an assistant's account: they sign in no more, and are signed out everywhere. What they marked and signed keeps their name. */
export const endAccount = defineAction({
  args: [z.uuid()],
  refused: (): FormOutcome => ({ message: 'This account is not there any more.' }),
  run: async (coach, coachId): Promise<FormOutcome> => {
    if (coach.role !== 'head') return { message: 'Only the head coach can end accounts.' };
    const ended = await inTransaction(pool(), async (client) => {
      if ((await endCoach(client, coachId)) === 0) return false;
      await revokeAllSessions(client, coachId);
      await forgetDevices(client, coachId);
      return true;
    });
    revalidatePath('/settings');
    return ended
      ? { done: true }
      : { message: 'This account cannot be ended: it leads the academy, or is ended already.' };
  },
});
