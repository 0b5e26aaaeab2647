import { z } from 'zod';
import type { ErrorSums, SumsByError } from '@/core/patterns';
import { statuses } from '@/core/patterns';
import { anyBelts } from '@/core/vocabulary';
import type { Database } from '../client';
import { listRows, runStatement } from '../rows';

/** Sums of each person for each error: of standard entries they stand as they are, an own word takes the exposure of its standard. */
const sumsOfStandards = `one as (
       select w.error_id, e.person_id, e.weighted_count as count, e.judged_by_higher as judged, e.punished_by_higher as punished, e.weighted_exposure as exposure
       from wanted w join person_error e on e.error_id = w.error_id where e.person_id <> $3`;
const sumsOfOwnWords = `part as (
       select w.error_id, e.person_id, e.weighted_count as count, e.judged_by_higher as judged, e.punished_by_higher as punished,
         case when w.error_id = w.standard_id then e.weighted_exposure else 0 end as exposure
       from wanted w join person_error e on e.error_id = w.error_id where e.person_id <> $3
       union all
       select w.error_id, e.person_id, 0, 0, 0, e.weighted_exposure
       from wanted w join person_error e on e.error_id = w.standard_id where w.standard_id <> w.error_id and e.person_id <> $3
     ), one as (
       select error_id, person_id, sum(count) as count, sum(exposure) as exposure, sum(judged) as judged, sum(punished) as punished
       from part group by error_id, person_id`;

const groupRow = z.object({
  error_id: z.string(),
  belt: z.enum(anyBelts).nullable(),
  people: z.number(),
  events: z.number(),
  exposure: z.number(),
  squares: z.number(),
  event_squares: z.number(),
  judged: z.number(),
  punished: z.number(),
});

/**
 * What everybody but one says about errors, added up by the belt that they wear today. Each one's sums are brought from the day on which they were last
 * added up to this one: weights only depend on age, so all of them shrink alike (half in `halvedInDays`). An own word counts over the exposure of its standard.
 */
export const listGroupSums = (
  database: Database,
  errors: readonly { readonly errorId: string; readonly standardId: string }[],
  withoutPersonId: string,
  today: string,
  halvedInDays: number,
) =>
  listRows(
    database,
    groupRow,
    `with wanted as (
       select * from unnest($1::text[], $2::text[]) as w (error_id, standard_id)
     ), ${errors.some((one) => one.errorId !== one.standardId) ? sumsOfOwnWords : sumsOfStandards}
     ), aging as materialized (
       select s.person_id, p.belt, power(0.5::float8, greatest(0, $4::date - s.as_of) / $5::float8) as weight
       from person_standing s join person p on p.id = s.person_id
     ), aged as (
       select one.error_id, a.belt, one.judged, one.punished, one.exposure > 0 as is_exposed, a.weight * one.count as count, a.weight * one.exposure as exposure
       from one join aging a on a.person_id = one.person_id
     )
     select error_id, belt, (count(*) filter (where is_exposed))::int as people,
       coalesce(sum(count) filter (where is_exposed), 0) as events, coalesce(sum(exposure) filter (where is_exposed), 0) as exposure,
       coalesce(sum(exposure * exposure) filter (where is_exposed), 0) as squares,
       coalesce(sum(count * count / nullif(exposure, 0)) filter (where is_exposed), 0) as event_squares,
       sum(judged)::float8 as judged, sum(punished)::float8 as punished
     from aged group by error_id, belt`,
    [errors.map((one) => one.errorId), errors.map((one) => one.standardId), withoutPersonId, today, halvedInDays],
  );

const topShape = z.object({ errorId: z.string(), count: z.number(), status: z.enum(statuses) });
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
  await runStatement(
    database,
    `insert into person_standing (person_id, as_of, rounds, last_held_on, top) values ($1, $2, $3, $4, $5)
     on conflict (person_id) do update set as_of = excluded.as_of, rounds = excluded.rounds, last_held_on = excluded.last_held_on, top = excluded.top`,
    [personId, asOf, rounds, lastHeldOn ?? null, top ? JSON.stringify(top) : null],
  );
  await runStatement(database, 'delete from person_error where person_id = $1', [personId]);
  const all = [...sums];
  const column = (of: (one: ErrorSums) => number) => all.map(([, one]) => of(one));
  await runStatement(
    database,
    `insert into person_error (person_id, error_id, weighted_count, weighted_exposure, judged_by_higher, punished_by_higher)
     select $1, * from unnest($2::text[], $3::double precision[], $4::double precision[], $5::real[], $6::real[])`,
    [
      personId,
      all.map(([errorId]) => errorId),
      column((one) => one.count),
      column((one) => one.exposure),
      column((one) => one.judgedByHigher),
      column((one) => one.punishedByHigher),
    ],
  );
}

/** Asks for the sums of everybody whose line was added up before a day: weights and the window moved on since. */
export const askForPeopleBefore = (database: Database, day: string) =>
  runStatement(database, 'select ask_for_people(array(select person_id from person_standing where as_of < $1))', [day]);
