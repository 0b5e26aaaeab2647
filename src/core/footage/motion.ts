import type { Span } from '../clock';
import { present } from '../kernel';

/** Movement in the picture over the length of a file: mean absolute differences of luma, evenly spaced. */
export interface MotionCurve {
  readonly perSecond: number;
  readonly values: ArrayLike<number>;
}

const SMOOTHING_SECONDS = 1.5;
/** Moving parts must be this much above the still ones for stillness to be seen at all. */
const LEAST_CONTRAST = 1.6;

/** Moving mean over 1.5 s, shortened at the ends. */
export function smoothMotion({ perSecond, values }: MotionCurve): Float64Array {
  const half = Math.max(1, Math.round((SMOOTHING_SECONDS * perSecond) / 2));
  const sums = new Float64Array(values.length + 1);
  for (let index = 0; index < values.length; index += 1)
    sums[index + 1] = present(sums[index]) + present(values[index]);
  return Float64Array.from({ length: values.length }, (_, index) => {
    const from = Math.max(0, index - half);
    const to = Math.min(values.length, index + half + 1);
    return (present(sums[to]) - present(sums[from])) / (to - from);
  });
}

/**
 * The value that best parts moving from still: Otsu's threshold on the logarithm of the smoothed curve; undefined when the two parts
 * hardly differ (all of it moves, or nothing does).
 * @source N. Otsu, "A Threshold Selection Method from Gray-Level Histograms", IEEE Transactions on Systems, Man, and Cybernetics 9 (1979)
 */
export function stillnessThreshold(curve: MotionCurve): number | undefined {
  const logs = Array.from(smoothMotion(curve), (value) => Math.log(value + 0.5));
  if (logs.length < 8) return undefined;
  const low = logs.reduce((least, value) => Math.min(least, value), Number.POSITIVE_INFINITY);
  const high = logs.reduce((most, value) => Math.max(most, value), Number.NEGATIVE_INFINITY);
  if (high - low < Math.log(LEAST_CONTRAST)) return undefined;
  const bins = 64;
  const histogram = new Array<number>(bins).fill(0);
  for (const value of logs) {
    const bin = Math.min(bins - 1, Math.floor(((value - low) / (high - low)) * bins));
    histogram[bin] = present(histogram[bin]) + 1;
  }
  const best = otsuBin(histogram);
  const threshold = low + ((best + 1) / bins) * (high - low);
  const mean = (values: readonly number[]) =>
    values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length);
  const contrast = mean(logs.filter((value) => value >= threshold)) - mean(logs.filter((value) => value < threshold));
  return contrast >= Math.log(LEAST_CONTRAST) ? Math.exp(threshold) - 0.5 : undefined;
}

function otsuBin(histogram: readonly number[]): number {
  const total = histogram.reduce((sum, count) => sum + count, 0);
  const weighted = histogram.reduce((sum, count, bin) => sum + count * bin, 0);
  let below = 0;
  let belowWeighted = 0;
  let best = 0;
  let bestVariance = -1;
  for (const [bin, count] of histogram.entries()) {
    below += count;
    belowWeighted += count * bin;
    const above = total - below;
    if (below === 0 || above === 0) continue;
    const variance = below * above * (belowWeighted / below - (weighted - belowWeighted) / above) ** 2;
    if (variance > bestVariance) {
      bestVariance = variance;
      best = bin;
    }
  }
  return best;
}

/** A rest lies this near the quietest that the file ever is, as a share of the way up to lively movement. */
const REST_SHARE = 0.05;

/** The level up to which a stretch is a rest: a hold in which two people work slowly is quieter than a scramble, but never as quiet as a rest. */
function restLevel(smooth: Float64Array, threshold: number): number {
  const sorted = Float64Array.from(smooth).sort();
  const quietest = present(sorted[Math.floor(sorted.length * 0.02)]);
  const moving = sorted.filter((value) => value >= threshold);
  const lively = moving[Math.floor(moving.length / 2)] ?? threshold;
  return quietest + REST_SHARE * (lively - quietest);
}

/**
 * Rests of at least `leastSeconds`, in order: stretches below the threshold whose mean is near the quietest of the file; none when stillness
 * cannot be told from movement.
 * @source own decision, tried on drawn films whose athletes never stop moving
 */
export function stillStretches(curve: MotionCurve, leastSeconds: number): Span[] {
  const threshold = stillnessThreshold(curve);
  if (threshold === undefined) return [];
  const smooth = smoothMotion(curve);
  const rest = restLevel(smooth, threshold);
  const isRest = (first: number, end: number) => {
    let sum = 0;
    for (let index = first; index < end; index += 1) sum += present(smooth[index]);
    return sum / (end - first) <= rest;
  };
  const stretches: Span[] = [];
  let first = -1;
  for (let index = 0; index <= smooth.length; index += 1) {
    const still = index < smooth.length && present(smooth[index]) < threshold;
    if (still && first < 0) first = index;
    if (!still && first >= 0) {
      const span = sharpen(curve, threshold, first, index);
      if (span.endSeconds - span.startSeconds >= leastSeconds && isRest(first, index)) stretches.push(span);
      first = -1;
    }
  }
  return stretches;
}

/** Smoothing blurs the edges: they are moved to where the unsmoothed curve crosses the threshold, at most a smoothing width away. */
function sharpen({ perSecond, values }: MotionCurve, threshold: number, first: number, end: number): Span {
  const reach = Math.ceil(SMOOTHING_SECONDS * perSecond);
  let from = first;
  while (from > 0 && from > first - reach && present(values[from - 1]) < threshold) from -= 1;
  while (from < end && from < first + reach && present(values[from]) >= threshold) from += 1;
  let to = end;
  while (to < values.length && to < end + reach && present(values[to]) < threshold) to += 1;
  while (to > from && to > end - reach && present(values[to - 1]) >= threshold) to -= 1;
  // A difference belongs to the time between two pictures: movement ended with the earlier one.
  return { startSeconds: from / perSecond, endSeconds: to / perSecond };
}

/** Share of a span, 0–1, in which something moves; 1 when stillness cannot be told. */
export function activeShare(still: readonly Span[], span: Span): number {
  const length = span.endSeconds - span.startSeconds;
  if (length <= 0) return 1;
  const quiet = still.reduce(
    (sum, one) =>
      sum + Math.max(0, Math.min(one.endSeconds, span.endSeconds) - Math.max(one.startSeconds, span.startSeconds)),
    0,
  );
  return 1 - quiet / length;
}
