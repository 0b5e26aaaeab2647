import 'fake-indexeddb/auto';
import { openDB } from 'idb';
import { describe, expect, it } from 'vitest';
import type { PendingChange } from '@/session/marksState';
import { forgetWaiting, keepWaiting, noteRefused, readOutbox } from './outbox';

const change = (changeId: string, roundId: string, queuedAt = 0): PendingChange => ({
  changeId,
  roundId,
  mark: { kind: 'note', id: changeId, atSeconds: 5, note: 'שלום 🦉' },
  removed: false,
  queuedAt,
});
const idsOf = async (roundId: string, coachId = 'ludo') =>
  (await readOutbox(roundId, coachId)).waiting.map((one) => one.changeId);

describe('what waits in the page’s storage', () => {
  it('comes over from before changes had an order and an owner', async () => {
    const old = await openDB('unhurried-owl-outbox', 1, {
      upgrade: (db) => void db.createObjectStore('changes', { keyPath: 'changeId' }).createIndex('round', 'roundId'),
    });
    for (const one of [change('b', 'r0', 20), change('a', 'r0', 10)]) await old.put('changes', one);
    old.close();
    expect(await idsOf('r0')).toEqual(['a', 'b']);
  });

  it('comes back in the order in which it was made, whatever the clock says, for its own round only', async () => {
    await keepWaiting('ludo', [change('first', 'r1', 20), change('second', 'r1', 10), change('other', 'r2', 5)]);
    await keepWaiting('ludo', [change('third', 'r1', 1), change('first', 'r1', 20)]);
    expect(await idsOf('r1')).toEqual(['first', 'second', 'third']);
    expect((await readOutbox('r1', 'ludo')).waiting[0]?.mark.note).toBe('שלום 🦉');
  });

  it('is its coach’s alone: another who signs in on the machine only hears how many there are', async () => {
    expect(await readOutbox('r1', 'felix')).toEqual({ waiting: [], refused: [], ofOthers: 3 });
  });

  it('is gone when it is forgotten, and stays to be read when it was refused', async () => {
    await forgetWaiting(['first', 'never there']);
    await noteRefused('third', ['outside-round']);
    expect(await readOutbox('r1', 'ludo')).toMatchObject({
      waiting: [{ changeId: 'second' }],
      refused: [{ change: { changeId: 'third' }, codes: ['outside-round'] }],
    });
    expect(await idsOf('r3')).toEqual([]);
  });

  it('opens again when the browser’s data were cleared under it', async () => {
    await new Promise<void>((resolve, reject) => {
      const request = indexedDB.deleteDatabase('unhurried-owl-outbox');
      request.onsuccess = () => resolve();
      request.onerror = () => reject(request.error);
    });
    await keepWaiting('ludo', [change('second', 'r1'), change('fourth', 'r1')]);
    expect(await idsOf('r1')).toEqual(['second', 'fourth']);
  });
});
