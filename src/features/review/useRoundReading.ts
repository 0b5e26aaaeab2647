'use client';

import { useMemo } from 'react';
import type { Span } from '@/core/clock';
import { listContradictions, outlineMarks, readChains, readRound, tideOf } from '@/core/round';
import type { HeldMark } from './reviewReducer';

/** Everything that the marks say, computed anew when they change. */
export function useRoundReading(held: ReadonlyMap<string, HeldMark>, span: Span) {
  return useMemo(() => {
    const marks = [...held.values()].map((one) => one.mark);
    const reading = readRound(span, marks);
    const tide = tideOf(reading);
    const chains = readChains(reading, tide);
    return { reading, tide, chains, outline: outlineMarks(reading.marks), contradictions: listContradictions(reading) };
  }, [held, span]);
}
