import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  ageClassOn,
  beltGap,
  heldOnDay,
  isPlausibleWeight,
  listWeightClasses,
  personOnDay,
  weightClassOf,
  weightGap,
} from './index';

describe('weight gap', () => {
  it('is a share of the lighter athlete: 24 kg on 60 kg is 40 %', () => {
    expect(weightGap(84, 60)).toEqual({ differenceKg: 24, ratioOfLighter: 0.4 });
    expect(weightGap(60, 84).ratioOfLighter).toBe(-0.4);
  });

  it('changes its sign when the athletes change places', () => {
    const kg = fc.double({ min: 20, max: 200, noNaN: true });
    fc.assert(
      fc.property(
        kg,
        kg,
        (one, other) =>
          void expect(weightGap(one, other).ratioOfLighter).toBeCloseTo(-weightGap(other, one).ratioOfLighter, 9),
      ),
    );
  });

  it('doubts weights that nobody has', () => {
    for (const weight of [0, -5, 900, Number.NaN]) expect(isPlausibleWeight(weight)).toBe(false);
    expect(isPlausibleWeight(61.4)).toBe(true);
  });
});

describe('belt gap', () => {
  it('counts stripes as quarters of a step, black degrees as nothing, and a child’s belt as white', () => {
    expect(beltGap({ belt: 'blue', stripes: 2 }, { belt: 'white', stripes: 3 })).toBe(0.75);
    expect(beltGap({ belt: 'black', stripes: 3 }, { belt: 'brown', stripes: 4 })).toBe(0);
    expect(beltGap({ belt: 'green', stripes: 0 }, { belt: 'white', stripes: 0 })).toBe(0);
  });
});

describe('weight classes (main gi federation’s adult tables, from memory)', () => {
  it('put a weight on the limit into the class of that limit', () => {
    expect(weightClassOf(76, 'male', 'gi').name).toBe('light');
    expect(weightClassOf(76.01, 'male', 'gi').name).toBe('middle');
    expect(weightClassOf(57.5, 'male', 'gi').name).toBe('rooster');
    expect(weightClassOf(100.6, 'male', 'gi').name).toBe('ultra heavy');
    expect(weightClassOf(58.5, 'female', 'gi').name).toBe('feather');
    expect(weightClassOf(61.5, 'female', 'no-gi').name).toBe('light');
    expect(weightClassOf(120, 'female', 'gi').name).toBe('super heavy');
  });

  it('hold the published limits', () => {
    const limits = (division: 'male' | 'female', uniform: 'gi' | 'no-gi') =>
      listWeightClasses(division, uniform).map((one) => one.limitKg);
    expect(limits('male', 'gi')).toEqual([57.5, 64, 70, 76, 82.3, 88.3, 94.3, 100.5, Number.POSITIVE_INFINITY]);
    expect(limits('male', 'no-gi')).toEqual([55.5, 61.5, 67.5, 73.5, 79.5, 85.5, 91.5, 97.5, Number.POSITIVE_INFINITY]);
    expect(limits('female', 'gi')).toEqual([48.5, 53.5, 58.5, 64, 69, 74, 79.3, Number.POSITIVE_INFINITY]);
    expect(limits('female', 'no-gi')).toEqual([46.5, 51.5, 56.5, 61.5, 66.5, 71.5, 76.5, Number.POSITIVE_INFINITY]);
  });
});

describe('age class (rules of the main gi federation, from memory)', () => {
  it('goes by the age reached in the calendar year', () => {
    expect(ageClassOn('2010-12-31', '2025-06-01')).toBe('child');
    expect(ageClassOn('2010-12-31', '2026-01-01')).toBe('juvenile');
    expect(ageClassOn('2008-12-31', '2026-01-01')).toBe('adult');
    expect(ageClassOn('1997-01-01', '2026-12-31')).toBe('adult');
    expect(ageClassOn('1996-12-31', '2026-01-01')).toBe('master-1');
    expect(ageClassOn('1990-12-31', '2026-01-01')).toBe('master-2');
    expect(ageClassOn('1985-06-15', '2026-01-01')).toBe('master-3');
    expect(ageClassOn('1965-06-15', '2026-01-01')).toBe('master-7');
  });
});

describe('belts and weights over time', () => {
  const belts = [
    { sinceDay: '2026-06-01', belt: 'blue' as const, stripes: 0 },
    { sinceDay: '2025-01-01', belt: 'white' as const, stripes: 3 },
  ];
  it('hold from their day on; before the first, the first is the nearest that is known', () => {
    expect(heldOnDay(belts, '2026-05-31')).toMatchObject({ belt: 'white' });
    expect(heldOnDay(belts, '2026-06-01')).toMatchObject({ belt: 'blue' });
    expect(heldOnDay(belts, '2020-01-01')).toMatchObject({ belt: 'white' });
    expect(heldOnDay([], '2026-06-01')).toBeUndefined();
  });
  it('fall back on what holds now', () => {
    const now = { belt: 'purple' as const, stripes: 1, weightKg: 80, belts, weights: [] };
    expect(personOnDay(now, '2026-02-01')).toEqual({
      belt: 'white',
      stripes: 3,
      weightKg: 80,
      weightSource: undefined,
    });
    expect(personOnDay({ ...now, belts: [] }, '2026-02-01')).toMatchObject({ belt: 'purple', stripes: 1 });
  });
});
