import { z } from 'zod';
import type { ClassPlan, DrillLock } from '@/core/planning';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';

const classRow = z
  .object({
    id: z.string(),
    title: z.string(),
    starts_at: z.date(),
    minutes: z.number(),
    uniform: z.enum(['gi', 'no-gi']),
    level: z.string(),
    pairs_on_mats: z.number(),
    version: z.number(),
    expected: z.number(),
    plan_version: z.number().nullable(),
  })
  .transform((row) => ({
    id: row.id,
    title: row.title,
    startsAt: row.starts_at.toISOString(),
    minutes: row.minutes,
    uniform: row.uniform,
    level: row.level,
    pairsOnMats: row.pairs_on_mats,
    version: row.version,
    expected: row.expected,
    planVersion: row.plan_version ?? undefined,
  }));
export type AcademyClass = z.output<typeof classRow>;
export type ClassContent = Omit<AcademyClass, 'version' | 'expected' | 'planVersion'>;

const select = `select k.id, k.title, k.starts_at, k.minutes, k.uniform, k.level, k.pairs_on_mats, k.version,
    (select count(*)::int from class_attendee x where x.class_id = k.id) as expected,
    (select max(version) from class_plan y where y.class_id = k.id) as plan_version
  from academy_class k`;

export const listClasses = (database: Database, since: string, most = 200) =>
  listRows(database, classRow, `${select} where k.starts_at >= $1 order by k.starts_at, k.id limit $2`, [since, most]);

export const findClass = (database: Database, id: string) =>
  findRow(database, classRow, `${select} where k.id = $1`, [id]);

/** The latest classes before one, newest first. */
export const listClassesBefore = (database: Database, startsAt: string, most: number) =>
  listRows(database, classRow, `${select} where k.starts_at < $1 order by k.starts_at desc, k.id limit $2`, [
    startsAt,
    most,
  ]);

const valuesOf = (one: ClassContent) => [
  one.id,
  one.title.trim(),
  one.startsAt,
  one.minutes,
  one.uniform,
  one.level,
  one.pairsOnMats,
];

export const insertClass = (database: Database, one: ClassContent) =>
  runStatement(
    database,
    'insert into academy_class (id, title, starts_at, minutes, uniform, level, pairs_on_mats) values ($1, $2, $3, $4, $5, $6, $7) on conflict (id) do nothing',
    valuesOf(one),
  );

export const updateClass = (database: Database, one: ClassContent, version: number) =>
  runStatement(
    database,
    `update academy_class set title = $2, starts_at = $3, minutes = $4, uniform = $5, level = $6, pairs_on_mats = $7, version = version + 1
     where id = $1 and version = $8`,
    [...valuesOf(one), version],
  );

export const deleteClass = (database: Database, id: string) =>
  runStatement(database, 'delete from academy_class where id = $1', [id]);

export async function listAttendees(
  database: Database,
  classId: string,
): Promise<{ personId: string; chance: number }[]> {
  const row = z.object({ person_id: z.string(), chance: z.number() });
  const rows = await listRows(
    database,
    row,
    'select person_id, chance from class_attendee where class_id = $1 order by person_id limit 1000',
    [classId],
  );
  return rows.map((one) => ({ personId: one.person_id, chance: one.chance }));
}

export const saveAttendee = (database: Database, classId: string, personId: string, chance: number) =>
  runStatement(
    database,
    'insert into class_attendee (class_id, person_id, chance) values ($1, $2, $3) on conflict (class_id, person_id) do update set chance = $3',
    [classId, personId, chance],
  );

export const deleteAttendee = (database: Database, classId: string, personId: string) =>
  runStatement(database, 'delete from class_attendee where class_id = $1 and person_id = $2', [classId, personId]);

const planRow = z
  .object({
    class_id: z.string(),
    version: z.number(),
    content: z.custom<ClassPlan>((value) => typeof value === 'object' && value !== null),
    locks: z.custom<DrillLock[]>((value) => Array.isArray(value)),
    made_at: z.date(),
  })
  .transform((row) => ({
    classId: row.class_id,
    version: row.version,
    plan: row.content,
    locks: row.locks,
    madeAt: row.made_at.toISOString(),
  }));
export type StoredPlan = z.output<typeof planRow>;

export const findLatestPlan = (database: Database, classId: string) =>
  findRow(
    database,
    planRow,
    'select class_id, version, content, locks, made_at from class_plan where class_id = $1 order by version desc limit 1',
    [classId],
  );

/** Keeps a plan as the next version; the earlier ones stay readable. 0 rows when somebody else was faster. */
export const insertPlan = (
  database: Database,
  classId: string,
  version: number,
  plan: ClassPlan,
  locks: readonly DrillLock[],
  madeBy: string | undefined,
) =>
  runStatement(
    database,
    'insert into class_plan (class_id, version, content, locks, made_by) values ($1, $2, $3, $4, $5) on conflict (class_id, version) do nothing',
    [classId, version, plan, JSON.stringify(locks), madeBy ?? null],
  );
