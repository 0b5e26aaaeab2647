import jstat from 'jstat';
import type { Interval } from './poisson';

/**
 * Exact two-sided interval of a proportion after `successes` of `trials`; 0 of 0 gives 0 to 1.
 * @source Clopper & Pearson 1934, "The use of confidence or fiducial limits", Biometrika 26: beta quantiles
 */
export function proportionInterval(successes: number, trials: number, confidence = 0.95): Interval {
  if (trials === 0) return { low: 0, high: 1 };
  const tail = (1 - confidence) / 2;
  const low = successes === 0 ? 0 : refineBetaQuantile(tail, successes, trials - successes + 1);
  const high = successes === trials ? 1 : refineBetaQuantile(1 - tail, successes + 1, trials - successes);
  return { low, high };
}

function refineBetaQuantile(probability: number, alpha: number, beta: number): number {
  let value = jstat.beta.inv(probability, alpha, beta);
  for (let step = 0; step < 4; step += 1) {
    const density = jstat.beta.pdf(value, alpha, beta);
    if (!(density > 0)) break;
    const next = value - (jstat.beta.cdf(value, alpha, beta) - probability) / density;
    if (!(next > 0 && next < 1)) break;
    value = next;
  }
  return value;
}

const logChoose = (trials: number, successes: number): number =>
  jstat.gammaln(trials + 1) - jstat.gammaln(successes + 1) - jstat.gammaln(trials - successes + 1);

/** Probability of exactly `successes` of `trials`; `chance` from 0 to 1. */
export function binomialProbability(successes: number, trials: number, chance: number): number {
  if (chance <= 0) return successes === 0 ? 1 : 0;
  if (chance >= 1) return successes === trials ? 1 : 0;
  return Math.exp(
    logChoose(trials, successes) + successes * Math.log(chance) + (trials - successes) * Math.log1p(-chance),
  );
}

/** Exact two-sided p: the sum of the outcomes that are no likelier than the observed (equal ones count, to 1 part in 10⁷). */
export function exactBinomialP(successes: number, trials: number, chance: number): number {
  const observed = binomialProbability(successes, trials, chance) * (1 + 1e-7);
  let total = 0;
  for (let outcome = 0; outcome <= trials; outcome += 1) {
    const probability = binomialProbability(outcome, trials, chance);
    if (probability <= observed) total += probability;
  }
  return Math.min(1, total);
}
