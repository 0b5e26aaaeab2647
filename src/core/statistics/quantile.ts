import { present } from '../kernel';
/**
 * The quantile of a sample with linear interpolation between the order statistics (type 7). `probability` is 0 to 1; undefined for no values.
 * @source Hyndman & Fan 1996, "Sample Quantiles in Statistical Packages", The American Statistician 50: definition 7
 */
export function quantile(values: readonly number[], probability: number): number | undefined {
  if (values.length === 0) return undefined;
  const sorted = [...values].sort((one, other) => one - other);
  const position = (sorted.length - 1) * Math.min(1, Math.max(0, probability));
  const below = Math.floor(position);
  const low = present(sorted[below]);
  const high = present(sorted[Math.min(below + 1, sorted.length - 1)]);
  return low + (high - low) * (position - below);
}
