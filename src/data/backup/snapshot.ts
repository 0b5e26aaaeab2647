import pg from 'pg';
import { z } from 'zod';
import { inOneState, inTransaction } from '../client';
import { listRows } from '../rows';

/** Tables that tell what a process of now is at: they mean nothing in a backup. */
export const passingTables = ['worker'];

export interface Snapshot {
  /** Under which PostgreSQL's own programs read the same state. */
  readonly id: string;
  /** The migrations that made its tables. */
  readonly migrations: readonly string[];
  /** How many rows each table has. */
  readonly tables: Readonly<Record<string, number>>;
}

/** Holds one state of the database while something is made of it; whoever writes meanwhile is not held up. */
export const inSnapshot = <Value>(database: pg.Pool, work: (snapshot: Snapshot) => Promise<Value>): Promise<Value> =>
  inOneState(database, async (client) => {
    const { rows } = await client.query<{ id: string }>('select pg_export_snapshot() as id');
    const name = z.object({ name: z.string() });
    const migrations = await listRows(client, name, 'select name from migration order by name');
    const tables: Record<string, number> = {};
    for (const table of await listRows(
      client,
      name,
      "select tablename as name from pg_tables where schemaname = 'public' order by tablename",
    )) {
      const counted = await client.query<{ count: number }>(
        `select count(*) as count from ${pg.escapeIdentifier(table.name)}`,
      );
      tables[table.name] = Number(counted.rows[0]?.count);
    }
    return work({ id: String(rows[0]?.id), migrations: migrations.map((one) => one.name), tables });
  });

/** How many rows each of these tables has now. */
export async function countRows(
  database: pg.Pool,
  tables: readonly string[],
): Promise<Readonly<Record<string, number>>> {
  const counts: Record<string, number> = {};
  for (const table of tables) {
    const { rows } = await database.query<{ count: number }>(
      `select count(*) as count from ${pg.escapeIdentifier(table)}`,
    );
    counts[table] = Number(rows[0]?.count);
  }
  return counts;
}

const ALONE = 712_002;

/** Runs something that only one process may do at a time on this database; undefined when another one is at it. */
export async function whileAlone<Value>(database: pg.Pool, work: () => Promise<Value>): Promise<Value | undefined> {
  const client = await database.connect();
  try {
    const { rows } = await client.query<{ held: boolean }>('select pg_try_advisory_lock($1) as held', [ALONE]);
    if (!rows[0]?.held) return undefined;
    try {
      return await work();
    } finally {
      await client.query('select pg_advisory_unlock($1)', [ALONE]);
    }
  } finally {
    client.release();
  }
}

/** What is true no longer when a state of before is put back: who is signed in, what somebody waits for, and links that may have been closed since. */
export const settleRestored = (database: pg.Pool): Promise<void> =>
  inTransaction(database, async (client) => {
    for (const statement of [
      'delete from worker',
      'delete from sign_in_session',
      'delete from known_device',
      // What a backup holds lies here again; it goes elsewhere anew.
      'delete from film_elsewhere',
      'update share_link set revoked_at = now() where revoked_at is null',
      "update clip set state = 'cancelled' where state in ('waiting', 'working')",
      `update class_run set state = 'failed', problem = '{"code":"interrupted"}' where state in ('waiting', 'working')`,
      `update class_plan set state = 'failed', problem = '{"code":"interrupted"}' where state in ('waiting', 'working')`,
      "update backup_try set ended_at = now(), problem = 'broken-off' where ended_at is null",
    ])
      await client.query(statement);
  });
