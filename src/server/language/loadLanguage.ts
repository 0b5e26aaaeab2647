import type { CallHabits } from '@/core/callline';
import type { HouseWords } from '@/core/vocabulary';
import type { Database } from '@/data/client';
import { countUses } from '@/data/language/occurrences';
import { findSpeechWeights } from '@/data/language/speechWeights';
import { houseOf } from './loadHouse';
import { habitsFor, type TaughtRound } from './taughtHabits';

export interface Language {
  readonly house: HouseWords;
  /** How often each concept was marked. */
  readonly uses: Readonly<Record<string, number>>;
  readonly habits: CallHabits;
  /** What decisions on cards of talks taught; absent before the first. */
  readonly weights: readonly number[] | undefined;
}

/** The academy's words and what its marks teach about the next call; the round under review does not teach itself. */
export async function loadLanguage(database: Database, round: TaughtRound): Promise<Language> {
  const [house, uses, habits, weights] = await Promise.all([
    houseOf(database),
    countUses(database),
    habitsFor(database, round),
    findSpeechWeights(database),
  ]);
  return { house, uses, habits, weights };
}
