import { fromKilograms, type WeightUnit } from '@/core/kernel';
import type { WeightSource } from '@/core/partner';
import { adultRoundMinutes } from '@/core/scoring';
import type { AnyBelt, Uniform } from '@/core/vocabulary';
import type { AthleteInput, RoundInput } from '@/server/rounds/roundInput';

/** What stands in the fields of one athlete: numbers are still text, so that nothing typed is lost. */
export interface AthleteFields {
  readonly personId?: string;
  readonly name: string;
  readonly standing: 'student' | 'partner' | 'guest';
  readonly division?: 'male' | 'female';
  readonly belt: AnyBelt;
  readonly stripes: number;
  readonly weight: string;
  readonly weightSource: WeightSource;
  readonly toldApartBy: string;
}

export interface CardFields {
  readonly heldOn: string;
  readonly uniform: Uniform;
  readonly ruleSet: string;
  readonly plannedMinutes: string;
  readonly occasion: 'sparring' | 'positional' | 'competition';
  readonly theme: string;
  readonly numberInSession: string;
  readonly start: number;
  readonly end: number;
  readonly a: AthleteFields;
  readonly b: AthleteFields;
}

export const emptyAthlete: AthleteFields = {
  name: '',
  standing: 'student',
  belt: 'white',
  stripes: 0,
  weight: '',
  weightSource: 'stated',
  toldApartBy: '',
};

export interface PersonFacts {
  readonly id: string;
  readonly name: string;
  readonly standing: 'student' | 'partner' | 'guest';
  readonly division?: 'male' | 'female';
  readonly belt: AnyBelt;
  readonly stripes: number;
  readonly weightKg?: number;
}

export type CardAction =
  | { readonly kind: 'set'; readonly patch: Partial<Omit<CardFields, 'a' | 'b'>> }
  | { readonly kind: 'athlete'; readonly slot: 'a' | 'b'; readonly patch: Partial<AthleteFields> }
  | {
      readonly kind: 'choose-person';
      readonly slot: 'a' | 'b';
      readonly person: PersonFacts;
      readonly unit: WeightUnit;
    }
  | { readonly kind: 'swap' };

export const showWeight = (weightKg: number | undefined, unit: WeightUnit): string =>
  weightKg === undefined ? '' : String(Number(fromKilograms(weightKg, unit).toFixed(1)));

/** Choosing a known person fills in belt and weight as they are today; all of it can still be changed for that day. */
export function cardReducer(fields: CardFields, action: CardAction): CardFields {
  switch (action.kind) {
    case 'set':
      return { ...fields, ...action.patch };
    case 'athlete':
      return { ...fields, [action.slot]: { ...fields[action.slot], ...action.patch } };
    case 'choose-person': {
      const { id, name, standing, division, belt, stripes, weightKg } = action.person;
      const patch = {
        personId: id,
        name,
        standing,
        division,
        belt,
        stripes,
        weight: showWeight(weightKg, action.unit),
      };
      return { ...fields, [action.slot]: { ...fields[action.slot], ...patch } };
    }
    case 'swap':
      return { ...fields, a: fields.b, b: fields.a };
  }
}

/** A number as a coach types it, with comma or point; undefined for empty, NaN for what is no number. */
export function readNumber(text: string): number | undefined {
  const trimmed = text.trim().replace(',', '.');
  return trimmed === '' ? undefined : Number(trimmed);
}

const athleteInput = (fields: AthleteFields, unit: WeightUnit): AthleteInput => ({
  personId: fields.personId,
  newName: fields.personId ? undefined : fields.name,
  standing: fields.standing,
  division: fields.division,
  belt: fields.belt,
  stripes: fields.stripes,
  weight: readNumber(fields.weight),
  weightUnit: unit,
  weightSource: fields.weightSource,
  toldApartBy: fields.toldApartBy,
});

/** The card as it is sent to the server. */
export function toRoundInput(fields: CardFields, footageId: string | undefined, unit: WeightUnit): RoundInput {
  return {
    footageId,
    heldOn: fields.heldOn,
    uniform: fields.uniform,
    ruleSet: fields.ruleSet,
    plannedSeconds: Math.round((readNumber(fields.plannedMinutes) ?? 0) * 60),
    occasion: fields.occasion,
    theme: fields.theme,
    numberInSession: readNumber(fields.numberInSession) ?? 1,
    startSeconds: fields.start,
    endSeconds: fields.end,
    a: athleteInput(fields.a, unit),
    b: athleteInput(fields.b, unit),
  };
}

/** The usual length of a round for this belt, in minutes. */
export const usualMinutes = (belt: AnyBelt): string => String(adultRoundMinutes(belt));
