import type { Difference, Kappa } from '@/core/agreement';
import type { Mark } from '@/core/round';
import { markWords, type Names } from '../reviewView';

/** "67 %", or a dash for 0 of 0. */
export const shareWords = (share: number | undefined): string =>
  share === undefined ? '–' : `${Math.round(share * 100)} %`;

/**
 * Kappa in words.
 * @source bands of Landis & Koch 1977, "The Measurement of Observer Agreement for Categorical Data", Biometrics 33, from memory
 */
export function kappaWords({ kappa, observed, count }: Kappa): string {
  if (count === 0) return 'No second of the round was live in both reviews.';
  if (kappa === undefined) return 'Both saw one and the same position all the time: no disagreement was possible.';
  const bands: readonly (readonly [number, string])[] = [
    [0, 'none beyond chance'],
    [0.2, 'slight'],
    [0.4, 'fair'],
    [0.6, 'moderate'],
    [0.8, 'substantial'],
    [1, 'almost perfect'],
  ];
  const band = bands.find(([upTo]) => kappa <= upTo + 1e-9)?.[1] ?? 'almost perfect';
  return `${kappa.toFixed(2)}: ${band}. The same position in ${shareWords(observed)} of ${count} seconds.`;
}

const fieldWords = {
  presence: '',
  what: 'named otherwise',
  'position-holder': 'the other athlete has the better of it',
  punished: 'judged otherwise whether it was punished',
  stage: 'another stage',
  end: 'another end',
  verdict: 'another verdict',
} as const;

/** What differs, in a clause; empty where only one of the two marked it. */
export const differsIn = (difference: Difference): string =>
  difference.in
    .map((field) => fieldWords[field])
    .filter(Boolean)
    .join(', ');

export function lineOf(mark: Mark, names: Names, wordOf: (id: string) => string): string {
  const { who, what, how } = markWords(mark, names, wordOf);
  return [who, what, how && `(${how})`].filter(Boolean).join(' ');
}
