'use client';

import { useEffect } from 'react';
import { footageCache, pageCache } from './keptNames';
import { forgetCopies } from './roundCopies';

/** Whoever signs out, or is signed out, leaves nothing to read on this machine; changes that still wait for the server stay. */
export function ForgetKept() {
  useEffect(() => {
    if (typeof caches !== 'undefined')
      void Promise.all([pageCache, footageCache].map((name) => caches.delete(name))).catch(() => undefined);
    void forgetCopies().catch(() => undefined);
  }, []);
  return null;
}
