import { z } from 'zod';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';
import type { PackageRow } from './packageRows';

export const importStates = ['compared', 'working', 'done', 'undone', 'failed'] as const;
const countShape = z.object({
  fresh: z.number(),
  newer: z.number(),
  same: z.number(),
  conflict: z.number(),
  bad: z.number(),
});
/** Of one table: rows that are not here, that are newer there, that are the same, that differ both ways, and that cannot be read. */
export type ImportCounts = z.output<typeof countShape>;

const importRow = z
  .object({
    id: z.string(),
    title: z.string(),
    state: z.enum(importStates),
    counts: z.record(z.string(), countShape),
    problem: z.string().nullable(),
    compared_at: z.date(),
    changed_at: z.date(),
    brought_by_name: z.string().nullable(),
  })
  .transform((row) => ({
    id: row.id,
    title: row.title,
    state: row.state,
    counts: row.counts,
    problem: row.problem ?? undefined,
    comparedAt: row.compared_at.toISOString(),
    changedAt: row.changed_at.toISOString(),
    broughtByName: row.brought_by_name ?? undefined,
  }));
export type ImportRun = z.output<typeof importRow>;

const select = `select i.id, i.title, i.state, i.counts, i.problem, i.compared_at, i.changed_at, c.display_name as brought_by_name
  from import_run i left join coach c on c.id = i.brought_by`;

export const findImport = (database: Database, id: string) =>
  findRow(database, importRow, `${select} where i.id = $1`, [id]);

/** Holds an import until the transaction ends; whoever comes second sees what the first made of it. */
export const holdImport = (database: Database, id: string) =>
  findRow(database, importRow, `${select} where i.id = $1 for update of i`, [id]);

export const listImports = (database: Database, most: number) =>
  listRows(database, importRow, `${select} order by i.compared_at desc, i.id limit $1`, [most]);

export const insertImport = (
  database: Database,
  id: string,
  title: string,
  counts: Readonly<Record<string, ImportCounts>>,
  coachId: string,
) =>
  runStatement(database, 'insert into import_run (id, title, counts, brought_by) values ($1, $2, $3, $4)', [
    id,
    title,
    JSON.stringify(counts),
    coachId,
  ]);

export const setImportState = (
  database: Database,
  id: string,
  state: ImportRun['state'],
  counts?: Readonly<Record<string, ImportCounts>>,
) =>
  runStatement(
    database,
    'update import_run set state = $2, counts = coalesce($3::jsonb, counts), changed_at = now() where id = $1',
    [id, state, counts ? JSON.stringify(counts) : null],
  );

/** Notes what was done to rows, in order. */
export const insertImportRows = (
  database: Database,
  id: string,
  first: number,
  table: string,
  rows: readonly { readonly row: PackageRow; readonly before?: PackageRow }[],
) =>
  runStatement(
    database,
    `insert into import_row (import_id, place, table_name, row, before)
     select $1, $2 + (n - 1), $3, one -> 'row', one -> 'before' from jsonb_array_elements($4::jsonb) with ordinality as given (one, n)`,
    [id, first, table, JSON.stringify(rows)],
  );

const doneRow = z.object({
  place: z.number(),
  table_name: z.string(),
  row: z.record(z.string(), z.unknown()),
  before: z.record(z.string(), z.unknown()).nullable(),
});

/** What an import did, the last first, from before a place on. */
export const listImportRows = (database: Database, id: string, before: number, most: number) =>
  listRows(
    database,
    doneRow,
    'select place, table_name, row, before from import_row where import_id = $1 and place < $2 order by place desc limit $3',
    [id, before, most],
  );

export const deleteImportRows = (database: Database, id: string) =>
  runStatement(database, 'delete from import_row where import_id = $1', [id]);

/** The films that came with an import. */
export const listFilmsOfImport = async (database: Database, id: string): Promise<readonly string[]> =>
  (
    await listRows(
      database,
      z.object({ id: z.string() }),
      "select row ->> 'id' as id from import_row where import_id = $1 and table_name = 'footage' and before is null",
      [id],
    )
  ).map((one) => one.id);
