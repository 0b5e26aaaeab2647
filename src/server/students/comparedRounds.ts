import { comparePeriods, type PeriodDifference, type RecurringError, type RoundCount } from '@/core/patterns';
import type { Division } from './studentInput';

type OfRounds = Exclude<Division, 'student'>;

/** To which of the two sets a round belongs: before or since a day, gi or no-gi, sparring or competition. */
export function sideOfRound(division: OfRounds, day: string): (round: RoundCount) => 'one' | 'other' | undefined {
  return ({ heldOn, uniform, occasion }) => {
    if (division === 'day') return heldOn < day ? 'one' : 'other';
    if (division === 'uniform') return uniform && (uniform === 'gi' ? 'one' : 'other');
    return occasion === 'sparring' ? 'one' : occasion === 'competition' ? 'other' : undefined;
  };
}

export const comparedRounds = (
  errors: readonly RecurringError[],
  division: OfRounds,
  day: string,
): PeriodDifference[] => comparePeriods(errors, sideOfRound(division, day));
