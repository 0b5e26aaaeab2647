import { comparePeriods, type PeriodDifference, type RecurringError, type RoundCount } from '@/core/patterns';
import type { Division } from './studentInput';

type OfRounds = Exclude<Division, 'student'>;

/** What parts the rounds of somebody into before and since. */
interface PartingDays {
  readonly belts: readonly { readonly sinceDay: string }[];
  /** Newest first. */
  readonly hurts: readonly { readonly heldOn: string }[];
}

/** The day that parts two periods: the one asked for, else that of the newest belt or injury; undefined where nothing of the kind is known. */
export function partingDay(
  division: Extract<Division, 'belt' | 'injury'>,
  { belts, hurts }: PartingDays,
  asked?: string,
): string | undefined {
  // The first belt that is known of somebody parts nothing.
  const days = division === 'belt' ? belts.slice(1).map((one) => one.sinceDay) : hurts.map((one) => one.heldOn);
  return days.find((one) => one === asked) ?? (division === 'belt' ? days.at(-1) : days[0]);
}

/** To which of the two sets a round belongs: before or since a day, gi or no-gi, sparring or competition. */
export function sideOfRound(division: OfRounds, day: string): (round: RoundCount) => 'one' | 'other' | undefined {
  return ({ heldOn, uniform, occasion }) => {
    if (division === 'day' || division === 'belt' || division === 'injury') return heldOn < day ? 'one' : 'other';
    if (division === 'uniform') return uniform && (uniform === 'gi' ? 'one' : 'other');
    return occasion === 'sparring' ? 'one' : occasion === 'competition' ? 'other' : undefined;
  };
}

export const comparedRounds = (
  errors: readonly RecurringError[],
  division: OfRounds,
  day: string,
): PeriodDifference[] => comparePeriods(errors, sideOfRound(division, day));
