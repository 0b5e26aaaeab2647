import { addDays } from '@/core/kernel';
import { beltGap } from '@/core/partner';
import { type RoundFigures, roundFigures, type StudentRecord } from '@/core/patterns';
import { countsAsSparring, type Mark } from '@/core/round';
import { adultEquivalent } from '@/core/vocabulary';
import type { Database } from '@/data/client';
import type { Person } from '@/data/people/people';
import { listRoundsOfPeople, type Round } from '@/data/rounds/rounds';
import { houseOf } from '../language/loadHouse';
import { marksByRound } from '../rounds/marksByRound';

/** Rounds that count for what keeps happening. @source own decision: a term of training */
export const WINDOW_DAYS = 120;

export interface Records {
  readonly rounds: readonly Round[];
  readonly records: readonly StudentRecord[];
}

/** The figures of these people's rounds in the window up to a day, computed from their marks; rounds to be left out are listed and count nothing. */
export async function loadRecords(
  database: Database,
  people: readonly Person[],
  today: string,
  withoutRoundIds: readonly string[] = [],
): Promise<Records> {
  const ids = people.map((one) => one.id);
  const rounds = await listRoundsOfPeople(database, ids, addDays(today, -WINDOW_DAYS));
  const marks = await marksByRound(database, await houseOf(database), rounds);
  // Rounds that nobody has marked yet say nothing, and a demonstration for the camera says nothing of sparring: neither is exposure.
  const reviewed = rounds.filter(
    ({ id, circumstances }) => marks.has(id) && countsAsSparring(circumstances) && !withoutRoundIds.includes(id),
  );
  const records = people.map((person) => ({
    personId: person.id,
    belt: adultEquivalent(person.belt),
    rounds: reviewed.flatMap((round) => figuresOf(round, person.id, marks.get(round.id)!)),
  }));
  return { rounds, records };
}

function figuresOf(round: Round, personId: string, marks: readonly Mark[]): RoundFigures[] {
  const athlete = round.a.personId === personId ? 'a' : round.b.personId === personId ? 'b' : undefined;
  if (!athlete) return [];
  const gap = athlete === 'a' ? beltGap(round.a, round.b) : beltGap(round.b, round.a);
  return [roundFigures({ roundId: round.id, heldOn: round.heldOn, span: round, athlete, beltGap: gap, marks })];
}
