import { randomInt } from 'node:crypto';
import pg from 'pg';
import { findCoachBySignInName, updatePassword } from '../src/data/accounts/coaches';
import { forgetDevices } from '../src/data/accounts/devices';
import { deleteCodes } from '../src/data/accounts/oneTimeCodes';
import { revokeAllSessions } from '../src/data/accounts/sessions';
import { inTransaction } from '../src/data/client';
import { FIRST_PASSWORD_DAYS } from '../src/server/accounts/passwordRules';
import { hashPassword } from '../src/server/accounts/passwords';

const syllables = ['ba', 'do', 'fe', 'gi', 'ka', 'lu', 'me', 'no', 'pi', 'ra', 'su', 'ta', 've', 'wo', 'zi', 'hu'];
/** Ten syllables in groups, 40 bits: easy to read out, and too many to guess through a door that slows down. */
const makePassword = (): string =>
  [3, 4, 3].map((length) => Array.from({ length }, () => syllables[randomInt(16)]).join('')).join('-');

/** Gives a coach a new password, signs them out everywhere, asks for no codes any more, and returns it; undefined when nobody has the name. */
export async function resetPassword(databaseUrl: string, signInName: string): Promise<string | undefined> {
  const pool = new pg.Pool({ connectionString: databaseUrl, max: 1 });
  try {
    const coach = await findCoachBySignInName(pool, signInName);
    if (!coach) return undefined;
    const password = makePassword();
    const passwordHash = await hashPassword(password);
    await inTransaction(pool, async (client) => {
      await updatePassword(client, coach.id, passwordHash, FIRST_PASSWORD_DAYS);
      await revokeAllSessions(client, coach.id);
      await forgetDevices(client, coach.id);
      await deleteCodes(client, coach.id);
    });
    return password;
  } finally {
    await pool.end();
  }
}
