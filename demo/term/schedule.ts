import { addDays, type CalendarDate, daysBetween } from '../../src/core/kernel';
import { findError } from '../../src/core/vocabulary';
import type { DemoPerson } from '../academy/people';
import { people } from '../academy/people';
import type { Draws } from './draws';
import { habitsOf, lessons } from './habits';
import { furtherPeople } from './people';

export const WEEKS = 26;
const ROUNDS_AN_EVENING = [4, 5] as const;
/** Evenings on which nobody filmed. */
const UNFILMED = [3, 21];
/** Weeks in which rounds of the films lie. */
const FILMED_WEEKS = 5;

export const students = [...people, ...furtherPeople].filter((one) => one.standing === 'student');

export interface TermRound {
  readonly key: string;
  readonly heldOn: CalendarDate;
  readonly week: number;
  readonly numberInSession: number;
  readonly uniform: 'gi' | 'no-gi';
  /** What the evening was about; empty on Saturdays. */
  readonly theme: string;
  readonly seconds: number;
  readonly a: DemoPerson;
  readonly b: DemoPerson;
}
export interface TermClass {
  readonly key: string;
  readonly title: string;
  readonly heldOn: CalendarDate;
  readonly time: string;
  readonly minutes: number;
  readonly uniform: 'gi' | 'no-gi';
  readonly level: string;
  readonly came: readonly DemoPerson[];
  readonly drillIds: readonly string[];
}

const isMinor = (one: DemoPerson) => one.age < 18;
const isThere = (one: DemoPerson, week: number) => {
  const hurt = habitsOf[one.key]?.hurt;
  return !hurt || week < hurt[0] || week >= hurt[1];
};
/** Nobody meets somebody half as heavy again, and children meet children. */
const isFair = (one: DemoPerson, other: DemoPerson) =>
  isMinor(one) === isMinor(other) &&
  Math.max(one.weightKg, other.weightKg) / Math.min(one.weightKg, other.weightKg) < 1.4;

/** The last day before today that is this day of the week, 1 being Monday. */
export function lastWeekday(today: CalendarDate, weekday: number): CalendarDate {
  const monday = '2026-01-05';
  const back = (((daysBetween(monday, today) - (weekday - 1)) % 7) + 7) % 7;
  return addDays(today, -(back === 0 ? 7 : back));
}

/** Of Wednesdays, three weeks each. */
const THEMES = ['half guard', 'knee slice', 'closed guard', 'butterfly sweep', 'side control'] as const;

/** Wednesday and Saturday evenings of half a year, four or five rounds each; who met longest ago meets first. */
export function termRounds(today: CalendarDate, draws: Draws): TermRound[] {
  const rounds: TermRound[] = [];
  const lastMet = new Map<string, number>();
  const fought = new Map<string, number>();
  for (let week = 0; week < WEEKS; week += 1)
    for (const weekday of [3, 6]) {
      if (UNFILMED.includes(week) && weekday === 6) continue;
      const heldOn = addDays(lastWeekday(today, weekday), -7 * (WEEKS - 1 - week));
      const uniform = weekday === 6 && week % 2 ? 'no-gi' : 'gi';
      const wanted = draws.one(ROUNDS_AN_EVENING);
      for (let at = 1; at <= wanted; at += 1) {
        const pair = nextPair(week, lastMet, fought, draws);
        const [a, b] = pair;
        const seconds = isMinor(a) ? 240 : draws.one([300, 300, 360]);
        // The rounds of the films come first in their evenings.
        const numberInSession = at + (week >= WEEKS - FILMED_WEEKS ? 4 : 0);
        rounds.push({
          key: `term-${week}-${weekday}-${at}`,
          heldOn,
          week,
          numberInSession,
          uniform,
          theme: weekday === 3 ? (THEMES[Math.floor(week / 3) % THEMES.length] ?? '') : '',
          seconds,
          a,
          b,
        });
        lastMet.set(pairKey(a, b), rounds.length);
        for (const one of pair) fought.set(one.key, (fought.get(one.key) ?? 0) + 1);
      }
    }
  return rounds;
}
const pairKey = (one: DemoPerson, other: DemoPerson) => [one.key, other.key].sort().join(' ');

