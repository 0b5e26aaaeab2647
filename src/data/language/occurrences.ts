import { z } from 'zod';
import type { Mark } from '@/core/round';
import type { Database } from '../client';
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
    content: z.custom<Mark>((value) => typeof value === 'object' && value !== null),
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
  readonly uniform?: string;
  readonly fromDay?: string;
  readonly toDay?: string;
  /** Words of the remark, all of which must occur. */
  readonly noteWords?: readonly string[];
  /** Rounds that are left out: who reviews them blind must not meet their marks. */
  readonly withoutRoundIds?: readonly string[];
}

/** Where a list of found marks goes on: the place of its last one. */
const placeOf = ({ heldOn, roundId, mark }: FoundMark): string => [heldOn, roundId, mark.atSeconds, mark.id].join('~');
const placeShape = /^(\d{4}-\d{2}-\d{2})~([0-9a-f-]{36})~(\d+(?:\.\d+)?)~([0-9a-f-]{36})$/;
const partsOf = (place: string | undefined): (string | null)[] => {
  const parts = placeShape.exec(place ?? '');
  return parts ? parts.slice(1, 5) : [null, null, null, null];
};

/** A piece of the marks that fit, newest round first, in order of time within it, from behind `after` on. */
export const searchMarks = (database: Database, search: MarkSearch, most: number, after?: string) =>
  readPiece(
    database,
    occurrenceRow,
    `select m.id, m.content, m.change_id, m.round_id, r.held_on, r.uniform, r.start_seconds, r.footage_id,
       a.person_id as a_id, pa.name as a_name, b.person_id as b_id, pb.name as b_name
     from mark m
       join round r on r.id = m.round_id
       join round_athlete a on a.round_id = r.id and a.slot = 'a' join person pa on pa.id = a.person_id
       join round_athlete b on b.round_id = r.id and b.slot = 'b' join person pb on pb.id = b.person_id
     where m.deleted_at is null
       and ($1::text[] is null or m.concept_id = any($1))
       and ($2::uuid[] is null or (select count(*) from round_athlete x where x.round_id = r.id and x.person_id = any($2)) = cardinality($2))
       and ($3::text is null or r.uniform = $3)
       and ($4::date is null or r.held_on >= $4)
       and ($5::date is null or r.held_on <= $5)
       and ($6::text[] is null or (m.content ? 'note' and lower(m.content ->> 'note') like all($6)))
       and r.id <> all($8::uuid[])
       and ($9::date is null or (r.held_on, r.id) < ($9::date, $10::uuid)
         or (r.held_on, r.id) = ($9::date, $10::uuid) and (m.at_seconds, m.id) > ($11::double precision, $12::uuid))
     order by r.held_on desc, r.id desc, m.at_seconds, m.id limit $7`,
    [
      search.conceptIds ?? null,
      search.personIds?.length ? search.personIds : null,
      search.uniform ?? null,
      search.fromDay ?? null,
      search.toDay ?? null,
      search.noteWords?.length ? search.noteWords.map((word) => `%${word.replace(/[\\%_]/g, '\\$&')}%`) : null,
      most + 1,
      search.withoutRoundIds ?? [],
      ...partsOf(after),
    ],
    most,
    placeOf,
  );
