import ical from 'ical-generator';
import { describe, expect, it } from 'vitest';
import { readCalendar } from './readCalendar';

const today = '2026-11-29';
const calendar = (...events: string[]) =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//test//EN', ...events, 'END:VCALENDAR'].join('\r\n');
const event = (...lines: string[]) => ['BEGIN:VEVENT', ...lines, 'END:VEVENT'].join('\r\n');
const read = async (text: string, zone = 'Europe/Berlin') => readCalendar(text, zone, today);
const told = async (text: string, zone?: string) => {
  const found = await read(text, zone);
  return typeof found === 'string'
    ? found
    : found.events.map((one) => `${one.day} ${one.time} ${one.title} ${one.minutes}`);
};

describe('a calendar', () => {
  it('gives its classes at the academy’s time, whatever the zone of the file', async () => {
    const text = calendar(
      event('UID:1', 'DTSTART:20261201T180000Z', 'DTEND:20261201T193000Z', 'SUMMARY:Evening\\, gi'),
      event('UID:2', 'DTSTART:20261202T063000', 'DURATION:PT1H', 'SUMMARY:Morning'),
    );
    expect(await told(text)).toEqual(['2026-12-01 19:00 Evening, gi 90', '2026-12-02 06:30 Morning 60']);
    expect((await told(text, 'America/New_York'))[0]).toBe('2026-12-01 13:00 Evening, gi 90');
  });

  // @source RFC 5545, section 3.8.5.3 (RRULE with UNTIL and BYDAY), 3.8.5.1 (EXDATE), 3.8.4.4 (RECURRENCE-ID), 3.8.1.11 (STATUS)
  it('has its repetitions worked out: without the days that are left out, with those that were moved, a wall clock’s time across the change of clocks', async () => {
    const text = calendar(
      event(
        'UID:w',
        'DTSTART;TZID=Europe/Berlin:20260303T190000',
        'DURATION:PT1H15M',
        'RRULE:FREQ=WEEKLY;BYDAY=TU,TH;UNTIL=20261217T230000Z',
        'EXDATE;TZID=Europe/Berlin:20261203T190000',
        'SUMMARY:Evening',
      ),
      event(
        'UID:w',
        'RECURRENCE-ID;TZID=Europe/Berlin:20261208T190000',
        'DTSTART;TZID=Europe/Berlin:20261208T200000',
        'DURATION:PT1H',
        'SUMMARY:Late',
      ),
      event(
        'UID:w',
        'RECURRENCE-ID;TZID=Europe/Berlin:20261210T190000',
        'DTSTART;TZID=Europe/Berlin:20261210T190000',
        'DURATION:PT1H',
        'STATUS:CANCELLED',
        'SUMMARY:Evening',
      ),
    );
    expect(await told(text)).toEqual([
      '2026-12-01 19:00 Evening 75',
      '2026-12-08 20:00 Late 60',
      '2026-12-15 19:00 Evening 75',
      '2026-12-17 19:00 Evening 75',
    ]);
  });

  it('without end goes half a year ahead; what is over, all day long or called off is left out and counted', async () => {
    const found = await read(
      calendar(
        event('UID:d', 'DTSTART:20200101T180000Z', 'DURATION:PT1H', 'RRULE:FREQ=DAILY', 'SUMMARY:Daily'),
        event('UID:old', 'DTSTART:20250101T180000Z', 'DURATION:PT1H'),
        event('UID:day', 'DTSTART;VALUE=DATE:20261224', 'SUMMARY:Holiday'),
        event('UID:off', 'DTSTART:20261201T180000Z', 'STATUS:CANCELLED'),
      ),
    );
    if (typeof found === 'string') throw new Error(found);
    expect([found.events.length, found.leftOut]).toEqual([26 * 7, 3]);
    expect(found.events[0]).toEqual({ day: today, time: '19:00', title: 'Daily', minutes: 60 });
  });

  it('is read as another program’s library writes it', async () => {
    const written = ical({ name: 'Term' });
    written.createEvent({
      start: new Date('2026-12-01T18:00:00Z'),
      end: new Date('2026-12-01T19:00:00Z'),
      summary: 'Ünïcode; “class”, long '.repeat(6),
    });
    expect((await told(written.toString()))[0]).toMatch(/^2026-12-01 19:00 Ünïcode; “class”, long Ünïcode/);
  });

  it('that is none, or has nothing in it, is said to be', async () => {
    for (const none of ['', 'BEGIN:VCALENDAR', 'BEGIN:VCALENDAR\r\nX', 'name,date\nAna,1'])
      expect(await told(none)).toContain('no calendar');
    expect(await told(calendar())).toContain('no events');
    expect(await told(calendar(event('UID:x', 'SUMMARY:without a start')))).toEqual([]);
    expect(
      await told(calendar(event('UID:r', 'DTSTART:20261201T180000Z', 'RRULE:FREQ=SECONDLY', 'SUMMARY:x'))),
    ).toBeInstanceOf(Array);
  });
});
