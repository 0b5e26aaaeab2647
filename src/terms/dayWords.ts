import { clockIn, dayIn } from '@/core/kernel';

const weekdays = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat'] as const;
const months = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'] as const;

/** A calendar date (YYYY-MM-DD) as it is read: "Tue 24 Nov", with the year where it is not this one. Any other text comes back as it is. */
export function dayWords(day: string, thisYear: number = new Date().getFullYear()): string {
  const [year, month, date] = (/^(\d{4})-(\d{2})-(\d{2})$/.exec(day) ?? []).slice(1).map(Number);
  if (year === undefined || month === undefined || date === undefined) return day;
  const weekday = weekdays[new Date(Date.UTC(year, month - 1, date)).getUTCDay()];
  return `${weekday} ${date} ${months[month - 1]}${year === thisYear ? '' : ` ${year}`}`;
}

/** A moment (ISO 8601) as it is read in a time zone: the day and the time, "Tue 24 Nov, 19:30". */
export const momentWords = (moment: string, timeZone: string): string =>
  `${dayWords(dayIn(timeZone, moment))}, ${clockIn(timeZone, moment)}`;
