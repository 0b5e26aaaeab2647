import { z } from 'zod';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';

/** The groups of a class's plan as it stands: none where it is for all. */
const groupsOfPlan = `(select content -> 'groups' as groups from class_plan where class_id = $1 and state = 'ready' order by version desc limit 1) p,
  jsonb_array_elements(p.groups) with ordinality g(content, number)`;

/** Whether somebody came to a class; who was not expected is added. Of two groups they are in the one that the plan has them in, until somebody says otherwise. */
export const saveCame = (database: Database, classId: string, personId: string, came: boolean) =>
  runStatement(
    database,
    `insert into class_attendee (class_id, person_id, came, group_number)
     values ($1, $2, $3, coalesce((select g.number from ${groupsOfPlan} where g.content -> 'personIds' ? $2::uuid::text limit 1), 0))
     on conflict (class_id, person_id) do update set came = $3,
       group_number = case when class_attendee.came is null then excluded.group_number else class_attendee.group_number end`,
    [classId, personId, came],
  );

const savedCameRow = z
  .object({ class_id: z.string(), person_id: z.string(), was_expected: z.boolean() })
  .transform((row) => ({ classId: row.class_id, personId: row.person_id, wasExpected: row.was_expected }));
/** Somebody whose coming was noted, and whether they had been expected before. */
export type SavedCame = z.output<typeof savedCameRow>;

/** Notes who came where nobody said anything of it yet; gives those that were noted. Whoever or whatever is not there is left out. */
export const saveCameWhereUnsaid = (
  database: Database,
  visits: readonly { readonly classId: string; readonly personId: string; readonly came: boolean }[],
) =>
  listRows(
    database,
    savedCameRow,
    `insert into class_attendee (class_id, person_id, came)
     select distinct on (v.class_id, v.person_id) v.class_id, v.person_id, v.came from unnest($1::uuid[], $2::uuid[], $3::boolean[]) v(class_id, person_id, came)
       join academy_class k on k.id = v.class_id join person p on p.id = v.person_id order by v.class_id, v.person_id, v.came desc
     on conflict (class_id, person_id) do update set came = excluded.came where class_attendee.came is null
     returning class_id, person_id, xmax <> 0 as was_expected`,
    [visits.map((one) => one.classId), visits.map((one) => one.personId), visits.map((one) => one.came)],
  );

/** Forgets again that somebody came: who had not been expected is no longer there. */
export async function forgetCame(database: Database, visits: readonly SavedCame[]): Promise<void> {
  const pairs = (some: readonly SavedCame[]) => [some.map((one) => one.classId), some.map((one) => one.personId)];
  const ofPairs = '(class_id, person_id) in (select * from unnest($1::uuid[], $2::uuid[]))';
  await runStatement(
    database,
    `update class_attendee set came = null, struggled = false, hurt = '', group_number = 0 where ${ofPairs}`,
    pairs(visits.filter((one) => one.wasExpected)),
  );
  await runStatement(
    database,
    `delete from class_attendee where ${ofPairs}`,
    pairs(visits.filter((one) => !one.wasExpected)),
  );
}

/** In which of two groups somebody was who came; 0 rows when they are not among those who came. */
export const saveGroupOf = (database: Database, classId: string, personId: string, group: number) =>
  runStatement(
    database,
    'update class_attendee set group_number = $3 where class_id = $1 and person_id = $2 and came',
    [classId, personId, group],
  );

/** What was really drilled in a class: by the group whose lesson it is, by all where it is nobody's or both groups'. */
export const saveDrilled = (database: Database, classId: string, drillId: string, minutes: number) =>
  runStatement(
    database,
    `insert into class_drilled (class_id, drill_id, minutes, group_number)
     values ($1, $2, $3, coalesce((select case when count(*) = 1 then min(g.number) end from ${groupsOfPlan}
       where exists (select 1 from jsonb_array_elements(g.content -> 'drills') d where d ->> 'drillId' = $2)), 0))
     on conflict (class_id, drill_id) do update set minutes = $3`,
    [classId, drillId, minutes],
  );

/** Takes a drill out of what was drilled. */
export const deleteDrilled = (database: Database, classId: string, drillId: string) =>
  runStatement(database, 'delete from class_drilled where class_id = $1 and drill_id = $2', [classId, drillId]);

/** Who came to a class and who did not, and how it was for them; who was expected and nobody said anything of is absent. */
export const listCame = (database: Database, classId: string) =>
  listRows(
    database,
    z
      .object({
        ...{ person_id: z.string(), came: z.boolean(), struggled: z.boolean(), hurt: z.string() },
        group_number: z.number(),
      })
      .transform(({ person_id: personId, group_number: group, ...row }) => ({ personId, group, ...row })),
    'select person_id, came, struggled, hurt, group_number from class_attendee where class_id = $1 and came is not null',
    [classId],
  );

/** How it was for somebody who came; 0 rows when they are not among those who came. */
export const saveHowItWas = (
  database: Database,
  classId: string,
  personId: string,
  { struggled, hurt }: { readonly struggled: boolean; readonly hurt: string },
) =>
  runStatement(
    database,
    'update class_attendee set struggled = $3, hurt = $4 where class_id = $1 and person_id = $2 and came',
    [classId, personId, struggled, hurt],
  );

export const howClassesGo = ['as-planned', 'too-easy', 'too-hard', 'ran-out'] as const;
/** How a class went: in a word, in words, and what was dangerous. */
export interface ClassNote {
  readonly went?: (typeof howClassesGo)[number];
  readonly words: string;
  readonly hazards: string;
  readonly version: number;
}
const noteRow = z
  .object({ went: z.enum(howClassesGo).nullable(), words: z.string(), hazards: z.string(), version: z.number() })
  .transform(({ went, ...row }): ClassNote => ({ ...row, went: went ?? undefined }));

