import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { drills, findDrill, findError } from '../vocabulary';
import {
  doseOf,
  dueOn,
  exactBenefit,
  type Need,
  pairCost,
  partnersErrors,
  planNumberGroups,
  planNumberNames,
  planNumbers,
  spaced,
  splitMinutes,
  taughtHere,
  usualChance,
  usualNumbers,
  withSigned,
  workOn,
} from './index';

const need = (errorId: string, rest: Partial<Need> = {}): Need => ({
  ...{ errorId, priority: 1, count: 3, markIds: [] },
  ...rest,
});
const onTheSide = findDrill('drill-half-guard-side')!;
const withNumbers = (patch: Partial<typeof usualNumbers>) => ({ ...usualNumbers, ...patch });

describe('the numbers of the planner', () => {
  it('are whole, within their bounds, and each stands in one group', () => {
    for (const name of planNumberNames) {
      const { usual, least, most, reason } = planNumbers[name];
      expect([usual, least, most].every(Number.isInteger), name).toBe(true);
      expect(usual >= least && usual <= most, name).toBe(true);
      expect(reason.length, name).toBeGreaterThan(8);
    }
    expect(Object.values(planNumberGroups).flatMap((group) => Object.keys(group))).toHaveLength(planNumberNames.length);
  });

  it('decide what a minute of a lesson counts and how its minutes are parted', () => {
    const [mostlyPlayed] = taughtHere(
      [onTheSide],
      withNumbers({ playedParts: 9, playedWork: 100, changeOverMinutes: 0 }),
    );
    expect(doseOf(mostlyPlayed!, 14, 1)).toBeGreaterThan(doseOf(onTheSide, 14, 1));
    const played = (drill: typeof onTheSide) =>
      splitMinutes(drill, 20).find((one) => one.phase === 'positional')!.minutes;
    expect(played(mostlyPlayed!)).toBeGreaterThan(played(onTheSide) + 4);
    // A drill that says its own parts keeps to them.
    const own = { ...mostlyPlayed!, parts: { static: 1, cooperative: 9, progressive: 1, live: 1 } };
    expect(played(own)).toBeLessThan(4);
    fc.assert(
      fc.property(
        fc.constantFrom(...drills),
        fc.integer({ min: 8, max: 30 }),
        fc.record({
          static: fc.integer({ min: 1, max: 9 }),
          cooperative: fc.integer({ min: 1, max: 9 }),
          progressive: fc.integer({ min: 1, max: 9 }),
          live: fc.integer({ min: 1, max: 9 }),
        }),
        (drill, minutes, parts) => {
          const split = splitMinutes({ ...drill, parts }, minutes);
          expect(split.reduce((sum, one) => sum + one.minutes, 0)).toBe(minutes);
          expect(split.every((one) => one.minutes >= 1)).toBe(true);
        },
      ),
    );
  });

  it('decide how soon a full effect is near, when something is due, whose word weighs, who is expected and who is paired', () => {
    const attendees = [
      { personId: 'a', belt: 'blue', age: 30, chance: 1, injured: false, needs: [need('err-half-flat')] } as const,
    ];
    const choice = [{ drillId: 'drill-half-guard-side', minutes: 12, excludedIds: [] }];
    const benefit = (doseMinutes: number) =>
      exactBenefit(choice, attendees, 1, findDrill, withNumbers({ doseMinutes }));
    expect(benefit(6)).toBeGreaterThan(benefit(12));
    expect(benefit(12)).toBeGreaterThan(benefit(24));
    expect(dueOn(2, '2026-11-01', withNumbers({ dueTwiceDays: 10 }))).toBe('2026-11-11');
    expect(dueOn(9, '2026-11-01', withNumbers({ dueLaterDays: 60 }))).toBe('2026-12-31');
    const done = [{ errorId: 'err-half-flat', day: '2026-11-01', dose: 5 }];
    const weighed = spaced([need('err-half-flat')], done, '2026-11-20', withNumbers({ duePercent: 200 }));
    expect(weighed.needs[0]?.priority).toBe(2);
    const signed = [{ errorId: 'err-heels-lifted', day: '2026-11-01' }];
    expect(
      withSigned([need('err-half-flat', { priority: 4 })], signed, withNumbers({ signedPercent: 300 }))[0],
    ).toMatchObject({
      errorId: 'err-heels-lifted',
      priority: 12,
    });
    expect(usualChance({ came: 1, held: 8 }, withNumbers({ expectedPercent: 20 }))).toBeCloseTo(3 / 11, 2);
    const person = (personId: string, weightKg: number) =>
      ({ personId, belt: 'blue', age: 30, chance: 1, injured: false, needs: [], weightKg }) as const;
    const pairing = {
      ...{ people: [], live: true, limits: { liveWeightGapRatio: 0.2, minorsWithAdults: false, doNotPair: [] } },
      ...{ recentPairs: new Set(['a b']), usedPairs: new Set<string>(), wants: new Map() },
      numbers: withNumbers({ freeGapPercent: 20, recentCost: 7 }),
    };
    expect(pairCost(person('a', 70), person('b', 84), pairing)).toBeCloseTo(7, 9);
  });
});

describe('the partner of a lesson', () => {
  it('works on the other side of the position, half as much and only where it is answered and played', () => {
    expect(onTheSide.role).toBe('bottom');
    const others = [...partnersErrors(onTheSide)].map((id) => findError(id)!);
    expect(others.length).toBeGreaterThan(2);
    for (const error of others) expect([error.family, error.role]).toEqual([onTheSide.family, 'top']);
    const [first] = others;
    const work = workOn(onTheSide, need(first!.id))!;
    expect(work).toMatchObject({ as: 'partner', kappa: onTheSide.kappa });
    expect(work.resistance).toBeLessThan(workOn(onTheSide, need(onTheSide.targetErrorIds[0]!))!.resistance / 1.5);
    const [alone] = taughtHere([onTheSide], withNumbers({ partnerPercent: 0 }));
    expect(workOn(alone!, need(first!.id))).toBeUndefined();
  });

  it('has nothing to work on where there is no other side', () => {
    for (const drill of drills.filter((one) => one.family === 'standing' || one.family === 'any'))
      expect([...partnersErrors(drill)], drill.id).toEqual([]);
  });
});
