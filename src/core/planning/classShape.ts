import { type PlanNumbers, usualNumbers } from './numbers';

/** Shortest class that can be planned, in minutes. @source own decision: arrival, one lesson, one round, close */
export const LEAST_CLASS_MINUTES = 20;
/** From this length on a class has its whole warm-up, rounds and close. @source common practice */
const WHOLE_MINUTES = 50;

/** Minutes that every class has beside its lessons. */
export function fixedMinutes(minutes: number, numbers: PlanNumbers = usualNumbers) {
  const share = minutes >= WHOLE_MINUTES ? 1 : 0.4;
  return {
    'warm-up': Math.ceil(numbers.warmUpMinutes * share),
    rounds: Math.ceil(numbers.roundsMinutes * share),
    close: Math.ceil(numbers.closeMinutes * share),
  };
}

/** Whole minutes for all lessons of a class together. */
export function drillMinutesIn(minutes: number, numbers: PlanNumbers = usualNumbers): number {
  const fixed = fixedMinutes(minutes, numbers);
  return Math.max(0, minutes - fixed['warm-up'] - fixed.rounds - fixed.close);
}

/** How many themes a class of so many minutes may have. */
export const mostThemesIn = (minutes: number, { twoThemesMinutes }: PlanNumbers = usualNumbers): number =>
  minutes >= twoThemesMinutes ? 2 : 1;
