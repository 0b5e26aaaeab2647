import { beltRank, type Drill } from '../vocabulary';
import { phasesOf } from './benefit';
import { themeKey, themeOf } from './themes';

/**
 * Lessons in the order in which they are taught: theme by theme, what a lesson needs before it, then the easier and safer ones: those for lower belts,
 * with fewer hazards, with a part that is only held.
 */
export function orderLessons(drills: readonly Drill[]): Drill[] {
  const themes = [...new Set(drills.map(keyOf))];
  const left = [...drills].sort(
    (one, other) => themes.indexOf(keyOf(one)) - themes.indexOf(keyOf(other)) || easeOf(one) - easeOf(other),
  );
  const ordered: Drill[] = [];
  while (left.length > 0) {
    const free = left.findIndex((one) => !one.needs.some((id) => left.some((other) => other.id === id)));
    ordered.push(...left.splice(Math.max(0, free), 1));
  }
  return ordered;
}

const keyOf = (drill: Drill): string => {
  const theme = themeOf(drill);
  return theme ? themeKey(theme) : '';
};

const easeOf = (drill: Drill): number =>
  beltRank(drill.lowestBelt) * 10 +
  drill.hazardIds.length * 2 +
  (drill.stages.includes('static') ? 0 : 1) +
  phasesOf(drill).length / 10;
