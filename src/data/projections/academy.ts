import { z } from 'zod';
import { anyBelts } from '@/core/vocabulary';
import type { Database } from '../client';
import { listRows } from '../rows';

const belt = z
  .enum(anyBelts)
  .nullable()
  .transform((value) => value ?? undefined);

const errorOfBeltRow = z
  .object({ error_id: z.string(), belt, count: z.number(), people: z.number() })
  .transform(({ error_id: errorId, ...row }) => ({ errorId, ...row }));

/** What the students of each belt showed of each error in their windows. */
export const listErrorsByBelt = (database: Database) =>
  listRows(
    database,
    errorOfBeltRow,
    `select e.error_id, p.belt, sum(e.count)::float8 as count, count(*)::int as people
     from person_error e join person p on p.id = e.person_id where e.count > 0 and p.standing = 'student' group by e.error_id, p.belt`,
  );

const footageRow = z
  .object({ belt, people: z.number(), live_minutes: z.number() })
  .transform(({ live_minutes: liveMinutes, ...row }) => ({ ...row, liveMinutes }));

/** How long the students of each belt were seen sparring: the exposure of an error that is counted over all live minutes. */
export const listFootageByBelt = (database: Database, liveTimeErrorId: string) =>
  listRows(
    database,
    footageRow,
    `select p.belt, count(*)::int as people, sum(e.exposure)::float8 as live_minutes
     from person_error e join person p on p.id = e.person_id where e.error_id = $1 and e.exposure > 0 and p.standing = 'student' group by p.belt`,
    [liveTimeErrorId],
  );

const showsRow = z
  .object({
    person_id: z.string(),
    name: z.string(),
    belt,
    error_id: z.string(),
    count: z.number(),
    exposure: z.number(),
  })
  .transform(({ person_id: personId, error_id: errorId, ...row }) => ({ personId, errorId, ...row }));

/** Which students showed these errors, most often first. */
export const listWhoShows = (database: Database, errorIds: readonly string[]) =>
  listRows(
    database,
    showsRow,
    `select e.person_id, p.name, p.belt, e.error_id, e.count, e.exposure from person_error e join person p on p.id = e.person_id
     where e.error_id = any($1) and e.count > 0 and p.standing = 'student' order by e.count desc, p.name, e.error_id`,
    [errorIds],
  );

const taughtRow = z
  .object({ drill_id: z.string(), times: z.number(), minutes: z.number(), last_day: z.string() })
  .transform(({ drill_id: drillId, last_day: lastDay, ...row }) => ({ drillId, lastDay, ...row }));

/** What was drilled in classes since a day, the longest ago last; days in the academy's own zone. */
export const listTaughtDrills = (database: Database, since: string, timeZone: string) =>
  listRows(
    database,
    taughtRow,
    `select d.drill_id, count(*)::int as times, sum(d.minutes)::int as minutes, (max(k.starts_at) at time zone $2)::date as last_day
     from class_drilled d join academy_class k on k.id = d.class_id where k.starts_at >= $1::date and k.starts_at <= now() group by d.drill_id order by 4 desc, 1`,
    [since, timeZone],
  );

const hazardRow = z
  .object({
    mark_id: z.string(),
    round_id: z.string(),
    held_on: z.string(),
    at_seconds: z.number(),
    hazard: z.string(),
    note: z.string().nullable(),
    names: z.string(),
  })
  .transform((row) => ({
    ...{ markId: row.mark_id, roundId: row.round_id, heldOn: row.held_on, atSeconds: row.at_seconds },
    ...{ hazard: row.hazard, note: row.note ?? undefined, names: row.names },
  }));

/** The newest hazards that were marked, but for rounds that are left out: who reviews them blind must not meet their marks. */
export const listHazardsSeen = (database: Database, most: number, withoutRoundIds: readonly string[]) =>
  listRows(
    database,
    hazardRow,
    `select m.id as mark_id, m.round_id, r.held_on, m.at_seconds, m.content ->> 'hazard' as hazard, m.content ->> 'note' as note,
       (select string_agg(p.name, ' and ' order by a.slot) from round_athlete a join person p on p.id = a.person_id where a.round_id = r.id) as names
     from mark m join round r on r.id = m.round_id where m.kind = 'hazard' and m.deleted_at is null and r.id <> all($2::uuid[]) order by r.held_on desc, m.at_seconds desc limit $1`,
    [most, withoutRoundIds],
  );

/** How much is done and waits: rounds that are marked, not marked, and marked without a signed review. */
export const listWork = (database: Database) =>
  listRows(
    database,
    z.object({ marked: z.number(), unmarked: z.number(), unsigned: z.number() }),
    `select (count(*) filter (where coalesce(f.mark_count, 0) > 0))::int as marked, (count(*) filter (where coalesce(f.mark_count, 0) = 0))::int as unmarked,
       (count(*) filter (where coalesce(f.mark_count, 0) > 0 and not exists (select 1 from closing c where c.round_id = r.id)))::int as unsigned
     from round r left join round_figured f on f.round_id = r.id`,
  );
