import { type Habits, habitsOf, listRecurringErrors, type RecurringError } from '@/core/patterns';
import { pool } from '@/data/client';
import { listPeople, type Person } from '@/data/people/people';
import type { Round } from '@/data/rounds/rounds';
import { requireCoach } from '../accounts/currentCoach';
import { today } from '../kernel/environment';
import { isUuid } from '../kernel/isUuid';
import { listBlindRounds } from '../reviews/blindness';
import { loadRecords, WINDOW_DAYS } from './loadRecords';

export interface StudentPage {
  readonly person: Person;
  readonly errors: readonly RecurringError[];
  readonly habits: Habits;
  /** Newest first. */
  readonly rounds: readonly { readonly round: Round; readonly meanTide?: number }[];
  readonly windowDays: number;
  readonly today: string;
  readonly weightUnit: 'kg' | 'lb';
}

export async function loadStudent(personId: string): Promise<StudentPage | undefined> {
  const coach = await requireCoach();
  const people = await listPeople(pool());
  const person = isUuid(personId) ? people.find((one) => one.id === personId) : undefined;
  if (!person) return undefined;
  const day = today();
  const { records, rounds } = await loadRecords(pool(), people, day, await listBlindRounds(coach.id));
  const own = records.find((one) => one.personId === person.id)!;
  const figures = new Map(own.rounds.map((one) => [one.roundId, one]));
  return {
    person,
    errors: listRecurringErrors(own, records, day),
    habits: habitsOf(own.rounds),
    rounds: rounds
      .filter((round) => round.a.personId === person.id || round.b.personId === person.id)
      .reverse()
      .map((round) => {
        const figure = figures.get(round.id);
        return {
          round,
          meanTide: figure && figure.liveMinutes > 0 ? figure.tideArea / (figure.liveMinutes * 60) : undefined,
        };
      }),
    windowDays: WINDOW_DAYS,
    today: day,
    weightUnit: coach.weightUnit,
  };
}

export interface StudentLine {
  readonly person: Person;
  readonly rounds: number;
  readonly lastHeldOn?: string;
  readonly top?: { readonly errorId: string; readonly count: number; readonly status: string };
}

export async function loadStudents(): Promise<{
  readonly lines: readonly StudentLine[];
  readonly weightUnit: 'kg' | 'lb';
}> {
  const coach = await requireCoach();
  const people = await listPeople(pool());
  const day = today();
  const { records } = await loadRecords(pool(), people, day, await listBlindRounds(coach.id));
  const lines = people.map((person) => {
    const own = records.find((one) => one.personId === person.id)!;
    const [first] = listRecurringErrors(own, records, day);
    const top =
      first && first.priority > 0 ? { errorId: first.errorId, count: first.count, status: first.status } : undefined;
    return { person, rounds: own.rounds.length, lastHeldOn: own.rounds[own.rounds.length - 1]?.heldOn, top };
  });
  return { lines, weightUnit: coach.weightUnit };
}
