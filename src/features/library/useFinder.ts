'use client';

import { useMemo } from 'react';
import { buildVocabularyIndex, matchConcepts, OFFERED_CONFIDENCE, wordsOf } from '@/core/callline';
import { type CatalogueKind, houseNameOf, kindOf, listConceptIds, soundOf } from '@/core/vocabulary';
import { useHouse } from '@/terms/HouseContext';
import { kindNames } from '@/terms/kindNames';
import type { ComboOption } from '@/ui/primitives';

/** Finds entries by what is typed, best first, with the call line's own ear; drills by the words of their names. */
export function useFinder(): (text: string, kind?: CatalogueKind, most?: number) => ComboOption[] {
  const house = useHouse();
  const index = useMemo(() => buildVocabularyIndex(house), [house]);
  return useMemo(
    () =>
      (text, kind, most = 12) => {
        const words = wordsOf(text);
        if (words.length === 0) return [];
        const concepts = (['gi', 'no-gi'] as const)
          .flatMap((uniform) => matchConcepts(words, index, { uniform }, most * 2))
          .filter((match) => match.confidence >= OFFERED_CONFIDENCE)
          .sort((one, other) => other.confidence - one.confidence)
          .map((match) => match.concept.id);
        const drills = listConceptIds(house, 'drill').filter((id) => {
          const name = soundOf(houseNameOf(house, id));
          return words.every((word) => name.includes(word));
        });
        return [...new Set([...concepts, ...drills])]
          .filter((id) => kind === undefined || kindOf(id) === kind)
          .slice(0, most)
          .map((id) => ({ id, label: houseNameOf(house, id), aside: kindNames[kindOf(id)!] }));
      },
    [house, index],
  );
}
