import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { guessColumns, isHead, matchRoster, plainName, type RosterField, readBelt, readRoster } from '.';

const habits = { today: '2026-11-29', dayOrder: 'day-first', weightUnit: 'kg' } as const;
const read = (columns: readonly RosterField[], ...row: string[]) => readRoster([row], columns, habits)[0];

describe('the columns of a list', () => {
  // What spreadsheets and membership programs call them: common practice, no source.
  it.each<[string, (RosterField | undefined)[]]>([
    ['Name;Birthday;Belt;Weight (kg)', ['name', 'born-on', 'belt', 'weight']],
    ['First Name;Last Name;DOB;Rank;Stripes;Email', ['first-name', 'last-name', 'born-on', 'belt', 'stripes', 'email']],
    [
      'Vorname;Nachname;Geburtsdatum;Gürtel;Gewicht;E-Mail',
      ['first-name', 'last-name', 'born-on', 'belt', 'weight', 'email'],
    ],
    ['Nome;Data de nascimento;Faixa;Grau', ['name', 'born-on', 'belt', 'stripes']],
    ['Member ID;Member;Sex;Joined', [undefined, 'name', 'division', undefined]],
  ])('%s', (head, expected) => {
    const row = head.split(';');
    expect(isHead(row)).toBe(true);
    expect(guessColumns(row, [])).toEqual(expected);
  });
  it('are guessed by what stands in them where nothing names them', () => {
    const rows = [
      ['17', 'Ana Velden', '24.11.1996', 'blue, 2 stripes', '61,5 kg', 'ana@example.org'],
      ['18', 'Marek Osei', '3.2.1990', 'white', '80 kg', ''],
    ];
    expect(isHead(rows[0] ?? [])).toBe(false);
    expect(guessColumns(undefined, rows)).toEqual([undefined, 'name', 'born-on', 'belt', 'weight', 'email']);
  });
});

describe('a belt as it was written', () => {
  it.each([
    ['blue', 'blue', undefined],
    ['Blue Belt, 2 stripes', 'blue', 2],
    ['PURPLE 3', 'purple', 3],
    ['faixa azul', 'blue', undefined],
    ['Faixa preta 2 grau', 'black', 2],
    ['weiß', 'white', undefined],
    ['grey/white', 'grey-white', undefined],
    ['gray and black belt', 'grey-black', undefined],
    ['kids white', 'child-white', undefined],
    ['yellow', 'yellow', undefined],
  ] as const)('%s', (text, belt, stripes) => {
    expect(readBelt(text)).toEqual(stripes === undefined ? { belt } : { belt, stripes });
  });
  it('is none where it says nothing, too much, or what no belt carries', () => {
    for (const text of ['', 'none', 'blue purple', 'blue 5', 'blue 2 3', '2', 'rainbow', 'blue?!x'])
      expect(readBelt(text), text).toBeUndefined();
  });
});

describe('the people of a list', () => {
  it('have what their cells say; what cannot be read is left empty and told', () => {
    expect(
      read(
        ['name', 'born-on', 'belt', 'weight', 'height', 'email', 'division'],
        ' Velden,  Ana ',
        '24.11.96',
        'blue 2',
        '150 lb',
        '1,68 m',
        'a@b.org',
        'F',
      ),
    ).toEqual({
      number: 1,
      problems: [],
      person: {
        ...{ name: 'Ana Velden', bornOn: '1996-11-24', belt: 'blue', stripes: 2, weightKg: expect.closeTo(68.04, 2) },
        ...{ heightCm: 168, email: 'a@b.org', division: 'female', note: '' },
      },
    });
    const bad = read(
      ['name', 'born-on', 'belt', 'stripes', 'weight', 'height', 'email', 'division'],
      'Bo',
      '31.2.1990',
      'mauve',
      '9',
      '9000',
      '5',
      'a@',
      'x',
    );
    expect(bad?.problems.map((one) => one.field)).toEqual([
      'belt',
      'stripes',
      'born-on',
      'weight',
      'height',
      'email',
      'division',
    ]);
    expect(bad?.person).toMatchObject({ name: 'Bo', stripes: 0, bornOn: undefined });
    for (const name of ['', '  ', '---', '123']) expect(read(['name'], name, 'x')?.person).toBeUndefined();
    for (const day of ['1.1.2030', '1.1.1850'])
      expect(read(['name', 'born-on'], 'Bo', day)?.person?.bornOn).toBeUndefined();
  });
  it('are born in the order of numbers that their own list tells', () => {
    const days = (...texts: string[]) =>
      readRoster(
        texts.map((text) => ['Bo', text]),
        ['name', 'born-on'],
        habits,
      ).map((one) => one.person?.bornOn);
    expect(days('3/4/1990', '11/24/1996')).toEqual(['1990-03-04', '1996-11-24']);
    expect(days('3/4/1990', '24/11/1996')).toEqual(['1990-04-03', '1996-11-24']);
    expect(days('1990-04-03')).toEqual(['1990-04-03']);
  });
  it('never break the reader, and have one line a row that is not empty', () => {
    const text = fc.string({ unit: 'binary', maxLength: 40 });
    fc.assert(
      fc.property(fc.array(fc.array(text, { maxLength: 6 }), { maxLength: 12 }), (rows) => {
        const columns = guessColumns(rows[0], rows);
        const lines = readRoster(rows, columns, habits);
        expect(lines).toHaveLength(rows.filter((row) => row.some((one) => one.trim() !== '')).length);
        expect(matchRoster(lines, [])).toHaveLength(lines.length);
      }),
    );
  });
  it('are found again by name and birthday', () => {
    const known = [
      { id: '1', name: 'José  Ávila', bornOn: '1990-01-02' },
      { id: '2', name: 'Ana Velden' },
    ];
    const lines = readRoster(
      [
        ['jose avila', '2.1.1990'],
        ['Jose Avila', ''],
        ['José Ávila', '5.5.2001'],
        ['ANA VELDEN', '1.1.2000'],
        ['Bo', ''],
        ['Bo', ''],
        ['', 'x'],
      ],
      ['name', 'born-on'],
      habits,
    );
    expect(matchRoster(lines, known)).toEqual(['here', 'twice', 'namesake', 'here', 'new', 'twice', 'nobody']);
    expect(plainName('  Ødegård-Nilsen ')).toBe('ødegard nilsen');
  });
});
