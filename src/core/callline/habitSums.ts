import type { CallHabits } from './callHabits';

/** What a page is sent at the most, in counts. @source own decision: some hundred kilobytes; an academy of the demo's size has a tenth of it */
const MOST_COUNTS = 6000;

/** Lessons of many rounds added up; one is taken out again as easily as it came, so that a change of one round costs that round alone. */
export interface HabitSums {
  add(lesson: CallHabits): void;
  remove(lesson: CallHabits): void;
  /**
   * What the rounds teach for one of these people, without the lesson of that round itself. What others usually do is left out, and where there are very many
   * counts the rarest go (`most` counts at the most).
   */
  habitsFor(people: readonly string[], without?: CallHabits, most?: number): CallHabits;
}

export function newHabitSums(): HabitSums {
  const sums = new Map<string, Map<string, number>>();
  const count = ({ counts }: CallHabits, sign: 1 | -1) => {
    for (const [context, byKey] of Object.entries(counts)) {
      const known = sums.get(context) ?? new Map<string, number>();
      for (const [key, times] of Object.entries(byKey)) {
        const sum = (known.get(key) ?? 0) + sign * times;
        if (sum > 0) known.set(key, sum);
        else known.delete(key);
      }
      if (known.size > 0) sums.set(context, known);
      else sums.delete(context);
    }
  };
  return {
    add: (lesson) => count(lesson, 1),
    remove: (lesson) => count(lesson, -1),
    habitsFor: (people, without, most = MOST_COUNTS) => {
      const all: { readonly context: string; readonly key: string; readonly times: number }[] = [];
      for (const [context, byKey] of sums) {
        if (context.startsWith('person ') && !people.some((id) => context.startsWith(`person ${id} `))) continue;
        const own = without?.counts[context];
        for (const [key, sum] of byKey) {
          const times = sum - (own?.[key] ?? 0);
          if (times > 0) all.push({ context, key, times });
        }
      }
      return countsAbove(all, all.length <= most ? 0 : leastOf(all, most));
    },
  };
}

/** The count of the first that has no place among the `most` largest. */
const leastOf = (all: readonly { readonly times: number }[], most: number): number =>
  (Float64Array.from(all, ({ times }) => -times).sort()[most] as number) * -1;

function countsAbove(
  all: readonly { readonly context: string; readonly key: string; readonly times: number }[],
  least: number,
): CallHabits {
  const counts: Record<string, Record<string, number>> = {};
  for (const { context, key, times } of all) {
    if (times <= least) continue;
    const known = counts[context] ?? {};
    counts[context] = known;
    known[key] = times;
  }
  return { counts };
}
