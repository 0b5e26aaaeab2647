'use client';

import { useEffect, useMemo, useState } from 'react';
import { z } from 'zod';
import type { Span } from '@/core/clock';
import type { Mark } from '@/core/round';
import { openLulls, skippable } from './lullView';

const keptShape = z.array(z.number());

/** The lulls of a round and what was said about them; those that were waved away are remembered on this machine. */
export function useLulls(roundId: string, lulls: readonly Span[], marks: readonly Mark[]) {
  const name = `owl-lulls-${roundId}`;
  const [waved, setWaved] = useState<readonly number[]>([]);
  useEffect(() => {
    try {
      setWaved(keptShape.safeParse(JSON.parse(localStorage.getItem(name) ?? '[]')).data ?? []);
    } catch {
      // Storage may be forbidden: then they are asked about again next time.
    }
  }, [name]);
  const wave = (lull: Span) => {
    const now = [...waved, lull.startSeconds];
    setWaved(now);
    try {
      localStorage.setItem(name, JSON.stringify(now));
    } catch {
      // See above.
    }
  };
  return {
    open: useMemo(() => openLulls(lulls, marks, waved), [lulls, marks, waved]),
    skippable: useMemo(() => skippable(lulls, marks, waved), [lulls, marks, waved]),
    wave,
  };
}