export const findClassNote = (database: Database, classId: string) =>
  findRow(database, noteRow, 'select went, words, hazards, version from class_note where class_id = $1', [classId]);

/** Keeps how a class went in the place of what this version said (0: nothing yet); 0 rows when another coach wrote meanwhile. */
export const putClassNote = (
  database: Database,
  classId: string,
  { went, words, hazards, version }: ClassNote,
  coachId: string,
) =>
  version === 0
    ? runStatement(
        database,
        'insert into class_note (class_id, went, words, hazards, changed_by) values ($1, $2, $3, $4, $5) on conflict (class_id) do nothing',
        [classId, went ?? null, words, hazards, coachId],
      )
    : runStatement(
        database,
        `update class_note set went = $2, words = $3, hazards = $4, changed_by = $5, changed_at = now(), version = version + 1
         where class_id = $1 and version = $6`,
        [classId, went ?? null, words, hazards, coachId, version],
      );

const seenInClassRow = z
  .object({ class_id: z.string(), day: z.string(), title: z.string(), hazards: z.string(), hurt: z.string() })
  .transform(({ class_id: classId, ...row }) => ({ classId, ...row }));

/** Classes in which something was dangerous or hurt, newest first; days in the academy's own zone. */
export const listSeenInClasses = (database: Database, most: number, timeZone: string) =>
  listRows(
    database,
    seenInClassRow,
    `select k.id as class_id, (k.starts_at at time zone $2)::date::text as day, k.title, coalesce(n.hazards, '') as hazards,
       coalesce((select string_agg(p.name || ': ' || c.hurt, '; ' order by p.name) from class_attendee c join person p on p.id = c.person_id
         where c.class_id = k.id and c.hurt <> ''), '') as hurt
     from academy_class k left join class_note n on n.class_id = k.id
     where n.hazards <> '' or exists (select 1 from class_attendee c where c.class_id = k.id and c.hurt <> '')
     order by k.starts_at desc limit $1`,
    [most, timeZone],
  );

/** What was drilled in a class. */
export const listDrilledIn = (database: Database, classId: string) =>
  listRows(
    database,
    z
      .object({ drill_id: z.string(), minutes: z.number() })
      .transform((row) => ({ drillId: row.drill_id, minutes: row.minutes })),
    'select drill_id, minutes from class_drilled where class_id = $1 order by drill_id',
    [classId],
  );

/** Who did what of a class: whoever was in the group that did it. */
const didIt = '(c.group_number = 0 or d.group_number = 0 or c.group_number = d.group_number)';

const drilledRow = z
  .object({ drill_id: z.string(), day: z.string(), title: z.string() })
  .transform((row) => ({ drillId: row.drill_id, day: row.day, classTitle: row.title }));
/** A drill that somebody did in a class. */
export type Drilled = z.output<typeof drilledRow>;

/** What somebody drilled in classes that they came to, since a day, oldest first; days in the academy's own zone. */
export const listDrilled = (database: Database, personId: string, since: string, timeZone: string) =>
  listRows(
    database,
    drilledRow,
    `select d.drill_id, (k.starts_at at time zone $3)::date as day, k.title
     from class_attendee c join academy_class k on k.id = c.class_id join class_drilled d on d.class_id = k.id
     where c.person_id = $1 and c.came and ${didIt} and k.starts_at >= $2::date and k.starts_at <= now() order by k.starts_at, d.drill_id`,
    [personId, since, timeZone],
  );

const drilledByRow = z
  .object({ person_id: z.string(), drill_id: z.string(), minutes: z.number(), day: z.string() })
  .transform((row) => ({ personId: row.person_id, drillId: row.drill_id, minutes: row.minutes, day: row.day }));
/** Somebody did a drill in a class. */
export type DrilledBy = z.output<typeof drilledByRow>;

const selectDrilledBy = `select c.person_id, d.drill_id, d.minutes, (k.starts_at at time zone $2)::date::text as day
     from class_attendee c join academy_class k on k.id = c.class_id join class_drilled d on d.class_id = k.id
     where c.came and ${didIt} and k.starts_at >= $1::date and k.starts_at <= now()`;
const drilledByOrder = 'order by k.starts_at, d.drill_id, c.person_id';

/** What everybody drilled in classes that they came to, since a day, with its minutes; days in the academy's own zone. */
export const listEverythingDrilled = (database: Database, since: string, timeZone: string) =>
  listRows(database, drilledByRow, `${selectDrilledBy} ${drilledByOrder}`, [since, timeZone]);

/** The same of some people. */
export const listDrilledBy = (database: Database, personIds: readonly string[], since: string, timeZone: string) =>
  listRows(database, drilledByRow, `${selectDrilledBy} and c.person_id = any($3::uuid[]) ${drilledByOrder}`, [
    ...[since, timeZone, personIds],
  ]);

/** Who came to the latest classes of a day of the week (from Monday 1) before a moment, how often, and how many such classes there were. */
export const listUsuallyThere = (database: Database, weekday: number, before: string, most: number, timeZone: string) =>
  listRows(
    database,
    z
      .object({ person_id: z.string(), came: z.number(), held: z.number() })
      .transform((row) => ({ personId: row.person_id, came: row.came, held: row.held })),
    `with held as materialized (
       select id from academy_class k where k.starts_at < $2 and extract(isodow from k.starts_at at time zone $4) = $1
         and exists (select 1 from class_attendee c where c.class_id = k.id and c.came)
       order by k.starts_at desc limit $3)
     select c.person_id, count(*)::int as came, (select count(*) from held)::int as held
     from class_attendee c join held on held.id = c.class_id where c.came group by c.person_id order by 2 desc, 1`,
    [weekday, before, most, timeZone],
  );
