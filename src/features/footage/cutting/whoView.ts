import type { Span } from '@/core/clock';
import { fromKilograms, type WeightUnit } from '@/core/kernel';
import { type PersonOverTime, personOnDay } from '@/core/partner';
import type { AnyBelt, Uniform } from '@/core/vocabulary';
import type { AthleteInput, RoundsInput } from '@/server/rounds/roundInput';

export interface KnownPerson extends PersonOverTime {
  readonly id: string;
  readonly name: string;
  readonly standing: 'student' | 'partner' | 'guest';
  readonly division?: 'male' | 'female';
}

/** One athlete of one round as far as it is filled in. */
export interface Corner {
  readonly personId?: string;
  readonly newName: string;
  readonly newBelt: AnyBelt;
  readonly toldApartBy: string;
}

export interface WhoRow extends Span {
  readonly key: string;
  /** Of the round that it becomes. */
  readonly roundId: string;
  readonly plannedSeconds?: number;
  readonly a: Corner;
  readonly b: Corner;
}

export interface WhoFacts {
  readonly heldOn: string;
  readonly uniform: Uniform;
  readonly ruleSet: string;
  readonly occasion: 'sparring' | 'positional' | 'competition';
  readonly plannedMinutes: string;
  readonly firstNumber: number;
  readonly theme: string;
}

export const emptyCorner: Corner = { newName: '', newBelt: 'white', toldApartBy: '' };
export type Stayed = 'nobody' | 'first' | 'second' | 'both';

/** Who is in a round when some of those of the round before stayed; those who stay keep their corner and how they are told apart. */
export function rotate(before: WhoRow, row: WhoRow, stayed: Stayed): WhoRow {
  return {
    ...row,
    a: stayed === 'first' || stayed === 'both' ? before.a : emptyCorner,
    b: stayed === 'second' || stayed === 'both' ? before.b : emptyCorner,
  };
}

/** How somebody was told apart in an earlier row of the same session: kit does not change in an evening. */
export function kitOf(rows: readonly WhoRow[], personId: string): string {
  for (const row of rows)
    for (const corner of [row.a, row.b])
      if (corner.personId === personId && corner.toldApartBy) return corner.toldApartBy;
  return '';
}

function athleteInput(corner: Corner, people: readonly KnownPerson[], day: string, unit: WeightUnit): AthleteInput {
  const { toldApartBy } = corner;
  const person = people.find((one) => one.id === corner.personId);
  if (!person) {
    const { newName, newBelt } = corner;
    return { newName, standing: 'student', belt: newBelt, stripes: 0, weightUnit: unit, toldApartBy };
  }
  const { belt, stripes, weightKg, weightSource = 'stated' } = personOnDay(person, day);
  const weight = weightKg === undefined ? undefined : Number(fromKilograms(weightKg, unit).toFixed(1));
  return {
    personId: person.id,
    standing: person.standing,
    division: person.division,
    belt,
    stripes,
    weight,
    weightUnit: unit,
    weightSource: weight === undefined ? undefined : weightSource,
    toldApartBy,
  };
}

/** The rounds as they are sent to the server; the length asked for is the bell's own where it matched one. */
export function toRounds(
  rows: readonly WhoRow[],
  facts: WhoFacts,
  people: readonly KnownPerson[],
  footageId: string,
  unit: WeightUnit,
): RoundsInput {
  const plannedSeconds = Math.round(Number(facts.plannedMinutes.replace(',', '.')) * 60);
  return rows.map((row, index) => ({
    id: row.roundId,
    footageId,
    heldOn: facts.heldOn,
    uniform: facts.uniform,
    ruleSet: facts.ruleSet,
    occasion: facts.occasion,
    theme: facts.theme,
    plannedSeconds: row.plannedSeconds ?? plannedSeconds,
    numberInSession: facts.firstNumber + index,
    startSeconds: row.startSeconds,
    endSeconds: row.endSeconds,
    a: athleteInput(row.a, people, facts.heldOn, unit),
    b: athleteInput(row.b, people, facts.heldOn, unit),
  }));
}