function nextPair(
  week: number,
  lastMet: ReadonlyMap<string, number>,
  fought: ReadonlyMap<string, number>,
  draws: Draws,
): readonly [DemoPerson, DemoPerson] {
  const there = students.filter((one) => isThere(one, week));
  // Who was filmed least comes first, but for chance.
  const turn = (one: DemoPerson) => (fought.get(one.key) ?? 0) * (isMinor(one) ? 1.6 : 1) + draws.between(0, 3);
  const [first] = there.map((one) => ({ one, turn: turn(one) })).sort((x, y) => x.turn - y.turn);
  if (!first) throw new Error('termRounds: nobody is there');
  const partners = there.filter((other) => other !== first.one && isFair(first.one, other));
  const [partner] = partners
    .map((other) => ({ other, turn: (lastMet.get(pairKey(first.one, other)) ?? -40) / 4 + turn(other) }))
    .sort((x, y) => x.turn - y.turn);
  if (!partner) throw new Error(`termRounds: nobody is fair for ${first.one.key}`);
  return draws.chance(0.5) ? [first.one, partner.other] : [partner.other, first.one];
}

/** Classes ahead, beside those of the films' people: when, and who is expected how surely. */
export interface TermAhead
  extends Pick<TermClass, 'key' | 'title' | 'heldOn' | 'time' | 'minutes' | 'uniform' | 'level'> {
  readonly expected: readonly { readonly person: DemoPerson; readonly chance: number }[];
}

/** Wednesdays, a Saturday and a Monday of the coming three weeks: whoever mostly comes is expected. */
export function termAhead(today: CalendarDate, draws: Draws): TermAhead[] {
  const kinds = [
    [3, 'Wednesday evening', '19:00', 75, 2],
    [1, 'Monday, small group', '18:30', 60, 8],
    [3, 'Wednesday evening', '19:00', 75, 9],
    [6, 'Saturday, young and old', '10:30', 60, 9],
    [1, 'Monday, small group', '18:30', 60, 13],
  ] as const;
  return kinds.map(([weekday, title, time, minutes, inDays], at) => ({
    ...{ key: `ahead-${at}`, title, time, minutes, level: 'all belts', uniform: weekday === 1 ? 'no-gi' : 'gi' },
    heldOn: lastWeekday(addDays(today, inDays + 7), weekday),
    expected: students
      .filter((one) => isMinor(one) === (weekday === 6) || (weekday === 6 && draws.chance(0.4)))
      .filter(() => draws.chance(weekday === 1 ? 0.5 : 0.75))
      .map((person) => ({ person, chance: draws.one([0.9, 0.6, 0.6, 0.3]) })),
  }));
}

/** Monday, Wednesday and Saturday classes that were held: sixty, with who came and what was drilled. */
export function termClasses(today: CalendarDate, drillIds: readonly string[], draws: Draws): TermClass[] {
  const classes: TermClass[] = [];
  for (let week = 0; week < WEEKS; week += 1)
    for (const [weekday, title, time, uniform] of [
      [1, 'Monday, small group', '18:30', 'no-gi'],
      [3, 'Wednesday evening', '19:00', 'gi'],
      [6, 'Saturday, young and old', '10:30', 'gi'],
    ] as const) {
      if (weekday === 1 && week % 3) continue;
      const forThem = Object.entries(lessons).flatMap(([person, lesson]) =>
        lesson.week === week && weekday === 3
          ? [{ person, drillId: findError(lesson.errorId)?.drillIds[0] ?? '' }]
          : [],
      );
      const came = students.filter(
        (one) =>
          isThere(one, week) &&
          (forThem.some((lesson) => lesson.person === one.key) ||
            (isMinor(one) ? weekday === 6 && draws.chance(0.8) : draws.chance(weekday === 1 ? 0.3 : 0.5))),
      );
      const chosen = [...forThem.map((one) => one.drillId), ...[1, 2].map(() => draws.one(drillIds))];
      classes.push({
        key: `class-${week}-${weekday}`,
        title,
        heldOn: addDays(lastWeekday(today, weekday), -7 * (WEEKS - 1 - week)),
        time,
        minutes: weekday === 3 ? 75 : 60,
        uniform,
        level: 'all belts',
        came,
        drillIds: [...new Set(chosen)].slice(0, 3),
      });
    }
  return classes;
}
