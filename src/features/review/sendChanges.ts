import type { ChangeOutcome } from '@/server/marks/marksInput';
import type { PendingChange } from './reviewReducer';

export type SendResult =
  | { readonly kind: 'answered'; readonly outcomes: readonly ChangeOutcome[] }
  | { readonly kind: 'away' }
  | { readonly kind: 'signed-out' }
  | { readonly kind: 'gone' };

/** Sends changes once; an unreachable or failing server is `away`, to be tried again. */
export async function sendChanges(address: string, changes: readonly PendingChange[]): Promise<SendResult> {
  const body = JSON.stringify({
    changes: changes.map(({ changeId, mark, baseChangeId, removed }) => ({ changeId, mark, baseChangeId, removed })),
  });
  const answer = await fetch(address, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body,
  }).catch(() => undefined);
  if (!answer || answer.status >= 500) return { kind: 'away' };
  if (answer.status === 401) return { kind: 'signed-out' };
  if (answer.status === 404) return { kind: 'gone' };
  const parsed = (await answer.json().catch(() => undefined)) as { outcomes?: ChangeOutcome[] } | undefined;
  if (!answer.ok || !parsed?.outcomes) {
    return {
      kind: 'answered',
      outcomes: changes.map(({ changeId }) => ({
        changeId,
        status: 'refused' as const,
        problems: [{ code: 'not-understood' }],
      })),
    };
  }
  return { kind: 'answered', outcomes: parsed.outcomes };
}
