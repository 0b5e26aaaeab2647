'use client';

import { useEffect } from 'react';

/** Keeps the screen on while a class runs, where the device can. */
export function useWakeLock(isWanted: boolean): void {
  useEffect(() => {
    if (!isWanted || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | undefined;
    let isDone = false;
    const ask = () =>
      void navigator.wakeLock.request('screen').then(
        (held) => {
          if (isDone) void held.release();
          else lock = held;
        },
        // Refused, as on a low battery: the class goes on all the same.
        () => undefined,
      );
    // A page that was hidden has lost it.
    const onShow = () => document.visibilityState === 'visible' && ask();
    ask();
    document.addEventListener('visibilitychange', onShow);
    return () => {
      isDone = true;
      document.removeEventListener('visibilitychange', onShow);
      void lock?.release();
    };
  }, [isWanted]);
}
