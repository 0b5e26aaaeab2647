import type { Interval } from './poisson';

/** The 97.5 % quantile of the standard normal distribution. @source any table of it; NIST/SEMATECH e-Handbook, 1.3.6.7.1 gives 1.960 */
const Z_95 = 1.959963984540054;

/**
 * Score interval (95 %) of a proportion after `successes` of `trials`; undefined for 0 of 0.
 * @source E. B. Wilson, "Probable Inference, the Law of Succession, and Statistical Inference", JASA 22 (1927)
 */
export function wilsonInterval(successes: number, trials: number): Interval | undefined {
  if (trials === 0) return undefined;
  const z = Z_95;
  const share = successes / trials;
  const spread = z ** 2 / trials;
  const middle = (share + spread / 2) / (1 + spread);
  const half = (z * Math.sqrt((share * (1 - share)) / trials + spread / (4 * trials))) / (1 + spread);
  return { low: Math.max(0, middle - half), high: Math.min(1, middle + half) };
}
