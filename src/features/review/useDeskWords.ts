'use client';

import { useMemo } from 'react';
import { buildVocabularyIndex, emptyVocabularyIndex } from '@/core/callline';
import { useHouse, useWordOf } from '@/terms/HouseContext';

/** The academy's words, and the index by which calls are read. */
export function useDeskWords(uses: Readonly<Record<string, number>>) {
  const house = useHouse();
  const wordOf = useWordOf();
  // The picture that the server draws of the page takes no calls: it needs no words.
  const index = useMemo(
    () => (typeof window === 'undefined' ? emptyVocabularyIndex : buildVocabularyIndex(house, uses)),
    [house, uses],
  );
  return { house, wordOf, index };
}
