'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import { redirect } from 'next/navigation';
import { z } from 'zod';
import { type Outcome, refuse } from '@/core/kernel';
import {
  countCoaches,
  endCoach,
  findCoachBySignInName,
  insertCoach,
  lockFirstAccount,
  reopenCoach,
  updatePassword,
} from '@/data/accounts/coaches';
import { forgetDevices } from '@/data/accounts/devices';
import { findCodes } from '@/data/accounts/oneTimeCodes';
import { noteSuccess, revokeAllSessions, revokeOtherSessions, revokeSessionById } from '@/data/accounts/sessions';
import { inTransaction, pool } from '@/data/client';
import { defineCommand } from '../kernel/defineCommand';
import { refusalOf } from '../kernel/refusalOf';
import { TRASH_DAYS } from '../trash/trashDays';
import { furtherAccountInput, newAccountInput, passwordChangeInput, signInInput } from './accountInput';
import { admitGuess } from './admitGuess';
import { clientHere } from './clientAddress';
import {
  closeSession,
  currentDevice,
  currentSession,
  homeOf,
  openHalf,
  openSession,
  requireCoach,
} from './currentCoach';
import { waitWords } from './guessDelay';
import { isAcademyNew } from './isAcademyNew';
import { FIRST_PASSWORD_DAYS, passwordProblem } from './passwordRules';
import { hashPassword, passwordMatches, TooBusy } from './passwords';

const entriesOf = (form: unknown): unknown => (form instanceof FormData ? Object.fromEntries(form) : undefined);
/** What came of it, in words for the page. */
type Told = Outcome<{ readonly said?: string }>;

const RAN_OUT =
  'This first password has run out. On the machine that the academy runs on, a new one is made: bin/owl password NAME.';
const busy = refuse('Many sign in at this moment. Wait a few seconds, then try again.');

/** Answers a form; when there are more passwords to look at than the machine can, it says so. */
const unlessBusy = (work: () => Promise<Told>): Promise<Told> =>
  work().catch((error: unknown) => {
    if (error instanceof TooBusy) return busy;
    throw error;
  });

export async function signIn(_previous: unknown, form: unknown): Promise<Told> {
  const input = signInInput.safeParse(entriesOf(form));
  if (!input.success) return refusalOf(input.error);
  const { signInName, password } = input.data;
  return unlessBusy(async () => {
    const { waitSeconds, attemptId } = await admitGuess(signInName, await clientHere(), await currentDevice());
    if (attemptId === undefined) return refuse(`Too many tries. Wait ${waitWords(waitSeconds)}, then try again.`);
    const coach = await findCoachBySignInName(pool(), signInName);
    if (!(await passwordMatches(coach?.passwordHash, password)) || !coach)
      return refuse('Sign-in name and password do not belong together. Check both and try again.');
    await noteSuccess(pool(), attemptId);
    if (coach.passwordUntil && Date.parse(coach.passwordUntil) < Date.now()) return refuse(RAN_OUT);
    if ((await findCodes(pool(), coach.id))?.isOn) {
      await openHalf(coach.id);
      redirect('/sign-in');
    }
    await openSession(coach.id);
    redirect(homeOf(coach));
  });
}

export async function signOut(): Promise<void> {
  await closeSession();
  redirect('/sign-in');
}

export async function signOutEverywhere(): Promise<void> {
  const coach = await requireCoach('helper');
  await revokeAllSessions(pool(), coach.id);
  await closeSession();
  redirect('/sign-in');
}

