'use client';

import { useEffect, useState } from 'react';
import { type Contradiction, findLikelySwap, type LikelySwap, type RoundReading } from '@/core/round';

const WAIT_MS = 700;

/** Whether the two were taken for each other; looked for when marking pauses, since it reads the round several times over. */
export function useLikelySwap(reading: RoundReading, contradictions: readonly Contradiction[]): LikelySwap | undefined {
  const [found, setFound] = useState<LikelySwap>();
  useEffect(() => {
    if (contradictions.length === 0) return setFound(undefined);
    const timer = setTimeout(() => setFound(findLikelySwap(reading.round, reading.marks)), WAIT_MS);
    return () => clearTimeout(timer);
  }, [reading, contradictions]);
  return found;
}
