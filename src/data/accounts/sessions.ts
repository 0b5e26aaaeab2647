import { z } from 'zod';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';

export const insertSession = (database: Database, tokenHash: Buffer, coachId: string, days: number, browser = '') =>
  runStatement(
    database,
    "insert into sign_in_session (token_hash, coach_id, expires_at, browser) values ($1, $2, now() + $3 * interval '1 day', $4)",
    [tokenHash, coachId, days, browser],
  );

const openRow = z
  .object({ id: z.string(), browser: z.string(), created_at: z.date(), last_seen_at: z.date(), is_this: z.boolean() })
  .transform((row) => ({
    id: row.id,
    browser: row.browser,
    since: row.created_at.toISOString(),
    lastSeen: row.last_seen_at.toISOString(),
    isThis: row.is_this,
  }));

/** Where a coach is signed in, this place first, then by when it was last used. */
export const listOpenSessions = (database: Database, coachId: string, tokenHash: Buffer | undefined) =>
  listRows(
    database,
    openRow,
    `select id, browser, created_at, last_seen_at, coalesce(token_hash = $2, false) as is_this from sign_in_session
     where coach_id = $1 and revoked_at is null and expires_at > now() order by is_this desc, last_seen_at desc, id`,
    [coachId, tokenHash ?? null],
  );

/** Ends one of a coach's sessions. */
export const revokeSessionById = (database: Database, coachId: string, id: string) =>
  runStatement(
    database,
    'update sign_in_session set revoked_at = now() where coach_id = $1 and id = $2 and revoked_at is null',
    [coachId, id],
  );

export const revokeSession = (database: Database, tokenHash: Buffer) =>
  runStatement(database, 'update sign_in_session set revoked_at = now() where token_hash = $1 and revoked_at is null', [
    tokenHash,
  ]);

export const revokeAllSessions = (database: Database, coachId: string) =>
  runStatement(database, 'update sign_in_session set revoked_at = now() where coach_id = $1 and revoked_at is null', [
    coachId,
  ]);

/** Tries to sign in are counted one after the other until the transaction ends: many at once would all see the same number. */
export const lockAttempts = (client: Database) => runStatement(client, 'select pg_advisory_xact_lock(712004)');

/** Puts a try on record, as failed; returns its number. */
export async function insertAttempt(database: Database, signInName: string, address: string): Promise<number> {
  const row = await findRow(
    database,
    z.object({ id: z.number() }),
    'insert into sign_in_attempt (sign_in_name, address, succeeded) values ($1, $2, false) returning id',
    [signInName.slice(0, 200), address.slice(0, 100)],
  );
  if (!row) throw new Error('insertAttempt: an inserted try must be returned');
  return row.id;
}

export const noteSuccess = (database: Database, attemptId: number) =>
  runStatement(database, 'update sign_in_attempt set succeeded = true where id = $1', [attemptId]);

const historyRow = z.object({
  by_pair: z.number(),
  pair_seconds: z.number(),
  by_name: z.number(),
  name_seconds: z.number(),
  by_address: z.number(),
  address_seconds: z.number(),
});

/** Failed tries of the last minutes: with this name from this place since the last success there, with this name, and from this place. */
export async function guessHistory(database: Database, signInName: string, address: string, minutes: number) {
  const since = (column: string) =>
    `coalesce(extract(epoch from now() - max(attempted_at) filter (where ${column})), 1e9)::double precision`;
  const row = await findRow(
    database,
    historyRow,
    `with recent as (
       select attempted_at, sign_in_name = $1 as same_name, address = $2 as same_address,
         sign_in_name = $1 and address = $2 and attempted_at > coalesce(
           (select max(attempted_at) from sign_in_attempt where sign_in_name = $1 and address = $2 and succeeded), '-infinity') as same_pair
       from sign_in_attempt
       where not succeeded and attempted_at > now() - $3 * interval '1 minute' and (sign_in_name = $1 or address = $2))
     select count(*) filter (where same_pair)::int as by_pair, ${since('same_pair')} as pair_seconds,
       count(*) filter (where same_name)::int as by_name, ${since('same_name')} as name_seconds,
       count(*) filter (where same_address)::int as by_address, ${since('same_address')} as address_seconds
     from recent`,
    [signInName.slice(0, 200), address.slice(0, 100), minutes],
  );
  if (!row) throw new Error('guessHistory: a count must be returned');
  return {
    byPair: { count: row.by_pair, secondsSinceLast: row.pair_seconds },
    byName: { count: row.by_name, secondsSinceLast: row.name_seconds },
    byAddress: { count: row.by_address, secondsSinceLast: row.address_seconds },
  };
}

/** Whether a session is open still; asked again and again by what lasts longer than a request. */
export async function isSessionOpen(database: Database, tokenHash: Buffer): Promise<boolean> {
  const row = await findRow(
    database,
    z.object({ open: z.boolean() }),
    `select exists (select 1 from sign_in_session s join coach c on c.id = s.coach_id
       where s.token_hash = $1 and s.revoked_at is null and s.expires_at > now() and c.ended_at is null) as open`,
    [tokenHash],
  );
  return row?.open ?? false;
}

/** Ends the sessions of a coach but the one given. */
export const revokeOtherSessions = (database: Database, coachId: string, tokenHash: Buffer) =>
  runStatement(
    database,
    'update sign_in_session set revoked_at = now() where coach_id = $1 and token_hash <> $2 and revoked_at is null',
    [coachId, tokenHash],
  );
