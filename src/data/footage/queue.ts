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

/** A process that has said nothing for so many seconds is dead. @source own decision: several times the distance of two signs of life, well under a minute */
export const silenceSeconds = (): number => Number(process.env.OWL_WORKER_SILENCE_SECONDS ?? 25);

/** SQL: whether the process with the number in `column` lives. */
export const isAlive = (column: string): string =>
  `exists (select 1 from worker living where living.number = ${column} and living.seen_at > now() - ${silenceSeconds()} * interval '1 second')`;

/** Takes a number for this process; 0 rows when somebody has it. */
export const insertWorker = (database: Database, number: number) =>
  runStatement(database, 'insert into worker (number) values ($1) on conflict (number) do nothing', [number]);

/** The process's sign of life; also after the database was restored from before its number was taken. */
export const noteWorker = (database: Database, number: number) =>
  runStatement(database, 'insert into worker (number) values ($1) on conflict (number) do update set seen_at = now()', [
    number,
  ]);

/** Notes a name under which a process takes tasks from the queue. */
export const notePool = (database: Database, number: number, pool: string) =>
  runStatement(database, 'update worker set pools = array_append(pools, $2) where number = $1', [number, pool]);

/** Gives back to the queue what dead processes had taken from it. A moment's grace for one that has not said its name yet. */
export const unlockDeadTasks = (database: Database) =>
  runStatement(
    database,
    `select graphile_worker.force_unlock_workers(array(
       select distinct j.locked_by from graphile_worker.jobs j
       where j.locked_by is not null and j.locked_at < now() - ${silenceSeconds()} * interval '1 second'
         and not exists (select 1 from worker w where j.locked_by = any(w.pools) and ${isAlive('w.number')})))`,
  );

/** Forgets processes that died long ago. */
export const deleteSilentWorkers = (database: Database) =>
  runStatement(database, "delete from worker where seen_at < now() - interval '1 day'");

export const deleteWorker = (database: Database, number: number) =>
  runStatement(database, 'delete from worker where number = $1', [number]);

/** How many processes are there to work. */
export async function countWorkers(database: Database): Promise<number> {
  const row = await findRow(
    database,
    z.object({ count: z.number() }),
    `select count(*)::int as count from worker where ${isAlive('worker.number')}`,
  );
  return row?.count ?? 0;
}
