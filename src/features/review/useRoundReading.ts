'use client';

import { useDeferredValue, useMemo } from 'react';
import type { Span } from '@/core/clock';
import { listContradictions, outlineMarks, readChains, readRound, tideOf } from '@/core/round';
import type { RuleSet } from '@/core/scoring';
import type { HeldMark } from '@/session/marksState';

/**
 * Everything that the marks say, computed anew when they change. The marks themselves are there at once; what follows from them (`settled` and all beside it)
 * comes a moment later, so that a key press shows its mark without waiting for it.
 */
export function useRoundReading(held: ReadonlyMap<string, HeldMark>, span: Span, rules?: RuleSet) {
  const reading = useMemo(
    () =>
      readRound(
        span,
        [...held.values()].map((one) => one.mark),
      ),
    [held, span],
  );
  const outline = useMemo(() => outlineMarks(reading.marks), [reading]);
  const settled = useDeferredValue(reading);
  const said = useMemo(() => {
    const tide = tideOf(settled);
    return {
      tide,
      chains: readChains(settled, tide, rules?.points?.points),
      contradictions: listContradictions(settled),
    };
  }, [settled, rules]);
  return { reading, outline, settled, ...said };
}
