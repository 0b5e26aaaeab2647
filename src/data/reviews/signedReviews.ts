import { z } from 'zod';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';
import { type ClosingAbout, findClosingId, putClosing } from './closings';
import { reviewContentShape } from './reviewContent';

const signedRow = z
  .object({
    id: z.string(),
    closing_id: z.string(),
    version: z.number(),
    content: reviewContentShape,
    signed_by_name: z.string().nullable(),
    signed_at: z.date(),
  })
  .transform((row) => ({
    id: row.id,
    closingId: row.closing_id,
    version: row.version,
    content: row.content,
    signedByName: row.signed_by_name ?? undefined,
    signedAt: row.signed_at.toISOString(),
  }));
export type SignedReview = z.output<typeof signedRow>;

const columns = 's.id, s.closing_id, s.version, s.content, c.display_name as signed_by_name, s.signed_at';
const select = `select ${columns} from signed_review s left join coach c on c.id = s.signed_by`;

/** Every version of a closing, newest first. */
export const listVersions = (database: Database, closingId: string) =>
  listRows(database, signedRow, `${select} where s.closing_id = $1 order by s.version desc`, [closingId]);

/** Every version of what was signed about this, newest first; empty while nothing is. */
export async function listSignedReviews(database: Database, about: ClosingAbout): Promise<SignedReview[]> {
  const closingId = await findClosingId(database, about);
  return closingId ? listVersions(database, closingId) : [];
}

export const findSignedReview = (database: Database, id: string) =>
  findRow(database, signedRow, `${select} where s.id = $1`, [id]);

/** What holds of a closing. */
export const findLatestReview = (database: Database, closingId: string) =>
  findRow(database, signedRow, `${select} where s.closing_id = $1 order by s.version desc limit 1`, [closingId]);

/** Keeps a signing as the next version; 0 rows when somebody else signed that version first. */
export async function insertSignedReview(
  database: Database,
  review: {
    readonly id: string;
    readonly about: ClosingAbout;
    readonly version: number;
    readonly content: z.input<typeof reviewContentShape>;
  },
  coachId: string | undefined,
): Promise<number> {
  const closingId = await putClosing(database, review.about);
  return runStatement(
    database,
    `insert into signed_review (id, closing_id, version, content, signed_by) values ($1, $2, $3, $4, $5)
     on conflict (closing_id, version) do nothing`,
    [review.id, closingId, review.version, JSON.stringify(review.content), coachId ?? null],
  );
}

const aboutWhom = z.object({ person_id: z.string(), round_id: z.string().nullable(), held_on: z.string() });
const earlierRow = z.intersection(aboutWhom, signedRow).transform(({ person_id, round_id, held_on, ...row }) => ({
  ...row,
  ...{ personId: person_id, roundId: round_id ?? undefined, heldOn: held_on },
}));

/** What holds of the closings of these people up to a round and signed before its day, newest first: what was signed on that day or later, nobody could have done in it. */
export const listEarlierReviews = (
  database: Database,
  personIds: readonly string[],
  before: { readonly roundId: string; readonly heldOn: string; readonly numberInSession: number },
  most = 12,
) =>
  listRows(
    database,
    earlierRow,
    `select ${columns}, a.person_id, a.round_id, a.last_day::text as held_on
     from latest_review s join closing_about a on a.closing_id = s.closing_id left join coach c on c.id = s.signed_by
     where a.person_id = any($1::uuid[]) and a.round_id is distinct from $2 and (a.last_day, a.place) < ($3::date, $4::int)
       and s.signed_at::date < $3::date
     order by a.last_day desc, a.place desc, s.closing_id limit $5`,
    [personIds, before.roundId, before.heldOn, before.numberInSession, most],
  );

