'use client';

import { type Dispatch, useEffect } from 'react';
import { z } from 'zod';
import type { Mark } from '@/core/round';
import type { ReviewAction } from './reviewReducer';
import type { MarksAddress } from './useMarks';

const answerShape = z.object({
  marks: z.array(
    z.object({
      mark: z.custom<Mark>((value) => typeof value === 'object' && value !== null),
      changeId: z.string(),
    }),
  ),
});
const AGAIN_MS = 400;

/**
 * Hears on a line of the server that marks have changed, fetches them while nothing of one's own is on its way, and merges them in.
 * `quietSince` is undefined while something is on its way, else a number that grows with every own change.
 */
export function useLiveMerging(
  address: MarksAddress,
  quietSince: () => number | undefined,
  dispatch: Dispatch<ReviewAction>,
): void {
  useEffect(() => {
    if (typeof EventSource === 'undefined') return;
    const line = new EventSource(address.live);
    let timer: ReturnType<typeof setTimeout> | undefined;
    let closed = false;
    const soon = () => {
      clearTimeout(timer);
      timer = setTimeout(() => void merge(), AGAIN_MS);
    };
    const merge = async () => {
      if (closed) return;
      const before = quietSince();
      if (before === undefined) return soon();
      const answer = await fetch(address.marks).catch(() => undefined);
      const parsed = answer?.ok ? answerShape.safeParse(await answer.json().catch(() => undefined)) : undefined;
      // What was marked while the answer was on its way is not in it: ask again when it is kept.
      if (closed || !parsed?.success) return;
      if (quietSince() !== before) return soon();
      dispatch({ kind: 'merge', stored: parsed.data.marks });
    };
    line.addEventListener('changed', soon);
    // After a broken line something may have been missed.
    let wasOpen = false;
    line.addEventListener('open', () => {
      if (wasOpen) soon();
      wasOpen = true;
    });
    return () => {
      closed = true;
      clearTimeout(timer);
      line.close();
    };
  }, [address, quietSince, dispatch]);
}
