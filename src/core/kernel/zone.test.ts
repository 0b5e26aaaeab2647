import { describe, expect, it } from 'vitest';
import { clockIn, dayIn, isTimeZone } from './zone';
import { momentAt, momentOf } from './zonedMoment';

describe('the academy’s own time', () => {
  it('tells a moment’s day and time where the academy stands, whatever the server’s zone', () => {
    const evening = '2026-11-24T23:30:00.000Z';
    expect([dayIn('UTC', evening), clockIn('UTC', evening)]).toEqual(['2026-11-24', '23:30']);
    expect([dayIn('Asia/Tokyo', evening), clockIn('Asia/Tokyo', evening)]).toEqual(['2026-11-25', '08:30']);
    expect([dayIn('America/Sao_Paulo', evening), clockIn('America/Sao_Paulo', evening)]).toEqual([
      '2026-11-24',
      '20:30',
    ]);
    // India and Nepal are half and three quarters of an hour off.
    expect([clockIn('Asia/Kolkata', evening), clockIn('Asia/Kathmandu', evening)]).toEqual(['05:00', '05:15']);
  });
  it('finds the moment of a time on its clocks', () => {
    expect(momentAt('Europe/Berlin', '2026-11-24T19:30')).toBe('2026-11-24T18:30:00.000Z');
    expect(momentAt('Europe/Berlin', '2026-07-24T19:30:00')).toBe('2026-07-24T17:30:00.000Z');
    // Directive 2000/84/EC: clocks go on from 2:00 to 3:00 on the last Sunday of March, and back on the last of October.
    expect(momentAt('Europe/Berlin', '2026-03-29T02:30')).toBe('2026-03-29T01:30:00.000Z');
    expect(momentAt('Europe/Berlin', '2026-10-25T02:30')).toBe('2026-10-25T00:30:00.000Z');
    expect(momentOf('Europe/Berlin', '2026-11-24T19:30:00+09:00')).toBe('2026-11-24T10:30:00.000Z');
    expect(momentOf('Europe/Berlin', '2026-11-24T19:30')).toBe('2026-11-24T18:30:00.000Z');
  });
  it('goes there and back', () => {
    for (const zone of ['UTC', 'Europe/Lisbon', 'Pacific/Apia', 'America/St_Johns', 'Australia/Lord_Howe'])
      for (const day of ['2026-01-01', '2026-06-30', '2028-02-29']) {
        const moment = momentAt(zone, `${day}T19:05`);
        expect([dayIn(zone, moment), clockIn(zone, moment)]).toEqual([day, '19:05']);
      }
  });
  it('knows zones by their names', () => {
    expect(['Europe/Lisbon', 'UTC'].every(isTimeZone)).toBe(true);
    expect(['', ' ', 'Mars/Olympus', 'Europe/Lisbon; drop', '🦉'].some(isTimeZone)).toBe(false);
  });
});
