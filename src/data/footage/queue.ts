import type pg from 'pg';
import { z } from 'zod';
import type { Database } from '../client';
import { findRow, runStatement } from '../rows';

/** Queues a task once: a second call with the same key before it begins only replaces the first. */
export const queueTask = (database: Database, task: string, payload: object, key: string) =>
  runStatement(
    database,
    'select graphile_worker.add_job($1::text, payload => $2::json, job_key => $3::text, max_attempts => 4)',
    [task, JSON.stringify(payload), key],
  );

/** First half of the advisory locks that working processes hold; the second half is the process's number. */
const WORKER_LOCKS = 712_002;

/** SQL: whether the process with the number in `column` lives. A lock goes with the connection that holds it, however its process died. */
export const isAlive = (column: string): string =>
  `exists (select 1 from pg_locks l where l.locktype = 'advisory' and l.classid = ${WORKER_LOCKS} and l.objsubid = 2 and l.objid::bigint = ${column})`;

/** Takes a number for this process, for as long as the connection lives; false when somebody has it. */
export async function holdWorkerLock(client: pg.PoolClient, number: number): Promise<boolean> {
  const row = await findRow(
    client,
    z.object({ held: z.boolean() }),
    `select pg_try_advisory_lock(${WORKER_LOCKS}, $1) as held`,
    [number],
  );
  return row?.held ?? false;
}

/** How many processes are there to work. */
export async function countWorkers(database: Database): Promise<number> {
  const row = await findRow(
    database,
    z.object({ count: z.number() }),
    `select count(distinct objid)::int as count from pg_locks where locktype = 'advisory' and classid = ${WORKER_LOCKS} and objsubid = 2 and granted`,
  );
  return row?.count ?? 0;
}
