import { z } from 'zod';
import type { Database } from '../client';
import { listRows } from '../rows';

const hurtRow = z
  .object({ person_id: z.string(), held_on: z.string(), hurt: z.string() })
  .transform((row) => ({ personId: row.person_id, heldOn: row.held_on, hurt: row.hurt }));
/** What a round’s card says to hurt or to be spared. */
export type Hurt = z.output<typeof hurtRow>;

/** What the latest card since a day that says so tells to be hurt, of each of these people. */
export const listRecentHurts = (database: Database, personIds: readonly string[], since: string) =>
  listRows(
    database,
    hurtRow,
    `select distinct on (a.person_id) a.person_id, r.held_on::text as held_on, a.condition ->> 'hurt' as hurt
     from round_athlete a join round r on r.id = a.round_id
     where a.person_id = any($1::uuid[]) and r.held_on >= $2::date and coalesce(a.condition ->> 'hurt', '') <> ''
     order by a.person_id, r.held_on desc, r.number_in_session desc`,
    [personIds, since],
  );

/** What cards of somebody's rounds tell to be hurt, newest first, each text once in a row. */
export const listHurtsOf = (database: Database, personId: string, most: number) =>
  listRows(
    database,
    hurtRow,
    `select person_id, held_on, hurt from (
       select a.person_id, r.held_on::text as held_on, a.condition ->> 'hurt' as hurt, r.number_in_session,
         lag(a.condition ->> 'hurt') over (order by r.held_on, r.number_in_session) as before
       from round_athlete a join round r on r.id = a.round_id
       where a.person_id = $1 and coalesce(a.condition ->> 'hurt', '') <> ''
     ) said where hurt is distinct from before order by held_on desc, number_in_session desc limit $2`,
    [personId, most],
  );
