import type { CountOver } from '../statistics';
import type { RoundCount } from './recurring';

/** Count and exposure of one error in a calendar month. */
export interface MonthCount extends CountOver {
  /** YYYY-MM */
  readonly month: string;
}

/** The months of a history added up, oldest first; months between the first and the last in which nothing could be seen are there, empty. */
export function monthsOf(history: readonly RoundCount[]): MonthCount[] {
  const [first, last] = [history[0]?.heldOn.slice(0, 7), history.at(-1)?.heldOn.slice(0, 7)];
  if (first === undefined || last === undefined) return [];
  const sums = new Map<string, { month: string; count: number; exposure: number }>();
  for (let month = first; month <= last; month = monthAfter(month)) sums.set(month, { month, count: 0, exposure: 0 });
  for (const { heldOn, count, exposure } of history) {
    const sum = sums.get(heldOn.slice(0, 7));
    if (!sum) continue;
    sum.count += count;
    sum.exposure += exposure;
  }
  return [...sums.values()];
}

function monthAfter(month: string): string {
  const [year = 0, number = 0] = month.split('-').map(Number);
  return number === 12 ? `${year + 1}-01` : `${year}-${String(number + 1).padStart(2, '0')}`;
}
