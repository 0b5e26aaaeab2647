import { z } from 'zod';
import type { Mark } from '@/core/round';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';

const markRow = z
  .object({
    id: z.string(),
    round_id: z.string(),
    content: z.custom<Mark>((value) => typeof value === 'object' && value !== null),
    version: z.number(),
    change_id: z.string(),
    deleted: z.boolean(),
    changed_by_name: z.string().nullable(),
  })
  .transform((row) => ({
    id: row.id,
    roundId: row.round_id,
    mark: row.content,
    version: row.version,
    changeId: row.change_id,
    deleted: row.deleted,
    changedByName: row.changed_by_name ?? undefined,
  }));
export type StoredMark = z.output<typeof markRow>;

const select = `select m.id, m.round_id, m.content, m.version, m.change_id, m.deleted_at is not null as deleted, c.display_name as changed_by_name
  from mark m left join coach c on c.id = m.changed_by`;

export const findMark = (database: Database, id: string) =>
  findRow(database, markRow, `${select} where m.id = $1`, [id]);

/** The mark, locked against other writers until the transaction ends. */
export const findMarkForChange = (database: Database, id: string) =>
  findRow(database, markRow, `${select} where m.id = $1 for update of m`, [id]);

export const listMarks = (database: Database, roundId: string, most = 5000) =>
  listRows(
    database,
    markRow,
    `${select} where m.round_id = $1 and m.deleted_at is null order by m.at_seconds, m.id limit $2`,
    [roundId, most],
  );

export const listMarksOfRounds = (database: Database, roundIds: readonly string[], most = 100_000) =>
  listRows(
    database,
    markRow,
    `${select} where m.round_id = any($1::uuid[]) and m.deleted_at is null order by m.round_id, m.at_seconds, m.id limit $2`,
    [roundIds, most],
  );

export interface MarkWrite {
  readonly mark: Mark;
  readonly roundId: string;
  readonly version: number;
  readonly changeId: string;
  readonly deleted: boolean;
  readonly changedBy: string | undefined;
}

/** Inserts a mark; 0 rows when its id is taken. */
export const insertMark = (database: Database, write: MarkWrite) =>
  runStatement(
    database,
    `insert into mark (id, round_id, kind, at_seconds, content, version, change_id, deleted_at, changed_by)
     values ($1, $2, $3, $4, $5, $6, $7, case when $8 then now() end, $9) on conflict (id) do nothing`,
    [
      write.mark.id,
      write.roundId,
      write.mark.kind,
      write.mark.atSeconds,
      write.mark,
      write.version,
      write.changeId,
      write.deleted,
      write.changedBy ?? null,
    ],
  );

export const updateMark = (database: Database, write: MarkWrite) =>
  runStatement(
    database,
    `update mark set kind = $2, at_seconds = $3, content = $4, version = $5, change_id = $6,
       deleted_at = case when $7 then now() end, changed_by = $8, changed_at = now() where id = $1`,
    [
      write.mark.id,
      write.mark.kind,
      write.mark.atSeconds,
      write.mark,
      write.version,
      write.changeId,
      write.deleted,
      write.changedBy ?? null,
    ],
  );

export const insertMarkHistory = (database: Database, write: MarkWrite) =>
  runStatement(
    database,
    `insert into mark_history (mark_id, version, content, deleted, change_id, changed_by) values ($1, $2, $3, $4, $5, $6)`,
    [write.mark.id, write.version, write.mark, write.deleted, write.changeId, write.changedBy ?? null],
  );

export async function countHistory(database: Database, markId: string): Promise<number> {
  const row = await findRow(
    database,
    z.object({ count: z.number() }),
    'select count(*)::int as count from mark_history where mark_id = $1',
    [markId],
  );
  return row?.count ?? 0;
}

/** Whether a change was already taken, also when others followed it. */
export async function knowsChange(database: Database, markId: string, changeId: string): Promise<boolean> {
  const row = await findRow(
    database,
    z.object({ known: z.boolean() }),
    'select exists (select 1 from mark_history where mark_id = $1 and change_id = $2) as known',
    [markId, changeId],
  );
  return row?.known ?? false;
}
