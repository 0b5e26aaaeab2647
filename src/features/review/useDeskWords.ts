'use client';

import { useEffect, useMemo, useState } from 'react';
import { buildVocabularyIndex, emptyVocabularyIndex } from '@/core/callline';
import type { AsTold } from '@/core/resemblance';
import type { HouseWords } from '@/core/vocabulary';
import { useHouse, useWordOf } from '@/terms/HouseContext';
import { useLearning } from './words/useLearning';

/** The academy's words with those that were learned on this page: the next load brings them from the server. */
function withLearned(house: HouseWords, learned: Readonly<Record<string, readonly string[]>>): HouseWords {
  const added = Object.entries(learned);
  if (added.length === 0) return house;
  const aliases = { ...house.aliases };
  for (const [id, words] of added) aliases[id] = [...(aliases[id] ?? []), ...words];
  return { ...house, aliases };
}

/** The academy's words, and the index by which calls are read. */
export function useDeskWords(uses: Readonly<Record<string, number>>) {
  const house = useHouse();
  const wordOf = useWordOf();
  const { learned, learn } = useLearning();
  const [asTold, setAsTold] = useState<AsTold>();
  useEffect(() => {
    // How things are told at length comes when the page is up; without it the short sayings are read all the same.
    import('@/core/resemblance').then(
      (told) => setAsTold(told.asTold),
      () => undefined,
    );
  }, []);
  // The picture that the server draws of the page takes no calls: it needs no words.
  const index = useMemo(
    () =>
      typeof window === 'undefined'
        ? emptyVocabularyIndex
        : buildVocabularyIndex(withLearned(house, learned), uses, asTold),
    [house, uses, asTold, learned],
  );
  return { house, wordOf, index, learn };
}
