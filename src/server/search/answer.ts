import {
  FOLLOWS_WITHIN_SECONDS,
  type NewestAnswer,
  readSequence,
  readTime,
  type SearchedAnswer,
  type SearchedSequence,
} from '@/core/search';
import { wilsonInterval } from '@/core/statistics';
import { kindOf } from '@/core/vocabulary';
import { pool } from '@/data/client';
import { countFollowed, type MarkSearch } from '@/data/language/occurrences';
import { findNewestFitting, type StaySearch, sumStays } from '@/data/language/stays';
import {
  type AskedWorld,
  countWanted,
  MOST_COUNTED,
  type SearchChanges,
  type Understood,
  understand,
} from './understand';

/** A question as it was understood: about marks, about what follows them, or about time. */
export interface Asked extends Understood {
  readonly sequence?: SearchedSequence;
  /** What must follow the marks that are asked for, where a question asks what follows what. */
  readonly followedBy?: MarkSearch;
  /** The time that is asked for; `needs-name` where nobody is named whose time it could be. */
  readonly stays?: StaySearch | 'needs-name';
}

/** Reads a question: how long somebody was somewhere, what follows what, else how often something is marked. */
export function ask(world: AskedWorld, text: string, changes: SearchChanges = {}): Asked {
  const time = readTime(text);
  if (time) {
    const understood = understand(world, time.rest, changes);
    const positionIds = understood.query.conceptIds.filter((id) => kindOf(id) === 'position');
    const { personIds, partner, uniform, fromDay, toDay } = understood.query;
    const [personId] = personIds;
    if (positionIds.length > 0 || time.place !== undefined)
      return {
        ...understood,
        query: { ...understood.query, parts: [time.part, ...understood.query.parts] },
        wanted: undefined,
        stays: personId
          ? {
              ...{ personId, positionIds, place: time.place, partner, uniform, fromDay, toDay },
              withoutRoundIds: world.withoutRoundIds,
            }
          : 'needs-name',
      };
  }
  const sequence = readSequence(text);
  if (sequence) {
    const first = understand(world, sequence.first, changes);
    const { wanted: followedBy } = understand(world, sequence.second);
    if (first.wanted && followedBy) return { ...first, sequence, followedBy };
  }
  return understand(world, text, changes);
}

/** The answer of every reviewed round that fits, or of one round alone; undefined where the words name nothing that is counted. */
export async function answerTo(
  { wanted, sequence, followedBy, stays }: Asked,
  roundId?: string,
): Promise<SearchedAnswer | undefined> {
  if (stays === 'needs-name') return { needsName: true };
  if (stays) {
    const { rounds, with: roundsWith, minutes, live, usual } = await sumStays(pool(), { ...stays, roundId });
    const [low, high] = usual ?? [];
    return {
      length: {
        ...{ place: stays.place, positionIds: stays.positionIds, minutes, liveMinutes: live, rounds, roundsWith },
        usual: low === undefined || high === undefined ? undefined : { low, high },
      },
    };
  }
  if (!wanted) return undefined;
  if (!sequence || !followedBy) return { count: await countWanted({ ...wanted, roundId }) };
  const first = { ...wanted, roundId };
  const { marks, followed } = await countFollowed(pool(), first, followedBy, FOLLOWS_WITHIN_SECONDS, MOST_COUNTED);
  const share = sequence.isNot ? marks - followed : followed;
  return {
    follows: {
      ...sequence,
      ...{ marks, followed: share, isCut: marks >= MOST_COUNTED },
      interval: wilsonInterval(share, marks),
    },
  };
}

/** What the newest round that fits says by itself; undefined where none does. */
export async function answerOfNewest(asked: Asked): Promise<NewestAnswer | undefined> {
  if (asked.stays === 'needs-name') return undefined;
  const newest = await findNewestFitting(pool(), asked.frame);
  const answer = newest && (await answerTo(asked, newest.id));
  return answer && { roundId: newest.id, heldOn: newest.heldOn, answer };
}
