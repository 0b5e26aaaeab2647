import { FOLLOWS_WITHIN_SECONDS, readSequence, type SearchedAnswer } from '@/core/search';
import { wilsonInterval } from '@/core/statistics';
import { pool } from '@/data/client';
import { countFollowed, type MarkSearch } from '@/data/language/occurrences';
import {
  type AskedWorld,
  countWanted,
  MOST_COUNTED,
  type SearchChanges,
  type Understood,
  understand,
} from './understand';

export interface Answered extends Understood {
  readonly answer?: SearchedAnswer;
  /** What must follow the marks that are asked for, where a question asks what follows what. */
  readonly followedBy?: MarkSearch;
}

/** Reads a question and counts its answer: how often something is marked, or how often something follows it. */
export async function answer(world: AskedWorld, text: string, changes: SearchChanges = {}): Promise<Answered> {
  const sequence = readSequence(text);
  if (sequence) {
    const first = understand(world, sequence.first, changes);
    const second = understand(world, sequence.second);
    if (first.wanted && second.wanted) {
      const followedBy = second.wanted;
      const { marks, followed } = await countFollowed(
        pool(),
        first.wanted,
        followedBy,
        FOLLOWS_WITHIN_SECONDS,
        MOST_COUNTED,
      );
      const share = sequence.isNot ? marks - followed : followed;
      return {
        ...first,
        followedBy,
        answer: {
          follows: {
            ...sequence,
            ...{ marks, followed: share, isCut: marks >= MOST_COUNTED },
            interval: wilsonInterval(share, marks),
          },
        },
      };
    }
  }
  const understood = understand(world, text, changes);
  return { ...understood, answer: understood.wanted && { count: await countWanted(understood.wanted) } };
}
