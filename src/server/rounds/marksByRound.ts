import type { Mark } from '@/core/round';
import type { HouseWords } from '@/core/vocabulary';
import type { Database } from '@/data/client';
import { listMarksOfRounds } from '@/data/marks/marks';
import { withMerges } from '../language/loadHouse';

/** The marks of rounds as they count today, by round; rounds that nobody has marked are absent. */
export async function marksByRound(
  database: Database,
  house: HouseWords,
  rounds: readonly { readonly id: string }[],
): Promise<ReadonlyMap<string, readonly Mark[]>> {
  const byRound = new Map<string, Mark[]>();
  for (const { scopeId: roundId, mark } of await listMarksOfRounds(
    database,
    rounds.map((one) => one.id),
  )) {
    const counted = withMerges(house, mark);
    const known = byRound.get(roundId);
    if (known) known.push(counted);
    else byRound.set(roundId, [counted]);
  }
  return byRound;
}
