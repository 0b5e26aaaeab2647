import type { CallHabits } from '@/core/callline';
import type { HouseWords } from '@/core/vocabulary';
import type { Database } from '@/data/client';
import { countUses } from '@/data/language/occurrences';
import { houseOf } from './loadHouse';
import { habitsFor, type TaughtRound } from './taughtHabits';

export interface Language {
  readonly house: HouseWords;
  /** How often each concept was marked. */
  readonly uses: Readonly<Record<string, number>>;
  readonly habits: CallHabits;
}

/** The academy's words and what its marks teach about the next call; the round under review does not teach itself. */
export async function loadLanguage(database: Database, round: TaughtRound): Promise<Language> {
  const [house, uses, habits] = await Promise.all([houseOf(database), countUses(database), habitsFor(database, round)]);
  return { house, uses, habits };
}
