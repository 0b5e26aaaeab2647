import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { expectedOfGap, fitEdge, houseEdge, type ResultGroup } from './edge';

/** What the fit should make least, written out anew: the negative logarithm of likelihood times priors. */
function lossOf(groups: readonly ResultGroup[], perBelt: number, perTenth: number): number {
  const penalty = (perBelt - 120) ** 2 / (2 * 60 ** 2) + (perTenth - 40) ** 2 / (2 * 30 ** 2);
  return groups.reduce((sum, { beltGap, weightGap, rounds, results }) => {
    const chance = 1 / (1 + 10 ** (-(perBelt * beltGap + perTenth * weightGap * 10) / 400));
    return sum - results * Math.log(chance) - (rounds - results) * Math.log(1 - chance);
  }, penalty);
}

/** The least of it by looking everywhere, then nearer and nearer: slow, and nothing of Newton's method. */
function leastByLooking(groups: readonly ResultGroup[]): readonly [number, number] {
  let best: readonly [number, number] = [120, 40];
  for (let reach = 400; reach > 1e-4; reach /= 2)
    for (let belt = -4; belt <= 4; belt += 1)
      for (let weight = -4; weight <= 4; weight += 1) {
        const at = [best[0] + (belt * reach) / 4, best[1] + (weight * reach) / 4] as const;
        if (lossOf(groups, ...at) < lossOf(groups, ...best)) best = at;
      }
  return best;
}

const group = fc
  .record({
    beltGap: fc.integer({ min: -12, max: 12 }).map((quarters) => quarters / 4),
    weightGap: fc.integer({ min: -12, max: 12 }).map((twentieths) => twentieths / 20),
    rounds: fc.integer({ min: 1, max: 40 }),
    share: fc.double({ min: 0, max: 1, noNaN: true }),
  })
  .map(({ share, ...rest }) => ({ ...rest, results: rest.rounds * share }));

describe('what belts and weights are worth', () => {
  it('is the house estimate where no round says anything', () => {
    expect(fitEdge([])).toEqual(houseEdge);
    expect(fitEdge([{ beltGap: 0, weightGap: 0, rounds: 50, results: 50 }])).toMatchObject({
      perBelt: 120,
      perTenth: 40,
    });
    expect(expectedOfGap(houseEdge, 2, 0.4)).toBeCloseTo(10 / 11, 9);
    expect(expectedOfGap(houseEdge, undefined, undefined)).toBe(0.5);
  });

  it('agrees with an optimiser of another kind', () => {
    fc.assert(
      fc.property(fc.array(group, { minLength: 1, maxLength: 8 }), (groups) => {
        const { perBelt, perTenth } = fitEdge(groups);
        const [belt, weight] = leastByLooking(groups);
        // The looking may stop in a narrow valley: the fit is never worse, and near it.
        expect(lossOf(groups, perBelt, perTenth)).toBeLessThanOrEqual(lossOf(groups, belt, weight) + 1e-9);
        expect(lossOf(groups, belt, weight) - lossOf(groups, perBelt, perTenth)).toBeLessThan(1e-4);
      }),
      { numRuns: 60 },
    );
  });

  it('learns what many rounds say, and hardly anything from a few', () => {
    const truth = { perBelt: 60, perTenth: 90, rounds: 0 };
    const academy = (rounds: number): ResultGroup[] =>
      [-2, -1, 0, 1, 2].flatMap((beltGap) =>
        [-0.3, 0, 0.3].map((weightGap) => ({
          ...{ beltGap, weightGap, rounds },
          results: rounds * expectedOfGap(truth, beltGap, weightGap),
        })),
      );
    const learned = fitEdge(academy(2000));
    expect(learned.perBelt).toBeCloseTo(60, 0);
    expect(learned.perTenth).toBeCloseTo(90, 0);
    expect(learned.rounds).toBe(30_000);
    expect(Math.abs(fitEdge(academy(0.2)).perBelt - 120)).toBeLessThan(30);
  });
});
