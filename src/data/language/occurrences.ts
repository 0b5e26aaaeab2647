import { z } from 'zod';
import { storedMarkSchema } from '@/core/round';
import type { SearchedPartner, Whose } from '@/core/search';
import { anyBelts, type Belt, beltRank } from '@/core/vocabulary';
import type { Database } from '../client';
import { type Condition, joinConditions } from '../conditions';
import { findRow, listRows, readPiece } from '../rows';

const useRow = z.object({ concept_id: z.string(), uses: z.coerce.number() });

/** How often each concept was marked, most first; as far as the figures of rounds are worked out. */
export async function countUses(database: Database): Promise<Record<string, number>> {
  const rows = await listRows(
    database,
    useRow,
    'select concept_id, uses from concept_use_total where uses > 0 order by uses desc, concept_id',
  );
  return Object.fromEntries(rows.map((row) => [row.concept_id, row.uses]));
}

/** How often any of these concepts was marked, to this moment. */
export async function countUsesOf(database: Database, conceptIds: readonly string[]): Promise<number> {
  const row = await findRow(
    database,
    z.object({ uses: z.number() }),
    'select count(*)::int as uses from mark where deleted_at is null and concept_id = any($1)',
    [conceptIds],
  );
  return row?.uses ?? 0;
}

const occurrenceRow = z
  .object({
    id: z.string(),
    content: storedMarkSchema,
    change_id: z.string(),
    round_id: z.string(),
    held_on: z.string(),
    uniform: z.enum(['gi', 'no-gi']),
    start_seconds: z.number(),
    footage_id: z.string().nullable(),
    a_id: z.string(),
    a_name: z.string(),
    b_id: z.string(),
    b_name: z.string(),
  })
  .transform((row) => ({
    mark: row.content,
    changeId: row.change_id,
    roundId: row.round_id,
    heldOn: row.held_on,
    uniform: row.uniform,
    footageId: row.footage_id ?? undefined,
    roundSeconds: row.content.atSeconds - row.start_seconds,
    people: { a: { id: row.a_id, name: row.a_name }, b: { id: row.b_id, name: row.b_name } },
  }));
/** A mark with the round and the people that it belongs to. */
export type FoundMark = z.output<typeof occurrenceRow>;

export interface MarkSearch {
  /** Any of these concepts; undefined for all marks. */
  readonly conceptIds?: readonly string[];
  /** People of the round, all of whom must be in it. */
  readonly personIds?: readonly string[];
  /** What the partner of the first of them is like, else of whoever did it. */
  readonly partner?: SearchedPartner;
  /** The belt of whoever did it. */
  readonly ownBelt?: Belt;
  /** Whether the first of them did it, or the partner. */
  readonly whose?: Whose;
  readonly uniform?: string;
  readonly fromDay?: string;
  readonly toDay?: string;
  readonly kind?: string;
  /** Values that fields of the mark must have. */
  readonly fields?: Readonly<Record<string, string>>;
  /** Words of the remark, all of which must occur. */
  readonly noteWords?: readonly string[];
  /** This round alone. */
  readonly roundId?: string;
  /** Rounds that are left out: who reviews them blind must not meet their marks. */
  readonly withoutRoundIds?: readonly string[];
}

/** Where a list of found marks goes on: the place of its last one. */
const placeOf = ({ heldOn, roundId, mark }: FoundMark): string => [heldOn, roundId, mark.atSeconds, mark.id].join('~');
const placeShape = /^(\d{4}-\d{2}-\d{2})~([0-9a-f-]{36})~(\d+(?:\.\d+)?)~([0-9a-f-]{36})$/;
const partsOf = (place: string | undefined): readonly string[] | undefined => placeShape.exec(place ?? '')?.slice(1, 5);
/** A word as a pattern that finds it anywhere: signs of patterns in it are letters. */
const anywhere = (word: string): string => `%${word.replace(/[\\%_]/g, '\\$&')}%`;

/** A tenth of the lighter one's weight makes somebody heavier. @source as in the tables of against whom */
const HEAVIER = 1.1;
/** Belts in their order, a child's standing where the adult belt of its years stands. */
const ranks = anyBelts.map((belt) => [belt, beltRank(belt)] as const);
const rankOf = (belt: string) =>
  `(select k.rank from unnest(?::text[], ?::int[]) as k (belt, rank) where k.belt = ${belt})`;

