import { z } from 'zod';
import type { Database } from '../client';
import { findRow, runStatement } from '../rows';

export const insertSession = (database: Database, tokenHash: Buffer, coachId: string, days: number) =>
  runStatement(
    database,
    "insert into sign_in_session (token_hash, coach_id, expires_at) values ($1, $2, now() + $3 * interval '1 day')",
    [tokenHash, coachId, days],
  );

export const revokeSession = (database: Database, tokenHash: Buffer) =>
  runStatement(database, 'update sign_in_session set revoked_at = now() where token_hash = $1 and revoked_at is null', [
    tokenHash,
  ]);

export const revokeAllSessions = (database: Database, coachId: string) =>
  runStatement(database, 'update sign_in_session set revoked_at = now() where coach_id = $1 and revoked_at is null', [
    coachId,
  ]);

export const insertAttempt = (database: Database, signInName: string, address: string, succeeded: boolean) =>
  runStatement(database, 'insert into sign_in_attempt (sign_in_name, address, succeeded) values ($1, $2, $3)', [
    signInName.slice(0, 200),
    address.slice(0, 100),
    succeeded,
  ]);

/** Failed attempts for one account since its last success, and from one address, within the last minutes. */
export async function countFailures(database: Database, signInName: string, address: string, minutes: number) {
  const row = await findRow(
    database,
    z.object({ by_name: z.number(), by_address: z.number() }),
    `select
       count(*) filter (where sign_in_name = $1 and attempted_at > coalesce(
         (select max(attempted_at) from sign_in_attempt where sign_in_name = $1 and succeeded), '-infinity'))::int as by_name,
       count(*) filter (where address = $2)::int as by_address
     from sign_in_attempt
     where not succeeded and attempted_at > now() - $3 * interval '1 minute' and (sign_in_name = $1 or address = $2)`,
    [signInName, address, minutes],
  );
  return { byName: row?.by_name ?? 0, byAddress: row?.by_address ?? 0 };
}
