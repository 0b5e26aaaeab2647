'use client';

import { useEffect, useState } from 'react';
import { createStore, type Store } from '@/session/store';

const IDLE_AFTER_MS = 60_000;
const TICK_MS = 1000;
const SEND_AFTER_SECONDS = 30;
const SHOW_EVERY_SECONDS = 10;

/** Counts the seconds in which somebody is at the page (it is seen, and a key, pointer or playback moved within a minute) and sends them. Gives all that this coach spent on the round, `before` included. */
export function useReviewTime(roundId: string, isPlaying: () => boolean, before: number): Store<number> {
  const [spent] = useState(() => createStore(before));
  useEffect(() => {
    let lastMoved = Date.now();
    let seconds = 0;
    let whole = 0;
    const moved = () => {
      lastMoved = Date.now();
    };
    const send = () => {
      if (seconds < 1) return;
      const body = JSON.stringify({ seconds: Math.min(seconds, 600) });
      seconds = 0;
      // Estimates of time are not worth a warning when the server is away.
      void fetch(`/api/rounds/${roundId}/time`, { method: 'POST', body, keepalive: true }).catch(() => undefined);
    };
    const timer = setInterval(() => {
      if (isPlaying()) moved();
      if (document.visibilityState === 'visible' && Date.now() - lastMoved < IDLE_AFTER_MS) {
        seconds += TICK_MS / 1000;
        whole += TICK_MS / 1000;
        // Shown in tenths of a minute per minute: no need to render with every second.
        if (whole % SHOW_EVERY_SECONDS === 0) spent.set(before + whole);
      }
      if (seconds >= SEND_AFTER_SECONDS) send();
    }, TICK_MS);
    const events = ['keydown', 'pointerdown', 'pointermove', 'wheel'] as const;
    for (const event of events) window.addEventListener(event, moved, { passive: true });
    window.addEventListener('pagehide', send);
    return () => {
      clearInterval(timer);
      for (const event of events) window.removeEventListener(event, moved);
      window.removeEventListener('pagehide', send);
      send();
    };
  }, [roundId, isPlaying, before, spent]);
  return spent;
}
