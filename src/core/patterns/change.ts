import jstat from 'jstat';
import type { ExposureUnit } from '../figures';
import { type CountOver, compareRates, type RateRatio } from '../statistics';
import { unevenness } from './rateInterval';
import type { GammaPrior } from './shrunkRate';

/** What may have become of a rate: as ever, less (a quarter, a half), gone, more (twice, four times), or gone and back again. */
export const changeKinds = ['same', 'less', 'gone', 'more', 'back'] as const;
export type ChangeKind = (typeof changeKinds)[number];

/** Chances before anything was seen. @source own decision: house estimates; settings of a later day */
const before = { same: 0.75, once: 0.175, goneAndBack: 0.075 } as const;
/** What a rate is multiplied by from a change on, and how likely each is. @source own decision: house estimates */
const GONE = 0.03;
const ratios = [
  { ratio: GONE, chance: 0.3, kind: 'gone' },
  { ratio: 0.25, chance: 0.15, kind: 'less' },
  { ratio: 0.5, chance: 0.25, kind: 'less' },
  { ratio: 2, chance: 0.15, kind: 'more' },
  { ratio: 4, chance: 0.15, kind: 'more' },
] as const;
/** A gap just after a class or homework on the error is so much likelier as the place of a change. @source own decision */
const DOSE_WEIGHT = 4;
/** Rounds that stay on either side of a change: one bad round is no change. @source own decision */
const KEPT_ROUNDS = 2;
/** Steps that are looked at; longer histories have neighbours added up. Pairs of places grow with the square of it. */
const MOST_STEPS = 60;
/** From here on a change is said, with “probably” and without. @source own decision */
export const PROBABLE = 0.7;
export const SURE = 0.9;

/** Count and exposure of one error in one round, and whether something was done about it since the round before. */
export interface ChangeStep extends CountOver {
  readonly afterDose?: boolean;
}

export interface Change {
  /** The likeliest of all. */
  readonly kind: ChangeKind;
  readonly chances: Readonly<Record<ChangeKind, number>>;
  /** Places in the series: the first round of the new rate (when gone and back: of being back); undefined when nothing changed. */
  readonly at?: number;
  /** When it came back: the first round of being gone. */
  readonly goneAt?: number;
  /** The chance that the change lies just there, given that it is of this kind. */
  readonly placeChance?: number;
  /** The rate since against the rate before, with its 80 % range; it takes the place for known, so it is a little too sure. */
  readonly ratio?: RateRatio;
}

interface Hypothesis {
  readonly kind: ChangeKind;
  readonly at?: number;
  readonly goneAt?: number;
  readonly logPrior: number;
  readonly segments: readonly Segment[];
}
interface Segment extends CountOver {
  readonly ratio: number;
}

/**
 * Whether the rate of one error changed over the rounds of one athlete, oldest first. A rate is constant but for one change or for being gone for a
 * while; all places and ratios are weighed by how likely they make the counts, the first rate being unknown: as
 * comparable students let one expect, or about the athlete's own.
 * Counts per time (or that may exceed their opportunities) are Poisson, summed in closed form; counts of opportunities are binomial, over a fixed grid.
 * Uneven rounds count for less. Rounds without exposure say nothing. Fewer than four with exposure: nothing can have changed.
 * @source gamma–Poisson marginal likelihood (textbook conjugacy, from memory); model and priors are own decisions
 */
