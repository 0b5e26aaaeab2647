import { fail, type Result, succeed } from '@/core/kernel';
import { pool } from '@/data/client';
import { applyChanges } from './applyChanges';
import { type ChangeOutcome, changesInput } from './marksInput';
import { findMarksPlace } from './marksPlace';

/** Reads the body of a request for changes and applies it; `secondReviewId` for those of a second review. */
export async function receiveChanges(
  roundId: string,
  text: string,
  coachId: string,
  secondReviewId: string | null = null,
): Promise<Result<ChangeOutcome[], { status: number; code: string }>> {
  const place = await findMarksPlace(roundId, secondReviewId, coachId);
  if (!place) return fail({ status: 404, code: 'no-such-round' });
  let body: unknown;
  try {
    body = JSON.parse(text);
  } catch {
    return fail({ status: 400, code: 'not-json' });
  }
  const input = changesInput.safeParse(body);
  if (!input.success) return fail({ status: 400, code: 'not-understood' });
  return succeed(await applyChanges(pool(), place, input.data.changes, coachId));
}
