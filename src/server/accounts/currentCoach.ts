import { cookies, headers } from 'next/headers';
import { redirect } from 'next/navigation';
import { cache } from 'react';
import { type Coach, findCoachBySession } from '@/data/accounts/coaches';
import { noteDevice } from '@/data/accounts/devices';
import { findHalf, insertHalf } from '@/data/accounts/oneTimeCodes';
import { insertSession, isSessionOpen, revokeSession } from '@/data/accounts/sessions';
import { pool } from '@/data/client';
import { browserWords } from './browserWords';
import { isAcademyNew } from './isAcademyNew';
import { noteDone } from './noteDone';
import { hashOfSent, hashToken, newToken } from './tokens';

export const SESSION_COOKIE = 'owl_session';
/** Tells this browser from others at the next sign-in; it opens nothing. */
const DEVICE_COOKIE = 'owl_device';
/** Says that the right password was shown with this browser, where a code is asked for as well. */
export const HALF_COOKIE = 'owl_half';
const HALF_MINUTES = 5;
const SESSION_DAYS = 30;
const DEVICE_DAYS = 365;
const DAY_SECONDS = 86_400;

const readToken = async (name: string): Promise<Buffer | undefined> => hashOfSent((await cookies()).get(name)?.value);

/** Whose session this request carries; undefined when signed out, expired, revoked or ended. Only a hash of the token is stored. */
const findSignedIn = cache(async (): Promise<Coach | undefined> => {
  const session = await readToken(SESSION_COOKIE);
  return session && findCoachBySession(pool(), session);
});

/** The least that somebody must be: everything but the logging of classes is for coaches. */
export type Least = 'helper' | 'coach';
const isAllowed = (coach: Coach, least: Least): boolean => least === 'helper' || coach.role !== 'helper';

/** The coach of this request, and where helpers are let in a helper too; undefined for everybody else. */
export async function findCurrentCoach(least: Least = 'coach'): Promise<Coach | undefined> {
  const coach = await findSignedIn();
  return coach && isAllowed(coach, least) ? coach : undefined;
}

/** Where somebody begins who signs in. */
export const homeOf = ({ role }: Pick<Coach, 'role'>): string => (role === 'helper' ? '/mat' : '/footage');

/** For what lasts longer than a request: whether the session that began it is open still. */
export async function openSessionCheck(): Promise<() => Promise<boolean>> {
  const session = await readToken(SESSION_COOKIE);
  return async () => session !== undefined && isSessionOpen(pool(), session);
}

export const currentSession = (): Promise<Buffer | undefined> => readToken(SESSION_COOKIE);
export const currentHalf = (): Promise<Buffer | undefined> => readToken(HALF_COOKIE);
export const currentDevice = (): Promise<Buffer | undefined> => readToken(DEVICE_COOKIE);

/** The coach of this page, or the way to the sign-in page (or to the first account, when there is none yet); for a helper where none is let in, to theirs. */
export async function requireCoach(least: Least = 'coach'): Promise<Coach> {
  const coach = await findSignedIn();
  if (coach && isAllowed(coach, least)) return coach;
  if (coach) redirect(homeOf(coach));
  redirect((await isAcademyNew()) ? '/first-account' : '/sign-in');
}

export async function openSession(coachId: string): Promise<void> {
  const token = newToken();
  const device = (await cookies()).get(DEVICE_COOKIE)?.value ?? newToken();
  const browser = browserWords((await headers()).get('user-agent') ?? '');
  await insertSession(pool(), hashToken(token), coachId, SESSION_DAYS, browser);
  await noteDevice(pool(), hashToken(device), coachId);
  await noteDone(coachId, 'signed-in');
  await setCookie(SESSION_COOKIE, token, SESSION_DAYS * DAY_SECONDS);
  await setCookie(DEVICE_COOKIE, device, DEVICE_DAYS * DAY_SECONDS);
}

async function setCookie(name: string, value: string, maxAge: number): Promise<void> {
  (await cookies()).set(name, value, {
    httpOnly: true,
    sameSite: 'lax',
    path: '/',
    maxAge,
    secure: process.env.OWL_HTTPS === '1',
  });
}

/** Remembers that the right password was shown: the code is asked for next. */
export async function openHalf(coachId: string): Promise<void> {
  const token = newToken();
  await insertHalf(pool(), hashToken(token), coachId, HALF_MINUTES);
  await setCookie(HALF_COOKIE, token, HALF_MINUTES * 60);
}

/** Whether this browser has shown a right password a moment ago, and a code is asked for. */
export async function isHalfIn(): Promise<boolean> {
  const half = await currentHalf();
  return half !== undefined && (await findHalf(pool(), half)) !== undefined;
}

export async function closeSession(): Promise<void> {
  const session = await readToken(SESSION_COOKIE);
  if (session) await revokeSession(pool(), session);
  (await cookies()).delete(SESSION_COOKIE);
}
