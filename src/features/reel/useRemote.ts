'use client';

import { useEffect, useRef } from 'react';
import type { RemoteCommand } from '@/server/reels/reelInput';

/** Hears what is pressed on a phone for this reel. The browser opens the line again by itself. */
export function useRemote(reelId: string, act: (command: RemoteCommand) => void): void {
  const latest = useRef(act);
  latest.current = act;
  useEffect(() => {
    const line = new EventSource(`/api/reels/${reelId}/told`);
    line.addEventListener('told', (event) => latest.current(event.data as RemoteCommand));
    return () => line.close();
  }, [reelId]);
}
