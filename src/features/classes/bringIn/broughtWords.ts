import type { Attendance, ClassMatch } from '@/core/attendance';
import type { Brought } from './brought';

export const NO_ATTENDANCE =
  'Nobody’s visit can be read from this list. Call its columns “date” and “name” in the first row (and “class”, “time”, “came” where there are such), or give each day a column of its own.';

const count = (number: number, one: string, many: string): string =>
  number === 1 ? `one ${one}` : `${number} ${many}`;

export const leftOutWords = (leftOut: number): string =>
  leftOut === 0
    ? ''
    : `Left out: ${count(leftOut, 'event', 'events')} that ${leftOut === 1 ? 'is' : 'are'} over, all day long, called off, or more than half a year ahead.`;

export const unreadWords = (unread: Attendance['unread']): string =>
  unread.length === 0
    ? ''
    : `Left out: ${count(unread.length, 'row', 'rows')} without a day or a name, or with a mark that is neither yes nor no (row ${unread[0]?.number}: ${unread[0]?.text}).`;

export function matchWords(match: ClassMatch): string {
  if (match.kind === 'here') return 'here already';
  return match.kind === 'new' ? 'new' : 'several classes of that day: left out';
}

/** "12 classes: 9 new, 3 here already; 140 visits of 14 people." */
export function broughtCount({ classes, unknown }: Brought): string {
  const of = (kind: ClassMatch['kind']) => classes.filter((one) => one.match.kind === kind).length;
  const parts = [
    of('new') > 0 ? `${of('new')} new` : '',
    of('here') > 0 ? `${of('here')} here already` : '',
    of('several') > 0 ? `${of('several')} left out` : '',
  ].filter(Boolean);
  const visits = classes.flatMap((one) => one.visits);
  const people = new Set(visits.map((one) => one.personId)).size;
  const missed = unknown.reduce((sum, one) => sum + one.visits, 0);
  return [
    `${count(classes.length, 'class', 'classes')}: ${parts.join(', ')}`,
    visits.length > 0 ? `${count(visits.length, 'visit', 'visits')} of ${count(people, 'person', 'people')}` : '',
    missed > 0 ? `${count(missed, 'visit', 'visits')} of somebody who is not known` : '',
  ]
    .filter(Boolean)
    .join('; ')
    .concat('.');
}

/** "Nele Faber (3 visits), Jo Brandt (two people here have this name)". */
export const unknownWords = (unknown: Brought['unknown']): string =>
  unknown
    .slice(0, 30)
    .map(({ name, visits, isTwice }) =>
      isTwice ? `${name} (two people here have this name)` : `${name} (${count(visits, 'visit', 'visits')})`,
    )
    .join(', ')
    .concat(unknown.length > 30 ? ` and ${unknown.length - 30} more` : '');
