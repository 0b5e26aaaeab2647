import { expect, it } from 'vitest';
import { usualChance } from './index';

it('who always comes is expected surely, who hardly came not at all; little is known from one class', () => {
  expect(usualChance({ came: 8, held: 8 })).toBeCloseTo(10 / 11, 2);
  expect(usualChance({ came: 4, held: 8 })).toBeCloseTo(6 / 11, 2);
  expect(usualChance({ came: 1, held: 8 })).toBe(0);
  expect(usualChance({ came: 1, held: 1 })).toBe(0.75);
  expect(usualChance({ came: 0, held: 0 })).toBe(0);
});
