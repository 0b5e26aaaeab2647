/** A day of the proleptic Gregorian calendar as `YYYY-MM-DD` (ISO 8601), without time or zone. */
export type CalendarDate = string;

const SHAPE = /^(\d{4})-(\d{2})-(\d{2})$/;
const DAY_MS = 86_400_000;

/** The date if the text is a real day, else undefined: 2026-02-30 is not a day. */
export function parseCalendarDate(text: string): CalendarDate | undefined {
  const match = SHAPE.exec(text);
  if (!match) return undefined;
  const instant = new Date(`${text}T00:00:00Z`);
  return Number.isNaN(instant.getTime()) || instant.toISOString().slice(0, 10) !== text ? undefined : text;
}

/** Whole days from `earlier` to `later`; negative when the order is reversed. */
export function daysBetween(earlier: CalendarDate, later: CalendarDate): number {
  return Math.round((Date.parse(`${later}T00:00:00Z`) - Date.parse(`${earlier}T00:00:00Z`)) / DAY_MS);
}

/** The day `days` after `date` (before, when negative). */
export function addDays(date: CalendarDate, days: number): CalendarDate {
  return new Date(Date.parse(`${date}T00:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);
}

/** The day of the week, from Monday 1 to Sunday 7. @source ISO 8601 */
export const weekdayOf = (date: CalendarDate): number => new Date(`${date}T00:00:00Z`).getUTCDay() || 7;

/** Completed years of age on a day. Born on 29 February counts as a birthday on 1 March in common years. */
export function ageOn(bornOn: CalendarDate, day: CalendarDate): number {
  const years = Number(day.slice(0, 4)) - Number(bornOn.slice(0, 4));
  return day.slice(5) < bornOn.slice(5) ? years - 1 : years;
}
