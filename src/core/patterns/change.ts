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
const MOST_STEPS = 40;
/** With fewer nothing can have changed: twice is no habit that could go. @source own decision */
const FEWEST_EVENTS = 3;
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

const nothingToTell: Change = { kind: 'same', chances: { same: 1, less: 0, gone: 0, more: 0, back: 0 } };

/** One way that it may have been: at one rate, but for one stretch of rounds at a multiple of it. */
interface Hypothesis {
  readonly kind: ChangeKind;
  readonly at?: number;
  readonly goneAt?: number;
  readonly logPrior: number;
  readonly ratio: number;
  /** What was seen in that stretch. */
  readonly changed: CountOver;
}
/** Log of the chance of what was seen, up to what is the same for all hypotheses. */
type Evidence = (ratio: number, changed: CountOver) => number;

/**
 * Whether the rate of one error changed over the rounds of one athlete, oldest first. A rate is constant but for one change or for being gone for a
 * while; all places and ratios are weighed by how likely they make the counts, the first rate being unknown: as
 * comparable students let one expect, or about the athlete's own.
 * Counts per time (or that may exceed their opportunities) are Poisson, summed in closed form; counts of opportunities are binomial, over a fixed grid.
 * Uneven rounds count for less. Rounds without exposure say nothing. Fewer than four with exposure, or than
 * three occurrences: nothing can have changed.
 * @source gamma–Poisson marginal likelihood (textbook conjugacy, from memory); model and priors are own decisions
 */
