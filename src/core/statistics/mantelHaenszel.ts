import type { Interval } from './poisson';
import type { CountOver } from './rateRatio';

/** The same two groups within one layer of something else that could explain a difference. */
export interface Stratum {
  readonly exposed: CountOver;
  readonly unexposed: CountOver;
}

/**
 * The rate ratio of exposed over unexposed with a third thing held equal, and its 95 % interval. Layers in which one side has no exposure say nothing.
 * Undefined where a side has no events at all.
 * @source Mantel–Haenszel rate ratio for person-time: Rothman, Greenland & Lash, Modern Epidemiology; variance of its logarithm by Greenland & Robins 1985
 */
export function pooledRateRatio(
  strata: readonly Stratum[],
): { readonly ratio: number; readonly interval: Interval } | undefined {
  let above = 0;
  let below = 0;
  let spread = 0;
  for (const { exposed, unexposed } of strata) {
    const total = exposed.exposure + unexposed.exposure;
    if (exposed.exposure <= 0 || unexposed.exposure <= 0) continue;
    above += (exposed.count * unexposed.exposure) / total;
    below += (unexposed.count * exposed.exposure) / total;
    spread += ((exposed.count + unexposed.count) * exposed.exposure * unexposed.exposure) / (total * total);
  }
  if (above <= 0 || below <= 0) return undefined;
  const ratio = above / below;
  const reach = 1.959964 * Math.sqrt(spread / (above * below));
  return { ratio, interval: { low: ratio * Math.exp(-reach), high: ratio * Math.exp(reach) } };
}
