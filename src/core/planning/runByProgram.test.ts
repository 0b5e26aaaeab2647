import fc from 'fast-check';
import { beforeAll, expect, it } from 'vitest';
import { doseOfMinute } from '../../../tests/support/planByHand';
import { createSolver } from '../../server/classes/solver';
import { type Drill, findDrill } from '../vocabulary';
import {
  type Attendee,
  type Constraint,
  drillMinutesIn,
  type LinearModel,
  leastMinutesOf,
  mostMinutesOf,
  planRun,
  type RunProblem,
  type Solve,
  themeKey,
  themesAmong,
} from './index';

let solve: Solve;
beforeAll(async () => {
  solve = await createSolver();
});

interface Lesson {
  readonly drill: Drill;
  readonly minutes: number;
}

/** Every evening that so many minutes allow: nothing, or up to three lessons of one theme with whole minutes. */
function evenings(drills: readonly Drill[], room: number): Lesson[][] {
  const found: Lesson[][] = [];
  const extend = (from: number, taken: readonly Lesson[], left: number) => {
    found.push([...taken]);
    if (taken.length === 3) return;
    for (const [at, drill] of drills.entries()) {
      if (at < from || themesAmong([...taken.map((one) => one.drill), drill]).length > 1) continue;
      for (let minutes = leastMinutesOf(drill); minutes <= Math.min(left, mostMinutesOf(drill)); minutes += 1)
        extend(at + 1, [...taken, { drill, minutes }], left - minutes);
    }
  };
  extend(0, [], room);
  return found;
}

/**
 * A short run as one exact mixed-integer program, written down from the definition and apart from the search: one evening for each class; for each error of each
 * student one of all ways in which the chosen evenings can meet on it, with what that is worth. No theme twice running.
 */
function programOf(
  attendees: readonly Attendee[],
  classes: number,
  drills: readonly Drill[],
  room: number,
): LinearModel {
  const options = evenings(drills, room);
  const chosen = (at: number, option: number) => `z${at}_${option}`;
  const constraints: Constraint[] = [];
  const add = (terms: [number, string][], relation: Constraint['relation'], bound: number) =>
    constraints.push({ name: `c${constraints.length}`, terms, relation, bound });
  const places = Array.from({ length: classes }, (_, at) => at);
  for (const at of places)
    add(
      options.map((_, option) => [1, chosen(at, option)]),
      '=',
      1,
    );
  for (const theme of themesAmong(drills).map(themeKey)) {
    const ofTheme = options.flatMap((one, option) =>
      themesAmong(one.map((lesson) => lesson.drill)).some((own) => themeKey(own) === theme) ? [option] : [],
    );
    for (const at of places.slice(1))
      add(
        ofTheme.flatMap((option): [number, string][] => [
          [1, chosen(at - 1, option)],
          [1, chosen(at, option)],
        ]),
        '<=',
        1,
      );
  }
  const objective: [number, string][] = [];
  for (const { personId, needs } of attendees)
    for (const { errorId, priority } of needs) {
      if (priority <= 0) continue;
      // Evenings that do the same about this error are one.
      const kinds = new Map<string, { dose: number; weighted: number; options: number[] }>();
      for (const [option, lessons] of options.entries()) {
        const doses = lessons.map(({ drill, minutes }) => ({
          kappa: drill.kappa,
          dose: (minutes - 1) * doseOfMinute(drill, errorId),
        }));
        const dose = doses.reduce((sum, one) => sum + one.dose, 0);
        const weighted = doses.reduce((sum, one) => sum + one.dose * one.kappa, 0);
        const key = `${dose.toFixed(9)} ${weighted.toFixed(9)}`;
        const kind = kinds.get(key) ?? { dose, weighted, options: [] };
        kind.options.push(option);
        kinds.set(key, kind);
      }
      const all = [...kinds.values()];
      const ways: number[][] = places.reduce<number[][]>(
        (before, _) => before.flatMap((way) => all.map((_kind, kind) => [...way, kind])),
        [[]],
      );
      const name = (way: readonly number[]) => `u${personId}_${errorId.replaceAll('-', '_')}_${way.join('_')}`;
      for (const way of ways) {
        const dose = way.reduce((sum, kind) => sum + (all[kind]?.dose ?? 0), 0);
        const weighted = way.reduce((sum, kind) => sum + (all[kind]?.weighted ?? 0), 0);
        if (dose > 0) objective.push([priority * (weighted / dose) * (1 - Math.exp(-dose / 12)), name(way)]);
      }
      for (const at of places)
        for (const [kind, { options: same }] of all.entries())
          add(
            [
              ...ways.filter((way) => way[at] === kind).map((way): [number, string] => [1, name(way)]),
              ...same.map((option): [number, string] => [-1, chosen(at, option)]),
            ],
            '=',
            0,
          );
    }
  return {
    direction: 'maximize',
    objective,
    constraints,
    integers: [],
    binaries: places.flatMap((at) => options.map((_, option) => chosen(at, option))),
  };
}

it('fifty short runs are as good as the optimum that a solver proves', { timeout: 240_000 }, () => {
  const few = ['half-guard-side', 'shield-first', 'elbow-inside-knee', 'side-bottom-frames'].map(
    (id) => findDrill(`drill-${id}`)!,
  );
  const ids = [...new Set(few.flatMap((drill) => drill.targetErrorIds))];
  const needs = fc.uniqueArray(
    fc.record({ errorId: fc.constantFrom(...ids), priority: fc.integer({ min: 1, max: 30 }) }),
    { maxLength: 2, selector: (one) => one.errorId },
  );
  fc.assert(
    // Two classes have room for two lessons each, three for one.
    fc.property(fc.array(needs, { minLength: 2, maxLength: 4 }), fc.constantFrom(2, 3), (all, count) => {
      const attendees = all.map(
        (own, at): Attendee => ({
          ...{ personId: `p${at}`, belt: 'blue', age: 30, weightKg: 75, chance: 1, injured: false },
          needs: own.map((one) => ({ ...one, count: 3, markIds: [] })),
        }),
      );
      const minutes = count === 2 ? 30 : 21;
      const problem: RunProblem = {
        classes: Array.from({ length: count }, (_, at) => ({
          ...{ classId: `c${at}`, day: at * 2, minutes, uniform: 'gi' as const, pairsOnMats: 20, attendees, locks: [] },
        })),
        ...{ earlier: [], taughtOn: new Map(), isFair: false, seed: 1, drills: few },
      };
      const found = planRun(problem);
      const proved = solve(programOf(attendees, count, few, drillMinutesIn(minutes)));
      expect(proved.status).toBe('optimal');
      expect(found.benefit).toBeLessThanOrEqual(proved.objective + 1e-6);
      expect(found.benefit).toBeGreaterThanOrEqual(proved.objective * 0.999 - 1e-6);
      expect(found.bound).toBeGreaterThanOrEqual(proved.objective - 1e-6);
    }),
    { numRuns: 50 },
  );
});