export function changeOf(series: readonly ChangeStep[], unit: ExposureUnit, prior: GammaPrior): Change {
  const steps = condense(series.flatMap((one, place) => (one.exposure > 0 ? [{ ...one, place }] : [])));
  const isOfOpportunities =
    unit === 'times' && steps.every((one) => one.count <= one.exposure) && prior.shape < prior.rate;
  const evidenceUnder = isOfOpportunities ? binomialEvidence : poissonEvidence;
  const evidence = mixedEvidence([prior, ownPrior(steps)].map(evidenceUnder));
  const hypotheses = hypothesesOf(steps);
  // Bad days are fewer independent events than they look.
  const worth = 1 / unevenness(steps);
  const scores = hypotheses.map(
    (one) => one.logPrior + evidence(one.segments.map((segment) => scaled(segment, worth))),
  );
  const highest = Math.max(...scores);
  const weights = scores.map((score) => Math.exp(score - highest));
  const total = weights.reduce((sum, one) => sum + one, 0);
  const chances = { same: 0, less: 0, gone: 0, more: 0, back: 0 };
  for (const [at, { kind }] of hypotheses.entries()) chances[kind] += (weights[at] ?? 0) / total;
  const kind = changeKinds.reduce((best, one) => (chances[one] > chances[best] ? one : best));
  if (kind === 'same') return { kind, chances };

  const ofPlace = new Map<string, { weight: number; at: number; goneAt: number | undefined }>();
  for (const [index, one] of hypotheses.entries()) {
    if (one.kind !== kind || one.at === undefined) continue;
    const key = `${one.goneAt} ${one.at}`;
    const weight = (ofPlace.get(key)?.weight ?? 0) + (weights[index] ?? 0);
    ofPlace.set(key, { weight, at: one.at, goneAt: one.goneAt });
  }
  const likeliest = [...ofPlace.values()].reduce((best, one) => (one.weight > best.weight ? one : best));
  const placeOf = (step: number | undefined) => (step === undefined ? undefined : steps[step]?.place);
  const from = likeliest.goneAt ?? 0;
  return {
    kind,
    chances,
    at: placeOf(likeliest.at),
    goneAt: placeOf(likeliest.goneAt),
    placeChance: likeliest.weight / (chances[kind] * total),
    ratio: compareRates(sumOf(steps.slice(from, likeliest.at)), sumOf(steps.slice(likeliest.at)), 0.8),
  };
}

const scaled = (one: Segment, by: number): Segment => ({ ...one, count: one.count * by, exposure: one.exposure * by });

interface Step extends ChangeStep {
  /** Where it stood in the whole series. */
  readonly place: number;
}

/** Neighbours added up until there are few enough steps. */
function condense(steps: readonly Step[]): readonly Step[] {
  const size = Math.ceil(steps.length / MOST_STEPS);
  if (size <= 1) return steps;
  return Array.from({ length: Math.ceil(steps.length / size) }, (_, at) => {
    const some = steps.slice(at * size, (at + 1) * size);
    const afterDose = some.some((one) => one.afterDose);
    return { ...sumOf(some), afterDose, place: some[0]?.place ?? 0 };
  });
}

/** A weak prior about the athlete's own rate: worth one event, or as if one had been seen. */
function ownPrior(steps: readonly CountOver[]): GammaPrior {
  const { count, exposure } = sumOf(steps);
  return { shape: 1, rate: Math.max(exposure, 1e-9) / Math.max(count, 1) };
}

/**
 * Either prior may be the right one: somebody who errs far more often than others do must not look as if that had begun only after the first rounds.
 */
const mixedEvidence =
  (evidences: readonly ((segments: readonly Segment[]) => number)[]) =>
  (segments: readonly Segment[]): number => {
    const logs = evidences.map((evidence) => evidence(segments));
    const highest = Math.max(...logs);
    return highest + Math.log(logs.reduce((sum, one) => sum + Math.exp(one - highest), 0) / logs.length);
  };

const sumOf = (steps: readonly CountOver[]): CountOver => ({
  count: steps.reduce((sum, one) => sum + one.count, 0),
  exposure: steps.reduce((sum, one) => sum + one.exposure, 0),
});

