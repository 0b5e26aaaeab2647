import { z } from 'zod';
import {
  type ClassPlan,
  type ClassPlanProblem,
  type DrillLock,
  type KeptPair,
  type OwnBlock,
  type Theme,
  themePlaces,
} from '@/core/planning';
import { positionFamilies } from '@/core/vocabulary';
import type { Database } from '../client';
import { findRow, listRows, readPiece, runStatement } from '../rows';

/** A coach's own block as it is sent and kept. */
export const ownBlockShape = z.object({
  id: z.string().max(40),
  title: z.string().trim().min(1, 'Say what it is.').max(120, 'Use at most 120 characters.'),
  minutes: z.number().int().min(1, 'At least a minute.').max(120, 'At most two hours.'),
  conceptId: z.string().max(120).optional(),
  place: z.enum(['before', 'after']),
}) satisfies z.ZodType<OwnBlock>;

/** Pairs that the coach keeps together, as they are sent and kept. @source own decision: more are a pairing by hand */
export const keptPairsShape = z.array(z.tuple([z.uuid(), z.uuid()])).max(30);

const classRow = z
  .object({
    id: z.string(),
    title: z.string(),
    starts_at: z.date(),
    minutes: z.number(),
    uniform: z.enum(['gi', 'no-gi']),
    level: z.string(),
    pairs_on_mats: z.number(),
    coaches: z.number(),
    theme_family: z.enum(positionFamilies).nullable(),
    theme_place: z.enum(themePlaces).nullable(),
    own_blocks: z.array(ownBlockShape),
    kept_pairs: keptPairsShape,
    is_kept: z.boolean(),
    version: z.number(),
    expected: z.number(),
    plan_version: z.number().nullable(),
    plan_themes: z.custom<readonly Theme[]>(Array.isArray).nullable(),
    plan_drills: z.array(z.string()).nullable(),
  })
  .transform((row) => ({
    id: row.id,
    title: row.title,
    startsAt: row.starts_at.toISOString(),
    minutes: row.minutes,
    uniform: row.uniform,
    level: row.level,
    pairsOnMats: row.pairs_on_mats,
    /** How many are on the mat: with two it may be parted into two groups. */
    coaches: row.coaches,
    /** What the coach set it to be about; the plan decides where nothing is set. */
    setTheme: row.theme_family && row.theme_place ? { family: row.theme_family, place: row.theme_place } : undefined,
    ownBlocks: row.own_blocks,
    /** Who works together because the coach says so. */
    keptPairs: row.kept_pairs,
    /** Its plan stays as it is when the coming weeks are planned together. */
    isKept: row.is_kept,
    version: row.version,
    expected: row.expected,
    planVersion: row.plan_version ?? undefined,
    /** What the latest plan is about and teaches; empty without one. */
    themes: row.plan_themes ?? [],
    lessonIds: row.plan_drills ?? [],
  }));
export type AcademyClass = z.output<typeof classRow>;
export type ClassContent = Omit<
  AcademyClass,
  | 'version'
  | 'expected'
  | 'planVersion'
  | 'themes'
  | 'lessonIds'
  | 'setTheme'
  | 'ownBlocks'
  | 'coaches'
  | 'keptPairs'
  | 'isKept'
> & { readonly setTheme?: Theme; readonly coaches?: number };

const select = `select k.id, k.title, k.starts_at, k.minutes, k.uniform, k.level, k.pairs_on_mats, k.coaches, k.theme_family, k.theme_place, k.own_blocks, k.kept_pairs, k.is_kept, k.version,
    (select count(*)::int from class_attendee x where x.class_id = k.id) as expected,
    p.version as plan_version, p.content -> 'themes' as plan_themes,
    array(select d ->> 'drillId' from jsonb_array_elements(p.content -> 'drills') d) as plan_drills
  from academy_class k left join lateral (
    select y.version, y.content from class_plan y where y.class_id = k.id and y.state = 'ready' order by y.version desc limit 1) p on true`;

/** Every class from a moment on, the next one first. */
export const listClassesFrom = (database: Database, from: string) =>
  listRows(database, classRow, `${select} where k.starts_at >= $1 order by k.starts_at, k.id`, [from]);

/** Every class from a moment on and before another, in order. */
export const listClassesBetween = (database: Database, from: string, before: string) =>
  listRows(database, classRow, `${select} where k.starts_at >= $1 and k.starts_at < $2 order by k.starts_at, k.id`, [
    from,
    before,
  ]);

/** A piece of the classes before a moment, the latest first, from behind the class with the id `after` on. */
export const listPastClasses = (database: Database, before: string, most: number, after?: string) =>
  readPiece(
    database,
    classRow,
    `${select} where k.starts_at < $1
       and ($2::uuid is null or (k.starts_at, k.id) < (select starts_at, id from academy_class where id = $2))
     order by k.starts_at desc, k.id desc limit $3`,
    [before, after ?? null, most + 1],
    most,
    (one) => one.id,
  );

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
  one.setTheme?.family ?? null,
  one.setTheme?.place ?? null,
  one.coaches ?? 1,
];

