import { type Theme, themeKey, themesAmong } from '@/core/planning';
import { drills } from '@/core/vocabulary';
import { themeWords } from '@/terms/themeWords';

/** What a class may be about: every theme of the catalogue's drills, by its words. */
const themes: readonly Theme[] = themesAmong(drills).sort((one, other) =>
  themeWords(one) < themeWords(other) ? -1 : 1,
);

/** Left to the plan. */
export const NO_THEME = 'none';

export const themeOptions = [
  { value: NO_THEME, label: 'the plan decides' },
  ...themes.map((theme) => ({ value: themeKey(theme), label: themeWords(theme) })),
];

export const themeOfChoice = (value: string): Theme | undefined => themes.find((theme) => themeKey(theme) === value);
export const choiceOfTheme = (theme: Theme | undefined): string => (theme ? themeKey(theme) : NO_THEME);
