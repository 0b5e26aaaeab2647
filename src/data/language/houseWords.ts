import { z } from 'zod';
import type { HouseWords, OwnCourse, OwnWord } from '@/core/vocabulary';
import type { Database } from '../client';
import { findRow, readEach, runStatement } from '../rows';
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
const pairs = z.array(z.object({ key: z.string(), value: z.string() })).nullable();
const houseRow = z.object({
  own: z.array(z.record(z.string(), z.unknown())).nullable(),
  names: pairs,
  aliases: pairs,
  hidden: z.array(z.string()).nullable(),
  schools: pairs,
});

/** Everything by which the academy speaks differently from the catalogue: in one statement, since every page asks for it. */
export async function getHouseWords(database: Database): Promise<HouseWords> {
  const house = await findRow(
    database,
    houseRow,
    `select
       (select json_agg(json_build_object('id', w.id, 'name', w.name, 'words', w.words, 'merged_into_id', w.merged_into_id, 'course', w.course,
          'aliases', array(select a.alias from house_alias a where a.concept_id = w.id order by a.alias)) order by w.created_at, w.id)
        from own_word w) as own,
       (select json_agg(json_build_object('key', concept_id, 'value', name) order by concept_id) from house_name) as names,
       (select json_agg(json_build_object('key', concept_id, 'value', alias) order by concept_id, alias) from house_alias
        where concept_id not like '%~%') as aliases,
       (select json_agg(concept_id order by concept_id) from hidden_concept) as hidden,
       (select json_agg(json_build_object('key', school_id, 'value', option_key) order by school_id) from school_choice) as schools`,
  );
  const byConcept: Record<string, string[]> = {};
  for (const { key, value } of house?.aliases ?? []) byConcept[key] = [...(byConcept[key] ?? []), value];
  const record = (some: z.output<typeof pairs> | undefined) =>
    Object.fromEntries((some ?? []).map(({ key, value }) => [key, value]));
  return {
    own: readEach(ownRow, house?.own ?? [], 'own words').rows,
    names: record(house?.names),
    aliases: byConcept,
    hiddenIds: house?.hidden ?? [],
    schools: record(house?.schools),
  };
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
