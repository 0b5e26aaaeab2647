'use client';

import { useEffect } from 'react';

/** Fetches, once the page is up, what is needed only on a press: so that it is there also where the server is away by then. */
export function useLaterParts(): void {
  useEffect(() => {
    // What does not come now is asked for again on the press, and says so there.
    void Promise.allSettled([
      import('@/core/commentary'),
      import('./panels/causes/CausesPanel'),
      import('./panels/clocks/ClocksPanel'),
      import('./panels/figures/FiguresPanel'),
      import('./panels/history/HistoryPanel'),
      import('./panels/overtime/OvertimePanel'),
      import('./panels/score/ScorePanel'),
      import('./panels/who/WhoPanel'),
      import('./panels/commentary/CommentaryPanel'),
      import('./panels/commentary/talk/TalkRows'),
      import('./words/NewWordDialog'),
    ]);
  }, []);
}
