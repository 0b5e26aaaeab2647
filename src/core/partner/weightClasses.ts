import { present } from '../kernel';
import type { Uniform } from '../vocabulary';

export type Division = 'male' | 'female';

interface ClassLimit {
  readonly name: string;
  /** Upper limit in kg, included; infinite for the last class. */
  readonly limitKg: number;
}

const names = [
  'rooster',
  'light feather',
  'feather',
  'light',
  'middle',
  'medium heavy',
  'heavy',
  'super heavy',
  'ultra heavy',
];
const table = (limits: readonly number[]): readonly ClassLimit[] =>
  [...limits, Number.POSITIVE_INFINITY].map((limitKg, index) => ({ name: present(names[index]), limitKg }));

/**
 * Upper limits of the adult classes, weighed in what is worn.
 * @source the main gi federation's adult tables, gi and no-gi, from memory; the smallest and the heaviest women's classes have changed over the years
 */
const classes: Readonly<Record<Division, Readonly<Record<Uniform, readonly ClassLimit[]>>>> = {
  male: {
    gi: table([57.5, 64, 70, 76, 82.3, 88.3, 94.3, 100.5]),
    'no-gi': table([55.5, 61.5, 67.5, 73.5, 79.5, 85.5, 91.5, 97.5]),
  },
  female: {
    gi: table([48.5, 53.5, 58.5, 64, 69, 74, 79.3]),
    'no-gi': table([46.5, 51.5, 56.5, 61.5, 66.5, 71.5, 76.5]),
  },
};

/** The adult weight class of a weight; exactly on a limit belongs to the class of that limit. */
export function weightClassOf(weightKg: number, division: Division, uniform: Uniform): ClassLimit {
  const all = classes[division][uniform];
  return all.find((one) => weightKg <= one.limitKg) ?? present(all[all.length - 1]);
}

/** All classes of a division from lightest to heaviest. */
export const listWeightClasses = (division: Division, uniform: Uniform): readonly ClassLimit[] =>
  classes[division][uniform];
