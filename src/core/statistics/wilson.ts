import jstat from 'jstat';
import type { Interval } from './poisson';

/**
 * Score interval of a proportion after `successes` of `trials`; undefined for 0 of 0.
 * @source E. B. Wilson, "Probable Inference, the Law of Succession, and Statistical Inference", JASA 22 (1927)
 */
export function wilsonInterval(successes: number, trials: number, confidence = 0.95): Interval | undefined {
  if (trials === 0) return undefined;
  const z = jstat.normal.inv(1 - (1 - confidence) / 2, 0, 1);
  const share = successes / trials;
  const spread = z ** 2 / trials;
  const middle = (share + spread / 2) / (1 + spread);
  const half = (z * Math.sqrt((share * (1 - share)) / trials + spread / (4 * trials))) / (1 + spread);
  return { low: Math.max(0, middle - half), high: Math.min(1, middle + half) };
}
