import { z } from 'zod';
import type { Database } from '../client';
import { listRows } from '../rows';

const hurtRow = z
  .object({ person_id: z.string(), held_on: z.string(), hurt: z.string(), said_in: z.enum(['card', 'class']) })
  .transform((row) => ({ personId: row.person_id, heldOn: row.held_on, hurt: row.hurt, saidIn: row.said_in }));
/** What a round’s card or a class’s log says to hurt or to be spared. */
export type Hurt = z.output<typeof hurtRow>;

/** Cards and logs that say that something hurts, of some people; `place` orders those of one day. Days of classes in the academy's own zone. */
const said = `(
   select a.person_id, r.held_on, a.condition ->> 'hurt' as hurt, r.number_in_session as place, 'card' as said_in
   from round_athlete a join round r on r.id = a.round_id where a.person_id = any($1::uuid[]) and coalesce(a.condition ->> 'hurt', '') <> ''
   union all
   select c.person_id, (k.starts_at at time zone coalesce((select time_zone from academy), 'UTC'))::date, c.hurt, 0, 'class'
   from class_attendee c join academy_class k on k.id = c.class_id where c.person_id = any($1::uuid[]) and c.hurt <> ''
 ) said`;

/** What the latest card or log since a day that says so tells to be hurt, of each of these people. */
export const listRecentHurts = (database: Database, personIds: readonly string[], since: string) =>
  listRows(
    database,
    hurtRow,
    `select distinct on (person_id) person_id, held_on::text as held_on, hurt, said_in from ${said}
     where held_on >= $2::date order by person_id, held_on desc, place desc`,
    [personIds, since],
  );

/** What cards and logs of somebody tell to be hurt, newest first, each text once in a row. */
export const listHurtsOf = (database: Database, personId: string, most: number) =>
  listRows(
    database,
    hurtRow,
    `select person_id, held_on::text as held_on, hurt, said_in from (
       select said.*, lag(hurt) over (order by held_on, place) as before from ${said}
     ) each_once where hurt is distinct from before order by held_on desc, place desc limit $2`,
    [[personId], most],
  );
