import { type DayOrder, readDay } from '../kernel';
import { dayOrderIn } from '../roster';

export const attendanceFields = ['day', 'time', 'class', 'name', 'first-name', 'last-name', 'came'] as const;
/** What a column of an attendance list holds. */
export type AttendanceField = (typeof attendanceFields)[number];

/** What columns are called. @source common practice: attendance lists of spreadsheets and of membership programs, in the languages that are spoken on most mats */
const headings: Readonly<Record<AttendanceField, RegExp>> = {
  'first-name': /^(first|given|fore|vor|pre)[ _-]*name$|^(vorname|prénom|primeiro nome)$/,
  'last-name': /^(last|family|sur|nach)[ _-]*name$|^(nachname|surname|apellidos?|sobrenome)$/,
  day: /^(date|day|check[ _-]*in|datum|tag|fecha|d[ií]a|data|jour)|date$|^(attended|visited)[ _-]*(on|at)?$/,
  time: /^(time|start|begins?|hour|uhrzeit|zeit|hora|heure)/,
  came: /^(came|present|attended|attendance|status|here|anwesend|asisti[oó]|presente|présent)/,
  class: /class|session|lesson|course|event|kurs|training|clase|aula|cours/,
  name: /^(full[ _-]*)?name$|^(student|member|athlete|person|who|nombre|nome|nom)([ _-]*name)?$/,
};

const yes = /^(1|x|y|yes|true|present|came|attended|here|checked[ _-]*in|✓|✔|ja|si|sí|oui|sim|p)$/i;
const no = /^(0|n|no|false|absent|missed|no[ _-]*show|cancell?ed|nein|non|não|a)$/i;

/** Somebody at a class, as a line of a list says it. */
export interface AttendanceLine {
  /** From one, as the list shows it. */
  readonly number: number;
  readonly day: string;
  /** HH:MM where it is said. */
  readonly time?: string;
  readonly title: string;
  readonly name: string;
  readonly came: boolean;
}

export interface Attendance {
  readonly lines: readonly AttendanceLine[];
  /** Lines that say nobody, no day, or neither yes nor no: left out, and shown. */
  readonly unread: readonly { readonly number: number; readonly text: string }[];
}

interface Table {
  readonly head: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

const plain = (cell: string | undefined): string => (cell ?? '').replace(/\s+/g, ' ').trim();

/** What each column holds, by what it is called; each field once. */
export function attendanceColumns(head: readonly string[]): readonly (AttendanceField | undefined)[] {
  const taken = new Set<AttendanceField>();
  return head.map((cell) => {
    const called = plain(cell).toLowerCase();
    const field = attendanceFields.find((one) => !taken.has(one) && headings[one].test(called));
    if (field) taken.add(field);
    return field;
  });
}

/** A day, and a time where one stands beside it in the same cell: "2026-11-24 19:00", "24.11.2026, 7:00 pm". */
function readMoment(cell: string, today: string, order: DayOrder): { day?: string; time?: string } {
  const clock = /(?:^|[\sT,])(\d{1,2}):(\d{2})(?::\d{2}(?:\.\d+)?)?\s*([ap]m)?(?:Z|[+-]\d{2}:?\d{2})?$/i.exec(cell);
  const words = clock ? cell.slice(0, clock.index).replace(/[\s,T]+$/, '') : cell;
  const day = words === '' ? undefined : readDay(words, today, order);
  if (!clock) return { day };
  const [, hours = '', minutes = '', half = ''] = clock;
  const hour = (Number(hours) % (half ? 12 : 24)) + (half.toLowerCase() === 'pm' ? 12 : 0);
  const isTime = Number(hours) < 24 && Number(minutes) < 60;
  return { day, time: isTime ? `${String(hour).padStart(2, '0')}:${minutes}` : undefined };
}

/** A sheet with a column for each day, as coaches keep by hand, as a line for each cell; undefined for any other table. */
function lined(
  { head, rows }: Table,
  columns: readonly (AttendanceField | undefined)[],
  today: string,
  order: DayOrder,
) {
  const days = head.flatMap((cell, at) =>
    columns[at] === undefined && /\d/.test(cell) && readMoment(plain(cell), today, order).day ? [at] : [],
  );
  if (days.length === 0 || columns.includes('day')) return undefined;
  const who = columns.flatMap((field, at) => (field && field !== 'came' && field !== 'time' ? [at] : []));
  const kept = who.filter((at) => columns[at] !== 'class');
  return {
    head: [...kept.map((at) => head[at] ?? ''), 'date', 'came'],
    rows: rows.flatMap((row) =>
      days.flatMap((at) =>
        plain(row[at]) === '' ? [] : [[...kept.map((one) => row[one] ?? ''), head[at] ?? '', row[at] ?? '']],
      ),
    ),
  };
}

/**
 * Who was at which class, from a list with a row for each visit, or a sheet with a column for each day. Undefined where no column is a day or none says who.
 * A list without a column for it lists who came.
 */
export function readAttendance(table: Table, today: string, usual: DayOrder): Attendance | undefined {
  const guess = attendanceColumns(table.head);
  const cells = (at: number) => table.rows.map((row) => plain(row[at]).replace(/[ T,].*$/, ''));
  const at = guess.indexOf('day');
  const order = dayOrderIn(at >= 0 ? cells(at) : table.head.map(plain), usual);
  const { head, rows } = lined(table, guess, today, order) ?? table;
  const columns = head === table.head ? guess : attendanceColumns(head);
  const has = (field: AttendanceField) => columns.includes(field);
  if (!has('day') || !(has('name') || has('first-name') || has('last-name'))) return undefined;
  const lines: AttendanceLine[] = [];
  const unread: { number: number; text: string }[] = [];
  for (const [place, row] of rows.entries()) {
    const said = (field: AttendanceField) => (has(field) ? plain(row[columns.indexOf(field)]) : '');
    const text = row.map(plain).filter(Boolean).join(' · ');
    if (text === '') continue;
    const name = [said('name'), said('first-name'), said('last-name')].filter(Boolean).join(' ');
    const moment = readMoment(said('day'), today, order);
    const time = readMoment(`${today} ${said('time')}`, today, order).time ?? moment.time;
    const mark = said('came');
    const came = !has('came') || yes.test(mark) ? true : no.test(mark) ? false : undefined;
    // An empty cell says nothing of anybody.
    if (has('came') && mark === '') continue;
    if (!/\p{L}/u.test(name) || moment.day === undefined || came === undefined)
      unread.push({ number: place + 1, text: text.slice(0, 120) });
    else lines.push({ number: place + 1, day: moment.day, time, title: said('class').slice(0, 80), name, came });
  }
  return { lines, unread };
}
