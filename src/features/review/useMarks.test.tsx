import 'fake-indexeddb/auto';
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Mark } from '@/core/round';
import { addressOf } from '@/sync/marksAddress';
import { readOutbox } from '@/sync/outbox';
import { pauseAfter } from '@/sync/pace';
import { useMarks } from './useMarks';

interface Sent {
  readonly coachId: string;
  readonly changes: readonly { readonly changeId: string; readonly mark: Mark }[];
}
/** What the server does with the next requests: the last one stays. */
let answers: ((sent: Sent) => Response | Promise<Response>)[];
let requests: Sent[];
const outcomes = (sent: Sent, refuse: (mark: Mark) => boolean = () => false) =>
  Response.json({
    outcomes: sent.changes.map(({ changeId, mark }) =>
      refuse(mark)
        ? { changeId, status: 'refused', problems: [{ code: 'outside-round' }] }
        : { changeId, status: 'stored', version: 1 },
    ),
  });
const note = (text: string): Mark => ({ kind: 'note', id: crypto.randomUUID(), atSeconds: 5, note: text });

let round = 0;
const open = (coachId = 'ludo') => {
  const address = addressOf(`round-${round}`);
  return renderHook(() => useMarks(address, [], coachId));
};
const waits = async (coachId = 'ludo') =>
  (await readOutbox(`round-${round}`, coachId)).waiting.map((one) => one.mark.note);

beforeEach(() => {
  round += 1;
  requests = [];
  answers = [(sent) => outcomes(sent)];
  vi.stubGlobal('EventSource', undefined);
  vi.stubGlobal('fetch', async (_address: string, init: RequestInit) => {
    const sent = JSON.parse(String(init.body)) as Sent;
    requests.push(sent);
    const next = answers.length > 1 ? answers.shift() : answers[0];
    return next?.(sent);
  });
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
  vi.restoreAllMocks();
});
const soon = { timeout: 120_000, interval: 20 };

describe('a mark', () => {
  it('leaves the browser’s storage only when the server has answered for it', async () => {
    const strange: (() => Response)[] = [
      () => new Response('<html>', { status: 200 }),
      () => new Response('', { status: 403 }),
      () => new Response('', { status: 413 }),
    ];
    answers = [...strange, (sent) => outcomes(sent)];
    const { result } = open();
    act(() => {
      result.current.add(note('one'));
      result.current.add(note('two'));
    });
    await vi.waitFor(async () => expect(await waits()).toEqual(['one', 'two']), soon);
    await vi.waitFor(() => expect(result.current.keeping.state).toBe('strange'), soon);
    expect(await waits()).toEqual(['one', 'two']);
    await vi.waitFor(() => expect(result.current.state.pending).toEqual([]), { timeout: 40_000, interval: 50 });
    await vi.waitFor(async () => expect(await waits()).toEqual([]), soon);
    expect(result.current.keeping.state).toBe('kept');
  });

  it('that is refused takes no other along, and stays to be read after the page is opened anew', async () => {
    answers = [(sent) => outcomes(sent, (mark) => mark.note === 'bad')];
    const { result, unmount } = open();
    act(() => result.current.addAll([note('good'), note('bad'), note('fine')]));
    await vi.waitFor(() => expect(result.current.state.pending).toEqual([]), soon);
    expect(result.current.state.refusals.map((one) => one.change.mark.note)).toEqual(['bad']);
    unmount();
    const again = open();
    await vi.waitFor(() => expect(again.result.current.state.refusals).toHaveLength(1), soon);
    const [refusal] = again.result.current.state.refusals;
    act(() => again.result.current.dropRefusal(refusal!.change.changeId));
    await vi.waitFor(async () => expect((await readOutbox(`round-${round}`, 'ludo')).refused).toEqual([]), soon);
  });

  it('of which the answer tells nothing is sent again', async () => {
    answers = [(sent) => outcomes({ ...sent, changes: sent.changes.slice(0, 1) }), (sent) => outcomes(sent)];
    const { result } = open();
    act(() => result.current.addAll([note('one'), note('two'), note('three')]));
    await vi.waitFor(() => expect(result.current.state.pending).toEqual([]), soon);
    expect(requests.map((one) => one.changes.map(({ mark }) => mark.note))).toEqual([
      ['one', 'two', 'three'],
      ['two', 'three'],
    ]);
  });

  it('of one coach is never sent as another’s', async () => {
    answers = [() => Response.error()];
    const first = open('ludo');
    act(() => first.result.current.add(note('mine')));
    await vi.waitFor(async () => expect(await waits()).toEqual(['mine']), soon);
    first.unmount();
    answers = [(sent) => outcomes(sent)];
    requests = [];
    const other = open('felix');
    await vi.waitFor(() => expect(other.result.current.keeping.ofOthers).toBe(1), soon);
    act(() => other.result.current.add(note('his')));
    await vi.waitFor(() => expect(other.result.current.state.pending).toEqual([]), soon);
    expect(requests.flatMap((one) => one.changes.map(({ mark }) => [one.coachId, mark.note]))).toEqual([
      ['felix', 'his'],
    ]);
    other.unmount();
    const back = open('ludo');
    await vi.waitFor(async () => expect(await waits()).toEqual([]), soon);
    expect(requests.at(-1)).toMatchObject({ coachId: 'ludo', changes: [{ mark: { note: 'mine' } }] });
    back.unmount();
  });
});

