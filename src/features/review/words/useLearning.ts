'use client';

import { useCallback, useState } from 'react';
import { withoutCoarse } from '@/core/callline';
import { learnWords } from '@/server/language/learnActions';

/** What was meant by words that the line read as something else. */
export interface Meant {
  readonly words: string;
  readonly conceptId: string;
}

const none: Readonly<Record<string, readonly string[]>> = {};
/** A name is no longer than this; what is longer is a sentence of one evening. */
const MOST_CHARACTERS = 60;

/** Tells the academy what a coach meant, and keeps what was learned on this page, so that the next call is read so. */
export function useLearning() {
  const [learned, setLearned] = useState(none);
  const learn = useCallback(({ words, conceptId }: Meant) => {
    // No entry is called after a curse.
    if (words === '' || words.length > MOST_CHARACTERS || withoutCoarse(words) !== words) return;
    // Without an answer nothing is lost: the next correction counts.
    learnWords(words, conceptId).then(
      (outcome) =>
        outcome.ok &&
        outcome.learned &&
        setLearned((known) => ({ ...known, [conceptId]: [...(known[conceptId] ?? []), words] })),
      () => undefined,
    );
  }, []);
  return { learned, learn };
}
