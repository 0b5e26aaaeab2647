import { z } from 'zod';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';
import { type ReviewContent, reviewContentShape } from './reviewContent';

const signedRow = z
  .object({
    id: z.string(),
    round_id: z.string(),
    slot: z.enum(['a', 'b']),
    version: z.number(),
    content: reviewContentShape,
    signed_by_name: z.string().nullable(),
    signed_at: z.date(),
  })
  .transform((row) => ({
    id: row.id,
    roundId: row.round_id,
    slot: row.slot,
    version: row.version,
    content: row.content,
    signedByName: row.signed_by_name ?? undefined,
    signedAt: row.signed_at.toISOString(),
  }));
export type SignedReview = z.output<typeof signedRow>;

const select = `select s.id, s.round_id, s.slot, s.version, s.content, c.display_name as signed_by_name, s.signed_at
  from signed_review s left join coach c on c.id = s.signed_by`;

/** Every version of the review of one athlete of a round, newest first. */
export const listSignedReviews = (database: Database, roundId: string, slot: 'a' | 'b') =>
  listRows(database, signedRow, `${select} where s.round_id = $1 and s.slot = $2 order by s.version desc`, [
    roundId,
    slot,
  ]);

export const findSignedReview = (database: Database, id: string) =>
  findRow(database, signedRow, `${select} where s.id = $1`, [id]);

/** The version of the latest signing; 0 before the first. */
export async function latestSignedVersion(database: Database, roundId: string, slot: 'a' | 'b'): Promise<number> {
  const row = await findRow(
    database,
    z.object({ version: z.number() }),
    'select coalesce(max(version), 0)::int as version from signed_review where round_id = $1 and slot = $2',
    [roundId, slot],
  );
  return row?.version ?? 0;
}

/** Keeps a signing as the next version; 0 rows when somebody else signed that version first. */
export const insertSignedReview = (
  database: Database,
  review: {
    readonly id: string;
    readonly roundId: string;
    readonly slot: 'a' | 'b';
    readonly version: number;
    readonly content: ReviewContent;
  },
  coachId: string | undefined,
) =>
  runStatement(
    database,
    `insert into signed_review (id, round_id, slot, version, content, signed_by) values ($1, $2, $3, $4, $5, $6)
     on conflict (round_id, slot, version) do nothing`,
    [review.id, review.roundId, review.slot, review.version, JSON.stringify(review.content), coachId ?? null],
  );

const earlierRow = signedRow.in
  .extend({ person_id: z.string(), held_on: z.string() })
  .transform(({ person_id, held_on, ...row }) => ({ ...signedRow.parse(row), personId: person_id, heldOn: held_on }));

/** The latest signing before a round's day of the earlier rounds of these people, newest rounds first: what was signed on that day or later, nobody could have done in it. */
export const listEarlierReviews = (
  database: Database,
  personIds: readonly string[],
  before: { readonly roundId: string; readonly heldOn: string; readonly numberInSession: number },
  most = 12,
) =>
  listRows(
    database,
    earlierRow,
    `select distinct on (r.held_on, r.number_in_session, s.round_id, s.slot) s.id, s.round_id, s.slot, s.version, s.content,
       c.display_name as signed_by_name, s.signed_at, a.person_id, r.held_on::text as held_on
     from signed_review s
       join round r on r.id = s.round_id
       join round_athlete a on a.round_id = s.round_id and a.slot = s.slot
       left join coach c on c.id = s.signed_by
     where a.person_id = any($1::uuid[]) and s.round_id <> $2 and (r.held_on, r.number_in_session) < ($3::date, $4::int)
       and s.signed_at::date < $3::date
     order by r.held_on desc, r.number_in_session desc, s.round_id, s.slot, s.version desc limit $5`,
    [personIds, before.roundId, before.heldOn, before.numberInSession, most],
  );

const reviewOfRow = z
  .object({
    id: z.string(),
    round_id: z.string(),
    slot: z.enum(['a', 'b']),
    held_on: z.string(),
    partner: z.string(),
    content: reviewContentShape,
    signed_by_name: z.string().nullable(),
  })
  .transform((row) => ({
    id: row.id,
    roundId: row.round_id,
    slot: row.slot,
    heldOn: row.held_on,
    partner: row.partner,
    content: row.content,
    signedByName: row.signed_by_name ?? undefined,
  }));
/** A signed review of somebody, as it was signed last. */
export type ReviewOf = z.output<typeof reviewOfRow>;

/** The reviews of somebody's newest rounds, each as it was signed last. */
export const listReviewsOf = (database: Database, personId: string, most: number) =>
  listRows(
    database,
    reviewOfRow,
    `select distinct on (r.held_on, r.number_in_session, s.round_id) s.id, s.round_id, s.slot, r.held_on::text as held_on, p.name as partner,
       s.content, c.display_name as signed_by_name
     from signed_review s
       join round_athlete a on a.round_id = s.round_id and a.slot = s.slot
       join round r on r.id = s.round_id
       join round_athlete o on o.round_id = s.round_id and o.slot <> s.slot join person p on p.id = o.person_id
       left join coach c on c.id = s.signed_by
     where a.person_id = $1
     order by r.held_on desc, r.number_in_session desc, s.round_id, s.version desc limit $2`,
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

/** Homework of people's reviews as they were signed last, since a day, oldest first; days in the academy's own zone. */
export const listHomeworkOf = (database: Database, personIds: readonly string[], since: string, timeZone: string) =>
  listRows(
    database,
    homeworkRow,
    `select s.person_id, point ->> 'errorId' as error_id, point ->> 'drillId' as drill_id, point ->> 'homework' as homework, s.day
     from (select distinct on (x.round_id, x.slot) a.person_id, x.content, (x.signed_at at time zone $3)::date as day from signed_review x
       join round_athlete a on a.round_id = x.round_id and a.slot = x.slot where a.person_id = any($1::uuid[]) order by x.round_id, x.slot, x.version desc) s
     cross join lateral jsonb_array_elements(s.content -> 'points') as point
     where s.day >= $2 and point ->> 'homework' <> '' order by s.day`,
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
     from (select distinct on (x.round_id, x.slot) x.content, (x.signed_at at time zone $3)::date as day from signed_review x
       join round_athlete a on a.round_id = x.round_id and a.slot = x.slot where a.person_id = $1 order by x.round_id, x.slot, x.version desc) s
     where s.day >= $2 and s.content -> 'points' -> 0 ->> 'errorId' is not null order by s.day`,
    [personId, since, timeZone],
  );
