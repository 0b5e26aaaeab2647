import { type Span, spanSeconds } from '../clock';
import { present } from '../kernel';
import type { Athlete, AttemptMark } from '../marks';
import { findPosition, findTechnique } from '../vocabulary';
import type { RoundReading, StateInterval } from './readRound';
import type { RoundState } from './state';

/** Bounds of the tide: a house value of at most 4 plus at most 2 for a live submission. */
export const TIDE_LIMIT = 6;

/**
 * Longest time that a submission attempt without a marked end is taken to be alive.
 * @source own decision: a hold that matters for longer has its end marked
 */
export const OPEN_ATTEMPT_SECONDS = 15;

/** A stretch with one height of the tide, from athlete a's view. */
export interface TideStep extends Span {
  readonly value: number;
  readonly live: boolean;
}

export interface Tide {
  readonly steps: readonly TideStep[];
  /** Signed integral over live time, in value × seconds. */
  readonly area: number;
  /** Area per live second; 0 when nothing was live. */
  readonly mean: number;
}

/** Worth of a state for athlete a, −4 to 4. @source house values of the positions (house estimate) */
export function baseValue(state: RoundState): number {
  if (state.kind !== 'position' || state.holder === undefined) return 0;
  const position = findPosition(state.positionId);
  if (!position || position.betterRole === 'neutral') return 0;
  return state.holder === 'a' ? position.houseValue : -position.houseValue;
}

const stageBonus: Readonly<Record<AttemptMark['stage'], number>> = { entry: 0, control: 1, locked: 2, finished: 2 };

/** When a submission attempt presses: from its mark to its end, or to the next change of state, at most `OPEN_ATTEMPT_SECONDS`. */
export function attemptSpan(mark: AttemptMark, intervals: readonly StateInterval[]): Span {
  if (mark.endSeconds !== undefined) return { startSeconds: mark.atSeconds, endSeconds: mark.endSeconds };
  const limit = mark.atSeconds + OPEN_ATTEMPT_SECONDS;
  const next = intervals[firstAfter(intervals, mark.atSeconds + 1e-9)];
  return { startSeconds: mark.atSeconds, endSeconds: Math.min(limit, next?.startSeconds ?? limit) };
}

function firstAfter(intervals: readonly StateInterval[], seconds: number): number {
  let low = 0;
  let high = intervals.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (present(intervals[middle]).startSeconds > seconds) high = middle;
    else low = middle + 1;
  }
  return low;
}

interface Pressure extends Span {
  readonly athlete: Athlete;
  readonly bonus: number;
}

function pressures(reading: RoundReading): Pressure[] {
  return reading.marks.flatMap((mark) => {
    if (mark.kind !== 'attempt' || mark.unsure || findTechnique(mark.techniqueId)?.class !== 'submissions') return [];
    const bonus = stageBonus[mark.stage];
    return bonus === 0 ? [] : [{ ...attemptSpan(mark, reading.intervals), athlete: mark.athlete, bonus }];
  });
}

/**
 * Who is better placed and by how much over the whole round, from athlete a's view: base value of the state, plus the pressure of
 * live submissions whoever is on top (the stronger of several by one athlete), clipped to ±6. Stopped time is at 0 and not live.
 * Swapping the athletes negates every value.
 */
export function tideOf(reading: RoundReading): Tide {
  const waiting = pressures(reading).filter((one) => spanSeconds(one) > 0);
  const steps: TideStep[] = [];
  let area = 0;
  let next = 0;
  let pressing: Pressure[] = [];
  for (const interval of reading.intervals) {
    const live = interval.state.kind !== 'stopped';
    while (next < waiting.length && present(waiting[next]).startSeconds < interval.endSeconds)
      pressing.push(present(waiting[next++]));
    pressing = pressing.filter((one) => one.endSeconds > interval.startSeconds);
    const near = live ? pressing : [];
    const base = live ? baseValue(interval.state) : 0;
    if (near.length === 0) {
      const { startSeconds, endSeconds } = interval;
      steps.push({ startSeconds, endSeconds, value: base, live });
      area += base * spanSeconds(interval);
      continue;
    }
    for (const piece of splitAt(interval, near)) {
      const value = clip(base + netPressure(near, piece));
      steps.push({ ...piece, value, live });
      area += value * spanSeconds(piece);
    }
  }
  return { steps, area, mean: reading.liveSeconds > 0 ? area / reading.liveSeconds : 0 };
}

const clip = (value: number): number => Math.min(TIDE_LIMIT, Math.max(-TIDE_LIMIT, value)) + 0;

function splitAt(interval: Span, spans: readonly Span[]): Span[] {
  const inside = (seconds: number) => seconds > interval.startSeconds && seconds < interval.endSeconds;
  const cuts = spans.flatMap((span) => [span.startSeconds, span.endSeconds]).filter(inside);
  const edges = [interval.startSeconds, ...new Set(cuts.sort((one, other) => one - other)), interval.endSeconds];
  return edges.slice(1).map((endSeconds, index) => ({ startSeconds: present(edges[index]), endSeconds }));
}

function netPressure(near: readonly Pressure[], piece: Span): number {
  const strongest = { a: 0, b: 0 };
  for (const one of near) {
    const covers = one.startSeconds <= piece.startSeconds && one.endSeconds >= piece.endSeconds;
    if (covers) strongest[one.athlete] = Math.max(strongest[one.athlete], one.bonus);
  }
  return strongest.a - strongest.b;
}

/** Height of the tide at a moment, from athlete a's view; 0 outside the round. */
export function tideAt(tide: Tide, mediaSeconds: number): number {
  return tide.steps.find((step) => step.startSeconds <= mediaSeconds && mediaSeconds < step.endSeconds)?.value ?? 0;
}
