import { z } from 'zod';
import { type WeightUnit, weightUnits } from '@/core/kernel';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';

const coachRow = z
  .object({
    id: z.string(),
    sign_in_name: z.string(),
    display_name: z.string(),
    role: z.enum(['head', 'assistant', 'helper']),
    password_hash: z.string(),
    password_until: z.date().nullable(),
    reaction_lead_seconds: z.number(),
    weight_unit: z.enum(weightUnits),
  })
  .transform((row) => ({
    id: row.id,
    signInName: row.sign_in_name,
    displayName: row.display_name,
    role: row.role,
    passwordHash: row.password_hash,
    /** Until when a password that somebody else made up opens; undefined for one's own. */
    passwordUntil: row.password_until?.toISOString(),
    reactionLeadSeconds: row.reaction_lead_seconds,
    weightUnit: row.weight_unit,
  }));
export type Coach = z.output<typeof coachRow>;

const columns =
  'id, sign_in_name, display_name, role, password_hash, password_until, reaction_lead_seconds, weight_unit';

export const findCoachBySignInName = (database: Database, signInName: string) =>
  findRow(database, coachRow, `select ${columns} from coach where sign_in_name = $1 and ended_at is null`, [
    signInName,
  ]);

export const findCoach = (database: Database, id: string) =>
  findRow(database, coachRow, `select ${columns} from coach where id = $1 and ended_at is null`, [id]);

export const listCoaches = (database: Database) =>
  listRows(database, coachRow, `select ${columns} from coach where ended_at is null order by display_name, id`);

export async function countCoaches(database: Database): Promise<number> {
  const row = await findRow(database, z.object({ count: z.number() }), 'select count(*)::int as count from coach');
  return row?.count ?? 0;
}

/** The very first account is made once, whoever tries at the same moment. */
export const lockFirstAccount = (client: Database) => runStatement(client, 'select pg_advisory_xact_lock(712002)');

/** `firstDays`: for so long the password opens that somebody else made up; 0 where it is their own. */
export const insertCoach = (
  database: Database,
  coach: Omit<Coach, 'reactionLeadSeconds' | 'weightUnit' | 'passwordUntil'>,
  firstDays = 0,
) =>
  runStatement(
    database,
    `insert into coach (id, sign_in_name, display_name, role, password_hash, password_until)
     values ($1, $2, $3, $4, $5, now() + nullif($6, 0) * interval '1 day') on conflict (sign_in_name) do nothing`,
    [coach.id, coach.signInName, coach.displayName, coach.role, coach.passwordHash, firstDays],
  );

export const updatePassword = (database: Database, coachId: string, passwordHash: string, firstDays = 0) =>
  runStatement(
    database,
    `update coach set password_hash = $2, password_until = now() + nullif($3, 0) * interval '1 day' where id = $1 and ended_at is null`,
    [coachId, passwordHash, firstDays],
  );

/** Ends the account of an assistant or a helper; 0 rows for a head coach's, or one that is ended. */
export const endCoach = (database: Database, coachId: string) =>
  runStatement(database, "update coach set ended_at = now() where id = $1 and role <> 'head' and ended_at is null", [
    coachId,
  ]);

/** Accounts that were ended in the last so many days. */
export const listEndedCoaches = (database: Database, days: number) =>
  listRows(
    database,
    z
      .object({ id: z.string(), display_name: z.string(), ended_at: z.date() })
      .transform((row) => ({ id: row.id, displayName: row.display_name, endedAt: row.ended_at.toISOString() })),
    "select id, display_name, ended_at from coach where ended_at > now() - $1 * interval '1 day' order by ended_at desc, id",
    [days],
  );

/** Opens an account again that was ended in the last so many days; 0 rows for any other. */
export const reopenCoach = (database: Database, coachId: string, days: number) =>
  runStatement(
    database,
    "update coach set ended_at = null where id = $1 and ended_at > now() - $2 * interval '1 day'",
    [coachId, days],
  );

export const updateCoachPreferences = (
  database: Database,
  coachId: string,
  reactionLeadSeconds: number,
  weightUnit: WeightUnit,
) =>
  runStatement(database, 'update coach set reaction_lead_seconds = $2, weight_unit = $3 where id = $1', [
    coachId,
    reactionLeadSeconds,
    weightUnit,
  ]);

export const findCoachBySession = (database: Database, tokenHash: Buffer) =>
  findRow(
    database,
    coachRow,
    `update sign_in_session as s set last_seen_at = now()
       from coach as c
      where s.token_hash = $1 and s.revoked_at is null and s.expires_at > now() and c.id = s.coach_id and c.ended_at is null
      returning c.id, c.sign_in_name, c.display_name, c.role, c.password_hash, c.password_until, c.reaction_lead_seconds, c.weight_unit`,
    [tokenHash],
  );
