import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { createSolver } from '../../server/classes/solver';
import { findDrill } from '../vocabulary';
import {
  type Arrangement,
  type Attendee,
  arranged,
  arrangementOf,
  type ClassPlan,
  type ClassProblem,
  defaultLimits,
  leastMinutesOf,
  mostMinutesOf,
  partsOf,
  planClass,
  planClassOrGroups,
  withPart,
} from './index';

const person = (at: number): Attendee => ({
  ...{ personId: `p${at}`, belt: 'blue', age: 30, weightKg: 75, chance: 1, injured: false },
  needs: [
    { errorId: 'err-half-flat', priority: 1, count: 2, markIds: [] },
    { errorId: at % 2 ? 'err-shoulders-past-hips' : 'err-half-flat', priority: 2, count: 3, markIds: [] },
  ],
});
const problem: ClassProblem = {
  ...{ minutes: 75, uniform: 'gi', pairsOnMats: 12, limits: defaultLimits, locks: [], coaches: 2 },
  attendees: Array.from({ length: 10 }, (_, at) => person(at)),
  ...{ restingDrillIds: new Set(), recentPairs: new Set() },
  ownBlocks: [
    { id: 'a', title: 'News', minutes: 3, place: 'before' },
    { id: 'b', title: 'Stretch', minutes: 2, place: 'after' },
  ],
};
let plan: ClassPlan;
let grouped: ClassPlan;
beforeAll(async () => {
  const solve = await createSolver();
  const parted = problem.attendees.map((one) => ({ ...one, needs: one.needs.slice(1) }));
  const [one, two] = [planClass(problem, solve), planClassOrGroups({ ...problem, attendees: parted }, solve)];
  if (!one.ok || !two.ok) throw new Error('no plan to arrange');
  [plan, grouped] = [one.value, two.value];
});
const titles = ({ blocks }: ClassPlan) => blocks.map((block) => block.title ?? block.drillId ?? block.kind);

describe('a plan that the coach arranges', () => {
  it('is the same when nothing is moved', () => {
    const same = arranged(plan, arrangementOf(plan), findDrill);
    expect(same).toMatchObject({
      ok: true,
      value: { blocks: plan.blocks, drills: plan.drills, pairings: plan.pairings },
    });
  });

  it('tiles the class in any order and with any minutes that are allowed; own blocks stay where they are', () => {
    const lessons = arrangementOf(plan);
    expect(lessons.length).toBeGreaterThan(1);
    const moved: fc.Arbitrary<Arrangement> = fc
      .shuffledSubarray([...lessons], { minLength: lessons.length })
      .chain((order) =>
        fc.tuple(
          ...order.map(({ drillId, minutes }) =>
            fc.integer({ min: Math.max(4, minutes - 9), max: minutes + 9 }).map((own) => ({ drillId, minutes: own })),
          ),
        ),
      );
    fc.assert(
      fc.property(moved, (wanted) => {
        const found = arranged(plan, wanted, findDrill);
        const drills = wanted.map((one) => findDrill(one.drillId)!);
        const isBounded = wanted.every(
          ({ minutes }, at) => minutes >= leastMinutesOf(drills[at]!) && minutes <= mostMinutesOf(drills[at]!),
        );
        const rounds = 75 - 8 - 3 - 5 - wanted.reduce((sum, one) => sum + one.minutes, 0);
        expect(found.ok).toBe(isBounded && rounds >= 12);
        if (!found.ok) return;
        const { blocks } = found.value;
        expect(arrangementOf(found.value)).toEqual(wanted);
        expect(blocks.reduce((sum, block) => sum + block.minutes, 0)).toBe(75);
        for (const [at, block] of blocks.entries())
          expect(block.startMinute).toBe(at === 0 ? 0 : blocks[at - 1]!.startMinute + blocks[at - 1]!.minutes);
        const all = titles(found.value);
        expect([all[1], all.at(-3), all.at(-2), all.at(-1)]).toEqual(['News', 'Stretch', 'rounds', 'close']);
        expect(found.value.isArranged).toBe(true);
      }),
    );
  });

  it('is refused with what is wrong: other lessons, too long a one, no time for rounds', () => {
    const [first, ...rest] = arrangementOf(plan);
    expect(arranged(plan, rest, findDrill)).toMatchObject({ ok: false, problem: { code: 'other-lessons' } });
    expect(arranged(plan, [{ drillId: 'drill-frames-retention', minutes: 9 }, ...rest], findDrill).ok).toBe(false);
    const long = [{ drillId: first!.drillId, minutes: 200 }, ...rest];
    expect(arranged(plan, long, findDrill)).toMatchObject({
      problem: { code: 'lesson-length', drillId: first!.drillId },
    });
    const full = [first!, ...rest].map(({ drillId }) => ({ drillId, minutes: mostMinutesOf(findDrill(drillId)!) }));
    const tight = arranged({ ...plan, blocks: plan.blocks }, full, findDrill);
    if (!tight.ok) expect(tight.problem.code).toBe('rounds-too-short');
    expect(arranged(plan, [first!, first!, ...rest], findDrill).ok).toBe(false);
  });

  it('keeps the other group as it is', () => {
    expect(grouped.groups).toHaveLength(2);
    const [one, two] = partsOf(grouped);
    const moved = arranged(two!, [...arrangementOf(two!)].reverse(), findDrill);
    const whole = withPart(grouped, 2, moved.ok ? moved.value : two!);
    expect(partsOf(whole)[0]!.blocks).toEqual(one!.blocks);
    expect(arrangementOf(partsOf(whole)[1]!)).toEqual([...arrangementOf(two!)].reverse());
    expect(whole.drills.map((drill) => drill.drillId).sort()).toEqual(
      grouped.drills.map((drill) => drill.drillId).sort(),
    );
  });
});
