import { z } from 'zod';
import type { FoundRun, RunGain, RunPlan } from '@/core/planning';
import type { Database } from '../client';
import { findRow, runStatement } from '../rows';
import { planStates } from './classes';

/** What a run became: its classes with their lessons, what it does for each, and how it compares. */
export interface RunContent extends RunPlan {
  readonly gains: readonly RunGain[];
}
export interface RunProblemCode {
  readonly code: 'no-class-ahead' | 'nothing-to-work-on' | 'interrupted' | 'stopped';
}

const runRow = z
  .object({
    id: z.string(),
    state: z.enum(planStates),
    content: z.custom<RunContent>((value) => typeof value === 'object' && value !== null).nullable(),
    so_far: z.custom<FoundRun>((value) => typeof value === 'object' && value !== null).nullable(),
    problem: z.custom<RunProblemCode>((value) => typeof value === 'object' && value !== null).nullable(),
    asked_by_name: z.string().nullable(),
    asked_at: z.date(),
  })
  .transform((row) => ({
    id: row.id,
    state: row.state,
    content: row.content ?? undefined,
    soFar: row.so_far ?? undefined,
    problem: row.problem ?? undefined,
    askedBy: row.asked_by_name ?? undefined,
    askedAt: row.asked_at.toISOString(),
  }));
export type ClassRun = z.output<typeof runRow>;

const select = `select r.id, r.state, r.content, r.so_far, r.problem, c.display_name as asked_by_name, r.asked_at
  from class_run r left join coach c on c.id = r.asked_by`;

/** The run that was asked for last, and the last one that came to something. */
export const findLatestRun = (database: Database) =>
  findRow(database, runRow, `${select} order by r.asked_at desc, r.id limit 1`, []);
export const findReadyRun = (database: Database) =>
  findRow(database, runRow, `${select} where r.state = 'ready' order by r.asked_at desc, r.id limit 1`, []);

/** Asks for a run; those that are not ready yet are overtaken by it. In a transaction. Asking twice under one id asks once. */
export async function insertAskedRun(database: Database, id: string, askedBy: string): Promise<number> {
  await runStatement(
    database,
    "update class_run set state = 'overtaken', changed_at = now() where state in ('waiting', 'working') and id <> $1",
    [id],
  );
  return runStatement(database, 'insert into class_run (id, asked_by) values ($1, $2) on conflict (id) do nothing', [
    id,
    askedBy,
  ]);
}

/** Begins to work a run out, also one whose process died in the middle; undefined when it was overtaken or is done. */
export const beginRun = (database: Database, id: string) =>
  findRow(
    database,
    z.object({ asked_by: z.string().nullable() }).transform((row) => ({ askedById: row.asked_by ?? undefined })),
    "update class_run set state = 'working', changed_at = now() where id = $1 and state in ('waiting', 'working') returning asked_by",
    [id],
  );

/** Keeps the best that is found so far, while more is looked for; 0 rows when nobody wants the run any more. */
export const keepSoFar = (database: Database, id: string, found: FoundRun) =>
  runStatement(
    database,
    "update class_run set so_far = $2, changed_at = now() where id = $1 and state in ('waiting', 'working')",
    [id, JSON.stringify(found)],
  );

/** Whether somebody still waits for a run. */
export const isRunWanted = async (database: Database, id: string): Promise<boolean> =>
  (await findRow(
    database,
    z.object({ id: z.string() }),
    "select id from class_run where id = $1 and state in ('waiting', 'working')",
    [id],
  )) !== undefined;

/** Keeps what a run became; 0 rows when it was overtaken meanwhile. */
export const endRun = (
  database: Database,
  id: string,
  end:
    | { readonly state: 'ready'; readonly content: RunContent }
    | { readonly state: 'failed'; readonly problem: RunProblemCode },
) =>
  runStatement(
    database,
    `update class_run set state = $2, content = $3, problem = $4, changed_at = now() where id = $1 and state in ('waiting', 'working')`,
    [
      id,
      end.state,
      end.state === 'ready' ? JSON.stringify(end.content) : null,
      end.state === 'failed' ? JSON.stringify(end.problem) : null,
    ],
  );
