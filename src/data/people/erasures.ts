import { z } from 'zod';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';

const countShape = z.object({
  rounds: z.number(),
  notes: z.number(),
  reviews: z.number(),
  answers: z.number(),
  links: z.number(),
  messages: z.number(),
  talks: z.number(),
  clips: z.number(),
  films: z.number(),
});
/** How much there is of somebody, by kinds. */
export type ErasureCounts = z.output<typeof countShape>;

const inRounds = 'round_id in (select round_id from round_athlete where person_id = $1)';
const ofClosings = `closing_id in (select c.id from closing c where c.person_id = $1 or exists (
  select 1 from round_athlete a where a.round_id = c.round_id and a.slot = c.slot and a.person_id = $1))`;

/** What there is of somebody, before it is taken away. */
export const countErasure = (database: Database, personId: string, name: string) =>
  findRow(
    database,
    countShape,
    `select (select count(*) from round_athlete where person_id = $1)::int as rounds,
       (select count(*) from mark where ${inRounds} and content ->> 'note' ~* $2)::int as notes,
       (select count(*) from signed_review where ${ofClosings})::int as reviews,
       (select count(*) from student_answer where person_id = $1)::int as answers,
       (select count(*) from share_link where person_id = $1 and revoked_at is null and expires_at > now())::int as links,
       (select count(*) from message where person_id = $1)::int as messages,
       (select count(*) from talk where ${inRounds})::int as talks,
       (select count(*) from clip where id in (select clip_id from clip_round where ${inRounds}))::int as clips,
       (select count(distinct r.footage_id) from round r join round_athlete a on a.round_id = r.id where a.person_id = $1)::int as films`,
    [personId, anyPartOf(name)],
  );

/** A pattern that finds any word of a name, as a word of its own. */
const anyPartOf = (name: string): string =>
  `\\m(${name
    .trim()
    .split(/\s+/)
    .map((part) => part.replace(/[.*+?^${}()|[\]\\]/g, '\\$&'))
    .join('|')})\\M`;

const noteRow = z.object({ id: z.string(), version: z.number(), note: z.string() });

/** Notes of marks that hold a word of the name; those of earlier versions too. */
export const listNotesNaming = async (database: Database, personId: string, name: string) => ({
  marks: await listRows(
    database,
    noteRow,
    `select id, version, content ->> 'note' as note from mark where ${inRounds} and content ->> 'note' ~* $2`,
    [personId, anyPartOf(name)],
  ),
  history: await listRows(
    database,
    noteRow,
    `select mark_id as id, version, content ->> 'note' as note from mark_history
     where mark_id in (select id from mark where ${inRounds}) and content ->> 'note' ~* $2`,
    [personId, anyPartOf(name)],
  ),
});

export const rewriteNote = (
  database: Database,
  table: 'mark' | 'mark_history',
  id: string,
  version: number,
  note: string,
) =>
  runStatement(
    database,
    `update ${table} set content = jsonb_set(content, '{note}', to_jsonb($3::text)) where ${table === 'mark' ? 'id' : 'mark_id'} = $1 and version = $2`,
    [id, version, note],
  );

const fileRow = z.object({ name: z.string() });
const namesOf = async (database: Database, text: string, personId: string) =>
  (await listRows(database, fileRow, text, [personId])).map((one) => one.name);

/** What coaches wrote where somebody was: of partners' reviews, reels, classes and rounds. */
const written = [
  {
    table: 'signed_review',
    key: 'id',
    column: 'content',
    where: `closing_id in (select id from closing where ${inRounds})`,
  },
  {
    ...{ table: 'reel', key: 'id', column: 'content' },
    where: `exists (select 1 from jsonb_array_elements(content -> 'pieces') p
      where p ->> 'roundId' in (select round_id::text from round_athlete where person_id = $1))`,
  },
  {
    ...{ table: 'class_note', key: 'class_id', column: 'words' },
    where: 'class_id in (select class_id from class_attendee where person_id = $1)',
  },
  {
    ...{ table: 'round', key: 'id', column: 'theme' },
    where: 'id in (select round_id from round_athlete where person_id = $1)',
  },
] as const;
export type WrittenPlace = (typeof written)[number];

/** Texts of coaches, whole or within JSON, that hold a word of the name. */
export async function listWritingsNaming(
  database: Database,
  personId: string,
  name: string,
): Promise<readonly { readonly place: WrittenPlace; readonly id: string; readonly value: unknown }[]> {
  const found = [];
  for (const place of written) {
    const rows = await listRows(
      database,
      z.object({ id: z.string(), value: z.unknown() }),
      `select ${place.key} as id, to_jsonb(${place.column}) as value from ${place.table} where ${place.where} and ${place.column}::text ~* $2`,
      [personId, anyPartOf(name)],
    );
    found.push(...rows.map((row) => ({ place, ...row })));
  }
  return found;
}

export const rewriteWriting = (database: Database, { table, key, column }: WrittenPlace, id: string, value: unknown) =>
  runStatement(
    database,
    `update ${table} set ${column} = ${column === 'content' ? '$2::jsonb' : "$2::jsonb #>> '{}'"} where ${key} = $1`,
    [id, JSON.stringify(value)],
  );

