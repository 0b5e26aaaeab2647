import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { PendingChange } from '@/session/marksState';
import { sendChanges } from './sendChanges';

const ids = [
  '0b0c0f5e-7f1c-4d5e-9d5a-000000000001',
  '0b0c0f5e-7f1c-4d5e-9d5a-000000000002',
  '0b0c0f5e-7f1c-4d5e-9d5a-000000000003',
];
const changes: PendingChange[] = ids.map((changeId) => ({
  changeId,
  roundId: 'r',
  mark: { kind: 'note', id: changeId, atSeconds: 1, note: 'x' },
  removed: false,
  queuedAt: 0,
}));
const stored = (changeId: string) => ({ changeId, status: 'stored', version: 1 });
const fetched = vi.fn();
const answer = (status: number, body: unknown, headers: Record<string, string> = {}) =>
  fetched.mockResolvedValueOnce(
    new Response(typeof body === 'string' ? body : JSON.stringify(body), { status, headers }),
  );
const send = () => sendChanges('/marks', 'coach', changes);

beforeEach(() => vi.stubGlobal('fetch', fetched));
afterEach(() => vi.unstubAllGlobals());

describe('an answer to changes', () => {
  it('counts for each change by its id, and for nothing that was not sent', async () => {
    answer(200, {
      outcomes: [
        stored(ids[0]!),
        { changeId: ids[1], status: 'refused', problems: [{ code: 'empty-note' }] },
        stored('0b0c0f5e-7f1c-4d5e-9d5a-00000000000f'),
      ],
    });
    expect(await send()).toMatchObject({ kind: 'answered', outcomes: [{ status: 'stored' }, { status: 'refused' }] });
  });

  it('that is cut, malformed or somebody else’s counts for none', async () => {
    const whole = JSON.stringify({ outcomes: ids.map(stored) });
    answer(200, whole.slice(0, whole.length - 20));
    expect(await send()).toEqual({ kind: 'strange', status: 200 });
    answer(200, '<html>Welcome to the guest network</html>');
    expect(await send()).toEqual({ kind: 'strange', status: 200 });
    answer(200, {
      outcomes: [
        { changeId: ids[0], status: 'stored' },
        { changeId: ids[1], status: 'refused', problems: [] },
        'x',
        null,
      ],
    });
    expect(await send()).toEqual({ kind: 'answered', outcomes: [] });
  });

  it('that says no keeps everything, with the reason', async () => {
    for (const [status, body, kind] of [
      [400, { code: 'not-understood' }, 'strange'],
      [401, { code: 'signed-out' }, 'signed-out'],
      [401, 'proxy sign-in', 'strange'],
      [403, '<html>forbidden</html>', 'strange'],
      [403, { code: 'other-coach' }, 'other-coach'],
      [404, { code: 'no-such-round' }, 'gone'],
      [404, 'not here', 'strange'],
      [413, '', 'too-large'],
      [500, '', 'away'],
      [503, { code: 'database-away' }, 'away'],
    ] as const) {
      answer(status, body);
      expect((await send()).kind, `${status} ${JSON.stringify(body)}`).toBe(kind);
    }
    answer(429, '', { 'retry-after': '7' });
    expect(await send()).toEqual({ kind: 'too-many', afterMs: 7000 });
    fetched.mockRejectedValueOnce(new DOMException('too late', 'TimeoutError'));
    expect(await send()).toEqual({ kind: 'away' });
  });

  it('is waited for no longer than a server that lives takes', async () => {
    answer(200, { outcomes: [] });
    await send();
    expect(fetched.mock.calls.at(-1)?.[1].signal).toBeInstanceOf(AbortSignal);
    expect(JSON.parse(fetched.mock.calls.at(-1)?.[1].body).coachId).toBe('coach');
  });
});
