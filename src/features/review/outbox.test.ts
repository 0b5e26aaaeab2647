import 'fake-indexeddb/auto';
import { describe, expect, it } from 'vitest';
import { forgetWaiting, keepWaiting, listWaiting } from './outbox';
import type { PendingChange } from './reviewReducer';

const change = (changeId: string, roundId: string, queuedAt: number): PendingChange => ({
  changeId,
  roundId,
  mark: { kind: 'note', id: changeId, atSeconds: 5, note: 'שלום 🦉' },
  removed: false,
  queuedAt,
});

describe('what waits in the page’s storage', () => {
  it('comes back in the order in which it was made, for its own round only', async () => {
    await keepWaiting([change('late', 'r1', 20), change('early', 'r1', 10), change('other', 'r2', 5)]);
    expect((await listWaiting('r1')).map((one) => one.changeId)).toEqual(['early', 'late']);
    expect((await listWaiting('r1'))[0]?.mark.note).toBe('שלום 🦉');
  });

  it('is kept once when it is kept twice, and gone when it is forgotten', async () => {
    await keepWaiting([change('early', 'r1', 10)]);
    await forgetWaiting(['early', 'never there']);
    expect((await listWaiting('r1')).map((one) => one.changeId)).toEqual(['late']);
    expect(await listWaiting('r3')).toEqual([]);
  });
});
