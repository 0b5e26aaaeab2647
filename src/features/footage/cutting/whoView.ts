import type { Span } from '@/core/clock';
import { formatWeight, fromKilograms, readWeight, type WeightUnit } from '@/core/kernel';
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
  /** Undefined when nobody said. */
  readonly newBelt?: AnyBelt;
  readonly toldApartBy: string;
  /** As typed; empty for what is known of that day. */
  readonly weight: string;
  /** What is to be spared. */
  readonly hurt: string;
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

export const emptyCorner: Corner = { newName: '', toldApartBy: '', weight: '', hurt: '' };
export type Stayed = 'nobody' | 'first' | 'second' | 'both';

/** Who is in a round when some of those of the round before stayed; those who stay keep their corner and how they are told apart. */
export function rotate(before: WhoRow, row: WhoRow, stayed: Stayed): WhoRow {
  return {
    ...row,
    a: stayed === 'first' || stayed === 'both' ? before.a : emptyCorner,
    b: stayed === 'second' || stayed === 'both' ? before.b : emptyCorner,
  };
}

export type Evening = Pick<Corner, 'toldApartBy' | 'weight' | 'hurt'>;

/** What an earlier row of the same session says of somebody: kit, weight and a sore knee do not change in an evening, and are said once. */
export function eveningOf(rows: readonly WhoRow[], personId: string): Evening {
  const said = (field: keyof Evening) =>
    rows.flatMap((row) => [row.a, row.b]).find((corner) => corner.personId === personId && corner[field])?.[field] ??
    '';
  return { toldApartBy: said('toldApartBy'), weight: said('weight'), hurt: said('hurt') };
}

/** What is said of somebody in one row holds in the others where nothing was said, or what was said before. */
export function sayOnce(rows: readonly WhoRow[], before: Corner, now: Corner): WhoRow[] {
  const carry = (corner: Corner): Corner => {
    if (!now.personId || corner.personId !== now.personId || corner === now) return corner;
    const take = (field: keyof Evening) =>
      corner[field] === '' || corner[field] === before[field] ? now[field] : corner[field];
    return { ...corner, toldApartBy: take('toldApartBy'), weight: take('weight'), hurt: take('hurt') };
  };
  return rows.map((row) => ({ ...row, a: carry(row.a), b: carry(row.b) }));
}

function athleteInput(corner: Corner, people: readonly KnownPerson[], day: string, unit: WeightUnit): AthleteInput {
  const { toldApartBy } = corner;
  const typed = readWeight(corner.weight, unit);
  const said = typed && { weight: typed.reading, weightUnit: typed.unit, weightSource: 'stated' as const };
  const condition = corner.hurt.trim() ? { hurt: corner.hurt } : undefined;
  const person = people.find((one) => one.id === corner.personId);
  if (!person) {
    const { newName, newBelt } = corner;
    return {
      newName,
      standing: 'student',
      belt: newBelt,
      stripes: 0,
      weightUnit: unit,
      toldApartBy,
      condition,
      ...said,
    };
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
    condition,
    ...said,
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
  const minutes = facts.plannedMinutes.trim();
  // Empty: nobody said.
  const plannedSeconds = minutes === '' ? undefined : Math.round(Number(minutes.replace(',', '.')) * 60);
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

/** "61.2 kg": what somebody weighed that day as far as is known; empty for nothing, and for somebody new. */
export function knownWeight(
  people: readonly KnownPerson[],
  personId: string | undefined,
  day: string,
  unit: WeightUnit,
): string {
  const person = people.find((one) => one.id === personId);
  const weightKg = person && personOnDay(person, day).weightKg;
  return weightKg === undefined ? '' : formatWeight(weightKg, unit);
}
