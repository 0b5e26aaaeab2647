import { z } from 'zod';
import type { Database } from '../client';
import { listRows } from '../rows';

const dueRow = z
  .object({
    review_id: z.string(),
    place: z.number(),
    person_id: z.string(),
    name: z.string(),
    email: z.string(),
    title: z.string(),
    homework: z.string(),
  })
  .transform((row) => ({
    reviewId: row.review_id,
    place: row.place,
    person: { id: row.person_id, name: row.name, email: row.email },
    title: row.title,
    homework: row.homework,
  }));

/** Homework of reviews that are shared, looked at on a day, of people with an address who have not ticked it. */
export const listHomeworkDue = (database: Database, day: string) =>
  listRows(
    database,
    dueRow,
    `select s.id as review_id, (p.place - 1)::int as place, n.id as person_id, n.name, n.email, p.point ->> 'title' as title, p.point ->> 'homework' as homework
     from latest_review s join closing_about a on a.closing_id = s.closing_id join person n on n.id = a.person_id
       cross join lateral jsonb_array_elements(s.content -> 'points') with ordinality as p (point, place)
     where p.point ->> 'homeworkDue' = $1 and p.point ->> 'homework' <> '' and n.email <> ''
       and exists (select 1 from share_link l where l.closing_id = s.closing_id and l.revoked_at is null and l.expires_at > now())
       and not exists (select 1 from student_answer x where x.review_id = s.id and x.kind = 'homework' and x.place = p.place - 1 and x.is_done)
     order by n.id, s.id, p.place`,
    [day],
  );

const waitingRow = z
  .object({ review_id: z.string(), person_id: z.string(), name: z.string(), email: z.string(), text: z.string() })
  .transform((row) => ({
    reviewId: row.review_id,
    person: { id: row.person_id, name: row.name, email: row.email },
    text: row.text,
  }));

/** The first question of each shared review that was signed so many days ago or earlier and of which no question is answered. */
export const listQuestionsWaiting = (database: Database, days: number) =>
  listRows(
    database,
    waitingRow,
    `select s.id as review_id, n.id as person_id, n.name, n.email, s.content -> 'questions' -> 0 ->> 'text' as text
     from latest_review s join closing_about a on a.closing_id = s.closing_id join person n on n.id = a.person_id
     where s.content -> 'questions' -> 0 ->> 'text' is not null and n.email <> '' and s.signed_at < now() - $1 * interval '1 day'
       and exists (select 1 from share_link l where l.closing_id = s.closing_id and l.revoked_at is null and l.expires_at > now())
       and not exists (select 1 from student_answer x where x.review_id = s.id and x.kind = 'question')
     order by n.id, s.id`,
    [days],
  );
