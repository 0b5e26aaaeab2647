'use client';

import { useMemo } from 'react';
import type { Span } from '@/core/clock';
import type { Mark } from '@/core/round';
import { useRemembered } from '../useRemembered';
import { openLulls, skippable } from './lullView';

/** The lulls of a round and what was said about them; those that were waved away are remembered on this machine. */
export function useLulls(roundId: string, lulls: readonly Span[], marks: readonly Mark[]) {
  const [kept, remember, askAgain] = useRemembered(`owl-lulls-${roundId}`);
  const waved = useMemo(() => kept.map(Number), [kept]);
  return {
    open: useMemo(() => openLulls(lulls, marks, waved), [lulls, marks, waved]),
    skippable: useMemo(() => skippable(lulls, marks, waved), [lulls, marks, waved]),
    wave: (lull: Span) => remember(String(lull.startSeconds)),
    waved: kept.length,
    askAgain,
  };
}
