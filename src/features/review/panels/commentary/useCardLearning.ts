'use client';

import { useCallback, useEffect, useRef } from 'react';
import type { Decided } from '@/core/commentary';
import { learnCards } from '@/server/language/learnActions';

/** What can still be taken back teaches nothing yet. @source own decision: more steps than anybody takes back */
const KEPT_BACK = 10;

/** Tells the academy what became of cards, behind what may still be taken back; the rest when the page is left. */
export function useCardLearning() {
  const waiting = useRef<(readonly Decided[])[]>([]);
  const send = useCallback((steps: readonly (readonly Decided[])[]) => {
    const decided = steps.flat();
    // Without an answer nothing is lost: the next decisions teach the same.
    if (decided.length > 0)
      void learnCards(decided.map(({ features, right }) => ({ features: [...features], right }))).catch(
        () => undefined,
      );
  }, []);
  useEffect(() => () => send(waiting.current.splice(0)), [send]);
  return {
    decide: (cards: readonly Decided[]) => {
      waiting.current.push(cards);
      if (waiting.current.length > 2 * KEPT_BACK) send(waiting.current.splice(0, KEPT_BACK));
    },
    takeBack: () => void waiting.current.pop(),
  };
}
