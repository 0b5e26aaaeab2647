import { z } from 'zod';
import type { ErrorSums, SumsByError } from '@/core/patterns';
import { partnersBelts, statuses } from '@/core/patterns';
import { anyBelts } from '@/core/vocabulary';
import type { Database } from '../client';
import { listRows, runStatement } from '../rows';

const groupRow = z.object({
  error_id: z.string(),
  belt: z.enum(anyBelts).nullable(),
  people: z.number(),
  events: z.number(),
  exposure: z.number(),
  squares: z.number(),
  event_squares: z.number(),
  damaged: z.number(),
  damage: z.number(),
});
const verdictRow = z.object({
  error_id: z.string(),
  belt: z.enum(anyBelts).nullable(),
  partner: z.enum(partnersBelts),
  judged: z.number(),
  punished: z.number(),
});

/** What everybody but one says about errors in their windows, by the belt that they wear today: the sums of all, less that one's own. */
const listSumsOfStandards = (database: Database, errorIds: readonly string[], withoutPersonId: string) =>
  listRows(
    database,
    groupRow,
    `select * from (
       select g.error_id, nullif(g.belt, '') as belt, g.people - coalesce((own.exposure > 0)::int, 0) as people,
         g.events - coalesce(case when own.exposure > 0 then own.count end, 0) as events, g.exposure - coalesce(own.exposure, 0) as exposure,
         g.squares - coalesce(own.exposure * own.exposure, 0) as squares,
         g.event_squares - coalesce(case when own.exposure > 0 then own.count * own.count / own.exposure end, 0) as event_squares,
         g.damaged - coalesce(own.damaged, 0) as damaged, g.damage - coalesce(own.damage, 0) as damage
       from group_error g left join (select e.*, s.belt from person_error e join person_standing s on s.person_id = e.person_id where e.person_id = $2) own
         on own.error_id = g.error_id and own.belt = g.belt
       where g.error_id = any($1::text[])
     ) others where people > 0 or damaged > 0`,
    [errorIds, withoutPersonId],
  );

/** The same of an academy's own words, which count over the exposure of their standard: added up from everybody. */
const listSumsOfOwnWords = (
  database: Database,
  errors: readonly { readonly errorId: string; readonly standardId: string }[],
  withoutPersonId: string,
) =>
  listRows(
    database,
    groupRow,
    `with wanted as (
       select * from unnest($1::text[], $2::text[]) as w (error_id, standard_id)
     ), part as (
       select w.error_id, e.person_id, e.count, e.damaged, e.damage, 0 as exposure
       from wanted w join person_error e on e.error_id = w.error_id where e.person_id <> $3
       union all
       select w.error_id, e.person_id, 0, 0, 0, e.exposure
       from wanted w join person_error e on e.error_id = w.standard_id where e.person_id <> $3
     ), one as (
       select error_id, person_id, sum(count) as count, sum(exposure) as exposure, sum(damaged) as damaged, sum(damage) as damage
       from part group by error_id, person_id
     )
     select one.error_id, p.belt, (count(*) filter (where one.exposure > 0))::int as people,
       coalesce(sum(one.count) filter (where one.exposure > 0), 0) as events, coalesce(sum(one.exposure) filter (where one.exposure > 0), 0) as exposure,
       coalesce(sum(one.exposure * one.exposure) filter (where one.exposure > 0), 0) as squares,
       coalesce(sum(one.count * one.count / nullif(one.exposure, 0)) filter (where one.exposure > 0), 0) as event_squares,
       sum(one.damaged)::float8 as damaged, sum(one.damage)::float8 as damage
     from one join person p on p.id = one.person_id group by one.error_id, p.belt`,
    [errors.map((one) => one.errorId), errors.map((one) => one.standardId), withoutPersonId],
  );

/** What everybody but one says about errors in their windows, added up by the belt that they wear today. */
export async function listGroupSums(
  database: Database,
  errors: readonly { readonly errorId: string; readonly standardId: string }[],
  withoutPersonId: string,
) {
  const own = errors.filter((one) => one.errorId !== one.standardId);
  const standards = errors.filter((one) => one.errorId === one.standardId).map((one) => one.errorId);
  return [
    ...(standards.length > 0 ? await listSumsOfStandards(database, standards, withoutPersonId) : []),
    ...(own.length > 0 ? await listSumsOfOwnWords(database, own, withoutPersonId) : []),
  ];
}

/** Who punished errors of everybody but one, by the belt that those wear today and how their partner's stood to it. */
export const listGroupVerdicts = (database: Database, errorIds: readonly string[], withoutPersonId: string) =>
  listRows(
    database,
    verdictRow,
    `select * from (
       select g.error_id, nullif(g.belt, '') as belt, g.partner, g.judged - coalesce(own.judged, 0) as judged, g.punished - coalesce(own.punished, 0) as punished
       from group_verdict g
         left join (select v.*, s.belt from person_verdict v join person_standing s on s.person_id = v.person_id where v.person_id = $2) own
         on own.error_id = g.error_id and own.belt = g.belt and own.partner = g.partner
       where g.error_id = any($1::text[])
     ) others where judged > 0`,
    [errorIds, withoutPersonId],
  );