function partnerConditions({
  personIds = [],
  partner: { weight, belt } = {},
  ownBelt,
  whose,
}: Pick<MarkSearch, 'personIds' | 'partner' | 'ownBelt' | 'whose'>): Condition[] {
  const [personId] = personIds;
  // Own is x: the first who is named, else whoever did it.
  const own = personId === undefined ? "x.slot = m.content ->> 'athlete'" : 'x.person_id = ?';
  const done = personId === undefined || whose === undefined ? undefined : whose === 'own' ? 'x.slot' : 'y.slot';
  const tables = [ranks.map(([one]) => one), ranks.map(([, rank]) => rank)];
  const isCompared = belt === 'higher' || belt === 'lower';
  const parts = [
    done && `m.content ->> 'athlete' = ${done}`,
    ownBelt && 'x.belt = ?',
    weight &&
      (weight === 'heavier' ? `y.weight_kg >= x.weight_kg * ${HEAVIER}` : `x.weight_kg >= y.weight_kg * ${HEAVIER}`),
    belt === 'higher' ? `${rankOf('y.belt')} > ${rankOf('x.belt')}` : undefined,
    belt === 'lower' ? `${rankOf('y.belt')} < ${rankOf('x.belt')}` : undefined,
    belt && !isCompared ? 'y.belt = ?' : undefined,
  ].filter((part) => part !== undefined);
  if (parts.length === 0) return [];
  const values = [
    ...(personId === undefined ? [] : [personId]),
    ...(ownBelt ? [ownBelt] : []),
    ...(isCompared ? [...tables, ...tables] : belt ? [belt] : []),
  ];
  return [
    [
      `exists (select 1 from round_athlete x join round_athlete y on y.round_id = x.round_id and y.slot <> x.slot
         where x.round_id = r.id and ${own} and ${parts.join(' and ')})`,
      ...values,
    ],
  ];
}

const shownOfMark = `m.id, m.content, m.change_id, m.round_id, r.held_on, r.uniform, r.start_seconds, r.footage_id,
  a.person_id as a_id, pa.name as a_name, b.person_id as b_id, pb.name as b_name`;
const roundOfMark = `join round r on r.id = m.round_id
  join round_athlete a on a.round_id = r.id and a.slot = 'a' join person pa on pa.id = a.person_id
  join round_athlete b on b.round_id = r.id and b.slot = 'b' join person pb on pb.id = b.person_id`;

/** Those of these marks that are still there, in no order. */
export const listFoundMarks = (database: Database, markIds: readonly string[]) =>
  listRows(
    database,
    occurrenceRow,
    `select ${shownOfMark} from mark m ${roundOfMark} where m.id = any($1::uuid[]) and m.deleted_at is null`,
    [markIds],
  );

/** What a mark must be to be found. */
export const conditionsOf = (search: MarkSearch): Condition[] => {
  const { conceptIds, personIds = [], uniform, fromDay, toDay, noteWords = [], kind, fields = {} } = search;
  const { roundId, withoutRoundIds = [] } = search;
  return [
    conceptIds && ['m.concept_id = any(?)', conceptIds],
    kind === undefined ? undefined : ['m.kind = ?', kind],
    ...Object.entries(fields).map(([field, value]): Condition => ['m.content ->> ? = ?', field, value]),
    ...personIds.map((id): Condition => ['r.id in (select x.round_id from round_athlete x where x.person_id = ?)', id]),
    ...partnerConditions(search),
    uniform === undefined ? undefined : ['r.uniform = ?', uniform],
    fromDay === undefined ? undefined : ['r.held_on >= ?', fromDay],
    toDay === undefined ? undefined : ['r.held_on <= ?', toDay],
    // Said again for the index of remarks, which holds only marks that have one.
    noteWords.length > 0 ? ["m.content ->> 'note' is not null"] : undefined,
    ...noteWords.map((word): Condition => ["lower(m.content ->> 'note') like ?", anywhere(word)]),
    roundId === undefined ? undefined : ['r.id = ?', roundId],
    withoutRoundIds.length > 0 ? ['r.id <> all(?::uuid[])', withoutRoundIds] : undefined,
  ];
};

/** How many marks fit, in how many rounds; counted to `most` and no further. */
export async function countFoundMarks(database: Database, search: MarkSearch, most: number) {
  const { text, values } = joinConditions([['m.deleted_at is null'], ...conditionsOf(search)]);
  const row = await findRow(
    database,
    z.object({ marks: z.number(), rounds: z.number() }),
    `select count(*)::int as marks, count(distinct round_id)::int as rounds from (
       select m.round_id from mark m join round r on r.id = m.round_id where ${text} limit ${most}) found`,
    values,
  );
  return row ?? { marks: 0, rounds: 0 };
}

const partRow = z.object({ part: z.enum(['what', 'partner', 'day']), key: z.string(), count: z.number() });

/** Marks that fit, counted to `most`, by what they are, by the day, and by whom the first who is named had before them: the most of each first. */
export function countFoundBy(database: Database, search: MarkSearch, most: number, mostOfEach: number) {
  const { text, values } = joinConditions([['m.deleted_at is null'], ...conditionsOf(search)], 3);
  return listRows(
    database,
    partRow,
    `with found as materialized (
       select m.concept_id, m.round_id, r.held_on from mark m join round r on r.id = m.round_id where ${text} limit ${most}),
     each as (
       select 'what' as part, concept_id as key from found where concept_id is not null
       union all select 'day', held_on::text from found
       union all select 'partner', x.person_id::text from found join round_athlete x on x.round_id = found.round_id
         where $1::uuid is not null and x.person_id <> $1::uuid),
     counted as (
       select part, key, count(*)::int as count, row_number() over (partition by part order by count(*) desc, key desc) as place from each group by part, key)
     select part, key, count from counted where place <= $2 order by part, place`,
    [search.personIds?.[0] ?? null, mostOfEach, ...values],
  );
}

