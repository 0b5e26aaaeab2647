import { z } from 'zod';
import { belts } from '@/core/vocabulary';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';

const unitRow = z
  .object({
    ...{ id: z.string(), title: z.string(), belt: z.enum(belts), place: z.number() },
    ...{ concept_ids: z.array(z.string()), version: z.number() },
  })
  .transform(({ concept_ids: conceptIds, ...row }) => ({ ...row, conceptIds }));
/** A piece of what the academy teaches: entries of the library that belong to a belt, in the academy's order. */
export type Unit = z.output<typeof unitRow>;
export type UnitContent = Omit<Unit, 'version' | 'place' | 'conceptIds'> & { readonly conceptIds: readonly string[] };

const columns = 'select id, title, belt, place, concept_ids, version from unit';

/** Every unit in the academy's order; of one belt where it is given. */
export const listUnits = (database: Database, belt?: string) =>
  listRows(database, unitRow, `${columns} where $1::text is null or belt = $1 order by place, id`, [belt ?? null]);

export const findUnit = (database: Database, id: string) =>
  findRow(database, unitRow, `${columns} where id = $1`, [id]);

const valuesOf = ({ id, title, belt, conceptIds }: UnitContent) => [id, title, belt, conceptIds];

/** Adds a unit behind the others of its belt. */
export const insertUnit = (database: Database, unit: UnitContent) =>
  runStatement(
    database,
    `insert into unit (id, title, belt, concept_ids, place)
     select $1, $2, $3, $4, coalesce(max(place), 0) + 1 from unit where belt = $3 on conflict (id) do nothing`,
    valuesOf(unit),
  );

export const updateUnit = (database: Database, unit: UnitContent, version: number) =>
  runStatement(
    database,
    'update unit set title = $2, belt = $3, concept_ids = $4, version = version + 1 where id = $1 and version = $5',
    [...valuesOf(unit), version],
  );

export const deleteUnit = (database: Database, id: string) =>
  runStatement(database, 'delete from unit where id = $1', [id]);

/** Puts the units of a belt into an order. */
export const orderUnits = (database: Database, ids: readonly string[]) =>
  runStatement(
    database,
    'update unit set place = o.place from unnest($1::uuid[]) with ordinality as o (id, place) where unit.id = o.id',
    [ids],
  );

const taughtRow = z
  .object({ concept_id: z.string(), person_id: z.string().nullable(), day: z.string() })
  .transform((row) => ({ conceptId: row.concept_id, personId: row.person_id ?? undefined, day: row.day }));
/** An entry that was taught on a day, and to whom; to nobody in particular where nobody said who came. */
export type TaughtTo = z.output<typeof taughtRow>;

/** When each of some entries was taught last, by drills that were done and own blocks, to each who came, or to one of them; days in the academy's own zone. */
export const listTaughtTo = (database: Database, conceptIds: readonly string[], timeZone: string, personId?: string) =>
  listRows(
    database,
    taughtRow,
    `with taught as (
       select d.class_id, d.drill_id as concept_id, d.group_number from class_drilled d where d.drill_id = any($1::text[])
       union select k.id, b ->> 'conceptId', 0 from academy_class k cross join lateral jsonb_array_elements(k.own_blocks) b where b ->> 'conceptId' = any($1::text[])
     )
     select t.concept_id, c.person_id, (max(k.starts_at) at time zone $2)::date::text as day
     from taught t join academy_class k on k.id = t.class_id left join class_attendee c on c.class_id = k.id and c.came
       and (c.group_number = 0 or t.group_number = 0 or c.group_number = t.group_number)
     where k.starts_at <= now() and ($3::uuid is null or c.person_id = $3) group by t.concept_id, c.person_id`,
    [conceptIds, timeZone, personId ?? null],
  );

const seenRow = z
  .object({ concept_id: z.string(), times: z.number(), day: z.string() })
  .transform((row) => ({ conceptId: row.concept_id, times: row.times, day: row.day }));

/** How often somebody was seen doing each of some entries on film, and when last; what is unsure is not counted. */
export const listSeenDoing = (database: Database, personId: string, conceptIds: readonly string[]) =>
  listRows(
    database,
    seenRow,
    `select m.concept_id, count(*)::int as times, max(r.held_on)::text as day
     from mark m join round r on r.id = m.round_id join round_athlete a on a.round_id = r.id and a.person_id = $1
     where m.deleted_at is null and m.concept_id = any($2::text[]) and m.kind in ('attempt', 'strength', 'grip') and m.content ->> 'athlete' = a.slot
       and not coalesce((m.content ->> 'unsure')::boolean, false)
     group by m.concept_id`,
    [personId, conceptIds],
  );
