import { addHabits, type CallHabits } from '@/core/callline';
import { addDays } from '@/core/kernel';
import type { HouseWords } from '@/core/vocabulary';
import type { Database } from '@/data/client';
import { countUses } from '@/data/language/occurrences';
import { listLessons } from '@/data/projections/roundFigures';
import type { Round } from '@/data/rounds/rounds';
import { today } from '../kernel/academyTime';
import { houseOf } from './loadHouse';

export interface Language {
  readonly house: HouseWords;
  /** How often each concept was marked. */
  readonly uses: Readonly<Record<string, number>>;
  readonly habits: CallHabits;
}

/** Rounds that teach the likely calls: the newest, of about a year. @source own decision */
const TEACHING_ROUNDS = 200;
const TEACHING_DAYS = 365;

/** The academy's words and what its marks teach about the next call; the round under review does not teach itself. */
export async function loadLanguage(database: Database, round: TaughtRound): Promise<Language> {
  const [house, uses, lessons] = await Promise.all([
    houseOf(database),
    countUses(database),
    listLessons(database, round.id, addDays(await today(), -TEACHING_DAYS), TEACHING_ROUNDS),
  ]);
  return { house, uses, habits: addHabits(lessons, [round.a.personId, round.b.personId]) };
}

/** The round that is reviewed, as far as it decides what its page is taught. */
export type TaughtRound = Pick<Round, 'id'> & Readonly<Record<'a' | 'b', Pick<Round['a'], 'personId'>>>;
