import type { Drill } from '../vocabulary';
import type { Attendee } from './attendee';
import { type DrillMinutes, leastMinutesOf, mostMinutesOf } from './benefit';
import type { Candidate } from './eligibility';
import { themeKey, themeOf } from './themes';

export interface FrequencyProblem {
  readonly attendees: readonly Attendee[];
  readonly candidates: readonly Candidate[];
  /** For all lessons together. */
  readonly minutes: number;
  readonly mostThemes: number;
  readonly mostLessons: number;
}

/**
 * The yardstick that plans are held against: errors by raw count over all who come, each with its first drill that fits and is of a theme already begun, for
 * the middle of its minutes, until the time is used.
 */
export function mostFrequentFirst(problem: FrequencyProblem): (DrillMinutes & { readonly alternativeId?: string })[] {
  const counts = new Map<string, number>();
  for (const need of problem.attendees.flatMap((attendee) => attendee.needs))
    counts.set(need.errorId, (counts.get(need.errorId) ?? 0) + need.count);
  const lessons: (DrillMinutes & { readonly alternativeId?: string })[] = [];
  const themes = new Set<string>();
  let left = problem.minutes;
  for (const [errorId] of [...counts].sort((one, other) => other[1] - one[1] || (one[0] < other[0] ? -1 : 1))) {
    const candidate = problem.candidates.find(
      (one) =>
        one.drill.targetErrorIds.includes(errorId) &&
        !lessons.some((done) => done.drillId === one.drill.id) &&
        fitsThemes(one.drill, themes, problem.mostThemes),
    );
    if (!candidate || lessons.length >= problem.mostLessons) continue;
    const { drill, excludedIds, alternativeId } = candidate;
    const minutes = Math.min(left, Math.round((leastMinutesOf(drill) + mostMinutesOf(drill)) / 2));
    if (minutes < leastMinutesOf(drill)) continue;
    const theme = themeOf(drill);
    if (theme) themes.add(themeKey(theme));
    lessons.push({ drillId: drill.id, minutes, excludedIds, alternativeId });
    left -= minutes;
  }
  return lessons;
}

function fitsThemes(drill: Drill, begun: ReadonlySet<string>, most: number): boolean {
  const theme = themeOf(drill);
  return theme === undefined || begun.has(themeKey(theme)) || begun.size < most;
}
