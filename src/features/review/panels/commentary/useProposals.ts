'use client';

import { useEffect, useMemo, useState } from 'react';
import type { VocabularyIndex } from '@/core/callline';
import type { Cue } from '@/core/commentary';
import type { HouseWords } from '@/core/vocabulary';
import type { TalkReading, TalkToRead } from './commentary.worker';

/** Up to here reading takes a moment; a longer talk would hold the page up. @source measured: about 60 characters a tenth of a millisecond */
const MOST_AT_ONCE_CHARACTERS = 60_000;

const none: TalkReading = { proposals: [], inEnglish: true };

/** What a talk proposes; undefined while a long one is still being read. */
export function useProposals(
  cues: readonly Cue[] | undefined,
  index: VocabularyIndex,
  words: { readonly house: HouseWords; readonly uses: Readonly<Record<string, number>> },
  context: TalkToRead['context'],
): TalkReading | undefined {
  const isLong = useMemo(
    () => (cues ?? []).reduce((sum, cue) => sum + cue.text.length, 0) > MOST_AT_ONCE_CHARACTERS,
    [cues],
  );
  const [read, setRead] = useState<{ readonly cues: readonly Cue[]; readonly reading: TalkReading }>();
  const { house, uses } = words;
  useEffect(() => {
    if (!cues) return;
    let isOver = false;
    const show = (reading: TalkReading) => isOver || setRead({ cues, reading });
    // The reader of talks comes with the first talk: a page of Review is lighter without it.
    const here = () =>
      void import('@/core/commentary').then(({ readCommentary, speaksEnglish }) =>
        show({ proposals: readCommentary(cues, index, context), inEnglish: speaksEnglish(cues, index) }),
      );
    const worker =
      isLong && typeof Worker !== 'undefined'
        ? new Worker(new URL('./commentary.worker.ts', import.meta.url), { type: 'module' })
        : undefined;
    if (worker) {
      worker.onmessage = ({ data }: MessageEvent<TalkReading>) => show(data);
      // A page that opened without a server may lack the worker's script: then it is read here, however long it takes.
      worker.onerror = here;
      worker.postMessage({ cues, house, uses, context } satisfies TalkToRead);
    } else here();
    return () => {
      isOver = true;
      worker?.terminate();
    };
  }, [isLong, cues, index, house, uses, context]);
  if (!cues) return none;
  return read?.cues === cues ? read.reading : undefined;
}
