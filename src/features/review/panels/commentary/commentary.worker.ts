import { buildVocabularyIndex } from '@/core/callline';
import { type Cue, type Proposal, readCommentary, speaksEnglish } from '@/core/commentary';
import { asTold } from '@/core/resemblance';
import type { HouseWords } from '@/core/vocabulary';

/** A long talk is read beside the page, which goes on. */
export interface TalkToRead {
  readonly cues: readonly Cue[];
  readonly house: HouseWords;
  readonly uses: Readonly<Record<string, number>>;
  readonly context: Parameters<typeof readCommentary>[2];
}

/** What a talk was read as. */
export interface TalkReading {
  readonly proposals: readonly Proposal[];
  /** Whether it is in the language that the reader knows. */
  readonly inEnglish: boolean;
}

addEventListener('message', ({ data }: MessageEvent<TalkToRead>) => {
  const index = buildVocabularyIndex(data.house, data.uses, asTold);
  const proposals = readCommentary(data.cues, index, data.context);
  postMessage({ proposals, inEnglish: speaksEnglish(data.cues, index) } satisfies TalkReading);
});
