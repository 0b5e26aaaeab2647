import { type ExposureUnit, exposureUnit } from '../figures';
import { type CountOver, ruleOfThree } from '../statistics';
import { findError } from '../vocabulary';
import { countOverOf, sumsOf } from './cohort';
import type { StudentRecord } from './studentRecord';

/** Never having made an error means something from so many expected on. @source own decision, as for new errors */
const EXPECTED_TO_MEAN_SOMETHING = 3;

/** An error of others that somebody does not make, though they had the chances. */
export interface NotTheirs {
  readonly errorId: string;
  readonly exposure: number;
  readonly unit: ExposureUnit;
  /** How many times it would have been seen at the rate of comparable students. */
  readonly expected: number;
  /** At most so often for each unit of exposure, with 95 % certainty. */
  readonly atMost: number;
}

/** What is not somebody's problem: errors of comparable students (`usual`, whole counts) that would have been seen three times and never were; surest first. */
export function listNotTheirs(
  student: Pick<StudentRecord, 'rounds' | 'earlier'>,
  usual: ReadonlyMap<string, CountOver>,
): NotTheirs[] {
  const rounds = [...student.earlier, ...student.rounds];
  const own = sumsOf(rounds, rounds.at(-1)?.heldOn ?? '');
  return [...usual]
    .flatMap(([errorId, { count, exposure: others }]): NotTheirs[] => {
      const error = findError(errorId);
      const { count: seen, exposure } = countOverOf(own, errorId);
      if (!error || seen > 0 || others <= 0) return [];
      const expected = (count / others) * exposure;
      if (expected < EXPECTED_TO_MEAN_SOMETHING) return [];
      return [{ errorId, exposure, unit: exposureUnit(error.exposure), expected, atMost: ruleOfThree(exposure) }];
    })
    .sort((one, other) => other.expected - one.expected || (one.errorId < other.errorId ? -1 : 1));
}
