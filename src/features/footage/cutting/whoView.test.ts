import { describe, expect, it } from 'vitest';
import { emptyCorner, eveningOf, type KnownPerson, rotate, sayOnce, toRounds, type WhoRow } from './whoView';

const people: KnownPerson[] = [
  {
    id: 'p1',
    name: 'Ana',
    standing: 'student',
    division: 'female',
    belt: 'purple',
    stripes: 0,
    weightKg: 60,
    belts: [
      { sinceDay: '2026-01-01', belt: 'blue', stripes: 2 },
      { sinceDay: '2026-11-23', belt: 'purple', stripes: 0 },
    ],
    weights: [{ sinceDay: '2026-11-02', weightKg: 61.2, source: 'stated' }],
  },
  { id: 'p2', name: 'Marek', standing: 'partner', belt: 'white', stripes: 0, belts: [], weights: [] },
];
const row = (key: string, startSeconds: number, plannedSeconds?: number): WhoRow => ({
  key,
  roundId: `round-${key}`,
  startSeconds,
  endSeconds: startSeconds + 300,
  plannedSeconds,
  a: { ...emptyCorner, personId: 'p1', toldApartBy: 'white gi' },
  b: { ...emptyCorner, personId: 'p2', toldApartBy: 'blue gi' },
});
const facts = {
  heldOn: '2026-11-20',
  uniform: 'gi' as const,
  ruleSet: 'no-score',
  occasion: 'sparring' as const,
  plannedMinutes: '4,5',
  firstNumber: 3,
  theme: '',
};

describe('who is in them', () => {
  it('rotates with those who stayed, in their corners', () => {
    const [before, next] = [row('1', 0), row('2', 400)];
    expect(rotate(before, next, 'first')).toMatchObject({ startSeconds: 400, a: { personId: 'p1' }, b: emptyCorner });
    expect(rotate(before, next, 'second')).toMatchObject({ a: emptyCorner, b: { toldApartBy: 'blue gi' } });
    expect(rotate(before, next, 'both')).toEqual({ ...next, a: before.a, b: before.b });
    expect(rotate(before, next, 'nobody')).toMatchObject({ a: emptyCorner, b: emptyCorner });
  });
  it('hears kit, weight and what is to be spared once for the evening', () => {
    const first = row('1', 0);
    const said = { ...first, a: { ...first.a, weight: '62', hurt: 'sore knee' } };
    expect(eveningOf([said], 'p1')).toEqual({ toldApartBy: 'white gi', weight: '62', hurt: 'sore knee' });
    expect(eveningOf([said], 'p9')).toEqual({ toldApartBy: '', weight: '', hurt: '' });
    const rows = sayOnce([said, row('2', 400), row('3', 800)], first.a, said.a);
    expect(rows.map((one) => [one.a.weight, one.a.hurt, one.b.hurt])).toEqual([
      ['62', 'sore knee', ''],
      ['62', 'sore knee', ''],
      ['62', 'sore knee', ''],
    ]);
    // What was said otherwise of one round stays; what was taken back is taken back everywhere.
    const own = { ...rows[1]!, a: { ...rows[1]!.a, hurt: 'both knees' } };
    const later = sayOnce([rows[0]!, own, rows[2]!], rows[0]!.a, { ...rows[0]!.a, hurt: '' });
    expect(later.map((one) => one.a.hurt)).toEqual(['', 'both knees', '']);
    expect(toRounds(rows, facts, people, 'f', 'kg')[2]!.a).toMatchObject({
      weight: 62,
      weightSource: 'stated',
      condition: { hurt: 'sore knee' },
    });
  });
  it('takes belt and weight of the people, the bell’s own length, and numbers on', () => {
    expect(
      toRounds([row('1', 0)], { ...facts, plannedMinutes: '' }, people, 'f', 'kg')[0]!.plannedSeconds,
    ).toBeUndefined();
    const rounds = toRounds(
      [row('1', 0, 300), { ...row('2', 400), b: { ...emptyCorner, newName: 'Otto', newBelt: 'purple' } }],
      facts,
      people,
      'f',
      'kg',
    );
    expect(rounds.map((one) => [one.numberInSession, one.plannedSeconds])).toEqual([
      [3, 300],
      [4, 270],
    ]);
    expect(rounds[0]!.a).toMatchObject({
      personId: 'p1',
      belt: 'blue',
      stripes: 2,
      weight: 61.2,
      weightSource: 'stated',
    });
    expect(rounds[0]!.b).toMatchObject({ weight: undefined, weightSource: undefined });
    expect(rounds[1]!.b).toMatchObject({ newName: 'Otto', belt: 'purple' });
    expect(toRounds([row('1', 0)], facts, people, 'f', 'lb')[0]!.a.weight).toBe(134.9);
  });
});
