'use client';

import { createContext, useContext, useMemo } from 'react';
import type { Mark } from '@/core/round';
import { cautionAboveBelt, type Uniform } from '@/core/vocabulary';
import type { HeaderAthlete } from './ReviewHeader';

type CautionOf = (mark: Mark | undefined) => string | undefined;

/** The caution that a mark calls for between these two, if any. */
export const CautionContext = createContext<CautionOf>(() => undefined);
export const useCaution = (): CautionOf => useContext(CautionContext);

export function useCautionOf(round: {
  readonly uniform: Uniform;
  readonly a: Pick<HeaderAthlete, 'belt'>;
  readonly b: Pick<HeaderAthlete, 'belt'>;
}): CautionOf {
  const { uniform, a, b } = round;
  return useMemo(
    () => (mark) =>
      mark?.kind === 'attempt' ? cautionAboveBelt(mark.techniqueId, [a.belt, b.belt], uniform) : undefined,
    [uniform, a.belt, b.belt],
  );
}
