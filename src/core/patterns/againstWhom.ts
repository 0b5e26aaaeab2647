import jstat from 'jstat';
import type { RoundFigures } from '../figures';
import { type Interval, pooledRateRatio } from '../statistics';
import { findTechnique } from '../vocabulary';
import { type EdgeWeights, expectedOfGap, houseEdge } from './edge';

/** How much of a result the average tide makes. @source own decision */
const TIDE_WEIGHT = 0.8;
/** From so many rounds on a difference is said. @source own decision */
const FEWEST_ROUNDS_TO_SAY = 8;

/** What a round is expected to give, 0 to 1, from its belts and weights; undefined when neither gap is known. An unknown one counts as none. */
export const expectedResult = (
  { beltGap, weightGap }: Pick<RoundFigures, 'beltGap' | 'weightGap'>,
  edge: EdgeWeights = houseEdge,
): number | undefined =>
  beltGap === undefined && weightGap === undefined ? undefined : expectedOfGap(edge, beltGap, weightGap);

/** What a round gave, 0 to 1: more taps decide, as many of each are even; without any the average tide says it. Points are not counted. */
export function resultOf({
  attempts,
  tideArea,
  liveMinutes,
}: Pick<RoundFigures, 'attempts' | 'tideArea' | 'liveMinutes'>): number {
  const taps = (isOwn: boolean) =>
    attempts.filter(
      (one) =>
        one.isOwn === isOwn && one.stage === 'finished' && findTechnique(one.techniqueId)?.class === 'submissions',
    ).length;
  const difference = taps(true) - taps(false);
  if (difference !== 0) return difference > 0 ? 1 : 0;
  if (taps(true) > 0) return 0.5;
  const meanTide = liveMinutes > 0 ? tideArea / (liveMinutes * 60) : 0;
  return 1 / (1 + Math.exp(-TIDE_WEIGHT * meanTide));
}

export const partnerGroups = ['higher', 'same', 'lower', 'heavier', 'near', 'lighter', 'taller', 'shorter'] as const;
/** A belt more, about the same, a belt less; a tenth heavier and more, about the same, a tenth lighter; taller and shorter by a hand’s breadth. */
export type PartnerGroup = (typeof partnerGroups)[number];

/** From here on somebody is taller. @source own decision: a hand’s breadth */
const HAND_CM = 8;

const isIn: Readonly<Record<PartnerGroup, (round: RoundFigures) => boolean>> = {
  higher: ({ beltGap }) => beltGap !== undefined && beltGap <= -1,
  same: ({ beltGap }) => beltGap !== undefined && beltGap > -1 && beltGap < 1,
  lower: ({ beltGap }) => beltGap !== undefined && beltGap >= 1,
  heavier: ({ weightGap }) => weightGap !== undefined && weightGap <= -0.1,
  near: ({ weightGap }) => weightGap !== undefined && weightGap > -0.1 && weightGap < 0.1,
  lighter: ({ weightGap }) => weightGap !== undefined && weightGap >= 0.1,
  taller: ({ heightGap }) => heightGap !== undefined && heightGap <= -HAND_CM,
  shorter: ({ heightGap }) => heightGap !== undefined && heightGap >= HAND_CM,
};

/** Whether the partner of a round is of such a kind. */
export const isAgainst = (round: RoundFigures, group: PartnerGroup): boolean => isIn[group](round);

export interface AgainstGroup {
  readonly group: PartnerGroup;
  readonly roundIds: readonly string[];
  readonly liveMinutes: number;
  readonly meanTide: number;
  /** Means over the rounds of which something is expected, 0 to 1. */
  readonly result: number;
  readonly expected: number;
  /** Mean of result less expectation with its 95 % interval; from eight rounds on. */
  readonly over?: { readonly mean: number; readonly interval: Interval };
}

/** How somebody does against kinds of partners, and against what belts and weights let one expect. Groups without a round are absent. */
export function againstWhom(rounds: readonly RoundFigures[], edge: EdgeWeights = houseEdge): AgainstGroup[] {
  return partnerGroups.flatMap((group) => {
    const own = rounds.filter((round) => round.liveMinutes > 0 && isIn[group](round));
    if (own.length === 0) return [];
    const differences = own.map((round) => resultOf(round) - (expectedResult(round, edge) ?? 0.5));
    const mean = (values: readonly number[]) => values.reduce((sum, one) => sum + one, 0) / values.length;
    const liveMinutes = own.reduce((sum, round) => sum + round.liveMinutes, 0);
    return [
      {
        group,
        roundIds: own.map((round) => round.roundId),
        liveMinutes,
        meanTide: own.reduce((sum, round) => sum + round.tideArea, 0) / (liveMinutes * 60),
        result: mean(own.map(resultOf)),
        expected: mean(own.map((round) => expectedResult(round, edge) ?? 0.5)),
        over: own.length < FEWEST_ROUNDS_TO_SAY ? undefined : meanWithInterval(differences),
      },
    ];
  });
}

/** @source Student 1908, "The probable error of a mean", Biometrika 6 */
function meanWithInterval(values: readonly number[]): { mean: number; interval: Interval } {
  const mean = values.reduce((sum, one) => sum + one, 0) / values.length;
  const variance = values.reduce((sum, one) => sum + (one - mean) ** 2, 0) / (values.length - 1);
  const reach = jstat.studentt.inv(0.975, values.length - 1) * Math.sqrt(variance / values.length);
  return { mean, interval: { low: mean - reach, high: mean + reach } };
}

/** How much oftener somebody errs against a kind of partners than against the others, with the other gap held equal. */
export interface ErrorsAgainst {
  readonly group: 'heavier' | 'higher';
  /** Errors against them, and against the others. */
  readonly count: number;
  readonly others: number;
  readonly ratio: number;
  readonly interval: Interval;
}
/** From so many errors on. @source own decision, as for sides */
const FEWEST_ERRORS = 8;

/** Errors a live minute against heavier partners with belts held equal, and against higher belts with weights held equal; what is not to be told is absent. */
export function errorsAgainst(rounds: readonly RoundFigures[]): ErrorsAgainst[] {
  const layers = {
    heavier: ['higher', 'same', 'lower'],
    higher: ['heavier', 'near', 'lighter'],
  } as const satisfies Record<ErrorsAgainst['group'], readonly PartnerGroup[]>;
  const known = rounds.filter((one) => one.beltGap !== undefined && one.weightGap !== undefined && one.liveMinutes > 0);
  return (['heavier', 'higher'] as const).flatMap((group) => {
    const strata = layers[group].map((layer) => {
      const within = known.filter((round) => isAgainst(round, layer));
      return {
        exposed: errorsIn(within.filter((round) => isAgainst(round, group))),
        unexposed: errorsIn(within.filter((round) => !isAgainst(round, group))),
      };
    });
    const pooled = pooledRateRatio(strata);
    const count = strata.reduce((sum, one) => sum + one.exposed.count, 0);
    const others = strata.reduce((sum, one) => sum + one.unexposed.count, 0);
    return pooled && count + others >= FEWEST_ERRORS ? [{ group, count, others, ...pooled }] : [];
  });
}

const errorsIn = (rounds: readonly RoundFigures[]) => ({
  count: rounds.reduce(
    (sum, { occurrences }) => [...occurrences.values()].reduce((all, one) => all + one.length, sum),
    0,
  ),
  exposure: rounds.reduce((sum, round) => sum + round.liveMinutes, 0),
});
