import { z } from 'zod';
import type { Database } from '../client';
import { findRow, runStatement } from '../rows';

const codesRow = z
  .object({ secret: z.instanceof(Buffer), is_on: z.boolean(), recovery_left: z.number() })
  .transform((row) => ({ secret: row.secret, isOn: row.is_on, recoveryLeft: row.recovery_left }));
/** The one-time codes of an account: asked for at the door once they are on. */
export type OneTimeCodes = z.output<typeof codesRow>;

export const findCodes = (database: Database, coachId: string) =>
  findRow(
    database,
    codesRow,
    `select secret, confirmed_at is not null as is_on,
       (select count(*)::int from recovery_code r where r.coach_id = c.coach_id and r.used_at is null) as recovery_left
     from one_time_codes c where coach_id = $1`,
    [coachId],
  );

/** Keeps a new secret that nothing was proved of yet; 0 rows where codes are on. */
export const putCodeSecret = (database: Database, coachId: string, secret: Buffer) =>
  runStatement(
    database,
    `insert into one_time_codes (coach_id, secret) values ($1, $2)
     on conflict (coach_id) do update set secret = $2, last_step = 0 where one_time_codes.confirmed_at is null`,
    [coachId, secret],
  );

/** Takes the code of a time step; 0 rows for one that was taken already, or that is older. */
export const takeCodeStep = (database: Database, coachId: string, step: number) =>
  runStatement(database, 'update one_time_codes set last_step = $2 where coach_id = $1 and last_step < $2', [
    coachId,
    step,
  ]);

export const confirmCodes = (database: Database, coachId: string) =>
  runStatement(
    database,
    'update one_time_codes set confirmed_at = now() where coach_id = $1 and confirmed_at is null',
    [coachId],
  );

/** Puts new recovery codes in the place of all earlier ones. */
export async function replaceRecoveryCodes(
  database: Database,
  coachId: string,
  hashes: readonly Buffer[],
): Promise<void> {
  await runStatement(database, 'delete from recovery_code where coach_id = $1', [coachId]);
  await runStatement(
    database,
    'insert into recovery_code (coach_id, code_hash) select $1, h from unnest($2::bytea[]) h on conflict do nothing',
    [coachId, hashes],
  );
}

/** Uses up a recovery code; 0 rows where there is none such, or it was used. */
export const takeRecoveryCode = (database: Database, coachId: string, hash: Buffer) =>
  runStatement(
    database,
    'update recovery_code set used_at = now() where coach_id = $1 and code_hash = $2 and used_at is null',
    [coachId, hash],
  );

/** Codes are asked for no more. */
export async function deleteCodes(database: Database, coachId: string): Promise<void> {
  await runStatement(database, 'delete from recovery_code where coach_id = $1', [coachId]);
  await runStatement(database, 'delete from one_time_codes where coach_id = $1', [coachId]);
}

/** Notes that somebody has shown the right password; what has run out goes. */
export async function insertHalf(
  database: Database,
  tokenHash: Buffer,
  coachId: string,
  minutes: number,
): Promise<void> {
  await runStatement(database, 'delete from half_sign_in where expires_at < now()');
  await runStatement(
    database,
    "insert into half_sign_in (token_hash, coach_id, expires_at) values ($1, $2, now() + $3 * interval '1 minute')",
    [tokenHash, coachId, minutes],
  );
}

/** Who has shown the right password with this browser a moment ago. */
export const findHalf = async (database: Database, tokenHash: Buffer) =>
  findRow(
    database,
    z
      .object({ id: z.string(), sign_in_name: z.string() })
      .transform((row) => ({ coachId: row.id, signInName: row.sign_in_name })),
    `select c.id, c.sign_in_name from half_sign_in h join coach c on c.id = h.coach_id
     where h.token_hash = $1 and h.expires_at > now() and c.ended_at is null`,
    [tokenHash],
  );

export const deleteHalf = (database: Database, tokenHash: Buffer) =>
  runStatement(database, 'delete from half_sign_in where token_hash = $1', [tokenHash]);
