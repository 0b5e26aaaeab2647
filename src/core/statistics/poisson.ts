import jstat from 'jstat';

export interface Interval {
  readonly low: number;
  readonly high: number;
}

/**
 * Exact two-sided interval of a Poisson mean after `count` events.
 * Bounds: whole count ≥ 0; `confidence` strictly between 0 and 1. With no event the lower end is 0.
 * @source Garwood 1936, "Fiducial limits for the Poisson distribution", Biometrika 28: χ² quantiles, here as gamma quantiles
 */
export function poissonInterval(count: number, confidence = 0.95): Interval {
  const tail = (1 - confidence) / 2;
  const low = count === 0 ? 0 : refineGammaQuantile(tail, count);
  return { low, high: refineGammaQuantile(1 - tail, count + 1) };
}

// The library's quantile is good to about six digits; Newton steps on its own distribution function bring the rest.
function refineGammaQuantile(probability: number, shape: number): number {
  let value = jstat.gamma.inv(probability, shape, 1);
  for (let step = 0; step < 4; step += 1) {
    const density = jstat.gamma.pdf(value, shape, 1);
    if (!(density > 0)) break;
    const next = value - (jstat.gamma.cdf(value, shape, 1) - probability) / density;
    if (!(next > 0) || !Number.isFinite(next)) break;
    value = next;
  }
  return value;
}

/**
 * One-sided 95 % bound of a rate when nothing was seen: 3 over the exposure.
 * @source Hanley & Lippman-Hand 1983, "If nothing goes wrong, is everything all right?", JAMA 249
 */
export const ruleOfThree = (exposure: number): number => 3 / exposure;