/** Takes everything away that is somebody's own, and leaves rounds and marks as those of a nameless athlete. Gives the names of files that go with it. */
export async function makeNameless(
  database: Database,
  personId: string,
  nameless: string,
): Promise<{ readonly stored: readonly string[]; readonly messages: readonly string[] }> {
  const stored = [
    ...(await namesOf(database, `select storage_name as name from talk where ${inRounds}`, personId)),
    ...(await namesOf(
      database,
      `select unnest(array[storage_name, cover_name]) as name from clip where id in (select clip_id from clip_round where ${inRounds}) and storage_name is not null`,
      personId,
    )),
  ];
  const messages = await namesOf(database, 'select file_name as name from message where person_id = $1', personId);
  for (const statement of [
    `delete from talk where ${inRounds}`,
    `delete from clip where id in (select clip_id from clip_round where ${inRounds})`,
    `delete from packet where ${inRounds}`,
    `delete from closing where id in (select c.id from closing c where c.person_id = $1 or exists (
       select 1 from round_athlete a where a.round_id = c.round_id and a.slot = c.slot and a.person_id = $1))`,
    ...['share_link', 'message', 'student_answer', 'consent', 'weighing', 'belt_step'].map(
      (table) => `delete from ${table} where person_id = $1`,
    ),
    'delete from do_not_pair where one_id = $1 or other_id = $1',
    `update class_attendee set hurt = default, struggled = default where person_id = $1`,
    `update round_athlete set still = null, condition = '{}' where person_id = $1`,
    // Figures say of what theme a round was; they are worked out anew in a moment, and must not wait for it.
    `update round_figure f set content = jsonb_set(f.content, '{theme}', to_jsonb(r.theme)) from round r
     where r.id = f.round_id and f.content ? 'theme' and r.id in (select round_id from round_athlete where person_id = $1)`,
    "delete from import_row where table_name = 'person' and row ->> 'id' = $1::text",
  ])
    await runStatement(database, statement, [personId]);
  await runStatement(
    database,
    `update person set name = $2, born_on = null, weight_kg = null, injured_until = null, injury_note = null, height_cm = null,
       competes_on = null, note = '', email = '', standing = 'guest', version = version + 1 where id = $1`,
    [personId, nameless],
  );
  return { stored, messages };
}

const spanRow = z.object({ footage_id: z.string(), start_seconds: z.number(), end_seconds: z.number() });

/** Where somebody is seen, film by film. */
export async function listSpansOf(
  database: Database,
  personId: string,
): Promise<ReadonlyMap<string, readonly { startSeconds: number; endSeconds: number }[]>> {
  const rows = await listRows(
    database,
    spanRow,
    `select r.footage_id, r.start_seconds, r.end_seconds from round r join round_athlete a on a.round_id = r.id
     where a.person_id = $1 and r.footage_id is not null order by r.footage_id, r.start_seconds`,
    [personId],
  );
  const films = new Map<string, { startSeconds: number; endSeconds: number }[]>();
  for (const { footage_id, start_seconds, end_seconds } of rows)
    films.set(footage_id, [...(films.get(footage_id) ?? []), { startSeconds: start_seconds, endSeconds: end_seconds }]);
  return films;
}

const erasureRow = z
  .object({
    id: z.string(),
    done_at: z.date(),
    counts: countShape,
    films: z.enum(['kept', 'blurred']),
    films_left: z.number(),
    held_until: z.string().nullable(),
    done_by_name: z.string().nullable(),
  })
  .transform((row) => ({
    id: row.id,
    doneAt: row.done_at.toISOString(),
    counts: row.counts,
    films: row.films,
    filmsLeft: row.films_left,
    heldUntil: row.held_until ?? undefined,
    doneByName: row.done_by_name ?? undefined,
  }));

/** The erasures that there were, the newest first. */
export const listErasures = (database: Database, most: number) =>
  listRows(
    database,
    erasureRow,
    `select e.id, e.done_at, e.counts, e.films, e.films_left, e.held_until, c.display_name as done_by_name
     from erasure e left join coach c on c.id = e.done_by order by e.done_at desc, e.id limit $1`,
    [most],
  );

export const insertErasure = (
  database: Database,
  erasure: {
    readonly id: string;
    readonly coachId: string;
    readonly counts: ErasureCounts;
    readonly films: 'kept' | 'blurred';
    readonly filmsLeft: number;
    readonly heldUntil: string | undefined;
  },
) =>
  runStatement(
    database,
    'insert into erasure (id, done_by, counts, films, films_left, held_until) values ($1, $2, $3, $4, $5, $6)',
    [
      ...[erasure.id, erasure.coachId, JSON.stringify(erasure.counts), erasure.films, erasure.filmsLeft],
      erasure.heldUntil ?? null,
    ],
  );

export const noteFilmBlurred = (database: Database, erasureId: string) =>
  runStatement(database, 'update erasure set films_left = greatest(0, films_left - 1) where id = $1', [erasureId]);
