import { listOpenSessions } from '@/data/accounts/sessions';
import { pool } from '@/data/client';
import { currentSession, requireCoach } from '../accounts/currentCoach';

/** What whoever is signed in can change of their own account, helpers included. */
export async function loadAccount() {
  const { id } = await requireCoach('helper');
  return { sessions: await listOpenSessions(pool(), id, await currentSession()) };
}
