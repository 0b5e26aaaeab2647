import { fromKilograms, parseCalendarDate, readWeight, type WeightUnit } from '@/core/kernel';
import { type PersonOverTime, personOnDay, type WeightSource } from '@/core/partner';
import { type Circumstances, type Condition, unknownCondition } from '@/core/round';
import { adultRoundMinutes } from '@/core/scoring';
import type { AnyBelt, Uniform } from '@/core/vocabulary';
import type { AthleteInput, RoundInput } from '@/server/rounds/roundInput';

/** What stands in the fields of one athlete: numbers are still text, so that nothing typed is lost. */
export interface AthleteFields {
  readonly personId?: string;
  readonly name: string;
  readonly standing: 'student' | 'partner' | 'guest';
  readonly division?: 'male' | 'female';
  /** Undefined when nobody said. */
  readonly belt?: AnyBelt;
  readonly stripes: number;
  readonly weight: string;
  readonly weightSource: WeightSource;
  readonly toldApartBy: string;
  readonly condition: Omit<Condition, 'heightCm'>;
  readonly height: string;
}

export interface CardFields {
  readonly heldOn: string;
  /** The last day that was a real one while the field is typed in. */
  readonly lastDay: string;
  readonly uniform: Uniform;
  readonly ruleSet: string;
  readonly plannedMinutes: string;
  readonly occasion: 'sparring' | 'positional' | 'competition';
  readonly theme: string;
  readonly circumstances: Circumstances;
  readonly numberInSession: string;
  readonly start: number;
  readonly end: number;
  readonly a: AthleteFields;
  readonly b: AthleteFields;
}

export const emptyAthlete: AthleteFields = {
  name: '',
  standing: 'student',
  stripes: 0,
  weight: '',
  weightSource: 'stated',
  toldApartBy: '',
  condition: unknownCondition,
  height: '',
};

export interface PersonFacts extends PersonOverTime {
  readonly id: string;
  readonly name: string;
  readonly standing: 'student' | 'partner' | 'guest';
  readonly division?: 'male' | 'female';
  readonly bornOn?: string;
  readonly heightCm?: number;
}

export type CardAction =
  | { readonly kind: 'set'; readonly patch: Partial<Omit<CardFields, 'a' | 'b'>> }
  | { readonly kind: 'athlete'; readonly slot: 'a' | 'b'; readonly patch: Partial<AthleteFields> }
  | {
      readonly kind: 'choose-person';
      readonly slot: 'a' | 'b';
      readonly person: PersonFacts;
    }
  | { readonly kind: 'swap' };

export const showWeight = (weightKg: number | undefined, unit: WeightUnit): string =>
  weightKg === undefined ? '' : String(Number(fromKilograms(weightKg, unit).toFixed(1)));

/** Belt and weight of a day as they stand in the fields. */
function factsOnDay(person: PersonFacts, day: string, unit: WeightUnit) {
  const { belt, stripes, weightKg, weightSource = 'stated' } = personOnDay(person, day);
  return { belt, stripes, weight: showWeight(weightKg, unit), weightSource };
}

/**
 * Choosing a known person fills in belt and weight of the round's day; all of it can still be changed. Another day brings that day's belt and
 * weight where nobody has changed them.
 */
export function createCardReducer(people: readonly PersonFacts[], unit: WeightUnit) {
  const onDay = (athlete: AthleteFields, before: string, now: string): AthleteFields => {
    const person = people.find((one) => one.id === athlete.personId);
    if (!person) return athlete;
    const untouched = Object.entries(factsOnDay(person, before, unit)).every(
      ([field, value]) => athlete[field as keyof AthleteFields] === value,
    );
    return untouched ? { ...athlete, ...factsOnDay(person, now, unit) } : athlete;
  };
  return (fields: CardFields, action: CardAction): CardFields => {
    switch (action.kind) {
      case 'set': {
        const next = { ...fields, ...action.patch };
        if (next.heldOn === fields.heldOn || !parseCalendarDate(next.heldOn)) return next;
        // A day half typed is no day: the last real one counts as the one before.
        const before = parseCalendarDate(fields.heldOn) ?? fields.lastDay;
        return {
          ...next,
          lastDay: next.heldOn,
          a: onDay(next.a, before, next.heldOn),
          b: onDay(next.b, before, next.heldOn),
        };
      }
      case 'athlete':
        return { ...fields, [action.slot]: { ...fields[action.slot], ...action.patch } };
      case 'choose-person': {
        const { id, name, standing, division, heightCm } = action.person;
        const day = parseCalendarDate(fields.heldOn) ?? fields.lastDay;
        const facts = factsOnDay(action.person, day, unit);
        const height = heightCm === undefined ? '' : String(heightCm);
        const patch = { personId: id, name, standing, division, height, ...facts };
        return { ...fields, [action.slot]: { ...fields[action.slot], ...patch } };
      }
      case 'swap':
        return { ...fields, a: fields.b, b: fields.a };
    }
  };
}

/** A number as a coach types it, with comma or point; undefined for empty, NaN for what is no number. */
export function readNumber(text: string): number | undefined {
  const trimmed = text.trim().replace(',', '.');
  return trimmed === '' ? undefined : Number(trimmed);
}

const athleteInput = (fields: AthleteFields, usual: WeightUnit): AthleteInput => ({
  personId: fields.personId,
  newName: fields.personId ? undefined : fields.name,
  standing: fields.standing,
  division: fields.division,
  belt: fields.belt,
  stripes: fields.stripes,
  weight: readWeight(fields.weight, usual)?.reading,
  weightUnit: readWeight(fields.weight, usual)?.unit ?? usual,
  weightSource: fields.weightSource,
  toldApartBy: fields.toldApartBy,
  condition: { ...fields.condition, heightCm: readNumber(fields.height) },
});

/** The length asked for, in whole seconds; undefined when nobody said. */
export function plannedSecondsOf(minutes: string): number | undefined {
  const read = readNumber(minutes);
  return read === undefined ? undefined : Math.round(read * 60);
}

/** The card as it is sent to the server. */
export function toRoundInput(fields: CardFields, footageId: string | undefined, unit: WeightUnit): RoundInput {
  return {
    footageId,
    heldOn: fields.heldOn,
    uniform: fields.uniform,
    ruleSet: fields.ruleSet,
    plannedSeconds: plannedSecondsOf(fields.plannedMinutes),
    occasion: fields.occasion,
    theme: fields.theme,
    circumstances: { ...fields.circumstances, restrictions: [...fields.circumstances.restrictions] },
    numberInSession: readNumber(fields.numberInSession) ?? 1,
    startSeconds: fields.start,
    endSeconds: fields.end,
    a: athleteInput(fields.a, unit),
    b: athleteInput(fields.b, unit),
  };
}

/** The usual length of a round for this belt, in minutes. */
export const usualMinutes = (belt: AnyBelt | undefined): string => String(adultRoundMinutes(belt));
