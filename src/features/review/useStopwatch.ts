'use client';

import { useState } from 'react';
import type { Mark } from '@/core/round';
import type { Playhead } from '@/player/usePlayhead';
import type { useMarks } from './useMarks';

/** Two presses measure the time between two moments and keep it as a mark, in whichever order they come. */
export function useStopwatch(
  marks: ReturnType<typeof useMarks>,
  playhead: Playhead,
  say: (words: string | undefined) => void,
) {
  const [fromSeconds, setFrom] = useState<number>();
  return {
    running: fromSeconds !== undefined,
    press: () => {
      const now = playhead.now();
      if (fromSeconds === undefined) {
        setFrom(now);
        return say('The stopwatch runs from here. Q at the second moment keeps the time; Esc drops it.');
      }
      setFrom(undefined);
      const [atSeconds, endSeconds] = fromSeconds <= now ? [fromSeconds, now] : [now, fromSeconds];
      marks.add({ kind: 'measure', id: crypto.randomUUID(), atSeconds, endSeconds });
      say(`${(endSeconds - atSeconds).toFixed(2)} s. Shift Q says whose answer it was.`);
    },
    drop: () => setFrom(undefined),
  };
}

/** The measured time as nobody's, then as the first athlete's answer, then as the other's. */
export function withNextAnswerer(mark: Mark): Mark {
  if (mark.kind !== 'measure') return mark;
  const { athlete, ...rest } = mark;
  if (athlete === undefined) return { ...rest, athlete: 'a' };
  return athlete === 'a' ? { ...rest, athlete: 'b' } : rest;
}
