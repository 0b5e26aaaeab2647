import { describe, expect, it } from 'vitest';
import { academyTable, chanceOfMore, listShared } from './index';

describe('the academy’s table', () => {
  const footage = [
    { belt: 'white' as const, people: 6, liveMinutes: 200 },
    { belt: 'blue' as const, people: 5, liveMinutes: 200 },
    { belt: 'black' as const, people: 1, liveMinutes: 0 },
  ];
  const errors = [
    { errorId: 'err-half-flat', belt: 'white' as const, count: 40, people: 5 },
    { errorId: 'err-half-flat', belt: 'blue' as const, count: 8, people: 2 },
    { errorId: 'err-kob-tips-forward', belt: 'blue' as const, count: 1, people: 1 },
    { errorId: 'err-gone-from-the-catalogue', belt: 'blue' as const, count: 9, people: 3 },
  ];
  it('says which belt makes more of what, and how sure that is', () => {
    const { families, belts, cells } = academyTable(errors, footage);
    expect(families).toEqual(['half-guard', 'knee-on-belly']);
    expect(belts.map((one) => one.belt)).toEqual(['white', 'blue']);
    const cell = (family: string, belt: string) => cells.find((one) => one.family === family && one.belt === belt);
    // 40 in 200 minutes, drawn towards 48 in 400 by a prior worth four: (4 + 40) ÷ (33.3 + 200) × 10.
    expect(cell('half-guard', 'white')?.perTenMinutes).toBeCloseTo((10 * 44) / (400 / 12 + 200), 9);
    expect(cell('half-guard', 'white')?.chanceMore).toBeGreaterThan(0.99);
    expect(cell('half-guard', 'blue')?.chanceMore).toBeLessThan(0.01);
    expect(cell('knee-on-belly', 'blue')?.chanceMore).toBeGreaterThan(0.4);
    expect(cell('knee-on-belly', 'blue')?.chanceMore).toBeLessThan(0.7);
    expect(academyTable([], [])).toEqual({ families: [], belts: [], cells: [] });
  });

  it('compares two rates by the chance that one is over the other', () => {
    expect(chanceOfMore({ shape: 5, rate: 10 }, { shape: 5, rate: 10 })).toBeCloseTo(0.5, 9);
    // Two exponential rates: the chance is the other's rate over the sum of both.
    expect(chanceOfMore({ shape: 1, rate: 1 }, { shape: 1, rate: 3 })).toBeCloseTo(3 / 4, 9);
  });

  it('puts first what many make, that hurts and that can be taught', () => {
    expect(listShared(errors).map((one) => [one.errorId, one.count, one.people])).toEqual([['err-half-flat', 48, 7]]);
  });
});
