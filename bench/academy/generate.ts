import { createHash } from 'node:crypto';
import { createWriteStream } from 'node:fs';
import path from 'node:path';
import { drawsFrom } from '../../demo/term/draws';
import { addDays, present } from '../../src/core/kernel';
import { drills, errors, positions, strengths, techniques } from '../../src/core/vocabulary';

/** How much an academy has gathered; the figures of the design: three years of a busy one. */
export const SIZE = {
  people: 300,
  rounds: 20_000,
  marksEach: 50,
  classes: 600,
  expectedEach: 24,
  drilledEach: 3,
} as const;
/** Raise it when the generator changes: what was kept of an older one is made anew. */
export const GENERATOR = 3;

export const idOf = (kind: string, number: number): string => {
  const hex = createHash('sha256').update(`${kind} ${number}`).digest('hex');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-a${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
};
const quoted = (text: string) => `"${text.replaceAll('"', '""')}"`;

const first = [
  'Ana',
  'Ben',
  'Cai',
  'Dora',
  'Emil',
  'Fay',
  'Gus',
  'Hana',
  'Ivo',
  'Jule',
  'Kit',
  'Lena',
  'Milo',
  'Nora',
  'Otto',
];
const last = [
  'Abel',
  'Brink',
  'Cole',
  'Dahl',
  'Eck',
  'Frey',
  'Gale',
  'Holm',
  'Ives',
  'Jonas',
  'Kern',
  'Lund',
  'Moor',
  'Noll',
  'Ohm',
  'Pike',
  'Quist',
  'Rau',
  'Seel',
  'Tamm',
];
const belts = ['white', 'white', 'white', 'blue', 'blue', 'purple', 'brown', 'black'];
const remarks = [
  'late again',
  'good pressure here',
  'ask about the knee',
  'hips too high',
  'watch the far elbow',
  'nice patience',
];

type Pick = <Item>(items: readonly Item[]) => Item;

function anyMark(roll: () => number, pick: Pick, base: { readonly id: string; readonly atSeconds: number }) {
  const kind = roll();
  const athlete = roll() < 0.5 ? 'a' : 'b';
  if (kind < 0.4) return { ...base, kind: 'position', positionId: pick(positions).id, holder: athlete };
  if (kind < 0.65) {
    const stage = pick(['entry', 'control', 'finished']);
    return { ...base, kind: 'attempt', techniqueId: pick(techniques).id, athlete, stage };
  }
  if (kind < 0.85) {
    const punished = pick(['yes', 'no', 'partly']);
    return { ...base, kind: 'error', errorId: pick(errors).id, athlete, punished, ledTo: [] };
  }
  if (kind < 0.95) return { ...base, kind: 'strength', strengthId: pick(strengths).id, athlete };
  return { ...base, kind: 'note', note: pick(remarks) };
}

/** Writes the academy as files for COPY into a folder; `today` is the day of its newest round. */
export async function generateAcademy(folder: string, today: string): Promise<void> {
  const roll = drawsFrom(7).number;
  const pick: Pick = (items) => present(items[Math.floor(roll() * items.length)]);
  const write = (name: string) => {
    const stream = createWriteStream(path.join(folder, `${name}.csv`));
    return {
      line: async (...cells: readonly (string | number)[]) => {
        if (!stream.write(`${cells.join(',')}\n`))
          await new Promise<void>((resolve) => stream.once('drain', () => resolve()));
      },
      end: () => new Promise<void>((resolve) => stream.end(() => resolve())),
    };
  };
  const [people, rounds, athletes, marks, classes, attendees, drilled] = [
    write('person'),
    write('round'),
    write('round_athlete'),
    write('mark'),
    write('academy_class'),
    write('class_attendee'),
    write('class_drilled'),
  ];
  const beltOf: string[] = [];
  for (let number = 0; number < SIZE.people; number += 1) {
    const belt = pick(belts);
    beltOf.push(belt);
    const name = `${first[number % first.length]} ${last[Math.floor(number / first.length) % last.length]}`;
    await people.line(
      idOf('person', number),
      name,
      'student',
      belt,
      Math.floor(roll() * 4),
      50 + Math.floor(roll() * 50),
    );
  }
  for (let number = 0; number < SIZE.rounds; number += 1) {
    const id = idOf('round', number);
    // Newest first: about twenty rounds on each day of training.
    const heldOn = addDays(today, -Math.floor(number / 20));
    await rounds.line(
      id,
      heldOn,
      roll() < 0.7 ? 'gi' : 'no-gi',
      'no-score',
      300,
      'sparring',
      (number % 20) + 1,
      0,
      300,
    );
    const one = Math.floor(roll() * SIZE.people);
    const other = (one + 1 + Math.floor(roll() * (SIZE.people - 1))) % SIZE.people;
    for (const [slot, who] of [
      ['a', one],
      ['b', other],
    ] as const)
      await athletes.line(id, slot, idOf('person', who), beltOf[who] ?? 'white', 0, 70, 'stated');
    for (let place = 0; place < SIZE.marksEach; place += 1) {
      const atSeconds = Math.round(((place + roll()) * 3000) / SIZE.marksEach) / 10;
      const markId = idOf('mark', number * SIZE.marksEach + place);
      const content = anyMark(roll, pick, { id: markId, atSeconds });
      await marks.line(
        markId,
        id,
        content.kind,
        atSeconds,
        quoted(JSON.stringify(content)),
        idOf('change', number * SIZE.marksEach + place),
      );
    }
  }
  for (let number = 0; number < SIZE.classes; number += 1) {
    const id = idOf('class', number);
    const day = addDays(today, 14 - number);
    const isLogged = day < today;
    await classes.line(id, 'Evening class', `${day}T19:00:00Z`, 75, 'gi', 'all', 12);
    const start = Math.floor(roll() * SIZE.people);
    for (let seat = 0; seat < SIZE.expectedEach; seat += 1) {
      const came = isLogged ? String(roll() < 0.75) : '';
      await attendees.line(id, idOf('person', (start + seat * 11) % SIZE.people), 0.8, came);
    }
    if (!isLogged) continue;
    const lessons = new Set(Array.from({ length: SIZE.drilledEach }, () => pick(drills).id));
    for (const drillId of lessons) await drilled.line(id, drillId, 10 + Math.floor(roll() * 11));
  }
  await Promise.all([people, rounds, athletes, marks, classes, attendees, drilled].map((file) => file.end()));
}
