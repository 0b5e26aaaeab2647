import type { CountOver } from '../statistics';

/** A gamma prior of a rate: `shape` events in `exposure` (shape ÷ mean). */
export interface GammaPrior {
  readonly shape: number;
  readonly rate: number;
}

/**
 * Prior of a rate from comparable students by moments. With fewer than four of them, or no spread beyond chance, a prior worth
 * half an event more than was seen, at most 20. Undefined when nobody of the group ever showed the error: ask a wider group.
 * @source method of moments for gamma–Poisson counts with unequal exposure (textbook empirical Bayes, from memory)
 */
export function gammaPriorOf(group: readonly CountOver[]): GammaPrior | undefined {
  const exposed = group.filter((one) => one.exposure > 0);
  const events = exposed.reduce((sum, one) => sum + one.count, 0);
  const time = exposed.reduce((sum, one) => sum + one.exposure, 0);
  if (events === 0 || time === 0) return undefined;
  const mean = events / time;
  const squares = exposed.reduce((sum, one) => sum + one.exposure ** 2, 0);
  const spread = exposed.reduce((sum, one) => sum + one.exposure * (one.count / one.exposure - mean) ** 2, 0);
  const variance = (spread - (exposed.length - 1) * mean) / (time - squares / time);
  if (exposed.length < 4 || !(variance > 0)) {
    const shape = Math.min(0.5 + events, 20);
    return { shape, rate: shape / mean };
  }
  return { shape: mean ** 2 / variance, rate: mean / variance };
}

/** Weight of an observation that is `days` old: halves every 60 days (house estimate). */
export const ageWeight = (days: number): number => 0.5 ** (Math.max(0, days) / 60);

/** Posterior mean rate: between the athlete's own rate and the prior's, the more own exposure the nearer to their own. */
export function shrunkRate(own: CountOver, prior: GammaPrior): number {
  return (own.count + prior.shape) / (own.exposure + prior.rate);
}
