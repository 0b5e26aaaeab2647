'use client';

import { useEffect } from 'react';
import type { ForgetAll } from './keeperRules';
import { commentaryDatabase, footageCache, pageCache } from './keptNames';
import { forgetCopies } from './roundCopies';

/** Whoever signs out, or is signed out, leaves nothing to read on this machine; changes that still wait for the server stay. */
export function ForgetKept() {
  useEffect(() => {
    void forget().catch(() => undefined);
    void forgetCopies().catch(() => undefined);
    // Browsers without storage have nothing to forget.
    globalThis.indexedDB?.deleteDatabase(commentaryDatabase);
  }, []);
  return null;
}

async function forget(): Promise<void> {
  if (!('serviceWorker' in navigator)) return;
  const keeper = (await navigator.serviceWorker.getRegistration('/rounds/'))?.active;
  // The keeper may be about to put something by: only it can drop that.
  if (keeper) keeper.postMessage({ kind: 'forget-all' } satisfies ForgetAll);
  else await Promise.all([pageCache, footageCache].map((name) => caches.delete(name)));
}
