'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { openedFromKept } from '@/offline/openedFromKept';
import { readCopy, writeCopy } from '@/offline/roundCopies';
import type { HeldMark } from './reviewReducer';

const WRITE_MS = 500;

/**
 * A copy of the marks on this machine, for opening the page while the server is away: a page that comes up without it takes the copy, which knows more
 * than the page as it was kept. Returns how to write the copy at once.
 */
export function useRoundCopy(
  scopeId: string,
  held: ReadonlyMap<string, HeldMark>,
  merge: (stored: readonly HeldMark[]) => void,
): () => Promise<void> {
  const latest = useRef(held);
  latest.current = held;
  const written = useRef<ReadonlyMap<string, HeldMark>>(undefined);
  const [read, setRead] = useState(false);

  useEffect(() => {
    if (!openedFromKept()) return setRead(true);
    let left = false;
    void readCopy(scopeId)
      .then((copy) => {
        if (copy && !left) merge(copy);
      })
      .catch(() => undefined)
      .finally(() => {
        if (!left) setRead(true);
      });
    return () => {
      left = true;
    };
  }, [scopeId, merge]);

  const write = useCallback(async () => {
    const now = latest.current;
    const before = written.current;
    if (before === now) return;
    written.current = now;
    await writeCopy(scopeId, before, now).catch(() => {
      // Storage may be full or forbidden: next time all of it is tried again.
      written.current = undefined;
    });
  }, [scopeId]);

  useEffect(() => {
    if (!read || held === written.current) return;
    const timer = setTimeout(() => void write(), WRITE_MS);
    return () => clearTimeout(timer);
  }, [read, held, write]);

  return write;
}
