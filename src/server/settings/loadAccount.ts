import { findCodes } from '@/data/accounts/oneTimeCodes';
import { listOpenSessions } from '@/data/accounts/sessions';
import { pool } from '@/data/client';
import { currentSession, requireCoach } from '../accounts/currentCoach';

/** What whoever is signed in can change of their own account, helpers included. */
export async function loadAccount() {
  const { id } = await requireCoach('helper');
  const [sessions, codes] = await Promise.all([
    listOpenSessions(pool(), id, await currentSession()),
    findCodes(pool(), id),
  ]);
  return { sessions, codes: { isOn: codes?.isOn ?? false, recoveryLeft: codes?.recoveryLeft ?? 0 } };
}
export type Account = Awaited<ReturnType<typeof loadAccount>>;
