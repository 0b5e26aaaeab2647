'use client';

import { useEffect } from 'react';
import { isAsset, type Told } from './keeperRules';

/** The page has come to rest by then: keeping it must not slow its opening. */
const REST_MS = 4000;
/** While the footage plays the machine has enough to do: then it is tried again, and done in the end all the same. */
const AGAIN_MS = 2500;
const MOST_TRIES = 24;

/** Keeps this page, and the footage that it shows, at hand on this machine, so that it opens also while the server is away. */
export function useKeptPage(title: string, footageAddress: string | undefined, isPlaying: () => boolean): void {
  useEffect(() => {
    // Browsers offer this only where the connection is safe: on this machine, or over https.
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
    const tell = async (message: Told) => (await navigator.serviceWorker.ready).active?.postMessage(message);
    const keepPage = () => {
      const assets = performance
        .getEntriesByType('resource')
        .map((entry) => new URL(entry.name).pathname)
        .filter(isAsset);
      void tell({ kind: 'keep-page', path: location.pathname, title, assets });
    };
    let tries = 0;
    const keep = () => {
      tries += 1;
      if (isPlaying() && tries < MOST_TRIES) {
        rest = setTimeout(keep, AGAIN_MS);
        return;
      }
      // A keeper that is there already looks for its next version by itself.
      if (!navigator.serviceWorker.controller)
        void navigator.serviceWorker.register('/keeper.js', { scope: '/rounds/' }).catch(() => undefined);
      keepPage();
      if (footageAddress) void tell({ kind: 'keep-footage', address: footageAddress });
    };
    let rest = setTimeout(keep, REST_MS);
    // What was changed beside the marks, a clock or a score, is on the page that is kept when one leaves.
    const leave = () => {
      if (document.visibilityState === 'hidden') keepPage();
    };
    document.addEventListener('visibilitychange', leave);
    return () => {
      clearTimeout(rest);
      document.removeEventListener('visibilitychange', leave);
    };
  }, [title, footageAddress, isPlaying]);
}
