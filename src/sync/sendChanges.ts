import { z } from 'zod';
import type { Mark } from '@/core/round';
import type { ChangeOutcome } from '@/server/marks/marksInput';
import type { PendingChange } from '@/session/marksState';

/** Why changes wait: only an outcome of the server's for a change takes it out of the outbox, and there was none. */
export type WaitReason =
  /** Nobody answered, or not in time, or the server said that it is in trouble. */
  | { readonly kind: 'away' }
  | { readonly kind: 'signed-out' }
  /** The round, or the second review, is not there any more. */
  | { readonly kind: 'gone' }
  /** Another coach is signed in in this browser now. */
  | { readonly kind: 'other-coach' }
  /** Something on the way does not let so much through at once. */
  | { readonly kind: 'too-large' }
  | { readonly kind: 'too-many'; readonly afterMs?: number }
  /** An answer that is none of our server's: a proxy's page, a sign-in of somebody's network, an old or new program. */
  | { readonly kind: 'strange'; readonly status: number };

export type SendResult = { readonly kind: 'answered'; readonly outcomes: readonly ChangeOutcome[] } | WaitReason;

/** Longer than any answer of a server that lives. */
const MOST_MS = 15_000;

const outcomeShape = z.discriminatedUnion('status', [
  z.object({ changeId: z.uuid(), status: z.literal('stored'), version: z.number() }),
  z.object({
    changeId: z.uuid(),
    status: z.literal('conflict'),
    current: z.object({
      mark: z.custom<Mark>((value) => typeof value === 'object' && value !== null && 'kind' in value && 'id' in value),
      changeId: z.uuid(),
      removed: z.boolean(),
      by: z.string().optional(),
    }),
  }),
  z.object({
    changeId: z.uuid(),
    status: z.literal('refused'),
    problems: z.array(z.looseObject({ code: z.string() })).min(1),
  }),
]);
const answerShape = z.object({ outcomes: z.array(z.unknown()) });
const refusalShape = z.object({ code: z.string() });

/**
 * Sends changes once. Whatever is not an outcome for a change that was sent counts as no answer for it: an answer that is cut in the middle, a proxy's
 * page with status 200, a limit of somebody's network lose nothing.
 */
export async function sendChanges(
  address: string,
  coachId: string,
  changes: readonly PendingChange[],
): Promise<SendResult> {
  const body = JSON.stringify({
    coachId,
    changes: changes.map(({ changeId, mark, baseChangeId, removed }) => ({ changeId, mark, baseChangeId, removed })),
  });
  let answer: Response;
  let json: unknown;
  try {
    answer = await fetch(address, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body,
      signal: AbortSignal.timeout(MOST_MS),
    });
    json = await answer.json().catch(() => undefined);
  } catch {
    return { kind: 'away' };
  }
  if (answer.status === 200) {
    const parsed = answerShape.safeParse(json);
    if (!parsed.success) return { kind: 'strange', status: 200 };
    const sent = new Set(changes.map((one) => one.changeId));
    const outcomes = parsed.data.outcomes.flatMap((one) => outcomeShape.safeParse(one).data ?? []);
    return { kind: 'answered', outcomes: outcomes.filter((one) => sent.has(one.changeId)) };
  }
  return waitReason(answer, refusalShape.safeParse(json).data?.code);
}

function waitReason({ status, headers }: Response, code: string | undefined): WaitReason {
  // Only our own server names its reason; the same number from somebody else means something else.
  if (status === 401 && code === 'signed-out') return { kind: 'signed-out' };
  if (status === 404 && code === 'no-such-round') return { kind: 'gone' };
  if (status === 403 && code === 'other-coach') return { kind: 'other-coach' };
  if (status === 413) return { kind: 'too-large' };
  if (status === 429) {
    const seconds = Number(headers.get('retry-after') ?? Number.NaN);
    return { kind: 'too-many', afterMs: Number.isFinite(seconds) ? seconds * 1000 : undefined };
  }
  return status >= 500 ? { kind: 'away' } : { kind: 'strange', status };
}
