import { placeOfRole } from '../round';
import type { Drill, PositionFamily } from '../vocabulary';

export const themePlaces = ['over', 'under', 'level'] as const;

/** A position family seen from one side: what one class is about. */
export interface Theme {
  readonly family: PositionFamily;
  readonly place: (typeof themePlaces)[number];
}

/** Families that are taught together. @source common practice: pins from the side are one evening, and so is turtle with the headlock in front of it */
const taughtWith: Readonly<Partial<Record<PositionFamily, PositionFamily>>> = {
  'knee-on-belly': 'side-pin',
  'front-headlock': 'turtle',
};

/** The theme that a drill belongs to; undefined for one that fits into any. On the feet nobody is over or under. */
export function themeOf({ family, role }: Pick<Drill, 'family' | 'role'>): Theme | undefined {
  if (family === 'any') return undefined;
  if (family === 'standing') return { family, place: 'level' };
  return { family: taughtWith[family] ?? family, place: placeOfRole(role) };
}

export const themeKey = ({ family, place }: Theme): string => `${family} ${place}`;

/** Themes of drills, each once, in their order. */
export function themesAmong(drills: readonly Drill[]): Theme[] {
  const found = new Map<string, Theme>();
  for (const drill of drills) {
    const theme = themeOf(drill);
    if (theme && !found.has(themeKey(theme))) found.set(themeKey(theme), theme);
  }
  return [...found.values()];
}

/** Whether a drill may be taught in a class that is about something; any may where that is left to the plan, and one without a theme always. */
export function fitsTheme(drill: Drill, theme: Theme | undefined): boolean {
  const own = themeOf(drill);
  return theme === undefined || own === undefined || themeKey(own) === themeKey(theme);
}

/** Whether a drill is a lesson of a theme, and not only allowed beside it. */
export const isAbout = (drill: Drill, theme: Theme | undefined): boolean =>
  theme !== undefined && themeOf(drill) !== undefined && fitsTheme(drill, theme);
