'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { isBusy, noNews, type ShelfNews, shelfNews, shelfState } from './shelfNews';

const BUSY_MS = 1000;
const CALM_MS = 6000;

/** News of what is on its way and in work, looked up again and again; `onChange` when the shelf itself changed. */
export function useShelfNews(onChange: () => void): { readonly news: ShelfNews; readonly look: () => void } {
  const [news, setNews] = useState<ShelfNews>(noNews);
  const state = useRef<string>(undefined);
  const changed = useRef(onChange);
  changed.current = onChange;
  const [turn, setTurn] = useState(0);

  // biome-ignore lint/correctness/useExhaustiveDependencies: a new turn is the reason to look again
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout>;
    let over = false;
    const look = async () => {
      const next = await fetch('/api/shelf')
        .then((response) => (response.ok ? response.json() : undefined))
        .then((body) => shelfNews.safeParse(body).data)
        .catch(() => undefined);
      if (over) return;
      if (next) {
        setNews(next);
        const now = shelfState(next);
        if (state.current !== undefined && state.current !== now) changed.current();
        state.current = now;
      }
      timer = setTimeout(look, next && isBusy(next) ? BUSY_MS : CALM_MS);
    };
    void look();
    return () => {
      over = true;
      clearTimeout(timer);
    };
  }, [turn]);

  return { news, look: useCallback(() => setTurn((count) => count + 1), []) };
}
