import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  addDays,
  ageOn,
  daysBetween,
  formatWeight,
  fromKilograms,
  parseCalendarDate,
  readWeight,
  shortNamesOf,
  toKilograms,
} from './index';

describe('calendar dates', () => {
  it('takes real days only', () => {
    expect(parseCalendarDate('2026-11-23')).toBe('2026-11-23');
    for (const text of ['2026-02-30', '2025-02-29', '2026-13-01', '26-11-23', '', 'tomorrow'])
      expect(parseCalendarDate(text)).toBeUndefined();
    expect(parseCalendarDate('2028-02-29')).toBe('2028-02-29');
  });

  it('adds and subtracts days as inverses of each other', () => {
    fc.assert(
      fc.property(fc.integer({ min: -40_000, max: 40_000 }), (days) => {
        expect(daysBetween('2026-11-23', addDays('2026-11-23', days))).toBe(days);
      }),
    );
  });

  it('counts completed years', () => {
    expect(ageOn('2010-11-24', '2026-11-23')).toBe(15);
    expect(ageOn('2010-11-23', '2026-11-23')).toBe(16);
    expect(ageOn('2008-02-29', '2026-02-28')).toBe(17);
  });
});

describe('weights', () => {
  it('turns pounds to kilograms by the exact pound', () => {
    // NIST SP 811: 1 lb = 0.45359237 kg (from memory).
    expect(toKilograms(100, 'lb')).toBeCloseTo(45.359237, 9);
    expect(formatWeight(61.4, 'lb')).toBe('135.4 lb');
    expect(formatWeight(84, 'kg')).toBe('84 kg');
  });

  it('gives the same reading back', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 700, noNaN: true }),
        fc.constantFrom('kg' as const, 'lb' as const),
        (reading, unit) => {
          expect(fromKilograms(toKilograms(reading, unit), unit)).toBeCloseTo(reading, 9);
        },
      ),
    );
  });
});

describe('short names', () => {
  it('tell people apart who are named together', () => {
    expect(shortNamesOf(['Timo Berg', 'Ana Velden'])).toEqual(['Timo', 'Ana']);
    expect(shortNamesOf(['Timo Berg', 'Timo Ahrens', 'Ana'])).toEqual(['Timo B.', 'Timo A.', 'Ana']);
    expect(shortNamesOf(['Timo Berg', 'timo Brandt'])).toEqual(['Timo Berg', 'timo Brandt']);
    expect(shortNamesOf(['Timo', 'Timo Berg'])).toEqual(['Timo', 'Timo B.']);
    expect(shortNamesOf([])).toEqual([]);
  });
});

describe('a typed weight', () => {
  it('is in the unit that is written, else in the usual one', () => {
    expect(readWeight('61,5', 'kg')).toEqual({ reading: 61.5, unit: 'kg' });
    expect(readWeight(' 150 lb ', 'kg')).toEqual({ reading: 150, unit: 'lb' });
    expect(readWeight('150#', 'kg')).toEqual({ reading: 150, unit: 'lb' });
    expect(readWeight('70 Kilos', 'lb')).toEqual({ reading: 70, unit: 'kg' });
    expect(readWeight('', 'lb')).toBeUndefined();
    for (const text of ['heavy', '1e3', '-5', '6 stone', '٧٠', '0x10', '12345'])
      expect(readWeight(text, 'kg')?.reading, text).toBeNaN();
  });
});
