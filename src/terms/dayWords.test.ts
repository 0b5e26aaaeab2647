import { expect, it } from 'vitest';
import { dayWords } from './dayWords';

it('a day is read with its weekday, and with its year where that is not this one', () => {
  expect(dayWords('2026-11-24', 2026)).toBe('Tue 24 Nov');
  expect(dayWords('2025-01-05', 2026)).toBe('Sun 5 Jan 2025');
  // The day after the last of February of a leap year.
  expect(dayWords('2024-02-29', 2026)).toBe('Thu 29 Feb 2024');
  expect(dayWords('soon', 2026)).toBe('soon');
});
