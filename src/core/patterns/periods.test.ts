import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { comparePeriods, falseDiscoveryLimit } from './index';

describe('two periods', () => {
  it('control what is false by Benjamini and Hochberg’s own example: fifteen p, four discoveries at 0.05', () => {
    // Benjamini & Hochberg 1995, section 4.1 (thrombolysis in myocardial infarction).
    const ps = [
      0.0001, 0.0004, 0.0019, 0.0095, 0.0201, 0.0278, 0.0298, 0.0344, 0.0459, 0.324, 0.4262, 0.5719, 0.6528, 0.759, 1,
    ];
    expect(falseDiscoveryLimit(ps, 0.05)).toBe(0.0095);
    expect(falseDiscoveryLimit([])).toBe(-1);
    expect(falseDiscoveryLimit([0.5, 0.9])).toBe(-1);
  });

  const round = (heldOn: string, count: number, exposure: number) => ({
    roundId: heldOn,
    heldOn,
    count,
    exposure,
    afterDose: false,
  });
  const sideOf = ({ heldOn }: { heldOn: string }) => (heldOn < '2026-10-01' ? ('one' as const) : ('other' as const));
  it('put first what differs beyond chance, and leave out what was in neither', () => {
    const errors = [
      { errorId: 'err-even-tie-kept', history: [round('2026-09-02', 6, 20), round('2026-11-02', 6, 20)] },
      { errorId: 'err-half-flat', history: [round('2026-09-02', 9, 10), round('2026-11-02', 0, 12)] },
      { errorId: 'err-turns-away', history: [round('2026-09-02', 0, 10)] },
      { errorId: 'err-taps-late', history: [round('2026-09-02', 2, 4)] },
    ];
    const [first, second, third, ...rest] = comparePeriods(errors, sideOf);
    expect(first).toMatchObject({ errorId: 'err-half-flat', isBeyondChance: true, ratio: { ratio: 0 } });
    expect(second).toMatchObject({ errorId: 'err-even-tie-kept', isBeyondChance: false });
    expect(third).toMatchObject({ errorId: 'err-taps-late', isBeyondChance: false, ratio: undefined });
    expect(rest).toEqual([]);
    expect(comparePeriods(errors, () => undefined)).toEqual([]);
  });

  it('say the same whichever is called the one', () => {
    const history = fc.array(
      fc.record({
        day: fc.constantFrom('2026-09-02', '2026-11-02'),
        count: fc.nat(8),
        exposure: fc.integer({ min: 0, max: 9 }),
      }),
    );
    fc.assert(
      fc.property(fc.array(history, { maxLength: 6 }), (all) => {
        const errors = all.map((rounds, at) => ({
          errorId: `e${at}`,
          history: rounds.map((one) => round(one.day, one.count, one.exposure)),
        }));
        const turned = (one: { heldOn: string }) => (sideOf(one) === 'one' ? ('other' as const) : ('one' as const));
        const flags = (side: typeof sideOf) =>
          new Map(comparePeriods(errors, side).map((one) => [one.errorId, one.isBeyondChance]));
        expect(flags(turned)).toEqual(flags(sideOf));
      }),
    );
  });
});
