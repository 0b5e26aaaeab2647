/** Shortest class that can be planned, in minutes. @source own decision: arrival, one lesson, one round, close */
export const LEAST_CLASS_MINUTES = 20;
/** Most lessons of a class. @source common practice: after the third nobody remembers the first */
export const MOST_LESSONS = 3;
/** From this length on a class may have two themes. @source common practice */
export const TWO_THEMES_MINUTES = 85;

/** Minutes that every class has beside its lessons; rounds take what lessons leave. @source common practice */
export const fixedMinutes = (minutes: number) =>
  minutes >= 50 ? { 'warm-up': 8, rounds: 12, close: 3 } : { 'warm-up': 4, rounds: 5, close: 2 };

/** Whole minutes for all lessons of a class together. */
export function drillMinutesIn(minutes: number): number {
  const fixed = fixedMinutes(minutes);
  return Math.max(0, minutes - fixed['warm-up'] - fixed.rounds - fixed.close);
}
