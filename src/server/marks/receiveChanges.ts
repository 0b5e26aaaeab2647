import type { z } from 'zod';
import { fail, type Result, succeed } from '@/core/kernel';
import { pool } from '@/data/client';
import { isOwnerGone } from '../kernel/dataError';
import { applyChanges } from './applyChanges';
import { type ChangeOutcome, changeInput, changesInput, type MarkChange, namedChange } from './marksInput';
import { findMarksPlace } from './marksPlace';

/**
 * Reads the body of a request for changes and applies it; `secondReviewId` for those of a second review. Every change that bears an id is answered by
 * that id; one without is no change of any page of ours and gets no answer.
 */
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
  const envelope = changesInput.safeParse(body);
  if (!envelope.success) return fail({ status: 400, code: 'not-understood' });
  // A page of one coach, in a browser where another has signed in since: what it sends is not the other's.
  if (envelope.data.coachId !== undefined && envelope.data.coachId !== coachId)
    return fail({ status: 403, code: 'other-coach' });
  const read = envelope.data.changes.map(readChange);
  if (read.every((one) => one === undefined)) return fail({ status: 400, code: 'not-understood' });
  const understood = read.flatMap((one) => (one && 'change' in one ? one.change : []));
  const outcomes = await applyChanges(pool(), place, understood, coachId).catch((error: unknown) => {
    if (isOwnerGone(error)) return undefined;
    throw error;
  });
  // Somebody removed the round while its marks were on their way.
  if (!outcomes) return fail({ status: 404, code: 'no-such-round' });
  const applied = new Map(outcomes.map((outcome) => [outcome.changeId, outcome]));
  return succeed(
    read.flatMap((one) => {
      if (!one) return [];
      return 'refused' in one ? one.refused : (applied.get(one.change.changeId) ?? []);
    }),
  );
}

function readChange(raw: unknown): { change: MarkChange } | { refused: ChangeOutcome } | undefined {
  const named = namedChange.safeParse(raw);
  if (!named.success) return undefined;
  const { changeId } = named.data;
  const change = changeInput.safeParse(raw);
  if (change.success) return { change: change.data };
  return { refused: { changeId, status: 'refused', problems: problemsOf(change.error) } };
}

/** What is wrong with a change in the codes that pages know, each once, with the place where it is. */
function problemsOf(error: z.ZodError): { code: string; where: string }[] {
  const problems = new Map<string, { code: string; where: string }>();
  for (const issue of error.issues) {
    const own = issue.code === 'custom' && typeof issue.params?.code === 'string' ? issue.params.code : undefined;
    const code = own ?? 'not-understood';
    if (!problems.has(code)) problems.set(code, { code, where: issue.path.join('.') });
  }
  return [...problems.values()];
}
