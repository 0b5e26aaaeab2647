import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type AttendanceField, attendanceColumns, matchClass, readAttendance } from '.';

const today = '2026-11-29';
const read = (csv: string, order: 'day-first' | 'month-first' = 'day-first') => {
  const [head = [], ...rows] = csv.split('\n').map((row) => row.split(';'));
  return readAttendance({ head, rows }, today, order);
};

describe('the columns of an attendance list', () => {
  // What spreadsheets and membership programs call them: common practice, no source.
  it.each<[string, (AttendanceField | undefined)[]]>([
    ['Date;Class;Member;Status', ['day', 'class', 'name', 'came']],
    ['Check-in;First Name;Last Name', ['day', 'first-name', 'last-name']],
    ['Datum;Uhrzeit;Kurs;Vorname;Nachname;anwesend', ['day', 'time', 'class', 'first-name', 'last-name', 'came']],
    ['Class name;Class date;Start time;Student', ['class', 'day', 'time', 'name']],
    ['Fecha;Clase;Nombre', ['day', 'class', 'name']],
    ['Member ID;Belt', [undefined, undefined]],
  ])('%s', (head, expected) => {
    expect(attendanceColumns(head.split(';'))).toEqual(expected);
  });
});

describe('a list of visits', () => {
  it('says who came when, with the time beside the day or in a column of its own', () => {
    expect(
      read('Date;Class;Name;Came\n24.11.2026 19:00;Evening;Ana Velden;x\n24.11.2026 7:00 pm;Evening;Teo Li;no\n')
        ?.lines,
    ).toEqual([
      { number: 1, day: '2026-11-24', time: '19:00', title: 'Evening', name: 'Ana Velden', came: true },
      { number: 2, day: '2026-11-24', time: '19:00', title: 'Evening', name: 'Teo Li', came: false },
    ]);
    expect(read('Day;Time;First name;Last name\n2026-11-24;06:30;Ana;Velden')?.lines).toEqual([
      { number: 1, day: '2026-11-24', time: '06:30', title: '', name: 'Ana Velden', came: true },
    ]);
    expect(read('Checkin;Member\n2026-11-24T18:05:12Z;Ana')?.lines[0]).toMatchObject({
      day: '2026-11-24',
      time: '18:05',
    });
  });

  it('is read in the order that its own dates tell, whatever is usual', () => {
    const days = (csv: string) => read(csv, 'month-first')?.lines.map((one) => one.day);
    expect(days('Date;Name\n3/11/2026;Ana\n24/11/2026;Ana')).toEqual(['2026-11-03', '2026-11-24']);
    expect(days('Date;Name\n3/11/2026;Ana')).toEqual(['2026-03-11']);
  });

  it('leaves aside what says nothing, and tells it', () => {
    const list = read(
      'Date;Name;Came\n24.11.2026;Ana;\n;Ana;x\n24.11.2026;;x\n24.11.2026;Ana;maybe\n\n31.2.2026;Ana;x',
    );
    expect(list?.lines).toEqual([]);
    expect(list?.unread.map((one) => one.number)).toEqual([2, 3, 4, 6]);
  });

  it('is a sheet with a column for each day, as coaches keep by hand', () => {
    expect(
      read('Name;24.11.2026;26.11.2026\nAna;x;\nTeo;0;1')?.lines.map(({ day, name, came }) => [day, name, came]),
    ).toEqual([
      ['2026-11-24', 'Ana', true],
      ['2026-11-24', 'Teo', false],
      ['2026-11-26', 'Teo', true],
    ]);
  });

  it('is none without days or names, and nothing makes it fail', () => {
    for (const none of ['', 'Name;Belt\nAna;blue', 'Date;Class\n24.11.2026;Evening'])
      expect(read(none)).toBeUndefined();
    const cell = fc.oneof(fc.string({ unit: 'binary' }), fc.constantFrom('date', 'name', 'came', '24.11.2026', 'x'));
    fc.assert(
      fc.property(fc.array(cell, { maxLength: 6 }), fc.array(fc.array(cell, { maxLength: 6 })), (head, rows) => {
        expect(() => readAttendance({ head, rows }, today, 'day-first')).not.toThrow();
      }),
    );
  });
});

describe('a class of another program', () => {
  const known = [
    { id: 'early', day: '2026-11-24', time: '06:30', title: 'Morning' },
    { id: 'late', day: '2026-11-24', time: '19:00', title: 'Evening class' },
    { id: 'week-before', day: '2026-11-17', time: '19:00', title: 'Evening class' },
  ];
  const match = (day: string, time: string | undefined, title: string) => matchClass({ day, time, title }, known);
  it('is the one of its day, by its time and its title as far as they are said', () => {
    expect(match('2026-11-24', '19:00', '')).toEqual({ kind: 'here', id: 'late', time: '19:00' });
    expect(match('2026-11-24', undefined, 'EVENING class')).toEqual({ kind: 'here', id: 'late', time: '19:00' });
    expect(match('2026-11-24', '19:00', 'BJJ All Levels')).toEqual({ kind: 'here', id: 'late', time: '19:00' });
    expect(match('2026-11-24', undefined, '')).toEqual({ kind: 'several' });
  });
  it('is new elsewhere, at its own time or the usual one of that weekday', () => {
    expect(match('2026-11-24', '12:00', 'Noon')).toEqual({ kind: 'new', time: '12:00' });
    expect(match('2026-12-01', undefined, 'Evening class')).toEqual({ kind: 'new', time: '19:00' });
    expect(match('2026-12-01', undefined, 'Morning')).toEqual({ kind: 'new', time: '06:30' });
    expect(match('2026-12-02', undefined, '')).toEqual({ kind: 'new', time: '19:00' });
  });
});
