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
