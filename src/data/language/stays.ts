import { z } from 'zod';
import { placeOfRole } from '@/core/round';
import { roles } from '@/core/vocabulary';
import type { Database } from '../client';
import { joinConditions } from '../conditions';
import { findRow, listRows } from '../rows';
import { conditionsOf, type MarkSearch } from './occurrences';

/** In which rounds, and where, somebody's time is looked for. */
export interface StaySearch
  extends Pick<MarkSearch, 'partner' | 'uniform' | 'fromDay' | 'toDay' | 'roundId' | 'withoutRoundIds'> {
  readonly personId: string;
  /** Any of these; empty for anywhere. */
  readonly positionIds: readonly string[];
  readonly place?: 'over' | 'under';
}

const isThere = `(p ->> 'positionId' = any($2::text[]) or cardinality($2::text[]) = 0) and p ->> 'role' = any($3::text[])`;
const rolesIn = (place: StaySearch['place']) =>
  roles.filter((role) => place === undefined || placeOfRole(role) === place);
const frameOf = ({ personId, positionIds, place, ...frame }: StaySearch) => {
  const { text, values } = joinConditions(conditionsOf({ ...frame, personIds: [personId] }), 4);
  return { text, values: [personId, positionIds, rolesIn(place), ...values] };
};

/** How long somebody was there, of all live time of the rounds that fit, and what share of a round is usual. */
export async function sumStays(database: Database, search: StaySearch) {
  const { text, values } = frameOf(search);
  const row = await findRow(
    database,
    z.object({
      rounds: z.number(),
      with: z.number(),
      minutes: z.number(),
      live: z.number(),
      usual: z.array(z.number()).nullable(),
    }),
    `with each as (
       select (f.content ->> 'liveMinutes')::float8 as live,
         (select coalesce(sum((p ->> 'liveSeconds')::float8), 0) / 60 from jsonb_array_elements(f.content -> 'positions') p where ${isThere}) as minutes
       from round_figure f join round r on r.id = f.round_id where f.person_id = $1 and ${text})
     select count(*)::int as rounds, (count(*) filter (where minutes > 0))::int as with, coalesce(sum(minutes), 0) as minutes, coalesce(sum(live), 0) as live,
       percentile_cont(array[0.25, 0.75]) within group (order by minutes / live) filter (where live > 0) as usual
     from each`,
    values,
  );
  return row ?? { rounds: 0, with: 0, minutes: 0, live: 0, usual: null };
}

/** When somebody came there, newest round first. */
export async function listStays(database: Database, search: StaySearch, most: number) {
  const { text, values } = frameOf(search);
  return listRows(
    database,
    z
      .object({ round_id: z.string(), at_seconds: z.number() })
      .transform((row) => ({ roundId: row.round_id, atSeconds: row.at_seconds })),
    `select f.round_id, (p ->> 'atSeconds')::float8 as at_seconds
     from round_figure f join round r on r.id = f.round_id cross join lateral jsonb_array_elements(f.content -> 'stays') p
     where f.person_id = $1 and ${text} and ${isThere}
     order by r.held_on desc, r.number_in_session desc, r.id, 2 limit ${most}`,
    values,
  );
}

/** The newest reviewed round that fits; of what partners are like only where somebody is named. */
export function findNewestFitting(database: Database, search: MarkSearch) {
  const { personIds = [], partner, uniform, fromDay, toDay, withoutRoundIds } = search;
  const frame = { personIds, uniform, fromDay, toDay, withoutRoundIds, ...(personIds.length > 0 ? { partner } : {}) };
  const { text, values } = joinConditions(conditionsOf(frame));
  return findRow(
    database,
    z.object({ id: z.string(), held_on: z.string() }).transform((row) => ({ id: row.id, heldOn: row.held_on })),
    `select r.id, r.held_on::text as held_on from round r join round_figured g on g.round_id = r.id and g.mark_count > 0 where ${text}
     order by r.held_on desc, r.number_in_session desc, r.id desc limit 1`,
    values,
  );
}
