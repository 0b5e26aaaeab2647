import { type AnyBelt, beltRank } from '../vocabulary';

/** Where a weight comes from; an estimate is shown with a warning. */
export const weightSources = ['measured', 'stated', 'estimated'] as const;
export type WeightSource = (typeof weightSources)[number];

/** Plausible weights of a person who trains, in kg. @source own decision: from a small child to the heaviest athletes on record */
export const LEAST_WEIGHT_KG = 12;
export const MOST_WEIGHT_KG = 320;

export const isPlausibleWeight = (weightKg: number): boolean =>
  weightKg >= LEAST_WEIGHT_KG && weightKg <= MOST_WEIGHT_KG;

export interface WeightGap {
  /** Own weight less the other's, in kg. */
  readonly differenceKg: number;
  /** Difference as a share of the lighter athlete's weight, positive when the first is heavier: 84 against 60 kg is 0.4. */
  readonly ratioOfLighter: number;
}

/** The weight gap from the first athlete's view. @source heavier ÷ lighter − 1 (arithmetic; common practice) */
export function weightGap(ownKg: number, otherKg: number): WeightGap {
  return { differenceKg: ownKg - otherKg, ratioOfLighter: (ownKg - otherKg) / Math.min(ownKg, otherKg) };
}

/** Steps on the belt ladder, stripes as quarters of a step, positive when the first athlete is ahead; degrees of a black belt count nothing. Undefined when a belt is not known. */
export function beltGap(
  own: { readonly belt?: AnyBelt; readonly stripes: number },
  other: { readonly belt?: AnyBelt; readonly stripes: number },
): number | undefined {
  if (own.belt === undefined || other.belt === undefined) return undefined;
  const height = (one: { readonly belt?: AnyBelt; readonly stripes: number }) =>
    beltRank(one.belt) + (one.belt === 'black' ? 0 : one.stripes / 4);
  return height(own) - height(other);
}
