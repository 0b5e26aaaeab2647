// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { listenForMarks } from './liveLine';
import type { MarksAddress } from './marksAddress';

/** A line to the server that a test holds in its hand. */
class Line extends EventTarget {
  static readonly CLOSED = 2;
  static open: Line[] = [];
  readyState = 1;
  constructor(readonly url: string) {
    super();
    Line.open.push(this);
  }
  close() {
    this.readyState = Line.CLOSED;
    Line.open = Line.open.filter((one) => one !== this);
  }
  hear(kind: string) {
    this.dispatchEvent(new Event(kind));
  }
}

const address: MarksAddress = { scopeId: 'r', marks: '/marks', live: '/live' };
const answer = (...ids: string[]) => ({
  ok: true,
  json: async () => ({ marks: ids.map((id) => ({ mark: { kind: 'note', id, atSeconds: 1 }, changeId: `c-${id}` })) }),
});
let shown: 'visible' | 'hidden';
const show = (state: typeof shown) => {
  shown = state;
  document.dispatchEvent(new Event('visibilitychange'));
};
const later = (ms: number) => vi.advanceTimersByTimeAsync(ms);

const ends: (() => void)[] = [];
function listen(quietSince: () => number | undefined = () => 0) {
  const taken: string[][] = [];
  const take = (stored: readonly { mark: { id: string } }[]) => taken.push(stored.map((one) => one.mark.id));
  const unmount = listenForMarks(address, quietSince, take);
  ends.push(unmount);
  return { taken, unmount };
}

describe('hearing what others mark', () => {
  const fetched = vi.fn();
  beforeEach(() => {
    vi.useFakeTimers();
    Line.open = [];
    shown = 'visible';
    vi.stubGlobal('EventSource', Line);
    vi.stubGlobal('fetch', fetched);
    vi.spyOn(document, 'visibilityState', 'get').mockImplementation(() => shown);
    fetched.mockReset().mockResolvedValue(answer('a', 'b'));
  });
  afterEach(() => {
    for (const end of ends.splice(0)) end();
    vi.useRealTimers();
    vi.unstubAllGlobals();
    vi.restoreAllMocks();
  });
  const hear = (kind: string) => Line.open[0]!.hear(kind);

  it('asks for the marks once when several changes come together', async () => {
    const { taken } = listen();
    hear('changed');
    hear('changed');
    await later(500);
    expect(fetched).toHaveBeenCalledTimes(1);
    expect(taken).toEqual([['a', 'b']]);
  });
  it('waits until nothing of one’s own is on its way', async () => {
    let quiet: number | undefined;
    const { taken } = listen(() => quiet);
    hear('changed');
    await later(2000);
    expect(taken).toEqual([]);
    quiet = 3;
    await later(500);
    expect(taken).toEqual([['a', 'b']]);
  });
  it('asks again when something was marked while the answer was on its way', async () => {
    let changes = 0;
    fetched.mockImplementationOnce(async () => {
      changes += 1;
      return answer('old');
    });
    const { taken } = listen(() => changes);
    hear('changed');
    await later(1000);
    expect(fetched).toHaveBeenCalledTimes(2);
    expect(taken).toEqual([['a', 'b']]);
  });
  it('asks after a line that stands again, not after the first one', async () => {
    const { taken } = listen();
    hear('open');
    await later(500);
    expect(taken).toEqual([]);
    hear('open');
    await later(500);
    expect(taken).toEqual([['a', 'b']]);
  });
  it('takes nothing from an answer that is none', async () => {
    const { taken } = listen();
    for (const wrong of [{ ok: false }, { ok: true, json: async () => ({ marks: 'nonsense' }) }]) {
      fetched.mockResolvedValueOnce(wrong);
      hear('changed');
      await later(500);
    }
    fetched.mockRejectedValueOnce(new Error('away'));
    hear('changed');
    await later(500);
    expect(taken).toEqual([]);
  });
  it('gives its line back while nobody looks, and catches up afterwards', async () => {
    const { taken } = listen();
    hear('open');
    show('hidden');
    expect(Line.open).toEqual([]);
    show('visible');
    expect(Line.open.length).toBe(1);
    hear('open');
    await later(500);
    expect(taken).toEqual([['a', 'b']]);
  });
  it('calls again after an answer that ended the line for good', async () => {
    listen();
    const [first] = Line.open;
    first!.readyState = Line.CLOSED;
    first!.hear('error');
    await later(3100);
    expect(Line.open.length).toBe(1);
    expect(Line.open[0]).not.toBe(first);
    // A line that the browser takes up again by itself is left to it.
    Line.open[0]!.hear('error');
    const [second] = Line.open;
    await later(3100);
    expect(Line.open[0]).toBe(second);
  });
  it('ends with the page', async () => {
    const { taken, unmount } = listen();
    hear('changed');
    unmount();
    await later(5000);
    expect(Line.open).toEqual([]);
    expect(taken).toEqual([]);
  });
});
