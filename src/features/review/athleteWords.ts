import { shortNamesOf } from '@/core/kernel';
import type { HeaderAthlete } from './ReviewHeader';
import type { Names } from './reviewView';

/** Names short enough for the ledger, and different from each other. */
export function shortNames(a: string, b: string): Names {
  const [one = a, other = b] = shortNamesOf([a, b]);
  return { a: one, b: other };
}

export const pronounOf = ({ division }: HeaderAthlete): 'he' | 'she' | undefined =>
  division === undefined ? undefined : division === 'female' ? 'she' : 'he';

/** Words by which an athlete may be called: the initial, each part of the name, and the colour of the kit. */
export function callNames({ name, toldApartBy }: HeaderAthlete): string[] {
  const colours = ['white', 'blue', 'black', 'green', 'red', 'grey', 'purple', 'plum'];
  const words = toldApartBy.toLowerCase().match(/\p{L}+/gu) ?? [];
  const initial = name.charAt(0).toLowerCase();
  return [
    initial,
    ...(name.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? []),
    ...words.filter((word) => colours.includes(word)),
  ];
}