export const insertClass = (database: Database, one: ClassContent) =>
  runStatement(
    database,
    'insert into academy_class (id, title, starts_at, minutes, uniform, level, pairs_on_mats, theme_family, theme_place, coaches) values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10) on conflict (id) do nothing',
    valuesOf(one),
  );

export const updateClass = (database: Database, one: ClassContent, version: number) =>
  runStatement(
    database,
    `update academy_class set title = $2, starts_at = $3, minutes = $4, uniform = $5, level = $6, pairs_on_mats = $7, theme_family = $8, theme_place = $9,
       coaches = $10, version = version + 1 where id = $1 and version = $11`,
    [...valuesOf(one), version],
  );

/** Sets what a class is about, or leaves it to the plan. */
export const setClassTheme = (database: Database, id: string, theme: Theme | undefined) =>
  runStatement(
    database,
    'update academy_class set theme_family = $2, theme_place = $3, version = version + 1 where id = $1',
    [id, theme?.family ?? null, theme?.place ?? null],
  );

export const saveOwnBlocks = (database: Database, id: string, blocks: readonly OwnBlock[]) =>
  runStatement(database, 'update academy_class set own_blocks = $2 where id = $1', [id, JSON.stringify(blocks)]);

export const saveKeptPairs = (database: Database, id: string, pairs: readonly KeptPair[]) =>
  runStatement(database, 'update academy_class set kept_pairs = $2 where id = $1', [id, JSON.stringify(pairs)]);

export const saveIsKept = (database: Database, id: string, isKept: boolean) =>
  runStatement(database, 'update academy_class set is_kept = $2 where id = $1', [id, isKept]);

export const deleteClass = (database: Database, id: string) =>
  runStatement(database, 'delete from academy_class where id = $1', [id]);

export const deleteClasses = (database: Database, ids: readonly string[]) =>
  runStatement(database, 'delete from academy_class where id = any($1::uuid[])', [ids]);

/** Whether nothing hangs on classes yet but these visits: no plan, nothing drilled, no note, nobody else who came. */
export async function areClassesUnused(
  database: Database,
  ids: readonly string[],
  visits: readonly { readonly classId: string; readonly personId: string }[],
): Promise<boolean> {
  const row = await findRow(
    database,
    z.object({ count: z.number() }),
    `select count(*)::int as count from academy_class k where k.id = any($1::uuid[]) and (
       exists (select 1 from class_plan where class_id = k.id) or exists (select 1 from class_drilled where class_id = k.id)
       or exists (select 1 from class_note where class_id = k.id)
       or exists (select 1 from class_attendee a where a.class_id = k.id and a.came is not null
         and (a.class_id, a.person_id) not in (select * from unnest($2::uuid[], $3::uuid[]))))`,
    [ids, visits.map((one) => one.classId), visits.map((one) => one.personId)],
  );
  return row?.count === 0;
}

export async function listAttendees(
  database: Database,
  classId: string,
): Promise<{ personId: string; chance: number }[]> {
  const row = z.object({ person_id: z.string(), chance: z.number() });
  const rows = await listRows(
    database,
    row,
    'select person_id, chance from class_attendee where class_id = $1 order by person_id',
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
    ordinal: z.number(),
  })
  .transform((row) => ({
    classId: row.class_id,
    version: row.version,
    /** Which of the class's plans it is, those that came to nothing not counted. */
    ordinal: row.ordinal,
    plan: row.content,
    locks: row.locks,
    madeAt: row.made_at.toISOString(),
  }));
export type StoredPlan = z.output<typeof planRow>;

export const findLatestPlan = (database: Database, classId: string) =>
  findRow(
    database,
    planRow,
    `select class_id, version, content, locks, made_at, (count(*) over ())::int as ordinal from class_plan
     where class_id = $1 and state = 'ready' order by version desc limit 1`,
    [classId],
  );

const versionRow = z
  .object({
    version: z.number(),
    ordinal: z.number(),
    made_at: z.date(),
    made_by: z.string().nullable(),
    themes: z.custom<readonly Theme[]>(Array.isArray).nullable(),
    drill_ids: z.array(z.string()),
  })
  .transform((row) => ({
    ...{ version: row.version, ordinal: row.ordinal, madeAt: row.made_at.toISOString() },
    ...{ madeBy: row.made_by ?? undefined, themes: row.themes ?? [], drillIds: row.drill_ids },
  }));
/** A plan that a class had or has, in short. */
export type PlanVersion = z.output<typeof versionRow>;

