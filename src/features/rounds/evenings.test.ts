import { expect, it } from 'vitest';
import { byEvening, type RoundLine } from './Evenings';

const round = (id: string, heldOn: string, numberInSession: number): RoundLine => ({
  ...{ id, heldOn, numberInSession, a: 'Ana', b: 'Marek', uniform: 'gi', theme: '', markCount: 1, filmed: true },
});

it('rounds stand by evening, newest evening first, each as it was fought', () => {
  const days = byEvening([round('a', '2026-11-25', 2), round('b', '2026-11-25', 1), round('c', '2026-11-21', 3)]);
  expect(days.map(([day, held]) => [day, held.map((one) => one.id)])).toEqual([
    ['2026-11-25', ['b', 'a']],
    ['2026-11-21', ['c']],
  ]);
  expect(byEvening([])).toEqual([]);
});
