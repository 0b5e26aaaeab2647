import { z } from 'zod';
import { weightSources } from '@/core/partner';
import { anyBelts } from '@/core/vocabulary';
import { log } from '../../log/log';
import type { Database } from '../client';
import { type Condition, joinConditions } from '../conditions';
import { findRow, listRows, readPiece, runStatement } from '../rows';
import { circumstancesShape, conditionShape, stillShape } from './circumstances';

/** A picture that cannot be read is none: the round is there without it. */
const unreadableStill = (): null => {
  log.error('the picture of an athlete cannot be read');
  return null;
};

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
    still: stillShape.nullable().catch(unreadableStill),
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

const athleteJson = (slot: 'a' | 'b', still: string) =>
  `(select json_build_object('person_id', ra.person_id, 'name', p.name, 'division', p.division, 'belt', ra.belt, 'stripes', ra.stripes,
      'weight_kg', ra.weight_kg, 'weight_source', ra.weight_source, 'told_apart_by', ra.told_apart_by, 'condition', ra.condition, 'still', ${still})
    from round_athlete ra join person p on p.id = ra.person_id where ra.round_id = r.id and ra.slot = '${slot}') as ${slot}`;

const selectWith = (still: string) =>
  `select r.id, r.footage_id, r.held_on, r.uniform, r.rule_set, r.planned_seconds, r.occasion, r.theme, r.circumstances, r.number_in_session,
    r.start_seconds, r.end_seconds, r.version, ${athleteJson('a', still)}, ${athleteJson('b', still)},
    (select count(*)::int from mark m where m.round_id = r.id and m.deleted_at is null) as mark_count
  from round r`;
/** Lists never carry the athletes' pictures: only a round that was asked for by itself has them. */
const selectListed = selectWith('null');

export const findRound = (database: Database, id: string) =>
  findRow(database, roundRow, `${selectWith('ra.still')} where r.id = $1`, [id]);

const HAS_MARKS = 'exists (select 1 from mark m where m.round_id = r.id and m.deleted_at is null)';
/** What the figures say narrows it to a few, so that the marks of few are looked for. */
const HAS_NO_MARKS = `coalesce(f.mark_count, 0) = 0 and not ${HAS_MARKS}`;
const NEWEST_FIRST = 'r.held_on desc, r.number_in_session desc, r.id desc';
/** Where a list that runs newest first goes on: the place of its last row. */
const placeOf = (round: Round): string => `${round.heldOn}~${round.numberInSession}~${round.id}`;
const placeShape = /^(\d{4}-\d{2}-\d{2})~(\d{1,3})~([0-9a-f-]{36})$/;
/** The three parts of such a place; nothing, which begins at the newest, for a text that is none. */
const partsOf = (place: string | undefined): readonly string[] | undefined => placeShape.exec(place ?? '')?.slice(1, 4);

export interface RoundFilter {
  /** Only rounds with footage, or only those without. */
  readonly filmed?: boolean;
  /** Only rounds with marks, or only those without. */
  readonly marked?: boolean;
  /** All of these people take part. */
  readonly personIds?: readonly string[];
  readonly uniform?: string;
  /** Between two days, both included. */
  readonly fromDay?: string;
  readonly toDay?: string;
}

/** A piece of the rounds that fit, newest first, from behind `after` on; parts of the filter that are absent do not narrow. */
export function listRounds(database: Database, filter: RoundFilter, most: number, after?: string) {
  const { filmed, marked, personIds = [], uniform, fromDay, toDay } = filter;
  const place = partsOf(after);
  const { text, values } = joinConditions([
    filmed === undefined ? undefined : [filmed ? 'r.footage_id is not null' : 'r.footage_id is null'],
    marked === undefined ? undefined : [marked ? HAS_MARKS : HAS_NO_MARKS],
    ...personIds.map((id): Condition => ['r.id in (select x.round_id from round_athlete x where x.person_id = ?)', id]),
    uniform === undefined ? undefined : ['r.uniform = ?', uniform],
    fromDay === undefined ? undefined : ['r.held_on >= ?', fromDay],
    toDay === undefined ? undefined : ['r.held_on <= ?', toDay],
    place && ['(r.held_on, r.number_in_session, r.id) < (?::date, ?::smallint, ?::uuid)', ...place],
  ]);
  return readPiece(
    database,
    roundRow,
    `${selectListed} left join round_figured f on f.round_id = r.id where ${text} order by ${NEWEST_FIRST} limit ${most + 1}`,
    values,
    most,
    placeOf,
  );
}

/** Every round that was cut out of one file, in the order of the footage. */
export const listRoundsOfFootage = (database: Database, footageIds: readonly string[]) =>
  listRows(
    database,
    roundRow,
    `${selectListed} where r.footage_id = any($1::uuid[]) order by r.footage_id, r.start_seconds, r.id`,
    [footageIds],
  );

/** All rounds that somebody is in, in no order. */
export const listRoundIdsOf = async (database: Database, personId: string): Promise<readonly string[]> =>
  (
    await listRows(
      database,
      z.object({ round_id: z.string() }),
      'select round_id from round_athlete where person_id = $1',
      [personId],
    )
  ).map((one) => one.round_id);

/** Those of these rounds that are there, in no order. */
export const listRoundsByIds = (database: Database, ids: readonly string[]) =>
  listRows(database, roundRow, `${selectListed} where r.id = any($1::uuid[])`, [ids]);

const apartRow = z
  .object({
    round_id: z.string(),
    held_on: z.string(),
    partner: z.string(),
    filmed: z.boolean(),
    start_seconds: z.number(),
    circumstances: circumstancesShape,
    marks: z.array(z.object({ markId: z.string(), conceptId: z.string(), atSeconds: z.number() })),
  })
  .transform((row) => ({
    roundId: row.round_id,
    heldOn: row.held_on,
    partner: row.partner,
    filmed: row.filmed,
    startSeconds: row.start_seconds,
    circumstances: row.circumstances,
    marks: row.marks,
  }));

/** The newest rounds of somebody that may say nothing of sparring, each with what is marked of them by name. */
export const listRoundsApart = (database: Database, personId: string, most: number) =>
  listRows(
    database,
    apartRow,
    `select r.id as round_id, r.held_on, p.name as partner, r.footage_id is not null as filmed, r.start_seconds, r.circumstances,
       (select coalesce(json_agg(json_build_object('markId', m.id, 'conceptId', m.concept_id, 'atSeconds', m.at_seconds) order by m.at_seconds), '[]')
        from mark m where m.round_id = r.id and m.deleted_at is null and m.concept_id is not null and m.content ->> 'athlete' = a.slot) as marks
     from round r join round_athlete a on a.round_id = r.id and a.person_id = $1
       join round_athlete o on o.round_id = r.id and o.slot <> a.slot join person p on p.id = o.person_id
     where r.circumstances ->> 'audience' = 'for-the-camera' or r.circumstances ->> 'intensity' = 'flow'
     order by ${NEWEST_FIRST} limit $2`,
    [personId, most],
  );

/** Every filmed round in which nobody has marked anything yet, newest first. */
export const listWaitingRounds = (database: Database) =>
  listRows(
    database,
    roundRow,
    `${selectListed} left join round_figured f on f.round_id = r.id
     where r.footage_id is not null and ${HAS_NO_MARKS} order by ${NEWEST_FIRST}`,
  );

/** The newest round, by which the card of the next one begins. */
export const findLatestRound = (database: Database) =>
  findRow(database, roundRow, `${selectListed} order by ${NEWEST_FIRST} limit 1`);

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
