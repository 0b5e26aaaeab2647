import { z } from 'zod';
import { anyBelts } from '@/core/vocabulary';
import type { Database } from '../client';
import { findRow, listRows, readPiece, runStatement } from '../rows';

const personRow = z
  .object({
    id: z.string(),
    name: z.string(),
    standing: z.enum(['student', 'partner', 'guest']),
    division: z.enum(['male', 'female']).nullable(),
    born_on: z.string().nullable(),
    belt: z.enum(anyBelts).nullable(),
    stripes: z.number(),
    weight_kg: z.number().nullable(),
    injured_until: z.string().nullable(),
    injury_note: z.string().nullable(),
    height_cm: z.number().nullable(),
    competes_on: z.string().nullable(),
    note: z.string(),
    email: z.string(),
    version: z.number(),
  })
  .transform((row) => ({
    id: row.id,
    name: row.name,
    standing: row.standing,
    division: row.division ?? undefined,
    bornOn: row.born_on ?? undefined,
    belt: row.belt ?? undefined,
    stripes: row.stripes,
    weightKg: row.weight_kg ?? undefined,
    injuredUntil: row.injured_until ?? undefined,
    injuryNote: row.injury_note ?? undefined,
    heightCm: row.height_cm ?? undefined,
    competesOn: row.competes_on ?? undefined,
    note: row.note,
    email: row.email,
    version: row.version,
  }));
export type Person = z.output<typeof personRow>;
type LateFacts = 'heightCm' | 'competesOn' | 'division' | 'belt' | 'note' | 'email';
export type NewPerson = Omit<Person, 'version' | LateFacts> & Partial<Pick<Person, LateFacts>>;

const columns =
  'id, name, standing, division, born_on, belt, stripes, weight_kg, injured_until, injury_note, height_cm, competes_on, note, email, version';

/** Everybody there is, by name: for choosing among them. */
export const listPeople = (database: Database) =>
  listRows(database, personRow, `select ${columns} from person order by lower(name), id`);

/** A piece of everybody by name, from behind the person with the id `after` on. */
export const listPeoplePiece = (database: Database, most: number, after?: string) =>
  readPiece(
    database,
    personRow,
    `select ${columns} from person where $1::uuid is null or (lower(name), id) > (select lower(name), id from person where id = $1)
     order by lower(name), id limit $2`,
    [after ?? null, most + 1],
    most,
    (person) => person.id,
  );

export const countPeople = async (database: Database): Promise<number> =>
  (await findRow(database, z.object({ count: z.number() }), 'select count(*)::int as count from person'))?.count ?? 0;

/** The belt that everybody wears today. */
export async function listBelts(database: Database): Promise<ReadonlyMap<string, Person['belt']>> {
  const row = z.object({ id: z.string(), belt: z.enum(anyBelts).nullable() });
  const rows = await listRows(database, row, 'select id, belt from person');
  return new Map(rows.map(({ id, belt }) => [id, belt ?? undefined]));
}

export const findPerson = (database: Database, id: string) =>
  findRow(database, personRow, `select ${columns} from person where id = $1`, [id]);

/** Everybody who has exactly this name, however it is written large and small. */
export const listPeopleNamed = (database: Database, name: string) =>
  listRows(database, personRow, `select ${columns} from person where lower(name) = lower($1) order by id`, [
    name.trim(),
  ]);

/** The names and birthdays of everybody, to find who of a list is here. */
export const listNamesAndBirthdays = async (database: Database) =>
  (
    await listRows(
      database,
      z.object({ id: z.string(), name: z.string(), born_on: z.string().nullable() }),
      'select id, name, born_on from person order by id',
    )
  ).map(({ id, name, born_on }) => ({ id, name, bornOn: born_on ?? undefined }));

export const listPeopleByIds = (database: Database, ids: readonly string[]) =>
  listRows(database, personRow, `select ${columns} from person where id = any($1::uuid[]) order by lower(name), id`, [
    ids,
  ]);

const valuesOf = (person: NewPerson) => [
  person.id,
  person.name.trim(),
  person.standing,
  person.division ?? null,
  person.bornOn ?? null,
  person.belt ?? null,
  person.stripes,
  person.weightKg ?? null,
  person.injuredUntil ?? null,
  person.injuryNote ?? null,
  person.heightCm ?? null,
  person.competesOn ?? null,
  person.note ?? '',
  person.email ?? '',
];

export const insertPerson = (database: Database, person: NewPerson) =>
  runStatement(
    database,
    `insert into person (id, name, standing, division, born_on, belt, stripes, weight_kg, injured_until, injury_note, height_cm, competes_on,
       note, email)
     values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13, $14) on conflict (id) do nothing`,
    valuesOf(person),
  );

/** Changes a person if nobody else did since `version`; returns the rows touched (0 or 1). */
export const updatePerson = (database: Database, person: NewPerson & Pick<Person, 'version'>) =>
  runStatement(
    database,
    `update person set name = $2, standing = $3, division = $4, born_on = $5, belt = $6, stripes = $7, weight_kg = $8,
       injured_until = $9, injury_note = $10, height_cm = $11, competes_on = $12, note = $13, email = $14,
       version = version + 1
     where id = $1 and version = $15`,
    [...valuesOf(person), person.version],
  );

/** Takes people out whom no round, class or review knows; nobody, and false, where one of them is known. Within a transaction. */
export async function deletePeopleUnused(database: Database, ids: readonly string[]): Promise<boolean> {
  const { count } = (await findRow(
    database,
    z.object({ count: z.number() }),
    `select ((select count(*) from round_athlete where person_id = any($1::uuid[])) + (select count(*) from class_attendee where person_id = any($1::uuid[]))
       + (select count(*) from closing where person_id = any($1::uuid[])) + (select count(*) from consent where person_id = any($1::uuid[])))::int as count`,
    [ids],
  )) ?? { count: 1 };
  if (count > 0) return false;
  await runStatement(database, 'delete from person where id = any($1::uuid[])', [ids]);
  return true;
}

export async function listDoNotPair(database: Database): Promise<[string, string][]> {
  const row = z.object({ one_id: z.string(), other_id: z.string() });
  const rows = await listRows(database, row, 'select one_id, other_id from do_not_pair order by one_id, other_id');
  return rows.map((pair) => [pair.one_id, pair.other_id]);
}

export const insertDoNotPair = (database: Database, one: string, other: string) =>
  runStatement(
    database,
    'insert into do_not_pair (one_id, other_id) values (least($1::uuid, $2::uuid), greatest($1::uuid, $2::uuid)) on conflict do nothing',
    [one, other],
  );

/** What a round's card says of somebody's weight is what they weigh now, unless a later day is known; 0 rows when it is, or says the same. */
export const takeWeightOfRound = (database: Database, personId: string, day: string) =>
  runStatement(
    database,
    `update person p set weight_kg = w.weight_kg, version = p.version + 1
     from (select weight_kg, since_day from weighing where person_id = $1 order by since_day desc limit 1) w
     where p.id = $1 and w.since_day = $2::date and p.weight_kg is distinct from w.weight_kg`,
    [personId, day],
  );

/** The same for the belt. */
export const takeBeltOfRound = (database: Database, personId: string, day: string) =>
  runStatement(
    database,
    `update person p set belt = b.belt, stripes = b.stripes, version = p.version + 1
     from (select belt, stripes, since_day from belt_step where person_id = $1 order by since_day desc limit 1) b
     where p.id = $1 and b.since_day = $2::date and (p.belt, p.stripes) is distinct from (b.belt, b.stripes)`,
    [personId, day],
  );
