import { fail, present, type Result, succeed } from '../kernel';

export interface ReactionLead {
  /** Median time from a moment to the press, rounded to hundredths. */
  readonly leadSeconds: number;
  /** Half of the presses lie within this distance of the median. */
  readonly spreadSeconds: number;
  readonly used: number;
}

/** A press this soon was a guess, one this late belongs to something else. @source simple reactions take about 0.15 to 1 s (common practice) */
const SOONEST_SECONDS = 0.1;
const LATEST_SECONDS = 1.5;
const LEAST_PRESSES = 6;

/**
 * How long a coach takes from seeing a moment to pressing a key: the median over the moments that have a press between 0.1 and 1.5 s
 * after them. Each press counts for one moment. Fewer than six give no answer.
 */
export function measureReactionLead(
  momentsSeconds: readonly number[],
  pressesSeconds: readonly number[],
): Result<ReactionLead, { readonly code: 'too-few'; readonly used: number; readonly needed: number }> {
  const free = [...pressesSeconds].sort((one, other) => one - other);
  const delays = [...momentsSeconds]
    .sort((one, other) => one - other)
    .flatMap((moment) => {
      const at = free.findIndex((press) => press - moment >= SOONEST_SECONDS && press - moment <= LATEST_SECONDS);
      return at < 0 ? [] : [present(free.splice(at, 1)[0]) - moment];
    });
  if (delays.length < LEAST_PRESSES) return fail({ code: 'too-few', used: delays.length, needed: LEAST_PRESSES });
  const middle = medianOf(delays);
  const spread = medianOf(delays.map((delay) => Math.abs(delay - middle)));
  const hundredths = (seconds: number) => Math.round(seconds * 100) / 100;
  return succeed({ leadSeconds: hundredths(middle), spreadSeconds: hundredths(spread), used: delays.length });
}

function medianOf(values: readonly number[]): number {
  const ordered = [...values].sort((one, other) => one - other);
  const half = Math.floor(ordered.length / 2);
  return ordered.length % 2 === 1 ? present(ordered[half]) : (present(ordered[half - 1]) + present(ordered[half])) / 2;
}
