import { expect, it } from 'vitest';
import { techniques } from '../vocabulary';
import { inTurn, themeOfUnit } from './curriculum';

// Facts of the trade: what each of these is taught from.
it.each([
  [['drill-half-guard-side', 'half-guard-underhook-sweep'], 'half-guard under'],
  [['single-leg', 'double-leg', 'snap-down'], 'standing level'],
  [['knee-slice', 'toreando'], 'open-guard over'],
  [['elbow-escape', 'bridge-and-roll'], 'mount under'],
  [['drill-step-to-mount'], 'half-guard over'],
])('%j is about %s', (conceptIds, expected) => {
  const theme = themeOfUnit({ conceptIds });
  expect(theme && `${theme.family} ${theme.place}`).toBe(expected);
});

it('is about nothing where no entry has a lesson, and never about what has none', () => {
  expect(themeOfUnit({ conceptIds: [] })).toBeUndefined();
  expect(themeOfUnit({ conceptIds: ['gone', 'collar-grip'] })).toBeUndefined();
  for (const { id } of techniques) expect(() => themeOfUnit({ conceptIds: [id] })).not.toThrow();
});

it('takes what was never taught first, in the academy’s order, then the longest ago', () => {
  const units = [{ id: 'a', lastDay: '2026-11-02' }, { id: 'b' }, { id: 'c', lastDay: '2026-10-01' }, { id: 'd' }];
  expect(inTurn(units).map((one) => one.id)).toEqual(['b', 'd', 'c', 'a']);
});
