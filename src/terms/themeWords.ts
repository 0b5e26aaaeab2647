import type { Theme } from '@/core/planning';
import { familyWord } from './familyWords';

const placeWords = { over: 'on top', under: 'below', level: '' } as const;

/** What a class is about: "half guard below"; "on the feet". */
export const themeWords = ({ family, place }: Theme): string =>
  [familyWord(family), placeWords[place]].filter(Boolean).join(' ');
