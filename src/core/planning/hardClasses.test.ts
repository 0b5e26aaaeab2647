import { beforeAll, describe, expect, it } from 'vitest';
import { brokenRulesOf } from '../../../tests/support/planRules';
import { createSolver } from '../../server/classes/solver';
import { bodyParts, findDrill } from '../vocabulary';
import {
  type Attendee,
  type ClassProblem,
  defaultLimits,
  planClass,
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
