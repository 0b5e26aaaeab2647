import { z } from 'zod';
import type { Database } from '../client';
import { findRow, listRows, runStatement } from '../rows';

/** Adds to the time that a coach was at a round. */
export const addReviewTime = (database: Database, roundId: string, coachId: string, seconds: number) =>
  runStatement(
    database,
    `insert into review_time (round_id, coach_id, seconds) values ($1, $2, $3)
     on conflict (round_id, coach_id) do update set seconds = review_time.seconds + excluded.seconds, last_on = current_date`,
    [roundId, coachId, seconds],
  );

const reviewTimeRow = z
  .object({ round_id: z.string(), seconds: z.number(), round_seconds: z.number() })
  .transform((row) => ({ roundId: row.round_id, reviewSeconds: row.seconds, liveSeconds: row.round_seconds }));

/** The rounds that a coach reviewed and marked lately, with the time it took; latest first. */
export const listReviewTimes = (database: Database, coachId: string, most = 40) =>
  listRows(
    database,
    reviewTimeRow,
    `select t.round_id, t.seconds, r.end_seconds - r.start_seconds as round_seconds from review_time t join round r on r.id = t.round_id
     where t.coach_id = $1 and (select count(*) from mark m where m.round_id = r.id and m.deleted_at is null) >= 5
     order by t.last_on desc, t.round_id limit $2`,
    [coachId, most],
  );

/** How long a coach was at a round so far, in seconds. */
export async function findReviewSeconds(database: Database, roundId: string, coachId: string): Promise<number> {
  const row = await findRow(
    database,
    z.object({ seconds: z.number() }),
    'select seconds from review_time where round_id = $1 and coach_id = $2',
    [roundId, coachId],
  );
  return row?.seconds ?? 0;
}
