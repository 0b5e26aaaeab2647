import { z } from 'zod';
import type { Database } from '../client';
import { listRows } from '../rows';

const personDay = z
  .object({ person_id: z.string(), day: z.string() })
  .transform((row) => ({ personId: row.person_id, day: row.day }));

/** For each person the latest day on which a round of theirs was marked. */
export const listLastReviews = (database: Database) =>
  listRows(
    database,
    personDay,
    `select a.person_id, max(f.last_marked_at)::date as day from round_figured f join round_athlete a on a.round_id = f.round_id
     where f.last_marked_at is not null group by a.person_id`,
  );

/** For each person the day of the next class in which they are expected. */
export const listNextClassDays = (database: Database, now: string) =>
  listRows(
    database,
    personDay,
    `select t.person_id, min(k.starts_at)::date as day from class_attendee t join academy_class k on k.id = t.class_id
     where k.starts_at >= $1 group by t.person_id`,
    [now],
  );

/** Who was expected in a planned class of the last days before now, once for each drill of its latest plan. */
export const listDrilledDays = (database: Database, now: string, days: number) =>
  listRows(
    database,
    personDay,
    `select t.person_id, k.starts_at::date as day from academy_class k
       join class_attendee t on t.class_id = k.id
       join lateral (select p.content from class_plan p where p.class_id = k.id and p.state = 'ready' order by p.version desc limit 1) plan on true
       cross join lateral jsonb_array_elements(plan.content->'drills') as drill
     where k.starts_at < $1 and k.starts_at >= $1::timestamptz - make_interval(days => $2)
     order by t.person_id, day, drill->>'drillId'`,
    [now, days],
  );
