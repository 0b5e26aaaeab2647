import { z } from 'zod';
import type { ErrorSums, SumsByError } from '@/core/patterns';
import { statuses } from '@/core/patterns';
import type { Database } from '../client';
import { listRows, runStatement } from '../rows';

const sumsRow = z
  .object({
    person_id: z.string(),
    as_of: z.string(),
    error_ids: z.array(z.string()),
    counts: z.array(z.number()),
    exposures: z.array(z.number()),
    judged: z.array(z.number()),
    punished: z.array(z.number()),
  })
  .transform((row) => ({
    personId: row.person_id,
    asOf: row.as_of,
    sums: new Map(
      row.error_ids.map((errorId, at): [string, ErrorSums] => [
        errorId,
        {
          count: row.counts[at] ?? 0,
          exposure: row.exposures[at] ?? 0,
          judgedByHigher: row.judged[at] ?? 0,
          punishedByHigher: row.punished[at] ?? 0,
        },
      ]),
    ),
  }));

/** Everybody's sums of these errors, as of the day on which they were last added up. */
export const listErrorSums = (database: Database, errorIds: readonly string[]) =>
  listRows(
    database,
    sumsRow,
    `select e.person_id, s.as_of, json_agg(e.error_id) as error_ids, json_agg(e.weighted_count) as counts,
       json_agg(e.weighted_exposure) as exposures, json_agg(e.judged_by_higher) as judged, json_agg(e.punished_by_higher) as punished
     from person_error e join person_standing s on s.person_id = e.person_id where e.error_id = any($1) group by e.person_id, s.as_of`,
    [errorIds],
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