/** Whether a mark of another search comes within so many seconds after a mark "a" of the same round. */
const followsWithin = (second: MarkSearch, withinSeconds: number, first: number) => {
  const { text, values } = joinConditions(
    [['m.deleted_at is null'], ...conditionsOf(second), ['m.at_seconds <= a.at_seconds + ?::float8', withinSeconds]],
    first,
  );
  return {
    values,
    text: `exists (select 1 from mark m join round r on r.id = m.round_id
      where m.round_id = a.round_id and m.id <> a.id and m.at_seconds > a.at_seconds and ${text})`,
  };
};

/** How many marks fit, counted to `most`, and how many of them are followed by a mark of another search. */
export async function countFollowed(
  database: Database,
  first: MarkSearch,
  second: MarkSearch,
  withinSeconds: number,
  most: number,
) {
  const { text, values } = joinConditions([['m.deleted_at is null'], ...conditionsOf(first)]);
  const follows = followsWithin(second, withinSeconds, values.length + 1);
  const row = await findRow(
    database,
    z.object({ marks: z.number(), followed: z.number() }),
    `with a as materialized (
       select m.id, m.round_id, m.at_seconds from mark m join round r on r.id = m.round_id where ${text} limit ${most})
     select count(*)::int as marks, (count(*) filter (where ${follows.text}))::int as followed from a`,
    [...values, ...follows.values],
  );
  return row ?? { marks: 0, followed: 0 };
}

/** Which of these marks are followed by a mark of another search. */
export async function listFollowed(
  database: Database,
  markIds: readonly string[],
  second: MarkSearch,
  withinSeconds: number,
): Promise<string[]> {
  const follows = followsWithin(second, withinSeconds, 2);
  const rows = await listRows(
    database,
    z.object({ id: z.string() }),
    `select a.id from mark a where a.id = any($1::uuid[]) and ${follows.text}`,
    [markIds, ...follows.values],
  );
  return rows.map((row) => row.id);
}

/** What a search is asked of: the reviewed rounds of the first who is named that fit, their live minutes, and the exposure to an error in them, of the named one or of the partners. */
export async function sumSearchedExposure(
  database: Database,
  { personIds, partner, uniform, fromDay, toDay, roundId, withoutRoundIds, whose }: MarkSearch,
  standardErrorId: string | undefined,
) {
  const { text, values } = joinConditions(
    conditionsOf({ personIds, partner, uniform, fromDay, toDay, roundId, withoutRoundIds }),
    3,
  );
  const row = await findRow(
    database,
    z.object({ rounds: z.number(), minutes: z.number(), exposure: z.number() }),
    `select count(*)::int as rounds, coalesce(sum((f.content ->> 'liveMinutes')::float8), 0) as minutes,
       coalesce(sum((f.content -> 'exposures' ->> $2)::float8), 0) as exposure
     from round_figure f join round r on r.id = f.round_id
     where f.person_id ${whose === 'partner' ? '<>' : '='} $1 and f.round_id in (select n.round_id from round_figure n where n.person_id = $1) and ${text}`,
    [personIds?.[0] ?? null, standardErrorId ?? '', ...values],
  );
  return row ?? { rounds: 0, minutes: 0, exposure: 0 };
}

/** A piece of the marks that fit, newest round first, in order of time within it, from behind `after` on. */
export function searchMarks(database: Database, search: MarkSearch, most: number, after?: string) {
  const place = partsOf(after);
  const { text, values } = joinConditions([
    ['m.deleted_at is null'],
    ...conditionsOf(search),
    place && [
      '(r.held_on, r.id) < (?::date, ?::uuid) or (r.held_on, r.id) = (?::date, ?::uuid) and (m.at_seconds, m.id) > (?::double precision, ?::uuid)',
      place[0],
      place[1],
      ...place,
    ],
  ]);
  // First the places, then what is shown of them: people and texts are read for the few that are.
  return readPiece(
    database,
    occurrenceRow,
    `with found as materialized (
       select m.id, r.held_on, r.id as round_id, m.at_seconds from mark m join round r on r.id = m.round_id where ${text}
       order by r.held_on desc, r.id desc, m.at_seconds, m.id limit ${most + 1})
     select ${shownOfMark}
     from found f join mark m on m.id = f.id ${roundOfMark}
     order by f.held_on desc, f.round_id desc, f.at_seconds, f.id`,
    values,
    most,
    placeOf,
  );
}
