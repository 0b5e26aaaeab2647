'use client';

import { useEffect, useRef, useSyncExternalStore } from 'react';
import type { Span } from '@/core/clock';
import type { Mark } from '@/core/round';
import type { Playhead } from '@/player/usePlayhead';
import type { Store } from '@/session/store';

/** The first half minute of work says nothing about a pace. */
const LEAST_WORK_SECONDS = 30;
const LEAST_SEEN_SECONDS = 20;

export interface PaceProps {
  /** Seconds that this coach has spent on the round. */
  readonly spent: Store<number>;
  readonly playhead: Playhead;
  readonly span: Span;
  readonly marks: readonly Mark[];
}

/** Minutes of work for each minute of footage that was seen. */
export function Pace({ spent, playhead, span, marks }: PaceProps) {
  const seconds = useSyncExternalStore(spent.subscribe, spent.get, spent.get);
  const furthest = useRef(0);
  useEffect(() => {
    const look = () => {
      furthest.current = Math.max(furthest.current, playhead.now() - span.startSeconds);
    };
    look();
    return playhead.subscribe(look);
  }, [playhead, span]);
  const seen = Math.max(furthest.current, (marks.at(-1)?.atSeconds ?? 0) - span.startSeconds);
  if (seconds < LEAST_WORK_SECONDS || seen < LEAST_SEEN_SECONDS) return null;
  return (
    <span title="Minutes of your work for each minute of footage that you have seen">
      {' '}
      · worked {(seconds / seen).toFixed(1)} × its length
    </span>
  );
}
