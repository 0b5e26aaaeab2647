import { buildVocabularyIndex } from '@/core/callline';
import { type Cue, readCommentary } from '@/core/commentary';
import type { HouseWords } from '@/core/vocabulary';
import { sayingsAsTold } from '@/core/vocabulary/sayings/asTold';

/** A long talk is read beside the page, which goes on. */
export interface TalkToRead {
  readonly cues: readonly Cue[];
  readonly house: HouseWords;
  readonly uses: Readonly<Record<string, number>>;
  readonly context: Parameters<typeof readCommentary>[2];
}

addEventListener('message', ({ data }: MessageEvent<TalkToRead>) => {
  postMessage(readCommentary(data.cues, buildVocabularyIndex(data.house, data.uses, sayingsAsTold), data.context));
});
