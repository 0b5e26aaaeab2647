import { z } from 'zod';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';
import { isAlive } from './queue';

export const workKinds = ['look', 'proxy'] as const;
export type WorkKind = (typeof workKinds)[number];
/** A piece of work is tried so many times before it has failed. */
export const MOST_ATTEMPTS = 3;
/** Work at which so many processes ended has failed. @source own decision: it may have been beside the guilty one, or in a row of power cuts */
const MOST_DEATHS = 10;

export const workStates = ['waiting', 'running', 'done', 'failed', 'cancelled'] as const;

const workRow = z
  .object({
    footage_id: z.string(),
    kind: z.enum(workKinds),
    state: z.enum(workStates),
    progress: z.number(),
    attempts: z.number(),
    problem: z.looseObject({ code: z.string() }).nullable(),
    running_seconds: z.number().nullable(),
  })
  .transform((row) => ({
    footageId: row.footage_id,
    kind: row.kind,
    state: row.state,
    progress: row.progress,
    attempts: row.attempts,
    problem: row.problem ?? undefined,
    /** Since this attempt began; absent when it does not run. */
    runningSeconds: row.running_seconds ?? undefined,
  }));
export type FootageWork = z.output<typeof workRow>;

const columns = `footage_id, kind, state, progress, attempts, problem,
  case when state = 'running' then extract(epoch from now() - started_at)::double precision end as running_seconds`;

export const listWorkOf = (database: Database, footageIds: readonly string[]) =>
  listRows(
    database,
    workRow,
    `select ${columns} from footage_work where footage_id = any($1::uuid[]) order by footage_id, kind`,
    [footageIds],
  );

/** Work that waits, runs, failed or was cancelled. */
export const listOpenWork = (database: Database) =>
  listRows(
    database,
    workRow,
    `select ${columns} from footage_work where state <> 'done' order by changed_at desc, footage_id, kind`,
  );

export const findWork = (database: Database, footageId: string, kind: WorkKind) =>
  findRow(database, workRow, `select ${columns} from footage_work where footage_id = $1 and kind = $2`, [
    footageId,
    kind,
  ]);

/** Puts work on the list, or puts it there again; what runs already goes on. */
export const putWork = (database: Database, footageId: string, kind: WorkKind) =>
  runStatement(
    database,
    `insert into footage_work (footage_id, kind) values ($1, $2)
     on conflict (footage_id, kind) do update set state = 'waiting', progress = 0, attempts = 0, deaths = 0, problem = null, taken_by = null, changed_at = now()
     where footage_work.state <> 'running'`,
    [footageId, kind],
  );

/** Begins waiting work; 0 rows when it was cancelled or somebody else is at it. */
export const beginWork = (database: Database, footageId: string, kind: WorkKind, takenBy: number) =>
  runStatement(
    database,
    `update footage_work set state = 'running', progress = 0, attempts = attempts + 1, problem = null, taken_by = $3, started_at = now(), changed_at = now()
     where footage_id = $1 and kind = $2 and state = 'waiting'`,
    [footageId, kind, takenBy],
  );

/** Notes how far the work is; 0 rows when it was cancelled meanwhile. */
export const noteProgress = (
  database: Database,
  footageId: string,
  kind: WorkKind,
  takenBy: number,
  progress: number,
) =>
  runStatement(
    database,
    `update footage_work set progress = $4, changed_at = now()
     where footage_id = $1 and kind = $2 and state = 'running' and taken_by = $3`,
    [footageId, kind, takenBy, Math.min(1, Math.max(0, progress))],
  );

export const endWork = (
  database: Database,
  footageId: string,
  kind: WorkKind,
  takenBy: number,
  state: 'waiting' | 'done' | 'failed',
  problem?: { readonly code: string },
) =>
  runStatement(
    database,
    `update footage_work set state = $4, progress = case when $4 = 'done' then 1 else 0 end, problem = $5, taken_by = null, changed_at = now()
     where footage_id = $1 and kind = $2 and state = 'running' and taken_by = $3`,
    [footageId, kind, takenBy, state, problem ? JSON.stringify(problem) : null],
  );

/** Gives back what a process was at when it was told to stop: it waits again, and that was no try. */
export const handBackWork = (database: Database, footageId: string, kind: WorkKind, takenBy: number) =>
  runStatement(
    database,
    `update footage_work set state = 'waiting', progress = 0, attempts = greatest(0, attempts - 1), taken_by = null, changed_at = now()
     where footage_id = $1 and kind = $2 and state = 'running' and taken_by = $3`,
    [footageId, kind, takenBy],
  );

export const cancelWork = (database: Database, footageId: string, kind: WorkKind) =>
  runStatement(
    database,
    `update footage_work set state = 'cancelled', progress = 0, taken_by = null, changed_at = now()
     where footage_id = $1 and kind = $2 and state in ('waiting', 'running')`,
    [footageId, kind],
  );

/** Work whose process died in the middle goes back on the list, which was no try of it; it fails where very many died. Returns it. */
export const reviveWork = (database: Database) =>
  listRows(
    database,
    workRow,
    `update footage_work set state = case when deaths + 1 < ${MOST_DEATHS} then 'waiting' else 'failed' end,
       problem = case when deaths + 1 < ${MOST_DEATHS} then null else '{"code": "interrupted"}'::jsonb end,
       attempts = greatest(0, attempts - 1), deaths = deaths + 1, progress = 0, taken_by = null, changed_at = now()
     where state = 'running' and not ${isAlive('footage_work.taken_by')}
     returning ${columns}`,
  );
