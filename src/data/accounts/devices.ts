import { z } from 'zod';
import type { Database } from '../client';
import { findRow, runStatement } from '../rows';

/** Whether the coach of this sign-in name has signed in with this browser before. */
export async function findKnownDevice(database: Database, tokenHash: Buffer, signInName: string): Promise<boolean> {
  const row = await findRow(
    database,
    z.object({ known: z.boolean() }),
    `select exists (select 1 from known_device d join coach c on c.id = d.coach_id
       where d.token_hash = $1 and c.sign_in_name = $2) as known`,
    [tokenHash, signInName],
  );
  return row?.known ?? false;
}

export const noteDevice = (database: Database, tokenHash: Buffer, coachId: string) =>
  runStatement(
    database,
    'insert into known_device (token_hash, coach_id) values ($1, $2) on conflict (token_hash, coach_id) do update set last_used_at = now()',
    [tokenHash, coachId],
  );

/** After a password was changed or reset no browser is known any more. */
export const forgetDevices = (database: Database, coachId: string) =>
  runStatement(database, 'delete from known_device where coach_id = $1', [coachId]);
