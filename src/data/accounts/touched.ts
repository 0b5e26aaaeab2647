import { z } from 'zod';
import type { Database } from '../client';
import { readPiece, runStatement } from '../rows';

export const touchedKinds = ['student', 'round', 'film', 'class', 'rule-set', 'academy'] as const;
/** What somebody looked at or changed. */
export type TouchedKind = (typeof touchedKinds)[number];
const dids = ['saw', 'changed'] as const;

export interface Touch {
  readonly coachId: string;
  readonly did: (typeof dids)[number];
  readonly kind: TouchedKind;
  readonly about: string;
}

/** Notes that somebody looked at something or changed it: one line a day, however often. */
export const noteTouch = (database: Database, { coachId, did, kind, about }: Touch) =>
  runStatement(
    database,
    `insert into touched (coach_id, did, kind, about) values ($1, $2, $3, $4)
     on conflict (day, coach_id, did, kind, about) do update set times = touched.times + 1, last_at = now()`,
    [coachId, did, kind, about],
  );

const touchedRow = z
  .object({
    last_at: z.date(),
    did: z.enum(dids),
    kind: z.enum(touchedKinds),
    about: z.string(),
    times: z.number(),
    coach_name: z.string(),
    about_name: z.string().nullable(),
    place: z.string(),
  })
  .transform((row) => ({
    lastAt: row.last_at.toISOString(),
    ...{ did: row.did, kind: row.kind, aboutId: row.about, times: row.times, coachName: row.coach_name },
    aboutName: row.about_name ?? undefined,
    place: row.place,
  }));

/** A piece of who looked at what and changed it, the newest first, of one thing where `aboutId` is given; `after` is the place of the last row of the piece before. */
export const listTouched = (database: Database, most: number, after?: string, aboutId?: string) =>
  readPiece(
    database,
    touchedRow,
    `with told as (
       select t.*, to_char(t.last_at at time zone 'UTC', 'YYYYMMDDHH24MISSUS') || t.about || t.coach_id || t.did as place from touched t
       where $3::uuid is null or t.about = $3)
     select t.last_at, t.did, t.kind, t.about, t.times, t.place, c.display_name as coach_name,
       case t.kind when 'student' then (select name from person where id = t.about)
         when 'film' then (select original_name from footage where id = t.about)
         when 'class' then (select title from academy_class where id = t.about)
         when 'rule-set' then (select name from house_rule_set where id = t.about)
         when 'round' then (select string_agg(q.name, ' and ' order by s.slot) from round_athlete s join person q on q.id = s.person_id where s.round_id = t.about)
       end as about_name
     from told t join coach c on c.id = t.coach_id where $1::text is null or t.place < $1 order by t.place desc limit $2`,
    [after ?? null, most + 1, aboutId ?? null],
    most,
    (row) => row.place,
  );

/** Lets go what was noted more than so many days ago. */
export const deleteOldTouches = (database: Database, days: number) =>
  runStatement(database, 'delete from touched where day < current_date - $1::int', [days]);
