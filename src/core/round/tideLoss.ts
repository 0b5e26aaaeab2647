import { present } from '../kernel';
import type { Athlete } from '../marks';
import type { Tide } from './tide';

/** A first cause that led to something: when it was made, and when its last consequence came. */
export interface LossRoot {
  readonly athlete: Athlete;
  readonly atSeconds: number;
  readonly lastSeconds: number;
}

interface LossWindow {
  readonly root: number;
  readonly from: number;
  readonly to: number;
  /** The athlete's tide just before the error. */
  readonly level: number;
}

/**
 * Tide area per minute that each first cause cost: what lay below the athlete's level just before it, until that level is back and the last consequence
 * is over, or play begins anew: what is lost after a tap or a restart was not lost by the error before it. `endings` are those moments, in order. A second with
 * several first causes is shared among them.
 */
export function shareTideLoss(roots: readonly LossRoot[], tide: Tide, endings: readonly number[] = []): Float64Array {
  const loss = new Float64Array(roots.length);
  for (const athlete of ['a', 'b'] as const) {
    const heights = blockHeights(tide.steps, athlete);
    const windows: LossWindow[] = [];
    for (let root = 0; root < roots.length; root += 1) {
      if (present(roots[root]).athlete !== athlete) continue;
      const window = lossWindow(root, present(roots[root]), tide.steps, heights, endings);
      if (window.to > window.from) windows.push(window);
    }
    const pieces = cutPieces(windows, tide, athlete);
    const sums = new Map<number, Float64Array>();
    for (const { root, from, to, level } of windows) {
      let below = sums.get(level);
      if (!below) {
        below = lossUpTo(pieces, level);
        sums.set(level, below);
      }
      loss[root] = (present(below[firstAtOrAfter(pieces, to)]) - present(below[firstAtOrAfter(pieces, from)])) / 60;
    }
  }
  return loss;
}

/** What an athlete who stood at `level` lost up to each piece: windows of one level, and there are few levels, need one pass together. */
function lossUpTo({ count, values, shares }: Pieces, level: number): Float64Array {
  const sums = new Float64Array(count + 1);
  for (let index = 0; index < count; index += 1)
    sums[index + 1] = present(sums[index]) + Math.max(0, level - present(values[index])) * present(shares[index]);
  return sums;
}

/** The covered time, cut wherever a window or a step of the tide begins or ends, in order of time; column by column. */
interface Pieces {
  readonly count: number;
  readonly starts: Float64Array;
  /** The athlete's tide. */
  readonly values: Float64Array;
  /** Seconds, divided among the windows that cover the piece. */
  readonly shares: Float64Array;
}

function cutPieces(windows: readonly LossWindow[], tide: Tide, athlete: Athlete): Pieces {
  const opens = Float64Array.from(windows, (window) => window.from).sort();
  const closes = Float64Array.from(windows, (window) => window.to).sort();
  const most = tide.steps.length + 2 * windows.length;
  const starts = new Float64Array(most);
  const values = new Float64Array(most);
  const shares = new Float64Array(most);
  let count = 0;
  let opened = 0;
  let closed = 0;
  for (const step of tide.steps) {
    let from = step.startSeconds;
    while (from < step.endSeconds) {
      while (opened < opens.length && present(opens[opened]) <= from) opened += 1;
      while (closed < closes.length && present(closes[closed]) <= from) closed += 1;
      const covering = opened - closed;
      const to = Math.min(step.endSeconds, opens[opened] ?? step.endSeconds, closes[closed] ?? step.endSeconds);
      if (step.live && covering > 0) {
        starts[count] = from;
        values[count] = seenBy(athlete, step.value);
        shares[count] = (to - from) / covering;
        count += 1;
      }
      from = to;
    }
  }
  return { count, starts, values, shares };
}

function firstAtOrAfter({ count, starts }: Pieces, seconds: number): number {
  let low = 0;
  let high = count;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (present(starts[middle]) < seconds) low = middle + 1;
    else high = middle;
  }
  return low;
}

const seenBy = (athlete: Athlete, value: number): number => (athlete === 'a' ? value : -value);

function lossWindow(
  root: number,
  { athlete, atSeconds, lastSeconds }: LossRoot,
  steps: Tide['steps'],
  heights: Float64Array,
  endings: readonly number[],
): LossWindow {
  let before = lastStepBefore(steps, atSeconds);
  while (before >= 0 && !present(steps[before]).live) before -= 1;
  const level = seenBy(athlete, steps[before]?.value ?? 0);
  let back = Math.max(0, lastStepBefore(steps, lastSeconds));
  while (back < steps.length && !(present(steps[back]).endSeconds > lastSeconds + 1e-9)) back += 1;
  back = firstAtLevel(steps, heights, athlete, back, level);
  const end = steps[steps.length - 1]?.endSeconds ?? atSeconds;
  const until = back < steps.length ? Math.max(present(steps[back]).startSeconds, lastSeconds) : end;
  const ending = endings.find((seconds) => seconds >= lastSeconds - 1e-9) ?? until;
  return { root, from: atSeconds, to: Math.max(atSeconds, Math.min(until, ending)), level };
}

const BLOCK = 64;

/** The greatest height of an athlete's live tide in each block of steps: where it is too low, the whole block can be passed over. */
function blockHeights(steps: Tide['steps'], athlete: Athlete): Float64Array {
  const heights = new Float64Array(Math.ceil(steps.length / BLOCK)).fill(Number.NEGATIVE_INFINITY);
  for (let index = 0; index < steps.length; index += 1) {
    const step = present(steps[index]);
    const block = Math.floor(index / BLOCK);
    if (step.live) heights[block] = Math.max(present(heights[block]), seenBy(athlete, step.value));
  }
  return heights;
}

/** Index of the first live step from `start` on in which the athlete stands at `level` or better; the number of steps when there is none. */
function firstAtLevel(
  steps: Tide['steps'],
  heights: Float64Array,
  athlete: Athlete,
  start: number,
  level: number,
): number {
  for (let index = start; index < steps.length; ) {
    if (index % BLOCK === 0 && present(heights[index / BLOCK]) < level) {
      index += BLOCK;
      continue;
    }
    const step = present(steps[index]);
    if (step.live && seenBy(athlete, step.value) >= level) return index;
    index += 1;
  }
  return steps.length;
}

/** Index of the last step that begins before a moment, −1 when none does. */
function lastStepBefore(steps: Tide['steps'], seconds: number): number {
  let low = -1;
  let high = steps.length - 1;
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if (present(steps[middle]).startSeconds < seconds - 1e-9) low = middle;
    else high = middle - 1;
  }
  return low;
}
