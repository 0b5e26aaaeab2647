import { parseDateTime, toZoned } from '@internationalized/date';

/**
 * The moment (ISO 8601, UTC) at which clocks of a time zone show a date and time ("2026-11-24T19:30"). A time that is skipped when clocks go forward is
 * read as the same distance later, one that comes twice as the first of the two.
 */
export const momentAt = (timeZone: string, dateTime: string): string =>
  toZoned(parseDateTime(dateTime), timeZone, 'compatible').toAbsoluteString();

/** A moment that may lack its offset, as of a time zone. */
export const momentOf = (timeZone: string, text: string): string =>
  /(?:Z|[+-]\d{2}:\d{2})$/.test(text) ? new Date(text).toISOString() : momentAt(timeZone, text);