/** The very first account: only while there is none. It leads the academy. */
export async function createFirstAccount(_previous: unknown, form: unknown): Promise<Told> {
  // Looked at before anything that costs: this door stands open to everybody.
  if (!(await isAcademyNew())) redirect('/sign-in');
  const input = newAccountInput.safeParse(entriesOf(form));
  if (!input.success) return refusalOf(input.error);
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

/** The account of another coach or of a helper; only the head coach may make one. */
export const addCoach = defineCommand({
  actor: 'head-coach',
  noted: 'account-made',
  args: [z.unknown(), z.unknown().transform(entriesOf).pipe(furtherAccountInput)],
  run: (_coach, _previous, { password, displayName, signInName, role }): Promise<Told> =>
    unlessBusy(async () => {
      const account = {
        displayName,
        signInName,
        role,
        passwordHash: await hashPassword(password),
      };
      if ((await insertCoach(pool(), { id: randomUUID(), ...account }, FIRST_PASSWORD_DAYS)) === 0)
        return refuse('Somebody already has this sign-in name. Choose another.', 'signInName');
      revalidatePath('/settings');
      return {
        ok: true,
        said: `${displayName} can sign in now. The first password opens for ${FIRST_PASSWORD_DAYS} days: let them make their own.`,
      };
    }),
});

/** Changes one's own password. Every other browser is signed out, and none is known any more. */
export const changePassword = defineCommand({
  actor: 'helper',
  noted: 'password-changed',
  args: [z.unknown(), z.unknown().transform(entriesOf).pipe(passwordChangeInput)],
  run: (coach, _previous, { currentPassword, password }): Promise<Told> =>
    unlessBusy(async (): Promise<Told> => {
      const problem = passwordProblem(password, [coach.signInName, coach.displayName]);
      if (problem) return refuse(problem, 'password');
      // Guessed here as at the door: an open page must not be a way round the limit.
      const { waitSeconds, attemptId } = await admitGuess(coach.signInName, await clientHere(), await currentDevice());
      if (attemptId === undefined) return refuse(`Too many tries. Wait ${waitWords(waitSeconds)}, then try again.`);
      if (!(await passwordMatches(coach.passwordHash, currentPassword)))
        return refuse('This is not your password now. Nothing was changed.', 'currentPassword');
      await noteSuccess(pool(), attemptId);
      const passwordHash = await hashPassword(password);
      const session = await currentSession();
      await inTransaction(pool(), async (client) => {
        await updatePassword(client, coach.id, passwordHash);
        await forgetDevices(client, coach.id);
        if (session) await revokeOtherSessions(client, coach.id, session);
      });
      return { ok: true, said: 'Your password is changed, and every other device is signed out.' };
    }),
});

/** Ends the account of an assistant or a helper: they sign in no more, and are signed out everywhere. What they marked and signed keeps their name. */
export const endAccount = defineCommand({
  actor: 'head-coach',
  noted: 'account-ended',
  args: [z.uuid()],
  misfit: 'This account is not there any more.',
  run: async (_coach, coachId): Promise<Outcome> => {
    const ended = await inTransaction(pool(), async (client) => {
      if ((await endCoach(client, coachId)) === 0) return false;
      await revokeAllSessions(client, coachId);
      await forgetDevices(client, coachId);
      return true;
    });
    revalidatePath('/settings');
    return ended ? { ok: true } : refuse('This account cannot be ended: it leads the academy, or is ended already.');
  },
});

/** Opens an account again that was ended lately: with its password and role, signed in nowhere. */
export const reopenAccount = defineCommand({
  actor: 'head-coach',
  noted: 'account-back',
  args: [z.uuid()],
  misfit: 'This account is not there any more.',
  run: async (_coach, coachId): Promise<Outcome> => {
    const isBack = (await reopenCoach(pool(), coachId, TRASH_DAYS)) > 0;
    revalidatePath('/settings');
    return isBack ? { ok: true } : refuse('This account is open already, or was ended too long ago.');
  },
});

/** Ends one of the coach's own sessions: a phone that is lost, say. */
export const endSession = defineCommand({
  actor: 'helper',
  noted: 'session-ended',
  args: [z.uuid()],
  misfit: 'This session has ended already.',
  run: async (coach, sessionId): Promise<Outcome> => {
    await revokeSessionById(pool(), coach.id, sessionId);
    revalidatePath('/settings');
    return { ok: true };
  },
});
