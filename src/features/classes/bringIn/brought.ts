import { type Attendance, type ClassMatch, type ForeignClass, type KnownClass, matchClass } from '@/core/attendance';
import { type KnownPerson, plainName } from '@/core/roster';

/** A class of a list or a calendar, and how it stands to those of the academy. */
export interface BroughtClass extends ForeignClass {
  readonly key: string;
  readonly match: ClassMatch;
  readonly minutes?: number;
  readonly visits: readonly { readonly personId: string; readonly came: boolean }[];
}
export interface Brought {
  readonly classes: readonly BroughtClass[];
  /** Names that nobody here has, or more than one. */
  readonly unknown: readonly { readonly name: string; readonly visits: number; readonly isTwice: boolean }[];
}

/** The classes of a calendar. */
export const broughtByCalendar = (
  events: readonly (ForeignClass & { readonly minutes: number })[],
  known: readonly KnownClass[],
): Brought => ({
  classes: events.map((event, at) => ({ ...event, key: String(at), match: matchClass(event, known), visits: [] })),
  unknown: [],
});

/** The classes of an attendance list, each with who came of those who are known by their name. */
export function broughtByAttendance(
  { lines }: Attendance,
  known: readonly KnownClass[],
  people: readonly KnownPerson[],
): Brought {
  const byName = new Map<string, string[]>();
  for (const { id, name } of people) byName.set(plainName(name), [...(byName.get(plainName(name)) ?? []), id]);
  const classes = new Map<string, ForeignClass & { readonly visits: Map<string, boolean> }>();
  const unknown = new Map<string, { readonly name: string; visits: number; readonly isTwice: boolean }>();
  for (const { day, time, title, name, came } of lines) {
    const key = [day, time ?? '', plainName(title)].join('|');
    const one = classes.get(key) ?? { day, time, title, visits: new Map<string, boolean>() };
    classes.set(key, one);
    const ids = byName.get(plainName(name)) ?? [];
    if (ids.length === 1 && ids[0]) one.visits.set(ids[0], came || one.visits.get(ids[0]) === true);
    else {
      const before = unknown.get(plainName(name)) ?? { name, visits: 0, isTwice: ids.length > 1 };
      before.visits += 1;
      unknown.set(plainName(name), before);
    }
  }
  return {
    classes: [...classes]
      .map(([key, { visits, ...one }]) => ({
        ...{ key, ...one, match: matchClass(one, known) },
        visits: [...visits].map(([personId, came]) => ({ personId, came })),
      }))
      .sort((one, other) => `${one.day} ${one.time ?? ''}`.localeCompare(`${other.day} ${other.time ?? ''}`)),
    unknown: [...unknown.values()].sort((one, other) => other.visits - one.visits),
  };
}

/** Whether a title says that no gi is worn. @source common practice */
export const uniformOf = (title: string): 'gi' | 'no-gi' => (/\bno[ -]?gi\b/i.test(title) ? 'no-gi' : 'gi');