/** What everybody but one who wears one of these belts says about errors in their windows; those that were never seen are absent. */
export async function listUsualCounts(
  database: Database,
  belts: readonly string[],
  withoutPersonId: string,
): Promise<ReadonlyMap<string, { readonly count: number; readonly exposure: number }>> {
  const rows = await listRows(
    database,
    z.object({ error_id: z.string(), count: z.number(), exposure: z.number() }),
    `select g.error_id, sum(g.events) - coalesce(max(own.count), 0) as count, sum(g.exposure) - coalesce(max(own.exposure), 0) as exposure
     from group_error g left join (select e.* from person_error e join person_standing s on s.person_id = e.person_id
       where e.person_id = $1 and s.belt = any($2::text[]) and e.exposure > 0) own on own.error_id = g.error_id
     where g.belt = any($2::text[]) group by g.error_id
     having sum(g.events) - coalesce(max(own.count), 0) > 0 and sum(g.exposure) - coalesce(max(own.exposure), 0) > 0`,
    [withoutPersonId, belts],
  );
  return new Map(rows.map(({ error_id, count, exposure }) => [error_id, { count, exposure }]));
}

const topShape = z.object({
  errorId: z.string(),
  count: z.number(),
  status: z.enum(statuses),
  // Absent in lines that were added up by an older version.
  months: z.array(z.object({ month: z.string(), count: z.number(), exposure: z.number() })).default([]),
});
const standingRow = z
  .object({
    person_id: z.string(),
    as_of: z.string(),
    rounds: z.number(),
    last_held_on: z.string().nullable(),
    top: topShape.nullable(),
  })
  .transform((row) => ({
    personId: row.person_id,
    asOf: row.as_of,
    rounds: row.rounds,
    lastHeldOn: row.last_held_on ?? undefined,
    top: row.top ?? undefined,
  }));
/** How somebody stands: the line of the list of students. */
export type Standing = z.output<typeof standingRow>;

export const listStandings = (database: Database, personIds: readonly string[]) =>
  listRows(
    database,
    standingRow,
    'select person_id, as_of, rounds, last_held_on, top from person_standing where person_id = any($1::uuid[])',
    [personIds],
  );

/** Puts somebody's sums and line in the place of the earlier ones. In a transaction. */
export async function replaceStanding(database: Database, standing: Standing, sums: SumsByError): Promise<void> {
  const { personId, asOf, rounds, lastHeldOn, top } = standing;
  // Of two who add up the same person the later one takes out what the first one added.
  await runStatement(database, 'select 1 from person where id = $1 for no key update', [personId]);
  await runStatement(database, 'select add_to_group($1, -1)', [personId]);
  await runStatement(
    database,
    `insert into person_standing (person_id, as_of, rounds, last_held_on, top, belt)
     select $1, $2, $3, $4, $5, coalesce(p.belt, '') from person p where p.id = $1
     on conflict (person_id) do update set as_of = excluded.as_of, rounds = excluded.rounds, last_held_on = excluded.last_held_on, top = excluded.top,
       belt = excluded.belt`,
    [personId, asOf, rounds, lastHeldOn ?? null, top ? JSON.stringify(top) : null],
  );
  await runStatement(database, 'delete from person_error where person_id = $1', [personId]);
  await runStatement(database, 'delete from person_verdict where person_id = $1', [personId]);
  await insertErrorSums(database, personId, sums);
  await insertVerdicts(database, personId, sums);
  await runStatement(database, 'select add_to_group($1, 1)', [personId]);
}

function insertErrorSums(database: Database, personId: string, sums: SumsByError): Promise<unknown> {
  const all = [...sums];
  const column = (of: (one: ErrorSums) => number) => all.map(([, one]) => of(one));
  return runStatement(
    database,
    `insert into person_error (person_id, error_id, count, exposure, damaged, damage)
     select $1, * from unnest($2::text[], $3::double precision[], $4::double precision[], $5::double precision[], $6::double precision[])`,
    [
      personId,
      all.map(([errorId]) => errorId),
      column((one) => one.count),
      column((one) => one.exposure),
      column((one) => one.damaged),
      column((one) => one.damage),
    ],
  );
}

function insertVerdicts(database: Database, personId: string, sums: SumsByError): Promise<unknown> {
  const all = [...sums].flatMap(([errorId, { verdicts }]) =>
    partnersBelts.flatMap((partner) => (verdicts[partner] ? [{ errorId, partner, ...verdicts[partner] }] : [])),
  );
  return runStatement(
    database,
    `insert into person_verdict (person_id, error_id, partner, judged, punished)
     select $1, * from unnest($2::text[], $3::text[], $4::real[], $5::real[])`,
    [
      personId,
      all.map((one) => one.errorId),
      all.map((one) => one.partner),
      all.map((one) => one.judged),
      all.map((one) => one.punished),
    ],
  );
}

/** Asks for the sums of everybody whose line was added up before a day: weights and the window moved on since. */
export const askForPeopleBefore = (database: Database, day: string) =>
  runStatement(database, 'select ask_for_people(array(select person_id from person_standing where as_of < $1))', [day]);
