import { z } from 'zod';
import type { Database } from '../client';
import { findRow, runStatement } from '../rows';

/** Locks a round against marks that are on their way and against other cuts until the transaction ends; its version, or undefined when it is gone. */
export const lockRound = (database: Database, id: string) =>
  findRow(database, z.object({ version: z.number() }), 'select version from round where id = $1 for update', [id]);

/** Copies the card of a round, its athletes and its clocks to another stretch of the same footage, under an id that is free. */
export async function copyRound(
  database: Database,
  fromId: string,
  copy: { readonly id: string; readonly startSeconds: number; readonly endSeconds: number; readonly further: number },
  coachId: string,
): Promise<void> {
  await runStatement(
    database,
    `insert into round (id, footage_id, held_on, uniform, rule_set, planned_seconds, occasion, theme, number_in_session, start_seconds, end_seconds, circumstances, created_by)
     select $2, footage_id, held_on, uniform, rule_set, planned_seconds, occasion, theme, least(60, number_in_session + $5), $3, $4, circumstances, $6
     from round where id = $1`,
    [fromId, copy.id, copy.startSeconds, copy.endSeconds, copy.further, coachId],
  );
  await runStatement(
    database,
    `insert into round_athlete (round_id, slot, person_id, belt, stripes, weight_kg, weight_source, told_apart_by, condition, still)
     select $2, slot, person_id, belt, stripes, weight_kg, weight_source, told_apart_by, condition, still from round_athlete where round_id = $1`,
    [fromId, copy.id],
  );
  await runStatement(
    database,
    `insert into round_clock (id, round_id, name, counts, pauses, restarts, ties)
     select gen_random_uuid(), $2, name, counts, pauses, restarts, ties from round_clock where round_id = $1`,
    [fromId, copy.id],
  );
}

/** Gives the marks of a stretch to another round, deleted ones and their histories with them. */
export const moveMarks = (
  database: Database,
  fromId: string,
  toId: string,
  span: { readonly startSeconds: number; readonly endSeconds: number } = { startSeconds: 0, endSeconds: 86_400 },
) =>
  runStatement(
    database,
    'update mark set round_id = $2 where round_id = $1 and at_seconds >= $3 and at_seconds <= $4',
    [fromId, toId, span.startSeconds, span.endSeconds],
  );

/** Gives the clocks of a round to another one; a clock of a name that is there already is the same clock, and stays behind. */
export const moveClocks = (database: Database, fromId: string, toId: string) =>
  runStatement(
    database,
    `update round_clock set round_id = $2
     where round_id = $1 and lower(name) not in (select lower(name) from round_clock where round_id = $2)`,
    [fromId, toId],
  );

/** The other rounds of the same footage and day that come after a round count on (or back) by so many. */
export const renumberAfter = (database: Database, roundId: string, by: number) =>
  runStatement(
    database,
    `update round o set number_in_session = least(60, greatest(1, o.number_in_session + $2)) from round r
     where r.id = $1 and o.id <> r.id and o.footage_id = r.footage_id and o.held_on = r.held_on and o.start_seconds >= r.end_seconds`,
    [roundId, by],
  );

/** Sets where a round begins and ends, without asking for its version: the caller holds its lock. */
export const setSpan = (
  database: Database,
  roundId: string,
  span: { readonly startSeconds: number; readonly endSeconds: number },
) =>
  runStatement(database, 'update round set start_seconds = $2, end_seconds = $3, version = version + 1 where id = $1', [
    roundId,
    span.startSeconds,
    span.endSeconds,
  ]);
