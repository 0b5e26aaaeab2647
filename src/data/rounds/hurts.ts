import { z } from 'zod';
import type { Database } from '../client';
import { listRows } from '../rows';

const hurtRow = z
  .object({ person_id: z.string(), held_on: z.string(), hurt: z.string() })
  .transform((row) => ({ personId: row.person_id, heldOn: row.held_on, hurt: row.hurt }));

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
