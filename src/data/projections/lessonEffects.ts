import { z } from 'zod';
import type { LessonEffect } from '@/core/effects';
import type { LearnedKappa } from '@/core/planning';
import type { Database } from '../client';
import { listRows, runStatement } from '../rows';

const countOver = z.object({ count: z.number(), exposure: z.number() });
const beforeAfter = {
  people: z.number(),
  before: countOver,
  after: countOver,
  ratio: z.number().optional(),
  interval: z.object({ low: z.number(), high: z.number() }).optional(),
};
const effectRow = z
  .object({
    ...{ drill_id: z.string(), error_id: z.string(), person_ids: z.array(z.string()) },
    content: z.object({ ...beforeAfter, since: z.string(), others: z.object(beforeAfter), lacking: z.number() }),
  })
  .transform(({ drill_id: drillId, error_id: errorId, person_ids: personIds, content }) => ({
    ...{ drillId, errorId, ...content },
    /** Who drilled it, while too little was seen of them. */
    personIds,
  }));
/** A kept effect; each student's own figures stay where they are kept: a large academy has many. */
export type KeptEffect = z.output<typeof effectRow>;

/** What happened to errors after lessons on them, of one drill or of all, those that were seen most first. */
export const listLessonEffects = (database: Database, drillId?: string) =>
  listRows(
    database,
    effectRow,
    `select drill_id, error_id, content - 'each' as content,
       case when (content ->> 'lacking')::float8 > 0 then array(select each ->> 'personId' from jsonb_array_elements(content -> 'each') each) else '{}' end as person_ids
     from lesson_effect where $1::text is null or drill_id = $1
     order by (content -> 'after' ->> 'exposure')::float8 desc, drill_id, error_id`,
    [drillId ?? null],
  );

const kappaRow = z
  .object({ drill_id: z.string(), kappa: z.number(), catalogue_kappa: z.number(), people: z.number() })
  .transform(
    (row): LearnedKappa => ({
      ...{ drillId: row.drill_id, kappa: row.kappa, before: row.catalogue_kappa, people: row.people },
    }),
  );

/** What this academy's lessons taught of drills. */
export const listKappas = (database: Database) =>
  listRows(database, kappaRow, 'select drill_id, kappa, catalogue_kappa, people from drill_kappa order by drill_id');

/** Puts what was worked out in the place of what was there. In a transaction. */
export async function replaceLessonEffects(
  database: Database,
  effects: readonly LessonEffect[],
  kappas: readonly LearnedKappa[],
): Promise<void> {
  await runStatement(database, 'delete from lesson_effect');
  await runStatement(
    database,
    'insert into lesson_effect (drill_id, error_id, content) select * from unnest($1::text[], $2::text[], $3::jsonb[])',
    [
      effects.map((one) => one.drillId),
      effects.map((one) => one.errorId),
      effects.map(({ drillId: _drill, errorId: _error, ...content }) => JSON.stringify(content)),
    ],
  );
  await runStatement(database, 'delete from drill_kappa');
  await runStatement(
    database,
    'insert into drill_kappa (drill_id, kappa, catalogue_kappa, people) select * from unnest($1::text[], $2::real[], $3::real[], $4::int[])',
    [
      kappas.map((one) => one.drillId),
      kappas.map((one) => one.kappa),
      kappas.map((one) => one.before),
      kappas.map((one) => one.people),
    ],
  );
}

export const askForEffects = (database: Database) => runStatement(database, 'select ask_for_effects()');

const seenRow = z
  .object({
    person_id: z.string(),
    day: z.string(),
    live_minutes: z.number(),
    exposures: z.record(z.string(), z.number()),
    counts: z.record(z.string(), z.number()),
  })
  .transform((row) => ({
    ...{ personId: row.person_id, day: row.day, liveMinutes: row.live_minutes },
    ...{ exposures: row.exposures, counts: row.counts },
  }));
/** What one round says about one person and some errors: how often each came, and how much chance there was of it. */
export type SeenInRound = z.output<typeof seenRow>;

/** Every round of everybody since a day, oldest first, as far as some errors go. */
export const listSeen = (database: Database, errorIds: readonly string[], since: string) =>
  listRows(
    database,
    seenRow,
    `select f.person_id, f.held_on::text as day, (f.content ->> 'liveMinutes')::float8 as live_minutes,
       coalesce((select jsonb_object_agg(key, value) from jsonb_each(f.content -> 'exposures') where key = any($1::text[])), '{}') as exposures,
       coalesce((select jsonb_object_agg(key, jsonb_array_length(value)) from jsonb_each(f.content -> 'occurrences') where key = any($1::text[])), '{}') as counts
     from round_figure f where f.held_on >= $2::date order by f.held_on, f.number_in_session`,
    [errorIds, since],
  );

const waitingRow = z
  .object({ round_id: z.string(), person_id: z.string(), day: z.string(), name: z.string() })
  .transform((row) => ({ roundId: row.round_id, personId: row.person_id, day: row.day, name: row.name }));

/** Rounds of these people that nobody has marked, newest first. */
export const listWaitingRounds = (
  database: Database,
  personIds: readonly string[],
  withoutRoundIds: readonly string[],
) =>
  listRows(
    database,
    waitingRow,
    `select r.id as round_id, a.person_id, r.held_on::text as day, p.name
     from round_athlete a join round r on r.id = a.round_id join person p on p.id = a.person_id left join round_figured f on f.round_id = r.id
     where a.person_id = any($1::uuid[]) and coalesce(f.mark_count, 0) = 0 and r.id <> all($2::uuid[]) order by r.held_on desc, r.id limit 200`,
    [personIds, withoutRoundIds],
  );
