/** Pounds in one kilogram: the international avoirdupois pound is exactly 0.45359237 kg. @source NIST SP 811, Appendix B.8 (from memory) */
export const KILOGRAMS_PER_POUND = 0.45359237;

export type WeightUnit = 'kg' | 'lb';

/** Kilograms of a reading in either unit, unrounded. */
export function toKilograms(reading: number, unit: WeightUnit): number {
  return unit === 'kg' ? reading : reading * KILOGRAMS_PER_POUND;
}

/** The reading in the unit asked for, unrounded; the inverse of `toKilograms`. */
export function fromKilograms(weightKg: number, unit: WeightUnit): number {
  return unit === 'kg' ? weightKg : weightKg / KILOGRAMS_PER_POUND;
}

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
  const match = /^(\d{1,4}(?:[.,]\d{1,4})?)\s*(kg|kgs|kilos?|kilograms?|lb|lbs|pounds?|#)?\.?$/.exec(trimmed);
  if (!match) return { reading: Number.NaN, unit: usual };
  const [, number = '', written] = match;
  const unit = written === undefined ? usual : written.startsWith('k') ? 'kg' : 'lb';
  return { reading: Number(number.replace(',', '.')), unit };
}
