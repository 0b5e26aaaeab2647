import type { CalendarDate } from '../kernel';

export const ageClasses = [
  'child',
  'juvenile',
  'adult',
  'master-1',
  'master-2',
  'master-3',
  'master-4',
  'master-5',
  'master-6',
  'master-7',
] as const;
export type AgeClass = (typeof ageClasses)[number];

const firstAges: readonly (readonly [AgeClass, number])[] = [
  ['master-7', 61],
  ['master-6', 56],
  ['master-5', 51],
  ['master-4', 46],
  ['master-3', 41],
  ['master-2', 36],
  ['master-1', 30],
  ['adult', 18],
  ['juvenile', 16],
];

/**
 * The age class of somebody on a day: what counts is the age reached in that calendar year, not the birthday.
 * @source rules of the main gi federation, from memory: juvenile 16–17, adult from 18, masters from 30 and then every five years from 36
 */
export function ageClassOn(bornOn: CalendarDate, day: CalendarDate): AgeClass {
  const age = Number(day.slice(0, 4)) - Number(bornOn.slice(0, 4));
  return firstAges.find(([, first]) => age >= first)?.[0] ?? 'child';
}
