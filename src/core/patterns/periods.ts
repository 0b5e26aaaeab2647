import { type CountOver, compareRates, type RateRatio } from '../statistics';
import { countOverOf, type SumsByError } from './cohort';
import type { RecurringError, RoundCount } from './recurring';

/** Of what is said to differ at most so much may be chance. @source own decision, as for changes */
const MOST_FALSE = 0.1;

/** One error in two sets of rounds. */
export interface PeriodDifference {
  readonly errorId: string;
  readonly one: CountOver;
  readonly other: CountOver;
  /** The other over the one; undefined where one of them has no exposure or nothing was seen in either. */
  readonly ratio?: RateRatio;
  /** Further apart than chance would have it, all errors of the comparison taken together. */
  readonly isBeyondChance: boolean;
}

/**
 * What differs between two sets of somebody's rounds: before and since a day, gi and no-gi. `sideOf` says to which a round belongs; rounds of neither are
 * left out. What differs beyond chance comes first, then what was seen most.
 * @source Benjamini & Hochberg 1995, "Controlling the false discovery rate", J. R. Statist. Soc. B 57; rates by the conditional exact test
 */
export function comparePeriods(
  errors: readonly Pick<RecurringError, 'errorId' | 'history'>[],
  sideOf: (round: RoundCount) => 'one' | 'other' | undefined,
): PeriodDifference[] {
  const sums = errors.map(({ errorId, history }) => {
    const sums = { one: { count: 0, exposure: 0 }, other: { count: 0, exposure: 0 } };
    for (const round of history) {
      const side = sideOf(round);
      if (!side) continue;
      sums[side].count += round.count;
      sums[side].exposure += round.exposure;
    }
    return { errorId, ...sums };
  });
  return compareSums(sums);
}

/** The same of two students: what each showed in their rounds (`sumsOf`), for these errors. */
export const compareStudents = (
  one: SumsByError,
  other: SumsByError,
  errorIds: readonly string[],
): PeriodDifference[] =>
  compareSums(
    [...new Set(errorIds)].map((errorId) => ({
      errorId,
      one: countOverOf(one, errorId),
      other: countOverOf(other, errorId),
    })),
  );

function compareSums(sums: readonly Pick<PeriodDifference, 'errorId' | 'one' | 'other'>[]): PeriodDifference[] {
  const compared = sums.map((line) => ({ ...line, ratio: compareRates(line.one, line.other) }));
  const limit = falseDiscoveryLimit(compared.flatMap(({ ratio }) => ratio?.p ?? []));
  const seen = ({ one, other }: PeriodDifference) => one.count + other.count;
  return compared
    .map((one): PeriodDifference => ({ ...one, isBeyondChance: one.ratio !== undefined && one.ratio.p <= limit }))
    .filter((one) => seen(one) > 0)
    .sort(
      (one, other) =>
        Number(other.isBeyondChance) - Number(one.isBeyondChance) ||
        seen(other) - seen(one) ||
        (one.errorId < other.errorId ? -1 : 1),
    );
}

/** The largest p that is still called a discovery; below 0 where none is. */
export function falseDiscoveryLimit(ps: readonly number[], most = MOST_FALSE): number {
  const sorted = [...ps].sort((one, other) => one - other);
  return sorted.reduce((limit, p, at) => (p <= ((at + 1) / sorted.length) * most ? p : limit), -1);
}
