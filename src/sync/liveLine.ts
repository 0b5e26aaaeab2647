import { z } from 'zod';
import type { Mark } from '@/core/round';
import { openedFromKept } from '@/offline/openedFromKept';
import type { HeldMark } from '@/session/marksState';
import type { MarksAddress } from './marksAddress';

const answerShape = z.object({
  marks: z.array(
    z.object({
      mark: z.custom<Mark>((value) => typeof value === 'object' && value !== null),
      changeId: z.string(),
    }),
  ),
});
const AGAIN_MS = 400;
const LISTEN_AGAIN_MS = 3000;

/**
 * Hears on a line of the server that marks have changed, fetches them while nothing of one's own is on its way, and merges them in.
 * Ends with what is given back. `quietSince` is undefined while something is on its way, else a number that grows with every own change.
 */
export function listenForMarks(
  address: MarksAddress,
  quietSince: () => number | undefined,
  take: (stored: readonly HeldMark[]) => void,
): () => void {
  if (typeof EventSource === 'undefined') return () => undefined;
  let line: EventSource | undefined;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let closed = false;
  const soon = () => {
    clearTimeout(timer);
    timer = setTimeout(() => void merge(), AGAIN_MS);
  };
  const merge = async () => {
    if (closed) return;
    const before = quietSince();
    if (before === undefined) return soon();
    const answer = await fetch(address.marks).catch(() => undefined);
    const parsed = answer?.ok ? answerShape.safeParse(await answer.json().catch(() => undefined)) : undefined;
    // What was marked while the answer was on its way is not in it: ask again when it is kept.
    if (closed || !parsed?.success) return;
    if (quietSince() !== before) return soon();
    take(parsed.data.marks);
  };
  // Between two lines, and before the first one of a page that was kept, something may have been missed.
  let mayHaveMissed = openedFromKept();
  let again: ReturnType<typeof setTimeout> | undefined;
  const listen = () => {
    line?.close();
    line = new EventSource(address.live);
    line.addEventListener('changed', soon);
    line.addEventListener('open', () => {
      if (mayHaveMissed) soon();
      mayHaveMissed = true;
    });
    // A browser calls again by itself when nobody answers, but not after an answer that it did not expect, as a server gives that is only coming up.
    line.addEventListener('error', () => {
      if (line?.readyState === EventSource.CLOSED) again = setTimeout(listen, LISTEN_AGAIN_MS);
    });
  };
  // Browsers allow few lines to one server: a page that nobody looks at gives its own back.
  const turn = () => {
    clearTimeout(again);
    line?.close();
    if (document.visibilityState === 'visible') listen();
  };
  turn();
  document.addEventListener('visibilitychange', turn);
  return () => {
    closed = true;
    clearTimeout(timer);
    clearTimeout(again);
    document.removeEventListener('visibilitychange', turn);
    line?.close();
  };
}
