import { countTransitions, readRound } from '@/core/round';
import type { HouseWords } from '@/core/vocabulary';
import type { Database } from '@/data/client';
import { listRounds } from '@/data/rounds/rounds';
import { marksByRound } from '../rounds/marksByRound';

/** How often a position followed another here. */
export interface TransitionCount {
  readonly positionId: string;
  readonly count: number;
}

const NEWEST_ROUNDS = 300;

/** What came after a position in the academy's newest rounds, most frequent first. */
export async function listTransitions(
  database: Database,
  house: HouseWords,
  fromId: string,
): Promise<TransitionCount[]> {
  const rounds = (await listRounds(database, { marked: true }, NEWEST_ROUNDS)).rows;
  const marks = await marksByRound(database, house, rounds);
  const counts = new Map<string, number>();
  for (const round of rounds) {
    for (const { fromPositionId, toPositionId, count } of countTransitions(readRound(round, marks.get(round.id) ?? [])))
      if (fromPositionId === fromId) counts.set(toPositionId, (counts.get(toPositionId) ?? 0) + count);
  }
  return [...counts]
    .map(([positionId, count]) => ({ positionId, count }))
    .sort((one, other) => other.count - one.count || (one.positionId < other.positionId ? -1 : 1));
}
