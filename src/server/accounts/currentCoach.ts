import { createHash, randomBytes } from 'node:crypto';
import { cookies } from 'next/headers';
import { redirect } from 'next/navigation';
import { cache } from 'react';
import { type Coach, countCoaches, findCoachBySession } from '@/data/accounts/coaches';
import { insertSession, revokeSession } from '@/data/accounts/sessions';
import { pool } from '@/data/client';

export const SESSION_COOKIE = 'owl_session';
const SESSION_DAYS = 30;

const hashToken = (token: string): Buffer => createHash('sha256').update(token).digest();

/** The coach of this request; undefined when signed out, expired or revoked. Only a hash of the token is stored. */
export const findCurrentCoach = cache(async (): Promise<Coach | undefined> => {
  const token = (await cookies()).get(SESSION_COOKIE)?.value;
  return token && token.length < 200 ? findCoachBySession(pool(), hashToken(token)) : undefined;
});

/** The coach of this page, or the way to the sign-in page (or to the first account, when there is none yet). */
export async function requireCoach(): Promise<Coach> {
  const coach = await findCurrentCoach();
  if (coach) return coach;
  redirect((await countCoaches(pool())) === 0 ? '/first-account' : '/sign-in');
}

export async function openSession(coachId: string): Promise<void> {
  const token = randomBytes(32).toString('base64url');
  await insertSession(pool(), hashToken(token), coachId, SESSION_DAYS);
  (await cookies()).set(SESSION_COOKIE, token, {
    httpOnly: true,
    sameSite: 'lax',
    path: '/',
    maxAge: SESSION_DAYS * 86_400,
    secure: process.env.OWL_HTTPS === '1',
  });
}

export async function closeSession(): Promise<void> {
  const jar = await cookies();
  const token = jar.get(SESSION_COOKIE)?.value;
  if (token) await revokeSession(pool(), hashToken(token));
  jar.delete(SESSION_COOKIE);
}
