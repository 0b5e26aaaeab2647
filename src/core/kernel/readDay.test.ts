import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays } from './calendarDate';
import { readDay } from './readDay';

const today = '2026-11-27';
const european = (text: string) => readDay(text, today, 'day-first');
const american = (text: string) => readDay(text, today, 'month-first');

describe('a day as somebody writes it', () => {
  it('in their own order', () => {
    expect(european('3.4.2026')).toBe('2026-04-03');
    expect(american('3/4/2026')).toBe('2026-03-04');
    expect(american('3.4.2026')).toBe('2026-04-03');
    expect(readDay('26-4-3', today, 'year-first')).toBe('2026-04-03');
    for (const read of [european, american]) expect(read('2026-11-24')).toBe('2026-11-24');
  });

  it('in words', () => {
    for (const text of [
      '24 Nov',
      'nov 24',
      'Tue 24 Nov',
      '24th of november',
      '24 Nov 2026',
      '24 nov 26',
      '24.11.',
      '24/11',
    ])
      expect(european(text), text).toBe('2026-11-24');
    expect(european('today')).toBe(today);
    expect(european('Yesterday')).toBe('2026-11-26');
    // The 27th of November 2026 is a Friday.
    expect(european('fri')).toBe('2026-11-27');
    expect(european('tuesday')).toBe('2026-11-24');
  });

  it('without a year is the nearest, and a year of two figures is one of this life', () => {
    expect(european('3 jan')).toBe('2027-01-03');
    expect(european('3 aug')).toBe('2026-08-03');
    expect(european('1.2.96')).toBe('1996-02-01');
    expect(european('1.2.31')).toBe('2031-02-01');
    // There is one only every four years.
    expect(european('29 feb')).toBeUndefined();
    expect(readDay('29 feb', '2027-12-01', 'day-first')).toBe('2028-02-29');
  });

  it('and nothing else', () => {
    for (const text of [
      '',
      ' ',
      '30.2.2026',
      '2026-13-01',
      '24',
      'soon',
      '1.2.3.4',
      '99/99',
      'nov',
      '24 nov 2026 x',
      '12345-1-1',
      '\0',
      '١٢/٣',
    ])
      expect(european(text), text).toBeUndefined();
  });

  it('is read again from how it is shown, in any order of numbers', () => {
    fc.assert(
      fc.property(fc.integer({ min: -20_000, max: 1500 }), (days) => {
        const day = addDays(today, days);
        const [year = '', month = '', date = ''] = day.split('-');
        expect(readDay(`${date}.${month}.${year}`, today, 'day-first')).toBe(day);
        expect(readDay(`${month}/${date}/${year}`, today, 'month-first')).toBe(day);
        expect(readDay(day, today, 'year-first')).toBe(day);
      }),
    );
  });
});
