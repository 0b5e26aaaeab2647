import { type CallHabits, type HabitRound, learnCalls } from '@/core/callline';
import { addDays } from '@/core/kernel';
import type { HouseWords } from '@/core/vocabulary';
import type { Database } from '@/data/client';
import { countUses } from '@/data/language/occurrences';
import { listRounds } from '@/data/rounds/rounds';
import { today } from '../kernel/environment';
import { marksByRound } from '../rounds/marksByRound';
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
export async function loadLanguage(database: Database, exceptRoundId: string): Promise<Language> {
  const [house, uses, rounds] = await Promise.all([
    houseOf(database),
    countUses(database),
    listRounds(database, { marked: true, fromDay: addDays(today(), -TEACHING_DAYS) }, TEACHING_ROUNDS),
  ]);
  const teaching = rounds.rows.filter((round) => round.id !== exceptRoundId);
  const marks = await marksByRound(database, house, teaching);
  const lessons: HabitRound[] = teaching.map((round) => ({
    span: round,
    uniform: round.uniform,
    people: { a: round.a.personId, b: round.b.personId },
    marks: marks.get(round.id) ?? [],
  }));
  return { house, uses, habits: learnCalls(lessons) };
}
