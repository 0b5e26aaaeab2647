import { formatWeight, readWeight, toKilograms, type WeightUnit } from '@/core/kernel';
import { beltGap, isPlausibleWeight, weightClassOf, weightGap } from '@/core/partner';
import type { Uniform } from '@/core/vocabulary';
import type { AthleteFields } from './roundCardReducer';

export interface GapView {
  readonly lean: number;
  readonly weightWords: string;
  readonly beltWords: string;
  readonly classWords: readonly [string, string];
  readonly cautious: boolean;
}

function weightOf(fields: AthleteFields, unit: WeightUnit): number | undefined {
  const typed = readWeight(fields.weight, unit);
  const weightKg = typed && toKilograms(typed.reading, typed.unit);
  return weightKg !== undefined && isPlausibleWeight(weightKg) ? weightKg : undefined;
}

const steps = (value: number): string => {
  const count = Number(Math.abs(value).toFixed(2));
  return count === 1 ? '1 belt step' : `${count} belt steps`;
};

/** Gap in weight and belt and each one's class, in words; nothing here is ever typed. */
export function gapView(a: AthleteFields, b: AthleteFields, uniform: Uniform, unit: WeightUnit): GapView {
  const weights = [weightOf(a, unit), weightOf(b, unit)] as const;
  const names = [a.name || 'the first athlete', b.name || 'the partner'];
  const belts = beltGap(a, b);
  const beltWords =
    belts === undefined
      ? 'The belts show their gap when both are known.'
      : belts === 0
        ? 'Level in belt.'
        : `${belts > 0 ? names[0] : names[1]} is ${steps(belts)} ahead.`;
  const classOf = (fields: AthleteFields, weightKg: number | undefined) => {
    if (weightKg === undefined) return 'weight not known';
    if (!fields.division) return `${formatWeight(weightKg, unit)}; class needs the division`;
    const found = weightClassOf(weightKg, fields.division, uniform);
    const limit = Number.isFinite(found.limitKg) ? `up to ${formatWeight(found.limitKg, unit)}` : 'no limit';
    return `${found.name} (${limit}, ${fields.division}, ${uniform})`;
  };
  const classWords = [classOf(a, weights[0]), classOf(b, weights[1])] as const;
  if (weights[0] === undefined || weights[1] === undefined) {
    return {
      lean: 0,
      weightWords: 'The gap shows when both weights are known.',
      beltWords,
      classWords,
      cautious: false,
    };
  }
  const gap = weightGap(weights[0], weights[1]);
  const percent = Math.abs(gap.ratioOfLighter * 100);
  const heavier = gap.differenceKg >= 0 ? names[0] : names[1];
  const weightWords =
    percent < 0.05
      ? 'Level in weight.'
      : `${heavier} is heavier by ${formatWeight(Math.abs(gap.differenceKg), unit)}, ${percent.toFixed(0)} % of the lighter.`;
  return { lean: gap.ratioOfLighter / 0.5, weightWords, beltWords, classWords, cautious: percent > 20 };
}