const reviewOfRow = z
  .object({
    id: z.string(),
    closing_id: z.string(),
    kind: z.enum(['round', 'days', 'academy']),
    round_id: z.string().nullable(),
    slot: z.enum(['a', 'b']).nullable(),
    first_day: z.string(),
    held_on: z.string(),
    partner: z.string().nullable(),
    content: reviewContentShape,
    signed_by_name: z.string().nullable(),
  })
  .transform((row) => ({
    id: row.id,
    closingId: row.closing_id,
    kind: row.kind,
    roundId: row.round_id ?? undefined,
    slot: row.slot ?? undefined,
    firstDay: row.first_day,
    heldOn: row.held_on,
    /** Of a review of one round. */
    partner: row.partner ?? undefined,
    content: row.content,
    signedByName: row.signed_by_name ?? undefined,
  }));
/** A signed review of somebody, as it was signed last. */
export type ReviewOf = z.output<typeof reviewOfRow>;

/** What holds of somebody's newest closings. */
export const listReviewsOf = (database: Database, personId: string, most: number) =>
  listRows(
    database,
    reviewOfRow,
    `select s.id, s.closing_id, a.kind, a.round_id, a.slot, a.first_day::text as first_day, a.last_day::text as held_on, p.name as partner, s.content,
       c.display_name as signed_by_name
     from closing_about a
       join latest_review s on s.closing_id = a.closing_id
       left join round_athlete o on o.round_id = a.round_id and o.slot <> a.slot left join person p on p.id = o.person_id
       left join coach c on c.id = s.signed_by
     where a.person_id = $1
     order by a.last_day desc, a.place desc, s.id limit $2`,
    [personId, most],
  );

const homeworkRow = z
  .object({
    ...{ person_id: z.string(), error_id: z.string(), drill_id: z.string().nullable() },
    ...{ homework: z.string(), day: z.string() },
  })
  .transform((row) => ({
    personId: row.person_id,
    errorId: row.error_id,
    drillId: row.drill_id ?? undefined,
    homework: row.homework,
    day: row.day,
  }));

/** Homework against errors of people's reviews as they were signed last, but what they say they did not do, since a day, oldest first; days in the academy's own zone. */
export const listHomeworkOf = (database: Database, personIds: readonly string[], since: string, timeZone: string) =>
  listRows(
    database,
    homeworkRow,
    `select s.person_id, point ->> 'errorId' as error_id, point ->> 'drillId' as drill_id, point ->> 'homework' as homework, s.day
     from (select a.person_id, x.id, x.content, (x.signed_at at time zone $3)::date as day from closing_about a
       join latest_review x on x.closing_id = a.closing_id where a.person_id = any($1::uuid[])) s
     cross join lateral jsonb_array_elements(s.content -> 'points') with ordinality as p (point, place)
     where s.day >= $2 and point ->> 'homework' <> '' and point ->> 'errorId' is not null
       and not exists (select 1 from student_answer n where n.review_id = s.id and n.kind = 'homework' and n.place = p.place - 1 and not n.is_done)
     order by s.day`,
    [personIds, since, timeZone],
  );

export const listHomework = (database: Database, personId: string, since: string, timeZone: string) =>
  listHomeworkOf(database, [personId], since, timeZone);

const firstPointRow = z
  .object({ error_id: z.string(), drill_id: z.string().nullable(), day: z.string() })
  .transform((row) => ({ errorId: row.error_id, drillId: row.drill_id ?? undefined, day: row.day }));

/** The first points of somebody's reviews as they were signed last, since a day, oldest first; days in the academy's own zone. */
export const listFirstPoints = (database: Database, personId: string, since: string, timeZone: string) =>
  listRows(
    database,
    firstPointRow,
    `select s.content -> 'points' -> 0 ->> 'errorId' as error_id, s.content -> 'points' -> 0 ->> 'drillId' as drill_id, s.day::text as day
     from (select x.content, (x.signed_at at time zone $3)::date as day from closing_about a
       join latest_review x on x.closing_id = a.closing_id where a.person_id = $1) s
     where s.day >= $2 and s.content -> 'points' -> 0 ->> 'errorId' is not null order by s.day`,
    [personId, since, timeZone],
  );
