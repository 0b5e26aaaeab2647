import { z } from 'zod';
import { weightSources } from '@/core/partner';
import { anyBelts } from '@/core/vocabulary';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';
import { circumstancesShape, conditionShape, stillShape } from './circumstances';

const athleteShape = z
  .object({
    person_id: z.string(),
    name: z.string(),
    division: z.enum(['male', 'female']).nullable(),
    belt: z.enum(anyBelts).nullable(),
    stripes: z.number(),
    weight_kg: z.number().nullable(),
    weight_source: z.enum(weightSources).nullable(),
    told_apart_by: z.string(),
    condition: conditionShape,
    still: stillShape.nullable(),
  })
  .transform((row) => ({
    personId: row.person_id,
    name: row.name,
    division: row.division ?? undefined,
    belt: row.belt ?? undefined,
    stripes: row.stripes,
    weightKg: row.weight_kg ?? undefined,
    weightSource: row.weight_source ?? undefined,
    toldApartBy: row.told_apart_by,
    condition: row.condition,
    still: row.still ?? undefined,
  }));
export type RoundAthlete = z.output<typeof athleteShape>;

const roundRow = z
  .object({
    id: z.string(),
    footage_id: z.string().nullable(),
    held_on: z.string(),
    uniform: z.enum(['gi', 'no-gi']),
    rule_set: z.string(),
    planned_seconds: z.number().nullable(),
    occasion: z.enum(['sparring', 'positional', 'competition']),
    theme: z.string(),
    circumstances: circumstancesShape,
    number_in_session: z.number(),
    start_seconds: z.number(),
    end_seconds: z.number(),
    version: z.number(),
    a: athleteShape,
    b: athleteShape,
    mark_count: z.number(),
  })
  .transform((row) => ({
    id: row.id,
    footageId: row.footage_id ?? undefined,
    heldOn: row.held_on,
    uniform: row.uniform,
    ruleSet: row.rule_set,
    plannedSeconds: row.planned_seconds ?? undefined,
    occasion: row.occasion,
    theme: row.theme,
    circumstances: row.circumstances,
    numberInSession: row.number_in_session,
    startSeconds: row.start_seconds,
    endSeconds: row.end_seconds,
    version: row.version,
    a: row.a,
    b: row.b,
    markCount: row.mark_count,
  }));
export type Round = z.output<typeof roundRow>;

const athleteJson = (slot: 'a' | 'b') =>
  `(select json_build_object('person_id', ra.person_id, 'name', p.name, 'division', p.division, 'belt', ra.belt, 'stripes', ra.stripes,
      'weight_kg', ra.weight_kg, 'weight_source', ra.weight_source, 'told_apart_by', ra.told_apart_by, 'condition', ra.condition, 'still', ra.still)
    from round_athlete ra join person p on p.id = ra.person_id where ra.round_id = r.id and ra.slot = '${slot}') as ${slot}`;

const selectRound = `select r.id, r.footage_id, r.held_on, r.uniform, r.rule_set, r.planned_seconds, r.occasion, r.theme, r.circumstances, r.number_in_session,
    r.start_seconds, r.end_seconds, r.version, ${athleteJson('a')}, ${athleteJson('b')},
    (select count(*)::int from mark m where m.round_id = r.id and m.deleted_at is null) as mark_count
  from round r`;

export const findRound = (database: Database, id: string) =>
  findRow(database, roundRow, `${selectRound} where r.id = $1`, [id]);

export const listRounds = (database: Database, most = 300) =>
  listRows(database, roundRow, `${selectRound} order by r.held_on desc, r.number_in_session desc, r.id limit $1`, [
    most,
  ]);

export const listRoundsOfFootage = (database: Database, footageId: string, most = 200) =>
  listRows(database, roundRow, `${selectRound} where r.footage_id = $1 order by r.start_seconds, r.id limit $2`, [
    footageId,
    most,
  ]);

export const listFilmedRounds = (database: Database, most = 300) =>
  listRows(
    database,
    roundRow,
    `${selectRound} where r.footage_id is not null order by r.held_on desc, r.number_in_session desc, r.id limit $1`,
    [most],
  );

/** Filmed rounds in which nobody has marked anything yet, newest first. */
export const listWaitingRounds = (database: Database, most = 200) =>
  listRows(
    database,
    roundRow,
    `${selectRound} where r.footage_id is not null and not exists (select 1 from mark m where m.round_id = r.id and m.deleted_at is null)
     order by r.held_on desc, r.number_in_session desc, r.id limit $1`,
    [most],
  );

