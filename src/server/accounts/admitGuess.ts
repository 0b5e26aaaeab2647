import { findKnownDevice } from '@/data/accounts/devices';
import { guessHistory, insertAttempt, lockAttempts } from '@/data/accounts/sessions';
import { inTransaction, pool } from '@/data/client';
import { guessDelay, WINDOW_MINUTES } from './guessDelay';

export interface Admission {
  /** Seconds to wait; the guess is not looked at before. */
  readonly waitSeconds: number;
  /** The try that was put on record, as failed until the password is found right. */
  readonly attemptId?: number;
}

/**
 * Lets a try to sign in be looked at, or says how long to wait. The try counts as failed from this moment on, so that many at once count as many. A browser
 * that its coach has signed in with before is a place of its own: what others do from elsewhere does not touch it.
 */
export async function admitGuess(
  signInName: string,
  address: string,
  deviceHash: Buffer | undefined,
): Promise<Admission> {
  const known = deviceHash ? await findKnownDevice(pool(), deviceHash, signInName) : false;
  const place = known && deviceHash ? `device ${deviceHash.toString('hex').slice(0, 40)}` : address;
  return inTransaction(pool(), async (client) => {
    await lockAttempts(client);
    const history = await guessHistory(client, signInName, place, WINDOW_MINUTES);
    const nobody = { count: 0, secondsSinceLast: 0 };
    const waitSeconds = guessDelay(known ? { ...history, byName: nobody, byAddress: nobody } : history);
    if (waitSeconds > 0) return { waitSeconds };
    return { waitSeconds, attemptId: await insertAttempt(client, signInName, place) };
  });
}