/** The latest plans of a class, the newest first. */
export const listPlanVersions = (database: Database, classId: string, most: number) =>
  listRows(
    database,
    versionRow,
    `select * from (
       select p.version, (row_number() over (order by p.version))::int as ordinal, p.made_at, c.display_name as made_by, p.content -> 'themes' as themes,
         array(select d ->> 'drillId' from jsonb_array_elements(p.content -> 'drills') d) as drill_ids
       from class_plan p left join coach c on c.id = p.made_by where p.class_id = $1 and p.state = 'ready'
     ) all_versions order by version desc limit $2`,
    [classId, most],
  );

/** Puts an earlier plan of a class in the place of the latest, as a version of its own; undefined when there is no such plan. In a transaction. */
export async function takePlanAgain(
  database: Database,
  classId: string,
  version: number,
  coachId: string,
): Promise<number | undefined> {
  const row = await findRow(
    database,
    z.object({
      content: z.custom<ClassPlan>((value) => typeof value === 'object' && value !== null),
      locks: z.custom<DrillLock[]>(Array.isArray),
    }),
    "select content, locks from class_plan where class_id = $1 and version = $2 and state = 'ready'",
    [classId, version],
  );
  if (!row) return undefined;
  const next = await insertAskedPlan(database, classId, row.locks, coachId);
  if (next !== undefined) await endPlan(database, classId, next, { state: 'ready', plan: row.content });
  return next;
}

export const planStates = ['waiting', 'working', 'ready', 'failed', 'overtaken'] as const;
export type PlanState = (typeof planStates)[number];

const askedRow = z
  .object({
    class_id: z.string(),
    version: z.number(),
    state: z.enum(planStates),
    locks: z.custom<DrillLock[]>((value) => Array.isArray(value)),
    problem: z
      .custom<ClassPlanProblem | { readonly code: 'interrupted' }>((value) => typeof value === 'object')
      .nullable(),
    asked_by_name: z.string().nullable(),
    made_at: z.date(),
  })
  .transform((row) => ({
    classId: row.class_id,
    version: row.version,
    state: row.state,
    locks: row.locks,
    problem: row.problem ?? undefined,
    askedBy: row.asked_by_name ?? undefined,
    askedAt: row.made_at.toISOString(),
  }));
/** A plan that was asked for, whatever became of it. */
export type AskedPlan = z.output<typeof askedRow>;

const askedColumns = `p.class_id, p.version, p.state, p.locks, p.problem, c.display_name as asked_by_name, p.made_at
  from class_plan p left join coach c on c.id = p.made_by`;

/** The plan that was asked for last. */
export const findAskedPlan = (database: Database, classId: string) =>
  findRow(database, askedRow, `select ${askedColumns} where p.class_id = $1 order by p.version desc limit 1`, [
    classId,
  ]);

/**
 * Asks for a plan: its row waits under the next number, and those that were not ready yet are overtaken by it. In a transaction. The class is held, so
 * that two who ask at once get two numbers.
 */
export async function insertAskedPlan(
  database: Database,
  classId: string,
  locks: readonly DrillLock[],
  askedBy: string | undefined,
): Promise<number | undefined> {
  const held = await findRow(
    database,
    z.object({ id: z.string() }),
    'select id from academy_class where id = $1 for update',
    [classId],
  );
  if (!held) return undefined;
  await runStatement(
    database,
    "update class_plan set state = 'overtaken', changed_at = now() where class_id = $1 and state in ('waiting', 'working')",
    [classId],
  );
  const row = await findRow(
    database,
    z.object({ version: z.number() }),
    `insert into class_plan (class_id, version, locks, made_by, state)
     select $1, coalesce(max(version), 0) + 1, $2, $3, 'waiting' from class_plan where class_id = $1 returning version`,
    [classId, JSON.stringify(locks), askedBy ?? null],
  );
  return row?.version;
}

/** Begins to work a plan out, also one whose process died in the middle; undefined when it was overtaken or is done. */
export const beginPlan = (database: Database, classId: string, version: number) =>
  findRow(
    database,
    z.object({ locks: z.custom<DrillLock[]>((value) => Array.isArray(value)) }),
    `update class_plan set state = 'working', changed_at = now() where class_id = $1 and version = $2 and state in ('waiting', 'working')
     returning locks`,
    [classId, version],
  );

/** Keeps what a plan became; 0 rows when it was overtaken meanwhile. */
export const endPlan = (
  database: Database,
  classId: string,
  version: number,
  end:
    | { readonly state: 'ready'; readonly plan: ClassPlan }
    | { readonly state: 'failed'; readonly problem: ClassPlanProblem | { readonly code: 'interrupted' } },
) =>
  runStatement(
    database,
    `update class_plan set state = $3, content = $4, problem = $5, changed_at = now()
     where class_id = $1 and version = $2 and state in ('waiting', 'working')`,
    [
      classId,
      version,
      end.state,
      end.state === 'ready' ? JSON.stringify(end.plan) : null,
      end.state === 'failed' ? JSON.stringify(end.problem) : null,
    ],
  );