describe('two tabs on one round', () => {
  it('send what waits once between them, one after the other', async () => {
    vi.stubGlobal('navigator', { locks: oneLock() });
    answers = [() => Response.error()];
    const first = open();
    act(() => first.result.current.addAll([note('one'), note('two')]));
    await vi.waitFor(async () => expect(await waits()).toEqual(['one', 'two']), soon);
    const second = open();
    await vi.waitFor(() => expect(second.result.current.state.pending).toHaveLength(2), soon);
    requests = [];
    answers = [(sent) => outcomes(sent)];
    for (const tab of [first, second])
      await vi.waitFor(() => expect(tab.result.current.state.pending).toEqual([]), soon);
    expect(requests.flatMap((one) => one.changes.map(({ mark }) => mark.note))).toEqual(['one', 'two']);
    expect(await waits()).toEqual([]);
  });
});

/** The browser's locks as far as they are needed here: one holder at a time. */
function oneLock() {
  let last: Promise<unknown> = Promise.resolve();
  return {
    request: (_name: string, work: () => Promise<void>) => {
      const next = last.then(work);
      last = next.catch(() => undefined);
      return next;
    },
  };
}

describe('a browser that keeps nothing', () => {
  it('is told of at once, and leaving is asked about while something waits', async () => {
    answers = [() => Response.error()];
    const real = indexedDB.open.bind(indexedDB);
    await clearStorage();
    vi.spyOn(indexedDB, 'open').mockImplementation(() => {
      throw new DOMException('denied', 'SecurityError');
    });
    const { result } = open();
    await vi.waitFor(() => expect(result.current.keeping.onlyHere).toBe(true), soon);
    act(() => result.current.add(note('only here')));
    await vi.waitFor(() => expect(result.current.state.pending).toHaveLength(1), soon);
    const leaving = new Event('beforeunload', { cancelable: true });
    window.dispatchEvent(leaving);
    expect(leaving.defaultPrevented).toBe(true);
    // It keeps again: all that waits is put by, not only what comes next.
    vi.mocked(indexedDB.open).mockImplementation(real);
    act(() => result.current.add(note('kept')));
    await vi.waitFor(async () => expect(await waits()).toEqual(['only here', 'kept']), soon);
    await vi.waitFor(() => expect(result.current.keeping.onlyHere).toBe(false), soon);
    const safe = new Event('beforeunload', { cancelable: true });
    window.dispatchEvent(safe);
    expect(safe.defaultPrevented).toBe(false);
  });
});

/** As somebody clears the browser's data in the middle of a review. */
const clearStorage = (): Promise<void> =>
  new Promise((resolve) => {
    const request = indexedDB.deleteDatabase('unhurried-owl-outbox');
    request.onsuccess = () => resolve();
    request.onerror = () => resolve();
  });

describe('the pause between two tries', () => {
  it('is short while a server comes up, grows where something says no, and keeps to what it asks for', () => {
    expect(pauseAfter(1, { kind: 'away' }, 0.5)).toBe(2000);
    expect(pauseAfter(8, { kind: 'away' }, 0.5)).toBe(2000);
    expect(pauseAfter(30, { kind: 'away' }, 0.5)).toBe(30_000);
    expect(pauseAfter(3, { kind: 'strange', status: 403 }, 0.5)).toBe(8000);
    expect(pauseAfter(1, { kind: 'too-many', afterMs: 60_000 }, 0.5)).toBe(60_000);
    expect(pauseAfter(3, { kind: 'strange', status: 403 }, 0)).toBe(6000);
    expect(pauseAfter(3, { kind: 'strange', status: 403 }, 1)).toBe(10_000);
  });
});
