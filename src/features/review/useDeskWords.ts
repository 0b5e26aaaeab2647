'use client';

import { useEffect, useMemo, useState } from 'react';
import { buildVocabularyIndex, emptyVocabularyIndex } from '@/core/callline';
import { useHouse, useWordOf } from '@/terms/HouseContext';

const none: Readonly<Record<string, readonly string[]>> = {};

/** The academy's words, and the index by which calls are read. */
export function useDeskWords(uses: Readonly<Record<string, number>>) {
  const house = useHouse();
  const wordOf = useWordOf();
  const [asTold, setAsTold] = useState(none);
  useEffect(() => {
    // How things are told at length comes when the page is up; without it the short sayings are read all the same.
    import('@/core/vocabulary/sayings/asTold').then(
      ({ sayingsAsTold }) => setAsTold(sayingsAsTold),
      () => undefined,
    );
  }, []);
  // The picture that the server draws of the page takes no calls: it needs no words.
  const index = useMemo(
    () => (typeof window === 'undefined' ? emptyVocabularyIndex : buildVocabularyIndex(house, uses, asTold)),
    [house, uses, asTold],
  );
  return { house, wordOf, index };
}
