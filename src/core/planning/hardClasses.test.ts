import { beforeAll, describe, expect, it } from 'vitest';
import { brokenRulesOf } from '../../../tests/support/planRules';
import { createSolver } from '../../server/classes/solver';
import { bodyParts, findDrill } from '../vocabulary';
import {
  type Attendee,
  type ClassProblem,
  defaultLimits,
  planClass,
  planClassOrGroups,
  planRun,
  type RunClass,
  type Solve,
} from './index';

let solve: Solve;
beforeAll(async () => {
  solve = await createSolver();
});

const wide = ['err-half-flat', 'err-bridge-untrapped', 'err-taps-late', 'err-shoulders-past-hips'];
const person = (at: number, rest: Partial<Attendee> = {}): Attendee => ({
  ...{ personId: `p${at}`, belt: at % 3 === 0 ? 'white' : 'blue', age: 30, weightKg: 60 + (at % 30), chance: 0.9 },
  ...{
    injured: false,
    needs: [{ errorId: wide[at % wide.length] ?? '', priority: 1 + (at % 5), count: 2, markIds: [] }],
  },
  ...rest,
});
const people = (count: number, rest: Partial<Attendee> = {}) =>
  Array.from({ length: count }, (_, at) => person(at, rest));
const classOf = (attendees: readonly Attendee[], rest: Partial<ClassProblem> = {}): ClassProblem => ({
  ...{ minutes: 60, uniform: 'gi', pairsOnMats: 12, attendees, limits: defaultLimits, locks: [] },
  ...{ restingDrillIds: new Set(), recentPairs: new Set(), ...rest },
});

describe('a class that is hard to plan', () => {
  it('of sixty people on three mats places everybody once in each pairing, and breaks no weight', () => {
    const crowd = people(60);
    const outcome = planClass(classOf(crowd, { pairsOnMats: 3 }), solve);
    if (!outcome.ok) throw new Error(outcome.problem.code);
    expect(outcome.value.blocks.reduce((sum, one) => sum + one.minutes, 0)).toBe(60);
    for (const { groups, sittingOut, untilPlayed = [] } of outcome.value.pairings) {
      const placed = [
        ...groups.flat(),
        ...sittingOut.map((one) => one.personId),
        ...untilPlayed.flatMap((one) => one.personIds),
      ];
      expect([...placed].sort()).toEqual(crowd.map((one) => one.personId).sort());
    }
  });

  it.each(bodyParts)('in which every %s is sore loads none', (joint) => {
    const outcome = planClass(classOf(people(8, { sore: [joint] })), solve);
    if (!outcome.ok) return expect(outcome.problem.code).toBe('no-drill-fits');
    for (const { drillId } of outcome.value.drills) expect(findDrill(drillId)?.loads).not.toContain(joint);
  });

  it('in which everything is sore, nobody is there, or one is alone says so', () => {
    expect(planClass(classOf(people(8, { sore: bodyParts })), solve)).toMatchObject({
      problem: { code: 'no-drill-fits' },
    });
    expect(planClass(classOf([]), solve)).toMatchObject({ ok: false });
    expect(planClass(classOf(people(1)), solve)).toMatchObject({ ok: false, problem: { code: 'one-person' } });
  });

  it('of twenty minutes has one lesson, and of nineteen none', () => {
    const short = planClass(classOf(people(6), { minutes: 20 }), solve);
    expect(short.ok ? short.value.drills.length : short.problem.code).toBe(1);
    expect(planClass(classOf(people(6), { minutes: 19 }), solve)).toMatchObject({ problem: { code: 'too-short' } });
  });
});

it('two classes at once, and two on one day, break no rule of a run', () => {
  const one = (classId: string, day: number, attendees: Attendee[]): RunClass => ({
    ...{ classId, day, minutes: 60, uniform: 'gi', pairsOnMats: 12, attendees, locks: [] },
  });
  const classes = [one('a', 0, people(6)), one('b', 0, people(6)), one('c', 0, people(6)), one('d', 1, [])];
  const problem = { classes, earlier: [], taughtOn: new Map<string, number>(), isFair: true, seed: 1 };
  const run = planRun(problem);
  expect(brokenRulesOf(problem, run)).toEqual([]);
  const taught = run.classes.flatMap((each) => each.lessons.map((lesson) => lesson.drillId));
  expect(new Set(taught).size).toBe(taught.length);
  expect(run.classes[3]?.lessons).toEqual([]);
});

describe('pairs that the coach keeps together', () => {
  const crowd = people(8).map((one, at) => ({ ...one, weightKg: at < 6 ? 70 + at : 110 + at }));
  const pairingsWith = (keptPairs: ClassProblem['keptPairs']) => {
    const outcome = planClass(classOf(crowd, { keptPairs }), solve);
    if (!outcome.ok) throw new Error(outcome.problem.code);
    return outcome.value.pairings;
  };
  const isTogether = (groups: readonly (readonly string[])[]) =>
    groups.some((group) => group.length === 2 && group.includes('p0') && group.includes('p5'));

  it('work together in every lesson and round, and everybody else is paired as ever', () => {
    expect(pairingsWith([]).every(({ groups }) => isTogether(groups))).toBe(false);
    for (const { groups, sittingOut, besideIds = [], untilPlayed = [] } of pairingsWith([['p0', 'p5']])) {
      expect(isTogether(groups)).toBe(true);
      const placed = [...groups.flat(), ...sittingOut.map((one) => one.personId), ...besideIds];
      expect([...placed, ...untilPlayed.flatMap((one) => one.personIds)].sort()).toEqual(
        crowd.map((one) => one.personId).sort(),
      );
    }
  });

  it('are kept apart by a rule all the same, and it is said which; whoever is not there changes nothing', () => {
    for (const { phase, drillId = '', groups, notKept } of pairingsWith([
      ['p0', 'p7'],
      ['p1', 'nobody'],
    ])) {
      // The limit of weights holds where it is played.
      const isLive = phase === 'rounds' || findDrill(drillId)?.game !== undefined;
      expect(groups.some((group) => group.includes('p0') && group.includes('p7'))).toBe(!isLive);
      expect(notKept).toEqual(isLive ? [{ personIds: ['p0', 'p7'], rule: 'weight' }] : []);
    }
  });

  it('stay in one group where the class is parted into two', () => {
    const parted = planClassOrGroups(classOf(people(12), { coaches: 2, keptPairs: [['p0', 'p1']] }), solve);
    for (const { personIds } of (parted.ok && parted.value.groups) || [])
      expect(personIds.includes('p0')).toBe(personIds.includes('p1'));
  });
});
