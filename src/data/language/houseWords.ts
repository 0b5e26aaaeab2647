import { z } from 'zod';
import type { HouseWords, OwnCourse, OwnWord } from '@/core/vocabulary';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';
import { ownCourseShape } from './ownCourse';

const ownRow = z
  .object({
    id: z.string(),
    name: z.string(),
    words: z.string(),
    merged_into_id: z.string().nullable(),
    course: ownCourseShape.nullable(),
    aliases: z.array(z.string()),
  })
  .transform(
    (row): OwnWord => ({
      id: row.id,
      name: row.name,
      text: row.words,
      aliases: row.aliases,
      course: row.course ?? undefined,
      mergedIntoId: row.merged_into_id ?? undefined,
    }),
  );
const pairRow = z.object({ key: z.string(), value: z.string() });
const idRow = z.object({ id: z.string() }).transform((row) => row.id);

/** Everything by which the academy speaks differently from the catalogue. */
export async function getHouseWords(database: Database): Promise<HouseWords> {
  const [own, names, aliases, hiddenIds, schools] = await Promise.all([
    listRows(
      database,
      ownRow,
      `select w.id, w.name, w.words, w.merged_into_id, w.course,
         coalesce((select array_agg(a.alias order by a.alias) from house_alias a where a.concept_id = w.id), '{}') as aliases
       from own_word w order by w.created_at, w.id`,
    ),
    listRows(database, pairRow, 'select concept_id as key, name as value from house_name order by concept_id'),
    listRows(
      database,
      pairRow,
      `select concept_id as key, alias as value from house_alias where concept_id not like '%~%' order by concept_id, alias`,
    ),
    listRows(database, idRow, 'select concept_id as id from hidden_concept order by concept_id'),
    listRows(database, pairRow, 'select school_id as key, option_key as value from school_choice order by school_id'),
  ]);
  const byConcept: Record<string, string[]> = {};
  for (const { key, value } of aliases) byConcept[key] = [...(byConcept[key] ?? []), value];
  const record = (pairs: readonly { key: string; value: string }[]) =>
    Object.fromEntries(pairs.map(({ key, value }) => [key, value]));
  return { own, names: record(names), aliases: byConcept, hiddenIds, schools: record(schools) };
}

export const saveHouseName = (database: Database, conceptId: string, name: string) =>
  runStatement(
    database,
    'insert into house_name (concept_id, name) values ($1, $2) on conflict (concept_id) do update set name = $2',
    [conceptId, name],
  );

export const deleteHouseName = (database: Database, conceptId: string) =>
  runStatement(database, 'delete from house_name where concept_id = $1', [conceptId]);

export const insertAlias = (database: Database, conceptId: string, alias: string) =>
  runStatement(database, 'insert into house_alias (concept_id, alias) values ($1, $2) on conflict do nothing', [
    conceptId,
    alias,
  ]);

export const deleteAlias = (database: Database, conceptId: string, alias: string) =>
  runStatement(database, 'delete from house_alias where concept_id = $1 and alias = $2', [conceptId, alias]);

export const saveHidden = (database: Database, conceptId: string, hidden: boolean) =>
  hidden
    ? runStatement(database, 'insert into hidden_concept (concept_id) values ($1) on conflict do nothing', [conceptId])
    : runStatement(database, 'delete from hidden_concept where concept_id = $1', [conceptId]);

export const saveSchoolChoice = (database: Database, schoolId: string, optionKey: string | undefined) =>
  optionKey
    ? runStatement(
        database,
        'insert into school_choice (school_id, option_key) values ($1, $2) on conflict (school_id) do update set option_key = $2',
        [schoolId, optionKey],
      )
    : runStatement(database, 'delete from school_choice where school_id = $1', [schoolId]);

export const insertOwnWord = (
  database: Database,
  word: { readonly id: string; readonly name: string; readonly text: string },
  coachId: string | undefined,
) =>
  runStatement(database, 'insert into own_word (id, name, words, created_by) values ($1, $2, $3, $4)', [
    word.id,
    word.name,
    word.text,
    coachId ?? null,
  ]);

export const updateOwnWord = (
  database: Database,
  word: { readonly id: string; readonly name: string; readonly text: string },
) =>
  runStatement(database, 'update own_word set name = $2, words = $3, version = version + 1 where id = $1', [
    word.id,
    word.name,
    word.text,
  ]);

/** Keeps how an own drill is run, or that it runs as the standard one does, with how it starts. */
export const saveOwnCourse = (database: Database, id: string, start: string, course: OwnCourse | undefined) =>
  runStatement(database, 'update own_word set words = $2, course = $3, version = version + 1 where id = $1', [
    id,
    start,
    course ? JSON.stringify(course) : null,
  ]);

/** A row for each place beside marks where $1 is named: its page must go on telling what it was. */
const namedBesideMarks = `select 1 from class_drilled where drill_id = $1
  union all select 1 from unit where $1 = any(concept_ids)
  union all select 1 from class_plan where strpos(content::text, to_jsonb($1::text)::text) > 0
  union all select 1 from signed_review where strpos(content::text, to_jsonb($1::text)::text) > 0`;

/** Sets or clears what a word was merged into. */
export const saveMerge = (database: Database, id: string, intoId: string | undefined) =>
  runStatement(database, 'update own_word set merged_into_id = $2, version = version + 1 where id = $1', [
    id,
    intoId ?? null,
  ]);

/** Removes a word that nothing uses, with its aliases; 0 when something still names it. */
export const deleteOwnWord = (database: Database, id: string) =>
  runStatement(
    database,
    `with gone as (
       delete from own_word w where w.id = $1
         and not exists (select 1 from mark m where m.concept_id = $1)
         and not exists (select 1 from own_word o where o.merged_into_id = $1)
         and not exists (${namedBesideMarks})
       returning w.id),
     aliases as (delete from house_alias where concept_id in (select id from gone))
     select id from gone`,
    [id],
  );

/** Whether a class, its plan, a unit of the curriculum or a signed review names a word. */
export const isNamedBesideMarks = async (database: Database, id: string): Promise<boolean> =>
  (await findRow(database, z.object({ id: z.string() }), `select $1::text as id where exists (${namedBesideMarks})`, [
    id,
  ])) !== undefined;

/** Waits until nobody else changes the academy's words, and holds them until the transaction ends: what a change was checked against stays so. */
export const holdHouseWords = (database: Database) => runStatement(database, 'select pg_advisory_xact_lock(7301)');
