/** What belts and weights are worth, in points of which 400 are ten to one. */
export interface EdgeWeights {
  readonly perBelt: number;
  /** For each tenth of the lighter one's weight. */
  readonly perTenth: number;
  /** Rounds that they were learned from; 0 for the house estimates. */
  readonly rounds: number;
}

/** @source own decision, before the academy's own rounds say otherwise: what a belt and a tenth more weight are worth, and how unsure that is */
const PRIOR = { perBelt: { mean: 120, deviation: 60 }, perTenth: { mean: 40, deviation: 30 } } as const;
export const houseEdge: EdgeWeights = { perBelt: PRIOR.perBelt.mean, perTenth: PRIOR.perTenth.mean, rounds: 0 };

/** @source Elo 1978, The Rating of Chessplayers, Past and Present: 400 points are ten to one */
const POINTS_OF_TEN_TO_ONE = 400;
const STEP = Math.LN10 / POINTS_OF_TEN_TO_ONE;

/** What a gap lets one expect of a round, 0 to 1. A gap that is not known counts as none. */
export const expectedOfGap = (
  { perBelt, perTenth }: EdgeWeights,
  beltGap: number | undefined,
  weightGap: number | undefined,
): number => 1 / (1 + Math.exp(-STEP * (perBelt * (beltGap ?? 0) + perTenth * 10 * (weightGap ?? 0))));

/** Rounds with the same gaps: how many, and the sum of their results (each 0 to 1). */
export interface ResultGroup {
  readonly beltGap: number;
  /** Own weight less the partner's over the lighter of the two. */
  readonly weightGap: number;
  readonly rounds: number;
  readonly results: number;
}

const MOST_STEPS = 50;

/**
 * What belts and weights are worth in an academy's own rounds: the most likely weights under normal priors about the house estimates (a logistic ridge
 * without an intercept). Few rounds leave the estimates nearly as they are.
 * @source le Cessie & van Houwelingen 1992, "Ridge estimators in logistic regression", Applied Statistics 41; solved by Newton's method, halved where it overshoots
 */
export function fitEdge(groups: readonly ResultGroup[]): EdgeWeights {
  const rounds = groups.reduce((sum, one) => sum + one.rounds, 0);
  const features = groups.map(({ beltGap, weightGap }) => [STEP * beltGap, STEP * 10 * weightGap] as const);
  const precision = [PRIOR.perBelt.deviation ** -2, PRIOR.perTenth.deviation ** -2] as const;
  const means = [PRIOR.perBelt.mean, PRIOR.perTenth.mean] as const;
  const penaltyOf = (at: readonly [number, number]) =>
    0.5 * ((at[0] - means[0]) ** 2 * precision[0] + (at[1] - means[1]) ** 2 * precision[1]);
  const lossOf = (at: readonly [number, number]) =>
    groups.reduce((sum, group, place) => {
      const [belt, weight] = features[place] ?? [0, 0];
      const score = at[0] * belt + at[1] * weight;
      return (
        sum +
        group.rounds * Math.log1p(Math.exp(-Math.abs(score))) +
        (score > 0 ? (group.rounds - group.results) * score : -group.results * score)
      );
    }, penaltyOf(at));
  let at: readonly [number, number] = means;
  for (let step = 0; step < MOST_STEPS; step += 1) {
    const slope: [number, number] = [(at[0] - means[0]) * precision[0], (at[1] - means[1]) * precision[1]];
    const curve: [number, number, number] = [precision[0], 0, precision[1]];
    for (const [place, { rounds: count, results }] of groups.entries()) {
      const [belt, weight] = features[place] ?? [0, 0];
      const chance = 1 / (1 + Math.exp(-(at[0] * belt + at[1] * weight)));
      const lacking = count * chance - results;
      const spread = count * chance * (1 - chance);
      slope[0] += lacking * belt;
      slope[1] += lacking * weight;
      curve[0] += spread * belt * belt;
      curve[1] += spread * belt * weight;
      curve[2] += spread * weight * weight;
    }
    const determinant = curve[0] * curve[2] - curve[1] ** 2;
    const move = [
      (curve[2] * slope[0] - curve[1] * slope[1]) / determinant,
      (curve[0] * slope[1] - curve[1] * slope[0]) / determinant,
    ] as const;
    let share = 1;
    const loss = lossOf(at);
    const moved = (): readonly [number, number] => [at[0] - share * move[0], at[1] - share * move[1]];
    while (share > 1e-6 && lossOf(moved()) > loss) share /= 2;
    at = moved();
    if (Math.abs(move[0]) + Math.abs(move[1]) < 1e-9) break;
  }
  return { perBelt: at[0], perTenth: at[1], rounds };
}
