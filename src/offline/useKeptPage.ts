'use client';

import { useEffect } from 'react';
import { isAsset, type Told } from './keeperRules';

/** The page has come to rest by then: keeping it must not slow its opening. */
const REST_MS = 4000;

/** Keeps this page, and the footage that it shows, at hand on this machine, so that it opens also while the server is away. */
export function useKeptPage(title: string, footageAddress: string | undefined): void {
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
    const rest = setTimeout(() => {
      // A keeper that is there already looks for its next version by itself.
      if (!navigator.serviceWorker.controller)
        void navigator.serviceWorker.register('/keeper.js', { scope: '/rounds/' }).catch(() => undefined);
      keepPage();
      if (footageAddress) void tell({ kind: 'keep-footage', address: footageAddress });
    }, REST_MS);
    // What was changed beside the marks, a clock or a score, is on the page that is kept when one leaves.
    const leave = () => {
      if (document.visibilityState === 'hidden') keepPage();
    };
    document.addEventListener('visibilitychange', leave);
    return () => {
      clearTimeout(rest);
      document.removeEventListener('visibilitychange', leave);
    };
  }, [title, footageAddress]);
}
