import type { CountOver } from '../statistics';

/** A gamma prior of a rate: `shape` events in `exposure` (shape ÷ mean). */
export interface GammaPrior {
  readonly shape: number;
  readonly rate: number;
}

/** What a prior by moments needs to know of a group; groups are added by adding each. Only who was exposed counts. */
export interface RateMoments {
  readonly people: number;
  /** Σ count */
  readonly events: number;
  /** Σ exposure */
  readonly exposure: number;
  /** Σ exposure² */
  readonly squares: number;
  /** Σ count² ÷ exposure */
  readonly eventSquares: number;
}

/** One person's count over their exposure, as moments. */
export const momentsOf = ({ count, exposure }: CountOver): RateMoments =>
  exposure > 0
    ? { people: 1, events: count, exposure, squares: exposure ** 2, eventSquares: count ** 2 / exposure }
    : { people: 0, events: 0, exposure: 0, squares: 0, eventSquares: 0 };

/**
 * Prior of a rate from comparable students by moments. With fewer than four of them, or no spread beyond chance, a prior worth
 * half an event more than was seen. Never worth more than 20 events: a student's own rounds must be able to speak against it. Undefined when nobody of the group ever showed the error: ask a wider group.
 * @source method of moments for gamma–Poisson counts with unequal exposure (textbook empirical Bayes, from memory)
 */
export function gammaPriorOf({ people, events, exposure, squares, eventSquares }: RateMoments): GammaPrior | undefined {
  if (events === 0 || exposure === 0) return undefined;
  const mean = events / exposure;
  // Σ exposure × (count ÷ exposure − mean)², taken apart so that it can be added up over people.
  const spread = eventSquares - events ** 2 / exposure;
  const variance = (spread - (people - 1) * mean) / (exposure - squares / exposure);
  if (people < 4 || !(variance > 0)) {
    return priorOf(mean, 0.5 + events);
  }
  return priorOf(mean, mean ** 2 / variance);
}

/** A prior of this mean, worth so many events. @source own decision: at most 20 */
const MOST_SHAPE = 20;
function priorOf(mean: number, wanted: number): GammaPrior {
  const shape = Math.min(wanted, MOST_SHAPE);
  return { shape, rate: shape / mean };
}

/** Days in which the weight of an observation halves (house estimate). */
export const WEIGHT_HALVES_DAYS = 60;

/** Weight of an observation that is `days` old. */
export const ageWeight = (days: number): number => 0.5 ** (Math.max(0, days) / WEIGHT_HALVES_DAYS);

/** Posterior mean rate: between the athlete's own rate and the prior's, the more own exposure the nearer to their own. */
export function shrunkRate(own: CountOver, prior: GammaPrior): number {
  return (own.count + prior.shape) / (own.exposure + prior.rate);
}
