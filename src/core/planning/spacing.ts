import { addDays, type CalendarDate } from '../kernel';
import type { Need } from './attendee';
import type { EarlierDose } from './runProblem';

/** Days after which what was drilled once, twice, … is due again. @source common practice of spaced repetition; the days are house estimates */
const DUE_AFTER_DAYS = [3, 7, 14, 30] as const;
/** How much more what is due weighs than what is not. @source house estimate */
const DUE_WEIGHT = 1.3;

/** Something that somebody did about an error, in class or at home. */
export interface DoneBefore {
  readonly errorId: string;
  readonly day: CalendarDate;
  /** Working minutes × resistance. */
  readonly dose: number;
}

/** When what was done so many times, last on a day, is due again. */
export const dueOn = (times: number, lastDay: CalendarDate): CalendarDate =>
  addDays(lastDay, DUE_AFTER_DAYS[Math.min(Math.max(1, times), DUE_AFTER_DAYS.length) - 1] ?? 30);

/**
 * What somebody needs on a day, with what they did before: an error that was seen again since the last lesson on it comes back at once, as if nothing had been
 * done (`kept` leaves those doses out); one whose next turn is due weighs more.
 */
export function spaced(
  needs: readonly Need[],
  done: readonly DoneBefore[],
  day: CalendarDate,
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
    return dueOn(times, lastDay) <= day ? { ...need, priority: need.priority * DUE_WEIGHT } : need;
  });
  return { needs: weighed, kept: done.filter((one) => !again.has(one.errorId)) };
}

/** Doses of somebody before a run, as the run counts them. */
export const earlierOf = (
  personId: string,
  kept: readonly DoneBefore[],
  daysBefore: (day: CalendarDate) => number,
): EarlierDose[] => kept.map(({ errorId, dose, day }) => ({ personId, errorId, dose, daysBefore: daysBefore(day) }));
