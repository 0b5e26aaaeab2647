import pg from 'pg';
import { z } from 'zod';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';

export const trashKinds = ['round', 'class', 'film'] as const;
export type TrashKind = (typeof trashKinds)[number];

const ofMarks = 'select id from mark where round_id = $1';
const ofSecond = 'select id from second_review where round_id = $1';
const ofClosings = 'select id from closing where round_id = $1';
const ofReviews = `select id from signed_review where closing_id in (${ofClosings})`;

/** Rendered clips go by themselves when nobody looks at them. */
const CLIP_IS_THERE = "exists (select 1 from clip where id::text = k.row ->> 'clip_id')";

/** All rows that go with something, in an order in which each finds what it refers to. Figures and rendered clips are made again. */
const tables: Readonly<Record<TrashKind, readonly (readonly [table: string, where: string, needs?: string])[]>> = {
  round: [
    ['round', 'id = $1'],
    ['round_athlete', 'round_id = $1'],
    ['round_clock', 'round_id = $1'],
    ['mark', 'round_id = $1'],
    ['mark_history', `mark_id in (${ofMarks})`],
    ['review_time', 'round_id = $1'],
    ['second_review', 'round_id = $1'],
    ['second_mark', `second_review_id in (${ofSecond})`],
    ['second_mark_history', `mark_id in (select id from second_mark where second_review_id in (${ofSecond}))`],
    ['talk', 'round_id = $1'],
    ['closing', 'round_id = $1'],
    ['signed_review', `closing_id in (${ofClosings})`],
    ['student_answer', `review_id in (${ofReviews})`],
    ['review_clip', `review_id in (${ofReviews})`, CLIP_IS_THERE],
    ['clip_round', 'round_id = $1', CLIP_IS_THERE],
    ['share_link', `closing_id in (${ofClosings})`],
    ['packet', 'round_id = $1'],
  ],
  class: [
    ['academy_class', 'id = $1'],
    ['class_attendee', 'class_id = $1'],
    ['class_clock', 'class_id = $1'],
    ['class_drilled', 'class_id = $1'],
    ['class_note', 'class_id = $1'],
    ['class_plan', 'class_id = $1'],
  ],
  // Its files stay where they are until it goes for good.
  film: [
    ['footage', 'id = $1'],
    ['footage_signal', 'footage_id = $1'],
    ['footage_work', "footage_id = $1 and state = 'done'"],
    ['footage_cut', 'footage_id = $1'],
  ],
};
const name = (text: string): string => pg.escapeIdentifier(text);

/** Notes all rows of something that is about to be deleted. Within the transaction that deletes it. */
export async function keepInTrash(
  database: Database,
  trash: { readonly id: string; readonly kind: TrashKind; readonly title: string; readonly coachId: string },
  thingId: string,
): Promise<void> {
  await runStatement(database, 'insert into trash (id, kind, title, deleted_by) values ($1, $2, $3, $4)', [
    ...[trash.id, trash.kind, trash.title, trash.coachId],
  ]);
  for (const [table, where] of tables[trash.kind])
    await runStatement(
      database,
      `insert into trash_row (trash_id, place, table_name, row)
       select $2, row_number() over (), $3, to_jsonb(t) from ${name(table)} t where ${where}`,
      [thingId, trash.id, table],
    );
}

/** Puts all rows back as they were. Throws where something that they refer to is gone (class 23). Within a transaction. */
export async function bringBackRows(database: Database, trashId: string, kind: TrashKind): Promise<void> {
  for (const [table, , needs = 'true'] of tables[kind]) {
    const columns = await listRows(
      database,
      z.object({ name: z.string() }),
      `select column_name as name from information_schema.columns
       where table_schema = 'public' and table_name = $1 and is_generated = 'NEVER' order by ordinal_position`,
      [table],
    );
    const list = columns.map((one) => name(one.name)).join(', ');
    await runStatement(
      database,
      `insert into ${name(table)} (${list}) select ${columns.map((one) => `r.${name(one.name)}`).join(', ')} from trash_row k, jsonb_populate_record(null::${name(table)}, k.row) r
       where k.trash_id = $1 and k.table_name = $2 and ${needs} order by k.place`,
      [trashId, table],
    );
  }
}

const trashRow = z
  .object({
    id: z.string(),
    kind: z.enum(trashKinds),
    title: z.string(),
    deleted_at: z.date(),
    deleted_by_name: z.string().nullable(),
  })
  .transform((row) => ({
    id: row.id,
    kind: row.kind,
    title: row.title,
    deletedAt: row.deleted_at.toISOString(),
    deletedByName: row.deleted_by_name ?? undefined,
  }));

const select = `select t.id, t.kind, t.title, t.deleted_at, c.display_name as deleted_by_name from trash t left join coach c on c.id = t.deleted_by`;

export const listTrash = (database: Database, most: number) =>
  listRows(database, trashRow, `${select} order by t.deleted_at desc, t.id limit $1`, [most]);

/** Holds something that was deleted until the transaction ends. */
export const holdTrash = (database: Database, id: string) =>
  findRow(database, trashRow, `${select} where t.id = $1 for update of t`, [id]);

export const deleteTrash = (database: Database, id: string) =>
  runStatement(database, 'delete from trash where id = $1', [id]);

/** Lets go of what was deleted that `which` names; gives the names of stored files that nothing needs any more. */
async function letGo(database: Database, which: string, values: readonly unknown[]): Promise<readonly string[]> {
  const files = await listRows(
    database,
    z.object({ name: z.string() }),
    `select f.name from trash_row k join trash t on t.id = k.trash_id
       cross join lateral (values (k.row ->> 'storage_name'), (k.row -> 'proxy' ->> 'storageName'),
         (k.row -> 'filmstrip' ->> 'storageName'), (k.row -> 'filmstrip' ->> 'posterName')) f (name)
     where k.table_name in ('talk', 'footage') and f.name is not null and ${which}`,
    values,
  );
  await runStatement(database, `delete from trash t where ${which}`, values);
  return files.map((one) => one.name);
}

/** Lets go what was deleted before so many days; gives the names of stored files that nothing needs any more. */
export const deleteOldTrash = (database: Database, days: number): Promise<readonly string[]> =>
  letGo(database, "t.deleted_at < now() - $1 * interval '1 day'", [days]);

/** Lets go, at once, of all that was deleted with somebody in it, films of such rounds too; gives the names of their files. */
export const deleteTrashOf = (database: Database, personId: string): Promise<readonly string[]> =>
  letGo(
    database,
    `t.id in (
       with theirs as (select trash_id from trash_row where row ->> 'person_id' = $1)
       select trash_id from theirs
       union select film.trash_id from trash_row film join trash_row round on round.table_name = 'round' and round.row ->> 'footage_id' = film.row ->> 'id'
       where film.table_name = 'footage' and round.trash_id in (select trash_id from theirs))`,
    [personId],
  );
