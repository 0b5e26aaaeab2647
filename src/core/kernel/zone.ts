import { parseAbsolute, parseDateTime, toZoned } from '@internationalized/date';

/** Whether a text names a time zone that is known here, such as "Europe/Lisbon". @source IANA time zone database, by Intl */
export function isTimeZone(text: string): boolean {
  try {
    return text.trim() !== '' && new Intl.DateTimeFormat('en', { timeZone: text }) !== undefined;
  } catch {
    return false;
  }
}

/** The calendar date (YYYY-MM-DD) of a moment (ISO 8601) in a time zone. */
export const dayIn = (timeZone: string, moment: string): string => local(timeZone, moment).slice(0, 10);

/** The time of day (HH:MM) of a moment (ISO 8601) in a time zone. */
export const clockIn = (timeZone: string, moment: string): string => local(timeZone, moment).slice(11, 16);

const local = (timeZone: string, moment: string): string => parseAbsolute(moment, timeZone).toString();

/**
 * The moment (ISO 8601, UTC) at which clocks of a time zone show a date and time ("2026-11-24T19:30"). A time that is skipped when clocks go forward is
 * read as the same distance later, one that comes twice as the first of the two.
 */
export const momentAt = (timeZone: string, dateTime: string): string =>
  toZoned(parseDateTime(dateTime), timeZone, 'compatible').toAbsoluteString();

/** A moment that may lack its offset, as of a time zone. */
export const momentOf = (timeZone: string, text: string): string =>
  /(?:Z|[+-]\d{2}:\d{2})$/.test(text) ? new Date(text).toISOString() : momentAt(timeZone, text);
