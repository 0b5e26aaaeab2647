import { beforeAll, describe, expect, it } from 'vitest';
import { drawsFrom } from '../../../demo/term/draws';
import { createSolver } from '../../server/classes/solver';
import { drills, errors } from '../vocabulary';
import type { ChoiceProblem } from './choiceProblem';
import { buildChoiceModel, chooseDrills } from './chooseDrills';
import { listCandidates } from './eligibility';
import { lockOutHopeless } from './hopeless';
import type { Attendee, Solve } from './index';

let solve: Solve;
beforeAll(async () => {
  solve = await createSolver();
});

/** A class drawn by lot: the same for the same seed. */
function problemOf(seed: number, rest: Partial<ChoiceProblem> = {}): ChoiceProblem {
  const { number: draw } = drawsFrom(seed);
  const attendees: Attendee[] = Array.from({ length: 4 + Math.floor(draw() * 8) }, (_, at) => ({
    ...{
      personId: `p${at}`,
      belt: 'blue',
      age: 30,
      weightKg: 60 + 30 * draw(),
      chance: 0.4 + 0.6 * draw(),
      injured: false,
    },
    needs: Array.from({ length: 4 }, () => ({
      errorId: errors[Math.floor(draw() * errors.length)]!.id,
      priority: draw() * 3,
      count: 2,
      markIds: [],
    })),
  }));
  const from = Math.floor(draw() * 20);
  return {
    candidates: listCandidates(drills.slice(from, from + 24), attendees, 'gi', new Set()),
    ...{ attendees, minutes: 30 + Math.floor(draw() * 40), mostThemes: 1, mostLessons: 3, matShare: 1, locks: [] },
    ...rest,
  };
}

const dropped = ({ locks }: ChoiceProblem) => locks.filter((lock) => lock.kind === 'drop').length;

describe('drills that no best plan can hold', () => {
  it.each([
    [1, 3],
    [2, 3],
    [3, 3],
    [1, 1],
    [2, 4],
  ])('are locked out without the plan becoming any worse: %i themes, %i lessons', (mostThemes, mostLessons) => {
    let out = 0;
    for (let seed = 1; seed <= 8; seed += 1) {
      const problem = problemOf(seed, { mostThemes, mostLessons });
      const best = solve(buildChoiceModel(problem));
      const choice = chooseDrills(problem, solve);
      expect(choice?.optimal).toBe(true);
      expect(choice?.modelBenefit, `seed ${seed}`).toBeGreaterThanOrEqual(best.objective * (1 - 0.0006) - 1e-7);
      expect(choice?.modelBenefit, `seed ${seed}`).toBeLessThanOrEqual(best.objective + 1e-6);
      out += dropped(lockOutHopeless(problem)) / problem.candidates.length;
    }
    // With few themes most of them are.
    if (mostThemes === 1) expect(out / 8).toBeGreaterThan(0.3);
  });
  it('are let be beside lessons that the coach locked', () => {
    const problem = problemOf(3);
    const [{ drill }] = problem.candidates as [ChoiceProblem['candidates'][number]];
    const locked: ChoiceProblem = { ...problem, locks: [{ kind: 'keep', drillId: drill.id, minutes: 15 }] };
    expect(lockOutHopeless(locked)).toBe(locked);
  });
  it('that the coach keeps out stay out', () => {
    const problem = problemOf(4);
    const first = chooseDrills(problem, solve)?.drills[0]?.drillId ?? '';
    const without: ChoiceProblem = { ...problem, locks: [{ kind: 'drop', drillId: first }] };
    expect(chooseDrills(without, solve)?.drills.map(({ drillId }) => drillId)).not.toContain(first);
  });
  it('are none where nobody comes and where there is no time', () => {
    expect(dropped(lockOutHopeless(problemOf(5, { attendees: [] })))).toBe(0);
    expect(chooseDrills(problemOf(5, { minutes: 0 }), solve)?.drills).toEqual([]);
  });
});
