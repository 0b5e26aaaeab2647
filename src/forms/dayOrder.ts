import type { DayOrder } from '@/core/kernel';

/** In which order a place writes the numbers of a date; day first where nothing is known of it. */
export function dayOrderOf(locale: string | undefined): DayOrder {
  const parts = new Intl.DateTimeFormat(locale ?? 'en-GB', { year: 'numeric', month: 'numeric', day: 'numeric' });
  const first = parts
    .formatToParts(new Date(0))
    .find(({ type }) => type === 'day' || type === 'month' || type === 'year');
  return first?.type === 'month' ? 'month-first' : first?.type === 'year' ? 'year-first' : 'day-first';
}

/** The day where the browser stands. */
export function localToday(now: Date = new Date()): string {
  const two = (value: number) => String(value).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}
