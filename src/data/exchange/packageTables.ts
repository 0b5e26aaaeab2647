import { z } from 'zod';
import type { Database } from '../client';
import { listRows } from '../rows';

/** A table of the academy as it travels in a package. */
export interface PackageTable {
  readonly name: string;
  readonly key: readonly string[];
  /** Columns that stay here: they tell of files or of work that is done again where the package arrives. */
  readonly without?: readonly string[];
  /** SQL over the row `t`: whether it belongs to the rounds `$1` and the people `$2`; absent where only everything holds it. */
  readonly ofRounds?: string;
}

const ofRound = 't.round_id = any($1::uuid[])';
const ofPerson = 't.person_id = any($2::uuid[])';

/** Of a round alone those of both athletes, of a student only their own. */
const closingOf = (row: string): string =>
  `(${row}.person_id = any($2::uuid[]) or (${row}.round_id = any($1::uuid[]) and (cardinality($2::uuid[]) = 0 or exists (
     select 1 from round_athlete a where a.round_id = ${row}.round_id and a.slot = ${row}.slot and a.person_id = any($2::uuid[])))))`;

/** In an order in which each row finds what it refers to. Figures, films in the making, sessions and links are not among them: they are made again, or must not travel. */
export const packageTables: readonly PackageTable[] = [
  {
    name: 'person',
    key: ['id'],
    ofRounds:
      't.id in (select person_id from round_athlete where round_id = any($1::uuid[])) or t.id = any($2::uuid[])',
  },
  { name: 'do_not_pair', key: ['one_id', 'other_id'] },
  { name: 'belt_step', key: ['person_id', 'since_day'], ofRounds: ofPerson },
  { name: 'weighing', key: ['person_id', 'since_day'], ofRounds: ofPerson },
  { name: 'consent', key: ['id'], ofRounds: ofPerson },
  {
    name: 'footage',
    key: ['id'],
    without: ['proxy', 'filmstrip', 'uploaded_by'],
    ofRounds: 't.id in (select footage_id from round where id = any($1::uuid[]))',
  },
  { name: 'footage_cut', key: ['footage_id'] },
  {
    name: 'own_word',
    key: ['id'],
    ofRounds: 't.id::text in (select concept_id from mark where round_id = any($1::uuid[]))',
  },
  { name: 'house_name', key: ['concept_id'] },
  { name: 'house_alias', key: ['concept_id', 'alias'] },
  { name: 'hidden_concept', key: ['concept_id'] },
  { name: 'school_choice', key: ['school_id'] },
  { name: 'call_correction', key: ['words', 'concept_id'] },
  { name: 'house_rule_set', key: ['id'] },
  { name: 'round', key: ['id'], ofRounds: 't.id = any($1::uuid[])' },
  { name: 'round_athlete', key: ['round_id', 'slot'], ofRounds: ofRound },
  { name: 'round_clock', key: ['id'], ofRounds: ofRound },
  { name: 'mark', key: ['id'], ofRounds: ofRound },
  { name: 'second_review', key: ['id'] },
  { name: 'second_mark', key: ['id'] },
  { name: 'reference_clip', key: ['id'] },
  { name: 'review_time', key: ['round_id', 'coach_id'] },
  { name: 'coach_question', key: ['id'] },
  { name: 'academy_class', key: ['id'] },
  { name: 'class_attendee', key: ['class_id', 'person_id'] },
  { name: 'class_clock', key: ['class_id', 'group_number'] },
  { name: 'class_drilled', key: ['class_id', 'drill_id'] },
  { name: 'class_note', key: ['class_id'] },
  { name: 'class_plan', key: ['class_id', 'version'] },
  { name: 'holiday', key: ['day'] },
  { name: 'unit', key: ['id'] },
  { name: 'closing', key: ['id'], ofRounds: closingOf('t') },
  {
    name: 'signed_review',
    key: ['id'],
    ofRounds: `t.closing_id in (select c.id from closing c where ${closingOf('c')})`,
  },
  {
    name: 'student_answer',
    key: ['id'],
    ofRounds: `t.review_id in (select s.id from signed_review s join closing c on c.id = s.closing_id where ${closingOf('c')})`,
  },
  { name: 'reel', key: ['id'] },
  { name: 'packet', key: ['id'], ofRounds: ofRound },
];

const columnRow = z.object({
  table_name: z.string(),
  column_name: z.string(),
  data_type: z.string(),
  is_nullable: z.enum(['YES', 'NO']),
  refers_to: z.string().nullable(),
});

export interface PackageColumn {
  readonly name: string;
  readonly type: string;
  readonly isNullable: boolean;
  /** It names a coach: those do not travel. */
  readonly isCoach: boolean;
}

/** The columns of each table of a package, as the database has them now. */
export async function listPackageColumns(database: Database): Promise<ReadonlyMap<string, readonly PackageColumn[]>> {
  const rows = await listRows(
    database,
    columnRow,
    `select c.table_name, c.column_name, c.data_type, c.is_nullable, (
       select k.confrelid::regclass::text from pg_constraint k join pg_attribute a on a.attrelid = k.conrelid and a.attnum = k.conkey[1]
       where k.contype = 'f' and cardinality(k.conkey) = 1 and k.conrelid = c.table_name::regclass and a.attname = c.column_name limit 1
     ) as refers_to
     from information_schema.columns c where c.table_schema = 'public' and c.is_generated = 'NEVER' and c.table_name = any($1) order by c.table_name, c.ordinal_position`,
    [packageTables.map((one) => one.name)],
  );
  const left = new Map(packageTables.map((one) => [one.name, one.without ?? []]));
  const columns = new Map<string, PackageColumn[]>();
  for (const row of rows) {
    if (left.get(row.table_name)?.includes(row.column_name)) continue;
    const column = {
      ...{ name: row.column_name, type: row.data_type, isNullable: row.is_nullable === 'YES' },
      isCoach: row.refers_to === 'coach',
    };
    columns.set(row.table_name, [...(columns.get(row.table_name) ?? []), column]);
  }
  return columns;
}
