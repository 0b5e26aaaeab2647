import { addDays, clockIn, dayIn } from '@/core/kernel';

/** An event of a calendar as a class of the academy. */
export interface CalendarEvent {
  readonly day: string;
  readonly time: string;
  readonly title: string;
  readonly minutes: number;
}
export interface ReadCalendar {
  readonly events: readonly CalendarEvent[];
  /** Events that are no classes to come: all day long, called off, over, or too far ahead. */
  readonly leftOut: number;
}

/** How far ahead repeated events are set up. @source own decision: half a year, a term */
const WEEKS_AHEAD = 26;
const MOST_EVENTS = 1000;
/** Steps of one repeated event: one that began twenty years ago, daily. */
const MOST_STEPS = 8000;
const LEAST_MINUTES = 20;
const MOST_MINUTES = 240;

/**
 * The classes to come of a calendar file, repetitions and their exceptions worked out; a sentence where it is none. Times without a zone are the academy's.
 * @source RFC 5545: recurrence rules, exception dates, time zones (read by a library)
 */
export async function readCalendar(text: string, timeZone: string, today: string): Promise<ReadCalendar | string> {
  const { default: ICAL } = await import('ical.js');
  const until = addDays(today, WEEKS_AHEAD * 7);
  const events: CalendarEvent[] = [];
  let leftOut = 0;
  try {
    const calendar = ICAL.Component.fromString(text);
    const vevents = calendar
      .getAllSubcomponents('vevent')
      .map((one) => new ICAL.Event(one, { strictExceptions: true }));
    if (vevents.length === 0) return 'This calendar has no events in it.';
    /** Whether it is one of the classes to come, which it is then among. */
    const put = (start: InstanceType<typeof ICAL.Time>, title: string, seconds: number): boolean => {
      const isFloating = start.zone === ICAL.Timezone.localTimezone;
      const moment = start.toJSDate().toISOString();
      const two = (value: number) => String(value).padStart(2, '0');
      const day = isFloating ? `${start.year}-${two(start.month)}-${two(start.day)}` : dayIn(timeZone, moment);
      const time = isFloating ? `${two(start.hour)}:${two(start.minute)}` : clockIn(timeZone, moment);
      const isAhead = day >= today && day < until && events.length < MOST_EVENTS;
      if (start.isDate || !isAhead) return false;
      const minutes = Math.min(MOST_MINUTES, Math.max(LEAST_MINUTES, Math.round(seconds / 60)));
      events.push({ day, time, title: title.replace(/\s+/g, ' ').trim().slice(0, 80) || 'Class', minutes });
      return true;
    };
    const changed = vevents.filter((one) => one.isRecurrenceException());
    for (const event of vevents) {
      const isOff = event.component.getFirstPropertyValue('status') === 'CANCELLED';
      if (event.isRecurrenceException()) continue;
      if (!event.isRecurring()) {
        const isIn = !isOff && event.startDate && put(event.startDate, event.summary ?? '', event.duration.toSeconds());
        if (!isIn) leftOut += 1;
      } else if (isOff) leftOut += 1;
      else {
        for (const other of changed) if (other.uid === event.uid) event.relateException(other);
        const times = event.iterator();
        for (let step = 0; step < MOST_STEPS; step += 1) {
          const next = times.next();
          if (!next || next.toString().slice(0, 10) > addDays(until, 1)) break;
          const { item, startDate } = event.getOccurrenceDetails(next);
          if (next.toString().slice(0, 10) < addDays(today, -1)) continue;
          if (item.component.getFirstPropertyValue('status') === 'CANCELLED') leftOut += 1;
          else put(startDate, item.summary ?? '', item.duration.toSeconds());
        }
      }
    }
  } catch {
    return 'This is no calendar that can be read. Export it as iCalendar (.ics), then choose that file.';
  }
  const order = (one: CalendarEvent) => `${one.day} ${one.time}`;
  return { events: events.sort((one, other) => order(one).localeCompare(order(other))), leftOut };
}
