import { z } from 'zod';
import { type Mark, storedMark, storedMarkSchema } from '@/core/round';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';

const markRow = z
  .object({
    id: z.string(),
    scope_id: z.string(),
    content: storedMarkSchema,
    version: z.number(),
    change_id: z.string(),
    deleted: z.boolean(),
    changed_by_name: z.string().nullable(),
  })
  .transform((row) => ({
    id: row.id,
    scopeId: row.scope_id,
    mark: row.content,
    version: row.version,
    changeId: row.change_id,
    deleted: row.deleted,
    changedByName: row.changed_by_name ?? undefined,
  }));
export type StoredMark = z.output<typeof markRow>;

/** Where marks lie: with their round, or apart, with the second review that they belong to. */
export interface MarkStore {
  readonly table: 'mark' | 'second_mark';
  readonly history: 'mark_history' | 'second_mark_history';
  /** The column that says whose marks they are. */
  readonly scope: 'round_id' | 'second_review_id';
}
export const roundMarks: MarkStore = { table: 'mark', history: 'mark_history', scope: 'round_id' };
export const secondMarks: MarkStore = {
  table: 'second_mark',
  history: 'second_mark_history',
  scope: 'second_review_id',
};

const selectFrom = ({ table, scope }: MarkStore) =>
  `select m.id, m.${scope} as scope_id, m.content, m.version, m.change_id, m.deleted_at is not null as deleted, c.display_name as changed_by_name
  from ${table} m left join coach c on c.id = m.changed_by`;

export const findMark = (database: Database, id: string) =>
  findRow(database, markRow, `${selectFrom(roundMarks)} where m.id = $1`, [id]);

/** The mark, locked against other writers until the transaction ends. */
export const findMarkForChange = (database: Database, id: string, store = roundMarks) =>
  findRow(database, markRow, `${selectFrom(store)} where m.id = $1 for update of m`, [id]);

export const listMarks = (database: Database, scopeId: string, store = roundMarks) =>
  listRows(
    database,
    markRow,
    `${selectFrom(store)} where m.${store.scope} = $1 and m.deleted_at is null order by m.at_seconds, m.id`,
    [scopeId],
  );

const countedRow = z
  .object({ content: storedMarkSchema, changed_at: z.date() })
  .transform((row) => ({ mark: row.content, changedAt: row.changed_at.toISOString() }));

/** Every mark of a round that counts, with the time of its latest change. */
export const listMarksForFigures = (database: Database, roundId: string) =>
  listRows(
    database,
    countedRow,
    'select content, changed_at from mark where round_id = $1 and deleted_at is null order by at_seconds, id',
    [roundId],
  );

export const listMarksOfRounds = (database: Database, roundIds: readonly string[]) =>
  listRows(
    database,
    markRow,
    `${selectFrom(roundMarks)} where m.round_id = any($1::uuid[]) and m.deleted_at is null order by m.round_id, m.at_seconds, m.id`,
    [roundIds],
  );

export interface MarkWrite {
  readonly mark: Mark;
  /** The round, or the second review, that it belongs to. */
  readonly scopeId: string;
  readonly version: number;
  readonly changeId: string;
  readonly deleted: boolean;
  readonly changedBy: string | undefined;
}

/** Inserts a mark; 0 rows when its id is taken. */
export const insertMark = (database: Database, write: MarkWrite, store = roundMarks) =>
  runStatement(
    database,
    `insert into ${store.table} (id, ${store.scope}, kind, at_seconds, content, version, change_id, deleted_at, changed_by)
     values ($1, $2, $3, $4, $5, $6, $7, case when $8 then now() end, $9) on conflict (id) do nothing`,
    [
      write.mark.id,
      write.scopeId,
      write.mark.kind,
      write.mark.atSeconds,
      storedMark(write.mark),
      write.version,
      write.changeId,
      write.deleted,
      write.changedBy ?? null,
    ],
  );

export const updateMark = (database: Database, write: MarkWrite, store = roundMarks) =>
  runStatement(
    database,
    `update ${store.table} set kind = $2, at_seconds = $3, content = $4, version = $5, change_id = $6,
       deleted_at = case when $7 then now() end, changed_by = $8, changed_at = now() where id = $1`,
    [
      write.mark.id,
      write.mark.kind,
      write.mark.atSeconds,
      storedMark(write.mark),
      write.version,
      write.changeId,
      write.deleted,
      write.changedBy ?? null,
    ],
  );

export const insertMarkHistory = (database: Database, write: MarkWrite, store = roundMarks) =>
  runStatement(
    database,
    `insert into ${store.history} (mark_id, version, content, deleted, change_id, changed_by) values ($1, $2, $3, $4, $5, $6)`,
    [write.mark.id, write.version, storedMark(write.mark), write.deleted, write.changeId, write.changedBy ?? null],
  );

/** Whether a change was already taken, also when others followed it. */
export async function knowsChange(
  database: Database,
  markId: string,
  changeId: string,
  store = roundMarks,
): Promise<boolean> {
  const row = await findRow(
    database,
    z.object({ known: z.boolean() }),
    `select exists (select 1 from ${store.history} where mark_id = $1 and change_id = $2) as known`,
    [markId, changeId],
  );
  return row?.known ?? false;
}

const versionRow = z
  .object({
    version: z.number(),
    content: storedMarkSchema,
    deleted: z.boolean(),
    changed_by_name: z.string().nullable(),
    changed_at: z.date(),
  })
  .transform((row) => ({
    version: row.version,
    mark: row.content,
    deleted: row.deleted,
    by: row.changed_by_name ?? undefined,
    at: row.changed_at.toISOString(),
  }));
export type MarkVersion = z.output<typeof versionRow>;

/** Every form that a mark has had, newest first, with who made it so and when. Empty for a mark of another round. */
export const listVersions = (database: Database, scopeId: string, markId: string, store = roundMarks) =>
  listRows(
    database,
    versionRow,
    `select h.version, h.content, h.deleted, c.display_name as changed_by_name, h.changed_at
     from ${store.history} h join ${store.table} m on m.id = h.mark_id left join coach c on c.id = h.changed_by
     where h.mark_id = $1 and m.${store.scope} = $2 order by h.version desc`,
    [markId, scopeId],
  );

/** Tells every server that marks of a round, or of a second review, have changed; they hear it when the transaction is through. */
export const tellMarksChanged = (database: Database, scopeId: string) =>
  runStatement(database, "select pg_notify('marks_changed', $1)", [scopeId]);
