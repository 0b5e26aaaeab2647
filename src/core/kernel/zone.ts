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

// Swedish writes a moment as YYYY-MM-DD HH:MM; making a format is slow, and there is one zone a page.
const formats = new Map<string, Intl.DateTimeFormat>();
function local(timeZone: string, moment: string): string {
  let format = formats.get(timeZone);
  if (!format) {
    format = new Intl.DateTimeFormat('sv-SE', {
      ...{ timeZone, hourCycle: 'h23' },
      ...{ year: 'numeric', month: '2-digit', day: '2-digit', hour: '2-digit', minute: '2-digit' },
    });
    formats.set(timeZone, format);
  }
  return format.format(new Date(moment));
}
