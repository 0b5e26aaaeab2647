import { addDays, type CalendarDate } from '../kernel';
import type { Need } from './attendee';
import { type PlanNumbers, usualNumbers } from './numbers';
import type { EarlierDose } from './runProblem';

/** Something that somebody did about an error, in class or at home. */
export interface DoneBefore {
  readonly errorId: string;
  readonly day: CalendarDate;
  /** Working minutes × resistance. */
  readonly dose: number;
}

/** When what was done so many times, last on a day, is due again. */
export function dueOn(times: number, lastDay: CalendarDate, numbers: PlanNumbers = usualNumbers): CalendarDate {
  const { dueOnceDays, dueTwiceDays, dueThriceDays, dueLaterDays } = numbers;
  return addDays(lastDay, [dueOnceDays, dueTwiceDays, dueThriceDays][Math.max(1, times) - 1] ?? dueLaterDays);
}

/**
 * What somebody needs on a day, with what they did before: an error that was seen again since the last lesson on it comes back at once, as if nothing had been
 * done (`kept` leaves those doses out); one whose next turn is due weighs more.
 */
export function spaced(
  needs: readonly Need[],
  done: readonly DoneBefore[],
  day: CalendarDate,
  numbers: PlanNumbers = usualNumbers,
): { readonly needs: Need[]; readonly kept: DoneBefore[] } {
  const byError = new Map<string, DoneBefore[]>();
  for (const one of done) byError.set(one.errorId, [...(byError.get(one.errorId) ?? []), one]);
  const again = new Set<string>();
  const weighed = needs.map((need) => {
    const own = byError.get(need.errorId);
    const lastDay = own
      ?.map((one) => one.day)
      .sort()
      .at(-1);
    if (!own || lastDay === undefined) return need;
    if ((need.lastSeenOn ?? '') > lastDay) {
      again.add(need.errorId);
      return need;
    }
    const times = new Set(own.map((one) => one.day)).size;
    return dueOn(times, lastDay, numbers) <= day
      ? { ...need, priority: (need.priority * numbers.duePercent) / 100 }
      : need;
  });
  return { needs: weighed, kept: done.filter((one) => !again.has(one.errorId)) };
}

/** Doses of somebody before a run, as the run counts them. */
export const earlierOf = (
  personId: string,
  kept: readonly DoneBefore[],
  daysBefore: (day: CalendarDate) => number,
): EarlierDose[] => kept.map(({ errorId, dose, day }) => ({ personId, errorId, dose, daysBefore: daysBefore(day) }));
