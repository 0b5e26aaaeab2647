import { type DayOrder, readDay, readWeight, toKilograms, type WeightUnit } from '../kernel';
import { isPlausibleWeight } from '../partner';
import { type AnyBelt, mostStripes } from '../vocabulary';
import type { RosterField } from './columns';
import { readBelt } from './readBelt';

/** Somebody of a list. */
export interface RosterPerson {
  readonly name: string;
  readonly bornOn?: string;
  readonly belt?: AnyBelt;
  readonly stripes: number;
  readonly weightKg?: number;
  readonly heightCm?: number;
  readonly email: string;
  readonly division?: 'male' | 'female';
  readonly note: string;
}

export interface RosterLine {
  /** From one, as the list shows it. */
  readonly number: number;
  /** Undefined where there is no name. */
  readonly person?: RosterPerson;
  /** Cells that could not be read: they are left empty, and said. */
  readonly problems: readonly { readonly field: RosterField; readonly text: string }[];
}

export interface RosterHabits {
  readonly today: string;
  readonly dayOrder: DayOrder;
  readonly weightUnit: WeightUnit;
}

const PLAUSIBLE_AGE = 100;

/** In which order a list writes the numbers of a date, when its dates tell: one above twelve stands for the day. Else the usual order. */
export function dayOrderIn(texts: readonly string[], usual: DayOrder): DayOrder {
  const dates = texts.flatMap((text) => {
    const [, one, other] = /^\s*(\d{1,2})[./-](\d{1,2})[./-]\d{2,4}\s*$/.exec(text) ?? [];
    return one && other ? [[Number(one), Number(other)] as const] : [];
  });
  if (dates.some(([one]) => one > 12)) return 'day-first';
  return dates.some(([, other]) => other > 12) ? 'month-first' : usual;
}

/** The people of a list, a line each: what cannot be read is left empty and told, and only a line without a name is nobody. */
export function readRoster(
  rows: readonly (readonly string[])[],
  columns: readonly (RosterField | undefined)[],
  habits: RosterHabits,
): readonly RosterLine[] {
  const born = columns.indexOf('born-on');
  const order = dayOrderIn(
    rows.map((row) => row[born] ?? ''),
    habits.dayOrder,
  );
  return rows.flatMap((row, at) =>
    row.every((text) => text.trim() === '') ? [] : [readLine(row, at + 1, columns, { ...habits, dayOrder: order })],
  );
}

function readLine(
  row: readonly string[],
  number: number,
  columns: readonly (RosterField | undefined)[],
  { today, dayOrder, weightUnit }: RosterHabits,
): RosterLine {
  const problems: { field: RosterField; text: string }[] = [];
  const said = (field: RosterField) => (row[columns.indexOf(field)] ?? '').replace(/\s+/g, ' ').trim();
  const read = <Value>(field: RosterField, how: (text: string) => Value | undefined): Value | undefined => {
    const text = columns.includes(field) ? said(field) : '';
    if (text === '') return undefined;
    const value = how(text);
    if (value === undefined) problems.push({ field, text });
    return value;
  };
  const name = [said('name'), said('first-name'), said('last-name')].filter(Boolean).join(' ').slice(0, 80).trim();
  if (!/\p{L}/u.test(name)) return { number, problems };
  const belt = read('belt', readBelt);
  const stripes = read('stripes', (text) => {
    const count = /^\d{1,2}$/.test(text) ? Number(text) : undefined;
    return count !== undefined && count <= mostStripes(belt?.belt) ? count : undefined;
  });
  const person: RosterPerson = {
    name: turned(name),
    bornOn: read('born-on', (text) => plausibleBirthday(readDay(text, today, dayOrder), today)),
    belt: belt?.belt,
    stripes: stripes ?? belt?.stripes ?? 0,
    weightKg: read('weight', (text) => {
      const typed = readWeight(text, weightUnit);
      const kg = typed && toKilograms(typed.reading, typed.unit);
      return kg !== undefined && isPlausibleWeight(kg) ? kg : undefined;
    }),
    heightCm: read('height', (text) => {
      const value = Number(text.replace(/\s*(cm|m)$/i, '').replace(',', '.'));
      const cm = value > 0 && value < 3 ? value * 100 : value;
      return cm >= 60 && cm <= 240 ? Math.round(cm) : undefined;
    }),
    email: read('email', (text) => (/^[^\s@]+@[^\s@]+\.[^\s@]+$/.test(text) ? text : undefined)) ?? '',
    division: read('division', (text) =>
      /^(f|female|woman|w|weiblich|mujer|mulher|femme)$/i.test(text)
        ? 'female'
        : /^(m|male|man|männlich|hombre|homem|homme)$/i.test(text)
          ? 'male'
          : undefined,
    ),
    note: said('note').slice(0, 4000),
  };
  return { number, person, problems };
}

/** "Velden, Ana" is Ana Velden. */
const turned = (name: string): string => {
  const [last, first, ...rest] = name.split(',').map((part) => part.trim());
  return last && first && rest.length === 0 ? `${first} ${last}` : name;
};

function plausibleBirthday(day: string | undefined, today: string): string | undefined {
  if (day === undefined || day > today) return undefined;
  return Number(today.slice(0, 4)) - Number(day.slice(0, 4)) <= PLAUSIBLE_AGE ? day : undefined;
}
