/** Kilograms in one of each unit in which weights are read and written. */
const kilogramsIn = {
  kg: 1,
  /** The international avoirdupois pound. @source NIST SP 811, Appendix B.8 (from memory) */
  lb: 0.45359237,
} as const;
export const KILOGRAMS_PER_POUND = kilogramsIn.lb;

export type WeightUnit = keyof typeof kilogramsIn;
/** A new unit is a line in each of these tables, and one in the check of `coach.weight_unit`. */
export const weightUnits = ['kg', 'lb'] as const satisfies readonly WeightUnit[];
/** How a unit is called where it is chosen. */
export const weightUnitNames: Readonly<Record<WeightUnit, string>> = { kg: 'Kilograms', lb: 'Pounds' };
/** What may stand behind a number for it. */
const writtenAs: Readonly<Record<WeightUnit, RegExp>> = {
  kg: /^(kg|kgs|kilos?|kilograms?)$/,
  lb: /^(lb|lbs|pounds?|#)$/,
};

/** Kilograms of a reading in any unit, unrounded. */
export const toKilograms = (reading: number, unit: WeightUnit): number => reading * kilogramsIn[unit];

/** The reading in the unit asked for, unrounded; the inverse of `toKilograms`. */
export const fromKilograms = (weightKg: number, unit: WeightUnit): number => weightKg / kilogramsIn[unit];

/** A weight as it is shown: one decimal, no trailing zero, with its unit. */
export function formatWeight(weightKg: number, unit: WeightUnit): string {
  return `${Number(fromKilograms(weightKg, unit).toFixed(1))} ${unit}`;
}

/** A weight as somebody typed it, in the unit that it is in. */
export interface TypedWeight {
  readonly reading: number;
  readonly unit: WeightUnit;
}

/**
 * Reads a weight that was typed: "61.5", "61,5", "150 lb", "68kg", with comma or point. A unit that is written counts, else the usual one. Undefined for an empty text; NaN
 * as the reading for one that is no number.
 */
export function readWeight(text: string, usual: WeightUnit): TypedWeight | undefined {
  const trimmed = text.trim().toLowerCase();
  if (trimmed === '') return undefined;
  const [, number, written = ''] = /^(\d{1,4}(?:[.,]\d{1,4})?)\s*([a-z#]*)\.?$/.exec(trimmed) ?? [];
  const unit = written === '' ? usual : weightUnits.find((one) => writtenAs[one].test(written));
  if (number === undefined || unit === undefined) return { reading: Number.NaN, unit: usual };
  return { reading: Number(number.replace(',', '.')), unit };
}
