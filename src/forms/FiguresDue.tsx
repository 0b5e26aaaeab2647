'use client';

import { figuresDueWords } from '@/terms/figuresDueWords';
import { useZone } from '@/terms/ZoneContext';
import { Notice } from '@/ui/layout/Page';
import { useLookAgain } from '@/ui/layout/useLookAgain';

export interface FiguresDueProps {
  /** Rounds whose figures are still being worked out. */
  readonly rounds: number;
  /** Since when the longest has waited, as a moment in ISO 8601; absent when none does. */
  readonly since?: string;
}

/** Says that figures are still on their way, and shows them when they are there. */
export function FiguresDue({ rounds, since }: FiguresDueProps) {
  useLookAgain(rounds > 0);
  const zone = useZone();
  if (rounds === 0) return null;
  return (
    <Notice data-tone="calm" role="status">
      {figuresDueWords(rounds, since, Date.now(), zone)}
    </Notice>
  );
}
