import { anyBelts } from '../vocabulary';
import { readBelt } from './readBelt';

export const rosterFields = [
  'name',
  'first-name',
  'last-name',
  'born-on',
  'belt',
  'stripes',
  'weight',
  'height',
  'email',
  'division',
  'note',
] as const;
/** What a column of a list of students holds. */
export type RosterField = (typeof rosterFields)[number];

/** What columns are called in lists of academies. @source common practice: exports of spreadsheets and of membership programs, in the languages that are spoken on most mats */
const headings: Readonly<Record<RosterField, RegExp>> = {
  'first-name': /^(first|given|fore|vor|pre)[ _-]*name$|^(vorname|nombre de pila|prénom|primeiro nome|nome próprio)$/,
  'last-name': /^(last|family|sur|nach)[ _-]*name$|^(nachname|surname|apellidos?|nom de famille|sobrenome)$/,
  name: /^(full[ _-]*)?name$|^(student|member|athlete|person|nombre|nome|nom)([ _-]*name)?$/,
  'born-on': /birth|^b(orn|day)|^dob$|geburt|geboren|nacimiento|naissance|nascimento/,
  stripes: /stripe|degree|^grau|streifen|grados/,
  belt: /belt|rank|^grade$|faixa|g[uü]rtel|cintur|ceinture/,
  weight: /weight|^(kg|lbs?)$|gewicht|peso|poids/,
  height: /height|^cm$|gr(ö|oe)(ß|ss)e|altura|taille/,
  email: /mail/,
  division: /^(sex|gender|division|geschlecht|g[eé]nero|sexo)$/,
  note: /note|remark|comment|bemerkung|observa/,
};

const values: readonly (readonly [RosterField, (text: string) => boolean])[] = [
  ['email', (text) => /^\S+@\S+\.\S+$/.test(text)],
  ['belt', (text) => readBelt(text) !== undefined],
  ['born-on', (text) => /^\d{1,4}[./-]\d{1,2}[./-]\d{1,4}$/.test(text)],
  ['weight', (text) => /^\d{2,3}([.,]\d+)?\s*(kg|lbs?)$/i.test(text)],
  ['name', (text) => /^\p{L}[\p{L}'’.-]*( \p{L}[\p{L}'’.-]*)+$/u.test(text)],
];

/** The share of a column's texts that must look alike for it to be guessed by what stands in it. @source own decision */
const MOST = 0.7;

/**
 * What each column of a list holds: by what it is called, else by what stands in it; each field once, undefined for what is not known. `head` is the first
 * row when it names columns.
 */
export function guessColumns(
  head: readonly string[] | undefined,
  rows: readonly (readonly string[])[],
): readonly (RosterField | undefined)[] {
  const width = Math.max(head?.length ?? 0, ...rows.map((row) => row.length), 0);
  const taken = new Set<RosterField>();
  const found = Array.from({ length: width }, (_, at): RosterField | undefined => {
    const called = (head?.[at] ?? '').trim().toLowerCase();
    const field = (Object.keys(headings) as RosterField[]).find((one) => !taken.has(one) && headings[one].test(called));
    if (called === '' || !field) return undefined;
    taken.add(field);
    return field;
  });
  const needsName = !taken.has('name') && !taken.has('first-name') && !taken.has('last-name');
  return found.map((field, at) => {
    if (field) return field;
    const texts = rows.map((row) => (row[at] ?? '').trim()).filter(Boolean);
    const guess = values.find(
      ([one, looks]) =>
        !taken.has(one) &&
        (one !== 'name' || needsName) &&
        texts.length > 0 &&
        texts.filter(looks).length >= texts.length * MOST,
    )?.[0];
    if (guess) taken.add(guess);
    return guess;
  });
}

/** Whether the first row of a list names its columns: at least one of them is called something that is known. */
export const isHead = (row: readonly string[]): boolean =>
  row.some((text) => Object.values(headings).some((heading) => heading.test(text.trim().toLowerCase()))) &&
  !row.some((text) => /@|\d{2}/.test(text) || anyBelts.some((belt) => belt === text.trim().toLowerCase()));