export function changeOf(series: readonly ChangeStep[], unit: ExposureUnit, prior: GammaPrior): Change {
  const steps = condense(series.flatMap((one, place) => (one.exposure > 0 ? [{ ...one, place }] : [])));
  if (sumOf(steps).count < FEWEST_EVENTS) return nothingToTell;
  const isOfOpportunities =
    unit === 'times' && steps.every((one) => one.count <= one.exposure) && prior.shape < prior.rate;
  const hypotheses = hypothesesOf(steps);
  // Bad days are fewer independent events than they look.
  const worth = 1 / unevenness(steps);
  const whole = scaled(sumOf(steps), worth);
  const priors = [prior, ownPrior(steps)];
  const evidence = isOfOpportunities ? binomialEvidence(whole, priors) : poissonEvidence(whole, priors);
  const scores = hypotheses.map((one) => one.logPrior + evidence(one.ratio, scaled(one.changed, worth)));
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

const scaled = ({ count, exposure }: CountOver, by: number): CountOver => ({
  count: count * by,
  exposure: exposure * by,
});

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

const sumOf = (steps: readonly CountOver[]): CountOver => ({
  count: steps.reduce((sum, one) => sum + one.count, 0),
  exposure: steps.reduce((sum, one) => sum + one.exposure, 0),
});

function hypothesesOf(steps: readonly Step[]): readonly Hypothesis[] {
  const same = { kind: 'same' as const, ratio: 1, changed: { count: 0, exposure: 0 } };
  const places: number[] = [];
  for (let at = KEPT_ROUNDS; at <= steps.length - KEPT_ROUNDS; at += 1) places.push(at);
  if (places.length === 0) return [{ ...same, logPrior: 0 }];
  const sums = prefixSums(steps);
  const between = (from: number, to: number): CountOver => ({
    count: (sums[to]?.count ?? 0) - (sums[from]?.count ?? 0),
    exposure: (sums[to]?.exposure ?? 0) - (sums[from]?.exposure ?? 0),
  });
  const weightOf = (at: number) => (steps[at]?.afterDose ? DOSE_WEIGHT : 1);
  const allWeights = places.reduce((sum, at) => sum + weightOf(at), 0);
  const once = places.flatMap((at) => {
    const changed = between(at, steps.length);
    return ratios.map(({ ratio, chance, kind }): Hypothesis => {
      const logPrior = Math.log((before.once * chance * weightOf(at)) / allWeights);
      return { kind, at, ratio, changed, logPrior };
    });
  });
  const pairs = places.flatMap((goneAt) =>
    places.filter((at) => at >= goneAt + KEPT_ROUNDS).map((at) => ({ goneAt, at, weight: weightOf(goneAt) })),
  );
  const allPairs = pairs.reduce((sum, one) => sum + one.weight, 0);
  const back = pairs.map(({ goneAt, at, weight }): Hypothesis => {
    const logPrior = Math.log((before.goneAndBack * weight) / allPairs);
    return { kind: 'back', at, goneAt, ratio: GONE, changed: between(goneAt, at), logPrior };
  });
  // Too short for being gone and back: its chance is that of no change.
  const chanceOfSame = before.same + (pairs.length === 0 ? before.goneAndBack : 0);
  return [{ ...same, logPrior: Math.log(chanceOfSame) }, ...once, ...back];
}

function prefixSums(steps: readonly CountOver[]): readonly CountOver[] {
  const sums: CountOver[] = [{ count: 0, exposure: 0 }];
  for (const one of steps) sums.push(sumOf([sums.at(-1) ?? one, one]));
  return sums;
}

/** log(eᵃ + eᵇ + …) without leaving the range of numbers. Called for every way that a rate may have been: no lists are made on the way. */
function logSumOfExp(logs: ArrayLike<number>): number {
  let highest = Number.NEGATIVE_INFINITY;
  for (let at = 0; at < logs.length; at += 1) highest = Math.max(highest, logs[at] ?? 0);
  let sum = 0;
  for (let at = 0; at < logs.length; at += 1) sum += Math.exp((logs[at] ?? 0) - highest);
  return highest + Math.log(sum);
}

/*
 * Of the priors of the first rate each is as likely to be the right one: somebody who errs far more often than others do must not look as if that had
 * begun only after the first rounds.
 */

/** Counts per time, the first rate summed over its gamma priors in closed form. */
function poissonEvidence(whole: CountOver, priors: readonly GammaPrior[]): Evidence {
  const constants = priors.map(
    ({ shape, rate }) => shape * Math.log(rate) - jstat.gammaln(shape) + jstat.gammaln(shape + whole.count),
  );
  const logs = new Float64Array(priors.length);
  return (ratio, { count, exposure }) => {
    const effective = whole.exposure - exposure + ratio * exposure;
    for (const [at, { shape, rate }] of priors.entries())
      logs[at] = (constants[at] ?? 0) - (shape + whole.count) * Math.log(rate + effective);
    return count * Math.log(ratio) + logSumOfExp(logs);
  };
}

/** Points of the grid over the first chance; a chance that a ratio would take over one stays under it. */
const GRID = 24;
const HIGHEST_CHANCE = 0.99;

/** Opportunities: the first chance has beta priors of the same means and weights, summed over a grid. */
function binomialEvidence(whole: CountOver, priors: readonly GammaPrior[]): Evidence {
  const grid = Array.from({ length: GRID }, (_, at) => (at + 0.5) / GRID);
  const densities = priors.map(({ shape, rate }) => {
    const logs = grid.map((chance) => (shape - 1) * Math.log(chance) + (rate - shape - 1) * Math.log1p(-chance));
    const all = logSumOfExp(logs);
    return logs.map((one) => one - all);
  });
  const logPriors = grid.map((_, at) => logSumOfExp(densities.map((one) => one[at] ?? 0)));
  const tables = new Map<number, { readonly hit: readonly number[]; readonly missed: readonly number[] }>();
  const tableOf = (ratio: number) => {
    const chances = grid.map((first) => Math.min(HIGHEST_CHANCE, first * ratio));
    const table = { hit: chances.map(Math.log), missed: chances.map((chance) => Math.log1p(-chance)) };
    tables.set(ratio, table);
    return table;
  };
  const usual = tableOf(1);
  const logs = new Float64Array(GRID);
  return (ratio, changed) => {
    const other = tables.get(ratio) ?? tableOf(ratio);
    const [hits, misses] = [changed.count, changed.exposure - changed.count];
    const [usualHits, usualMisses] = [whole.count - hits, whole.exposure - whole.count - misses];
    for (let at = 0; at < GRID; at += 1)
      logs[at] =
        (logPriors[at] ?? 0) +
        usualHits * (usual.hit[at] ?? 0) +
        usualMisses * (usual.missed[at] ?? 0) +
        hits * (other.hit[at] ?? 0) +
        misses * (other.missed[at] ?? 0);
    return logSumOfExp(logs);
  };
}
