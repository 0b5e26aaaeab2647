'use server';

import { revalidatePath } from 'next/cache';
import { cookies } from 'next/headers';
import { redirect } from 'next/navigation';
import { z } from 'zod';
import { type Outcome, refuse } from '@/core/kernel';
import { storableText } from '@/core/marks';
import { findCoach } from '@/data/accounts/coaches';
import {
  confirmCodes,
  deleteCodes,
  deleteHalf,
  findCodes,
  findHalf,
  putCodeSecret,
  replaceRecoveryCodes,
  takeCodeStep,
} from '@/data/accounts/oneTimeCodes';
import { noteSuccess } from '@/data/accounts/sessions';
import { inTransaction, pool } from '@/data/client';
import { defineCommand } from '../kernel/defineCommand';
import { qrOf } from '../kernel/qrOf';
import { admitGuess } from './admitGuess';
import { clientHere } from './clientAddress';
import { currentDevice, currentHalf, HALF_COOKIE, homeOf, openSession } from './currentCoach';
import { waitWords } from './guessDelay';
import { codeAddress, codeStep, newCodeSecret, newRecoveryCodes, plainRecoveryCode } from './oneTimeCode';
import { passwordMatches } from './passwords';
import { takeCode } from './takeCode';
import { hashToken } from './tokens';

const codeText = storableText().trim().min(1, 'Write the code.').max(40, 'A code is six digits.');
const WRONG_CODE =
  'This code is not right, or was used already. Wait for the next one; where none is right, the phone’s clock is wrong.';
const TOO_LATE = 'That took too long. Sign in with your password again.';

/** The second step at the door: the code of whoever has just shown the right password. */
export async function signInWithCode(_previous: unknown, form: unknown): Promise<Outcome> {
  const typed = codeText.safeParse(form instanceof FormData ? form.get('code') : undefined);
  if (!typed.success) return refuse(typed.error.issues[0]?.message ?? WRONG_CODE, 'code');
  const half = await currentHalf();
  const known = half && (await findHalf(pool(), half));
  if (!half || !known) return refuse(TOO_LATE);
  const { waitSeconds, attemptId } = await admitGuess(known.signInName, await clientHere(), await currentDevice());
  if (attemptId === undefined) return refuse(`Too many tries. Wait ${waitWords(waitSeconds)}, then try again.`);
  if (!(await takeCode(known.coachId, typed.data))) return refuse(WRONG_CODE, 'code');
  const coach = await findCoach(pool(), known.coachId);
  if (!coach) return refuse(TOO_LATE);
  await noteSuccess(pool(), attemptId);
  await deleteHalf(pool(), half);
  (await cookies()).delete(HALF_COOKIE);
  await openSession(coach.id);
  redirect(homeOf(coach));
}

/** Back to name and password. */
export async function leaveHalf(): Promise<void> {
  const half = await currentHalf();
  if (half) await deleteHalf(pool(), half);
  (await cookies()).delete(HALF_COOKIE);
  redirect('/sign-in');
}

/** Makes a secret for an authenticator. Nothing is asked for at the door before a code has proved that it is there. */
export const beginCodes = defineCommand({
  actor: 'helper',
  args: [],
  run: async (coach): Promise<Outcome<{ readonly qr: string; readonly typed: string }>> => {
    const secret = newCodeSecret();
    if ((await putCodeSecret(pool(), coach.id, secret)) === 0)
      return refuse('Codes are on already. Switch them off first, to begin anew.');
    const { address, typed } = codeAddress(secret, coach.signInName);
    return { ok: true, typed, qr: await qrOf(address) };
  },
});

/** Switches codes on by the first of them; gives recovery codes, which are shown this once. */
export const turnCodesOn = defineCommand({
  actor: 'helper',
  noted: 'codes-on',
  args: [codeText],
  run: async (coach, typed): Promise<Outcome<{ readonly recovery: readonly string[] }>> => {
    const codes = await findCodes(pool(), coach.id);
    const step = codes && !codes.isOn ? codeStep(codes.secret, typed, Date.now()) : undefined;
    if (step === undefined) return refuse(WRONG_CODE, 'code');
    const recovery = newRecoveryCodes();
    const hashes = recovery.map((one) => hashToken(plainRecoveryCode(one) ?? one));
    const isOn = await inTransaction(pool(), async (client) => {
      if ((await takeCodeStep(client, coach.id, step)) === 0) return false;
      if ((await confirmCodes(client, coach.id)) === 0) return false;
      await replaceRecoveryCodes(client, coach.id, hashes);
      return true;
    });
    if (!isOn) return refuse(WRONG_CODE, 'code');
    revalidatePath('/settings');
    return { ok: true, recovery };
  },
});

/** Switches codes off; asks for the password, so that an open page alone does not. */
export const turnCodesOff = defineCommand({
  actor: 'helper',
  noted: 'codes-off',
  args: [z.string().min(1, 'Write your password.').max(500)],
  run: async (coach, password): Promise<Outcome> => {
    const { waitSeconds, attemptId } = await admitGuess(coach.signInName, await clientHere(), await currentDevice());
    if (attemptId === undefined) return refuse(`Too many tries. Wait ${waitWords(waitSeconds)}, then try again.`);
    if (!(await passwordMatches(coach.passwordHash, password)))
      return refuse('This is not your password. Codes stay on.', 'password');
    await noteSuccess(pool(), attemptId);
    await inTransaction(pool(), (client) => deleteCodes(client, coach.id));
    revalidatePath('/settings');
    return { ok: true };
  },
});
