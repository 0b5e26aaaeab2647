import {
  type Drill,
  drills,
  findDrill,
  findPosition,
  findTechnique,
  type PositionFamily,
  standardIdOf,
  type TechniqueClass,
} from '../vocabulary';
import { type Theme, themeKey, themeOf, themesAmong } from './themes';

/** A unit of the curriculum as planning sees it. */
export interface PlannedUnit {
  readonly id: string;
  readonly title: string;
  readonly conceptIds: readonly string[];
  /** When any of it was last taught; absent when never. */
  readonly lastDay?: string;
}

/** Of whom a kind of technique is: of the one on top, or of the one below. @source facts of the trade; takedowns and pulls begin where nobody is either */
const placeOfClass: Readonly<Record<Exclude<TechniqueClass, 'submissions'>, Theme['place']>> = {
  takedowns: 'level',
  'guard-pulls': 'level',
  passes: 'over',
  openings: 'over',
  'back-takes': 'over',
  sweeps: 'under',
  escapes: 'under',
  'leg-entries': 'under',
};
const guards: readonly PositionFamily[] = ['open-guard', 'closed-guard', 'half-guard'];
const taught = new Set(themesAmong(drills).map(themeKey));

/** The themes that an entry speaks for: those of its families that drills are there for. */
function themesOfEntry(conceptId: string, drillOf: (id: string) => Drill | undefined): Theme[] {
  const id = standardIdOf(conceptId);
  const drill = drillOf(conceptId);
  const own = drill && themeOf(drill);
  if (drill) return own ? [own] : [];
  const technique = findTechnique(id);
  const families = technique?.fromFamilies ?? [findPosition(id)?.family ?? 'any'];
  return families.flatMap((family): Theme[] => {
    if (family === 'any') return [];
    if (family === 'standing') return [{ family, place: 'level' }];
    const isMove = technique && technique.class !== 'submissions';
    // A lock is learned from where it is usually begun: below in a guard, on top of a pin.
    const place = isMove ? placeOfClass[technique.class] : guards.includes(family) ? 'under' : 'over';
    const role = place === 'over' ? 'top' : place === 'under' ? 'bottom' : 'neutral';
    const theme = themeOf({ family, role });
    return theme && taught.has(themeKey(theme)) ? [theme] : [];
  });
}

/** What a class on a unit is about: the theme that most of its entries speak for, the first of them where several do; undefined where none has a lesson. */
export function themeOfUnit(
  { conceptIds }: Pick<PlannedUnit, 'conceptIds'>,
  drillOf: (id: string) => Drill | undefined = findDrill,
): Theme | undefined {
  const votes = new Map<string, { readonly theme: Theme; count: number }>();
  for (const conceptId of conceptIds)
    for (const theme of themesOfEntry(conceptId, drillOf)) {
      const known = votes.get(themeKey(theme)) ?? { theme, count: 0 };
      known.count += 1;
      votes.set(themeKey(theme), known);
    }
  let best: { readonly theme: Theme; readonly count: number } | undefined;
  for (const one of votes.values()) if (!best || one.count > best.count) best = one;
  return best?.theme;
}

/** Units in the order in which they come next: those that were never taught in the academy's own order, then the longest ago. */
export const inTurn = <Unit extends Pick<PlannedUnit, 'lastDay'>>(units: readonly Unit[]): Unit[] =>
  units
    .map((unit, place) => ({ unit, place }))
    .sort((one, other) => {
      const [left, right] = [one.unit.lastDay ?? '', other.unit.lastDay ?? ''];
      return left === right ? one.place - other.place : left < right ? -1 : 1;
    })
    .map((one) => one.unit);