/** Rounds that any of these people took part in since a day, oldest first. */
export const listRoundsOfPeople = (database: Database, personIds: readonly string[], since: string, most = 2000) =>
  listRows(
    database,
    roundRow,
    `${selectRound} where r.held_on >= $2 and exists (select 1 from round_athlete x where x.round_id = r.id and x.person_id = any($1::uuid[]))
     order by r.held_on, r.number_in_session, r.id limit $3`,
    [personIds, since, most],
  );

export type RoundContent = Omit<Round, 'version' | 'markCount' | 'a' | 'b' | 'circumstances' | 'plannedSeconds'> &
  Partial<Pick<Round, 'circumstances' | 'plannedSeconds'>>;

const valuesOf = (round: RoundContent) => [
  round.id,
  round.footageId ?? null,
  round.heldOn,
  round.uniform,
  round.ruleSet,
  round.plannedSeconds ?? null,
  round.occasion,
  round.theme,
  round.numberInSession,
  round.startSeconds,
  round.endSeconds,
  JSON.stringify(round.circumstances ?? {}),
];

/** Stores a round; 0 rows when its id is taken. */
export const insertRound = (database: Database, round: RoundContent, createdBy: string | undefined) =>
  runStatement(
    database,
    `insert into round (id, footage_id, held_on, uniform, rule_set, planned_seconds, occasion, theme, number_in_session, start_seconds, end_seconds, circumstances, created_by)
     values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13) on conflict (id) do nothing`,
    [...valuesOf(round), createdBy ?? null],
  );

/** Changes a round if nobody else did since `version`; returns the rows touched (0 or 1). */
export const updateRound = (database: Database, round: RoundContent, version: number) =>
  runStatement(
    database,
    `update round set footage_id = $2, held_on = $3, uniform = $4, rule_set = $5, planned_seconds = $6, occasion = $7, theme = $8,
       number_in_session = $9, start_seconds = $10, end_seconds = $11, circumstances = $12, version = version + 1
     where id = $1 and version = $13`,
    [...valuesOf(round), version],
  );

export type AthleteEntry = Omit<RoundAthlete, 'name' | 'division' | 'condition' | 'still' | 'belt'> &
  Partial<Pick<RoundAthlete, 'condition' | 'still' | 'belt'>>;

export const deleteAthletes = (database: Database, roundId: string) =>
  runStatement(database, 'delete from round_athlete where round_id = $1', [roundId]);

export const insertAthlete = (database: Database, roundId: string, slot: 'a' | 'b', entry: AthleteEntry) =>
  runStatement(
    database,
    `insert into round_athlete (round_id, slot, person_id, belt, stripes, weight_kg, weight_source, told_apart_by, condition, still)
     values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10)`,
    [
      roundId,
      slot,
      entry.personId,
      entry.belt ?? null,
      entry.stripes,
      entry.weightKg ?? null,
      entry.weightSource ?? null,
      entry.toldApartBy,
      JSON.stringify(entry.condition ?? {}),
      entry.still ? JSON.stringify(entry.still) : null,
    ],
  );

/** Keeps the picture that shows who one athlete of a round is; null forgets it. */
export const setStill = (database: Database, roundId: string, slot: 'a' | 'b', still: RoundAthlete['still'] | null) =>
  runStatement(database, 'update round_athlete set still = $3 where round_id = $1 and slot = $2', [
    roundId,
    slot,
    still ? JSON.stringify(still) : null,
  ]);

export const deleteRound = (database: Database, id: string) =>
  runStatement(database, 'delete from round where id = $1', [id]);

/** Rounds with all of these people, of a uniform and between two days (both included); parts that are absent do not narrow. Newest first. */
export const searchRounds = (
  database: Database,
  search: {
    readonly personIds?: readonly string[];
    readonly uniform?: string;
    readonly fromDay?: string;
    readonly toDay?: string;
  },
  most: number,
) =>
  listRows(
    database,
    roundRow,
    `${selectRound}
     where ($1::uuid[] is null or (select count(*) from round_athlete x where x.round_id = r.id and x.person_id = any($1)) = cardinality($1))
       and ($2::text is null or r.uniform = $2) and ($3::date is null or r.held_on >= $3) and ($4::date is null or r.held_on <= $4)
     order by r.held_on desc, r.number_in_session desc, r.id limit $5`,
    [
      search.personIds?.length ? search.personIds : null,
      search.uniform ?? null,
      search.fromDay ?? null,
      search.toDay ?? null,
      most,
    ],
  );