function hypothesesOf(steps: readonly Step[]): readonly Hypothesis[] {
  const whole = sumOf(steps);
  const none = { kind: 'same' as const, segments: [{ ...whole, ratio: 1 }] };
  const places: number[] = [];
  for (let at = KEPT_ROUNDS; at <= steps.length - KEPT_ROUNDS; at += 1) places.push(at);
  if (places.length === 0) return [{ ...none, logPrior: 0 }];
  const sums = prefixSums(steps);
  const between = (from: number, to: number): CountOver => ({
    count: (sums[to]?.count ?? 0) - (sums[from]?.count ?? 0),
    exposure: (sums[to]?.exposure ?? 0) - (sums[from]?.exposure ?? 0),
  });
  const weightOf = (at: number) => (steps[at]?.afterDose ? DOSE_WEIGHT : 1);
  const allWeights = places.reduce((sum, at) => sum + weightOf(at), 0);
  const once = places.flatMap((at) =>
    ratios.map(({ ratio, chance, kind }): Hypothesis => {
      const segments = [
        { ...between(0, at), ratio: 1 },
        { ...between(at, steps.length), ratio },
      ];
      return { kind, at, segments, logPrior: Math.log((before.once * chance * weightOf(at)) / allWeights) };
    }),
  );
  const pairs = places.flatMap((goneAt) =>
    places.filter((at) => at >= goneAt + KEPT_ROUNDS).map((at) => ({ goneAt, at, weight: weightOf(goneAt) })),
  );
  const allPairs = pairs.reduce((sum, one) => sum + one.weight, 0);
  const back = pairs.map(({ goneAt, at, weight }): Hypothesis => {
    const segments = [
      { ...between(0, goneAt), ratio: 1 },
      { ...between(goneAt, at), ratio: GONE },
      { ...between(at, steps.length), ratio: 1 },
    ];
    return { kind: 'back', at, goneAt, segments, logPrior: Math.log((before.goneAndBack * weight) / allPairs) };
  });
  // Too short for being gone and back: its chance is that of no change.
  const same = before.same + (pairs.length === 0 ? before.goneAndBack : 0);
  return [{ ...none, logPrior: Math.log(same) }, ...once, ...back];
}

function prefixSums(steps: readonly CountOver[]): readonly CountOver[] {
  const sums: CountOver[] = [{ count: 0, exposure: 0 }];
  for (const one of steps) sums.push(sumOf([sums.at(-1) ?? one, one]));
  return sums;
}

/** Log of the chance of the counts, up to what is the same for all hypotheses, the first rate summed over its gamma prior. */
const poissonEvidence =
  ({ shape, rate }: GammaPrior) =>
  (segments: readonly Segment[]): number => {
    const events = segments.reduce((sum, one) => sum + one.count, 0);
    const exposure = segments.reduce((sum, one) => sum + one.ratio * one.exposure, 0);
    const logRatios = segments.reduce((sum, one) => sum + one.count * Math.log(one.ratio), 0);
    const logPrior = shape * Math.log(rate) - jstat.gammaln(shape);
    return logPrior + logRatios + jstat.gammaln(shape + events) - (shape + events) * Math.log(rate + exposure);
  };

/** Points of the grid over the first chance; a chance that a ratio would take over one stays under it. */
const GRID = 40;
const HIGHEST_CHANCE = 0.99;

/** The same for opportunities: the first chance has the beta prior of the same mean and weight. */
const binomialEvidence = ({ shape, rate }: GammaPrior) => {
  const grid = Array.from({ length: GRID }, (_, at) => (at + 0.5) / GRID);
  const densities = grid.map((chance) => (shape - 1) * Math.log(chance) + (rate - shape - 1) * Math.log1p(-chance));
  const whole = Math.log(densities.reduce((sum, one) => sum + Math.exp(one), 0));
  const logPriors = densities.map((one) => one - whole);
  return (segments: readonly Segment[]): number => {
    const scores = grid.map((first, at) =>
      segments.reduce((sum, one) => {
        const chance = Math.min(HIGHEST_CHANCE, first * one.ratio);
        return sum + one.count * Math.log(chance) + (one.exposure - one.count) * Math.log1p(-chance);
      }, logPriors[at] ?? 0),
    );
    const highest = Math.max(...scores);
    return highest + Math.log(scores.reduce((sum, one) => sum + Math.exp(one - highest), 0));
  };
};
