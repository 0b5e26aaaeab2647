import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { arbitraryAttendees } from '../../../tests/support/planning';
import { createSolver } from '../../server/classes/solver';
import { findDrill } from '../vocabulary';
import {
  type Attendee,
  type ClassPlan,
  type ClassProblem,
  defaultLimits,
  findExclusion,
  partsOf,
  planClassOrGroups,
  type Solve,
  themeKey,
  usualNumbers,
} from './index';

let solve: Solve;
beforeAll(async () => {
  solve = await createSolver();
});

const person = (personId: string, errorId: string, rest: Partial<Attendee> = {}): Attendee => ({
  ...{ personId, belt: 'blue', age: 30, weightKg: 75, chance: 1, injured: false },
  needs: [{ errorId, priority: 2, count: 3, markIds: [] }],
  ...rest,
});
/** Six who lie flat in half guard, six whose posture is broken in the closed guard. */
const twelve = Array.from({ length: 12 }, (_, at) =>
  person(`p${at}`, at % 2 === 0 ? 'err-half-flat' : 'err-shoulders-past-hips'),
);
const classOf = (attendees: readonly Attendee[], rest: Partial<ClassProblem> = {}): ClassProblem => ({
  ...{ minutes: 60, uniform: 'gi', pairsOnMats: 12, coaches: 2, attendees, limits: defaultLimits, locks: [] },
  ...{ restingDrillIds: new Set(), recentPairs: new Set(), ...rest },
});
function planOf(problem: ClassProblem): ClassPlan {
  const outcome = planClassOrGroups(problem, solve);
  if (!outcome.ok) throw new Error(outcome.problem.code);
  return outcome.value;
}
const pairedIn = (plan: ClassPlan): Set<string> => new Set(plan.pairings.flatMap((one) => one.groups.flat()));

describe('two groups side by side', () => {
  it('serve those for whom one theme has nothing, each with lessons and pairs of its own', () => {
    const plan = planOf(classOf(twelve));
    const [first, second] = partsOf(plan);
    expect(plan.groups).toHaveLength(2);
    expect(plan.served).toBe(12);
    expect(plan.servedAsOne).toBe(6);
    expect(themeKey(first!.themes![0]!)).not.toBe(themeKey(second!.themes![0]!));
    const [here, there] = plan.groups!.map((one) => [...one.personIds].sort());
    expect([...here!, ...there!].sort()).toEqual(twelve.map((one) => one.personId).sort());
    expect(new Set(here!.map((id) => Number(id.slice(1)) % 2)).size).toBe(1);
    for (const [part, ids] of [
      [first!, here!],
      [second!, there!],
    ] as const) {
      expect([...pairedIn(part)].sort()).toEqual(ids);
      expect(part.blocks.reduce((sum, one) => sum + one.minutes, 0)).toBe(60);
    }
    expect(plan.drills).toHaveLength(first!.drills.length + second!.drills.length);
  });

  it('are not made with one coach, for one theme, for few, or where they serve hardly more', () => {
    expect(planOf(classOf(twelve, { coaches: 1 })).groups).toBeUndefined();
    expect(planOf(classOf(twelve, { theme: { family: 'half-guard', place: 'under' } })).groups).toBeUndefined();
    expect(planOf(classOf(twelve.slice(0, 7))).groups).toBeUndefined();
    const eleven = twelve.map((one, at) => (at < 11 ? person(one.personId, 'err-half-flat') : one));
    expect(planOf(classOf(eleven)).groups).toBeUndefined();
    expect(planOf(classOf(twelve, { numbers: { ...usualNumbers, twoGroupsPercent: 150 } })).groups).toBeUndefined();
  });

  it('leave nobody without a partner who has one in the class as a whole', () => {
    // The two under 16 have different errors: parted, each would be alone among adults.
    const minors = twelve.map((one, at) => (at < 2 ? { ...one, age: 13 } : one));
    const plan = planOf(classOf(minors));
    const idle = partsOf(plan).flatMap((part) => part.pairings.flatMap((one) => one.sittingOut));
    expect(idle).toEqual([]);
  });

  it('keep a lesson that the coach keeps in the group of its theme, and what is left out out of both', () => {
    const locks = [
      { kind: 'keep', drillId: 'drill-half-guard-side', minutes: 12 },
      { kind: 'drop', drillId: 'drill-half-underhook-race' },
    ] as const;
    const plan = planOf(classOf(twelve, { locks }));
    expect(plan.groups).toHaveLength(2);
    const with_ = plan.groups!.filter((one) => one.drills.some((drill) => drill.drillId === 'drill-half-guard-side'));
    expect(with_).toHaveLength(1);
    expect(with_[0]!.drills.find((one) => one.drillId === 'drill-half-guard-side')?.minutes).toBe(12);
    expect(plan.drills.some((one) => one.drillId === 'drill-half-underhook-race')).toBe(false);
  });

  it('put everybody into one of them, and nobody does what they may not, whoever comes', () => {
    fc.assert(
      fc.property(arbitraryAttendees(8, 10), (attendees) => {
        const outcome = planClassOrGroups(classOf(attendees), solve);
        if (!outcome.ok || !outcome.value.groups) return;
        const { groups, served = 0, servedAsOne = 0 } = outcome.value;
        expect(groups.flatMap((one) => one.personIds).sort()).toEqual(attendees.map((one) => one.personId).sort());
        expect(served).toBeGreaterThanOrEqual(servedAsOne * 1.25);
        for (const { personIds, blocks, pairings } of groups) {
          expect(personIds.length).toBeGreaterThanOrEqual(usualNumbers.groupPeople);
          for (const pairing of pairings)
            expect(pairing.groups.flat().every((id) => personIds.includes(id))).toBe(true);
          for (const { drillId, excludedIds } of blocks)
            for (const one of attendees.filter((each) => personIds.includes(each.personId)))
              if (drillId !== undefined)
                expect(findExclusion(findDrill(drillId)!, one) !== undefined).toBe(excludedIds.includes(one.personId));
        }
      }),
      { numRuns: 6 },
    );
  });
});
