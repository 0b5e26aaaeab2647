import { openedFromKept } from '@/offline/openedFromKept';
import { readCopy, writeCopy } from '@/offline/roundCopies';
import type { MarksSession } from '@/session/marksSession';
import type { HeldMark } from '@/session/marksState';

const WRITE_MS = 500;

/**
 * A copy of the marks on this machine, for opening the page while the server is away: a page that comes up without it takes the copy, which knows more
 * than the page as it was kept. `write` writes it at once.
 */
export function createRoundCopy(scopeId: string, session: Pick<MarksSession, 'get' | 'subscribe' | 'merge'>) {
  let written: ReadonlyMap<string, HeldMark> | undefined;
  const write = async (): Promise<void> => {
    const { held } = session.get();
    const before = written;
    if (before === held) return;
    written = held;
    await writeCopy(scopeId, before, held).catch(() => {
      // Storage may be full or forbidden: next time all of it is tried again.
      written = undefined;
    });
  };
  const start = (): (() => void) => {
    let ended = false;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let unsubscribe = () => {};
    const later = () => {
      if (session.get().held === written) return;
      clearTimeout(timer);
      timer = setTimeout(() => void write(), WRITE_MS);
    };
    const watch = () => {
      if (ended) return;
      unsubscribe = session.subscribe(later);
      later();
    };
    if (openedFromKept())
      void readCopy(scopeId)
        .then((copy) => {
          if (copy && !ended) session.merge(copy);
        })
        .catch(() => undefined)
        .finally(watch);
    else watch();
    return () => {
      ended = true;
      clearTimeout(timer);
      unsubscribe();
    };
  };
  return { write, start };
}
