import { addDays, type CalendarDate, daysBetween, parseCalendarDate } from './calendarDate';

/** In which order somebody writes the numbers of a date: it depends on where they live. */
export type DayOrder = 'day-first' | 'month-first' | 'year-first';

const monthNames = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'] as const;
const weekdayNames = ['sun', 'mon', 'tue', 'wed', 'thu', 'fri', 'sat'] as const;

const two = (value: number): string => String(value).padStart(2, '0');
const dayOf = (year: number, month: number, day: number): CalendarDate | undefined =>
  parseCalendarDate(`${String(year).padStart(4, '0')}-${two(month)}-${two(day)}`);

/** A year of two figures is the one nearest to this year that is at most five years ahead. @source common practice */
function wholeYear(text: string, today: CalendarDate): number {
  const year = Number(text);
  if (text.length > 2) return year;
  const thisYear = Number(today.slice(0, 4));
  const inCentury = Math.floor(thisYear / 100) * 100 + year;
  return inCentury > thisYear + 5 ? inCentury - 100 : inCentury;
}

/** A day without its year is the nearest one, before or after today. */
function nearest(month: number, day: number, today: CalendarDate): CalendarDate | undefined {
  const thisYear = Number(today.slice(0, 4));
  const days = [thisYear - 1, thisYear, thisYear + 1].flatMap((year) => dayOf(year, month, day) ?? []);
  const distance = (date: CalendarDate) => Math.abs(daysBetween(today, date));
  return days.sort((one, other) => distance(one) - distance(other))[0];
}

function readWord(word: string, today: CalendarDate): CalendarDate | undefined {
  const ahead = { today: 0, yesterday: -1, tomorrow: 1 }[word];
  if (ahead !== undefined) return addDays(today, ahead);
  const wanted = word.length >= 3 ? weekdayNames.findIndex((name) => word.startsWith(name)) : -1;
  if (wanted < 0) return undefined;
  // A bare weekday is the latest one, today included: what is written down has mostly just been.
  const weekday = new Date(`${today}T00:00:00Z`).getUTCDay();
  return addDays(today, -((weekday - wanted + 7) % 7));
}

/**
 * The day that somebody wrote: "24.11.2026", "11/24/26", "24 Nov", "Nov 24", "tue", "yesterday", "2026-11-24". Numbers are read in the writer's own
 * order, with points day first; four figures in front are always a year. A day without its year is the nearest one. Undefined for anything that is no day that exists.
 */
export function readDay(text: string, today: CalendarDate, order: DayOrder): CalendarDate | undefined {
  // A weekday before a date says nothing that the date does not.
  const words = text
    .trim()
    .toLowerCase()
    .split(/[\s,./-]+/)
    .filter((word) => word !== '' && word !== 'of');
  const [first = ''] = words;
  if (words.length === 1 && /^[a-z]+$/.test(first)) return readWord(first, today);
  const parts = words.filter((word, at) => at > 0 || !weekdayNames.some((name) => word.startsWith(name)));
  const named = parts.findIndex((word) => /^[a-z]{3,}$/.test(word) && monthNames.some((name) => word.startsWith(name)));
  if (named >= 0) {
    const month = monthNames.findIndex((name) => parts[named]?.startsWith(name)) + 1;
    const [day = '', year] = parts
      .filter((_word, at) => at !== named)
      .map((word) => word.replace(/(st|nd|rd|th)$/, ''));
    if (parts.length > 3 || !/^\d{1,2}$/.test(day)) return undefined;
    if (year === undefined) return nearest(month, Number(day), today);
    return /^\d{2}(\d{2})?$/.test(year) ? dayOf(wholeYear(year, today), month, Number(day)) : undefined;
  }
  if (!parts.every((word) => /^\d{1,4}$/.test(word))) return undefined;
  // Where dates are written with points, the day stands first. @source common practice
  return readNumbers(parts, today, /\d\./.test(text) && order === 'month-first' ? 'day-first' : order);
}

function readNumbers(parts: readonly string[], today: CalendarDate, order: DayOrder): CalendarDate | undefined {
  const [one = '', other = '', third] = parts;
  if (parts.length > 3 || parts.length < 2) return undefined;
  if (one.length === 4 || (order === 'year-first' && third !== undefined))
    return third === undefined ? undefined : dayOf(wholeYear(one, today), Number(other), Number(third));
  const [day, month] = order === 'day-first' ? [one, other] : [other, one];
  if (day.length > 2 || month.length > 2) return undefined;
  return third === undefined
    ? nearest(Number(month), Number(day), today)
    : dayOf(wholeYear(third, today), Number(month), Number(day));
}
