import { z } from 'zod';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';

const exportRow = z
  .object({
    id: z.string(),
    state: z.enum(['waiting', 'working', 'ready', 'failed']),
    films: z.boolean(),
    byte_length: z.number().nullable(),
    problem: z.string().nullable(),
    asked_at: z.date(),
  })
  .transform((row) => ({
    id: row.id,
    state: row.state,
    films: row.films,
    byteLength: row.byte_length ?? undefined,
    problem: row.problem ?? undefined,
    askedAt: row.asked_at.toISOString(),
  }));
export type ExportRun = z.output<typeof exportRow>;

const select = 'select id, state, films, byte_length, problem, asked_at from export_run';

export const insertExport = (database: Database, id: string, films: boolean, coachId: string) =>
  runStatement(
    database,
    'insert into export_run (id, films, asked_by) values ($1, $2, $3) on conflict (id) do nothing',
    [id, films, coachId],
  );

export const findExport = (database: Database, id: string) =>
  findRow(database, exportRow, `${select} where id = $1`, [id]);

export const findLatestExport = (database: Database) =>
  findRow(database, exportRow, `${select} order by asked_at desc, id limit 1`);

export const setExportState = (
  database: Database,
  id: string,
  state: ExportRun['state'],
  { byteLength, problem }: { readonly byteLength?: number; readonly problem?: string } = {},
) =>
  runStatement(
    database,
    'update export_run set state = $2, byte_length = $3, problem = $4, changed_at = now() where id = $1',
    [id, state, byteLength ?? null, problem ?? null],
  );

/** Exports of before so many days go; gives which. */
export const deleteOldExports = async (database: Database, days: number): Promise<readonly string[]> =>
  (
    await listRows(
      database,
      z.object({ id: z.string() }),
      "delete from export_run where asked_at < now() - $1 * interval '1 day' returning id",
      [days],
    )
  ).map((one) => one.id);
