import { expect, it } from 'vitest';
import { inOrder, type StudentLine } from './OnTheMat';

const line = (name: string, status?: string, count = 1, lastHeldOn?: string): StudentLine => ({
  ...{ id: name, name, standing: 'student', stripes: 0, rounds: 1, lastHeldOn },
  top: status === undefined ? undefined : { errorId: 'err-half-flat', status, count, months: [] },
});
const lines = [
  line('Ana', 'occasional', 9, '2026-11-20'),
  line('Ben'),
  line('Cai', 'back-again', 2, '2026-06-01'),
  line('Dee', 'recurring', 3, '2026-11-01'),
  line('Eli', 'recurring', 8, '2026-11-02'),
];

it('students stand by name, by who needs a look, or by who was not seen for longest', () => {
  const names = (order: 'name' | 'look' | 'seen') => inOrder(lines, order).map((one) => one.name);
  expect(names('name')).toEqual(['Ana', 'Ben', 'Cai', 'Dee', 'Eli']);
  expect(names('look')).toEqual(['Cai', 'Eli', 'Dee', 'Ana', 'Ben']);
  expect(names('seen')).toEqual(['Ben', 'Cai', 'Dee', 'Eli', 'Ana']);
});
