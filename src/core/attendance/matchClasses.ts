import { plainName } from '../roster';

/** A class as another program has it: its day and time where the academy stands. */
export interface ForeignClass {
  readonly day: string;
  readonly time?: string;
  readonly title: string;
}
export interface KnownClass extends ForeignClass {
  readonly id: string;
  readonly time: string;
}

export type ClassMatch =
  | { readonly kind: 'here'; readonly id: string; readonly time: string }
  /** To be set up, at its own time or the usual one of that day of the week. */
  | { readonly kind: 'new'; readonly time: string }
  /** Several of that day could be meant. */
  | { readonly kind: 'several' };

/** Where nothing says when a class began. @source own decision: most evening classes begin about then */
const USUAL_TIME = '19:00';

const weekdayOf = (day: string): number => new Date(`${day}T00:00:00Z`).getUTCDay();

/** Which class of the academy another program's class is: by its day, then its time and title as far as they are said. */
export function matchClass(one: ForeignClass, known: readonly KnownClass[]): ClassMatch {
  const ofDay = known.filter((other) => other.day === one.day && (one.time === undefined || other.time === one.time));
  const named = ofDay.filter((other) => one.title === '' || plainName(other.title) === plainName(one.title));
  const found = named.length > 0 || one.time === undefined || one.title === '' ? named : ofDay;
  if (found.length > 1) return { kind: 'several' };
  const [only] = found;
  if (only) return { kind: 'here', id: only.id, time: only.time };
  return { kind: 'new', time: one.time ?? usualTime(one, known) };
}

/** The time at which most classes of that day of the week begin, those with its title first. */
function usualTime({ day, title }: ForeignClass, known: readonly KnownClass[]): string {
  const sameDay = known.filter((other) => weekdayOf(other.day) === weekdayOf(day));
  const named = sameDay.filter((other) => plainName(other.title) === plainName(title));
  const counts = new Map<string, number>();
  for (const { time } of named.length > 0 ? named : sameDay) counts.set(time, (counts.get(time) ?? 0) + 1);
  return [...counts].sort((first, second) => second[1] - first[1])[0]?.[0] ?? USUAL_TIME;
}
