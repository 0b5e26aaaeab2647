import { z } from 'zod';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';

const secondReviewRow = z
  .object({
    id: z.string(),
    round_id: z.string(),
    coach_id: z.string(),
    coach_name: z.string(),
    done_at: z.date().nullable(),
    settled: z.array(z.string()),
  })
  .transform((row) => ({
    id: row.id,
    roundId: row.round_id,
    coachId: row.coach_id,
    coachName: row.coach_name,
    doneAt: row.done_at?.toISOString(),
    settled: row.settled,
  }));
/** A review of a round by a coach who does not see the marks of the first one. */
export type SecondReview = z.output<typeof secondReviewRow>;

const select = `select s.id, s.round_id, s.coach_id, c.display_name as coach_name, s.done_at, s.settled
  from second_review s join coach c on c.id = s.coach_id`;

export const findSecondReview = (database: Database, id: string) =>
  findRow(database, secondReviewRow, `${select} where s.id = $1`, [id]);

export const listSecondReviews = (database: Database, roundId: string) =>
  listRows(database, secondReviewRow, `${select} where s.round_id = $1 order by s.begun_at, s.id`, [roundId]);

export const findOwnSecondReview = (database: Database, roundId: string, coachId: string) =>
  findRow(database, secondReviewRow, `${select} where s.round_id = $1 and s.coach_id = $2`, [roundId, coachId]);

/** Rounds whose second review this coach has begun and not ended. */
export async function listOpenSecondRoundIds(database: Database, coachId: string): Promise<string[]> {
  const rows = await listRows(
    database,
    z.object({ round_id: z.string() }),
    'select round_id from second_review where coach_id = $1 and done_at is null',
    [coachId],
  );
  return rows.map((row) => row.round_id);
}

/** Begins the second review of a coach, or finds the one that they began before. */
export async function beginSecondReview(
  database: Database,
  id: string,
  roundId: string,
  coachId: string,
): Promise<SecondReview | undefined> {
  await runStatement(
    database,
    'insert into second_review (id, round_id, coach_id) values ($1, $2, $3) on conflict (round_id, coach_id) do nothing',
    [id, roundId, coachId],
  );
  return findOwnSecondReview(database, roundId, coachId);
}

/** Ends it: from here on its marks are compared and do not change. 0 rows when it is done or another's. */
export const endSecondReview = (database: Database, id: string, coachId: string) =>
  runStatement(
    database,
    'update second_review set done_at = now() where id = $1 and coach_id = $2 and done_at is null',
    [id, coachId],
  );

/** Notes that a difference was talked over and stays as it is. */
export const settleDifference = (database: Database, id: string, key: string) =>
  runStatement(
    database,
    'update second_review set settled = settled || to_jsonb($2::text) where id = $1 and done_at is not null and not settled ? $2',
    [id, key],
  );

/** The newest second reviews that are done, newest first, with the day on which they were. */
export const listDoneSecondReviews = (database: Database, most: number) =>
  listRows(
    database,
    z
      .object({ id: z.string(), round_id: z.string(), coach_name: z.string(), done_on: z.string() })
      .transform((row) => ({ id: row.id, roundId: row.round_id, coachName: row.coach_name, doneOn: row.done_on })),
    `select s.id, s.round_id, c.display_name as coach_name, s.done_at::date::text as done_on from second_review s
     join coach c on c.id = s.coach_id where s.done_at is not null order by s.done_at desc, s.id limit $1`,
    [most],
  );
