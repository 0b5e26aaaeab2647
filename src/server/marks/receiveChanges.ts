import { fail, type Result, succeed } from '@/core/kernel';
import { pool } from '@/data/client';
import { findRound } from '@/data/rounds/rounds';
import { isUuid } from '../kernel/isUuid';
import { applyChanges } from './applyChanges';
import { type ChangeOutcome, changesInput } from './marksInput';

/** Reads the body of a request for changes and applies it. */
export async function receiveChanges(
  roundId: string,
  text: string,
  coachId: string,
): Promise<Result<ChangeOutcome[], { status: number; code: string }>> {
  const round = isUuid(roundId) ? await findRound(pool(), roundId) : undefined;
  if (!round) return fail({ status: 404, code: 'no-such-round' });
  let body: unknown;
  try {
    body = JSON.parse(text);
  } catch {
    return fail({ status: 400, code: 'not-json' });
  }
  const input = changesInput.safeParse(body);
  if (!input.success) return fail({ status: 400, code: 'not-understood' });
  return succeed(await applyChanges(pool(), round, input.data.changes, coachId));
}
