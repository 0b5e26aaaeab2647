import type { Span } from '../clock';
import { present } from '../kernel';
import { activeShare, type MotionCurve, stillStretches } from './motion';
import type { ToneBurst } from './tones';

/** One signal of a timer: rings that follow each other within three seconds on the same tone. */
export interface TimerSignal {
  readonly atSeconds: number;
  readonly endSeconds: number;
  readonly rings: number;
  readonly hertz: number;
}

export type ProposalReason = 'bell-to-bell' | 'bell-to-early-bell' | 'bell-to-stillness' | 'movement-only';

export interface RoundProposal extends Span {
  readonly reason: ProposalReason;
  /** 0–1: how sure it is that a round lies exactly here. A house estimate, for ranking and for a word beside it. */
  readonly confidenceRatio: number;
  /** The allowed length that it matches, in seconds. */
  readonly plannedSeconds?: number;
}

export interface ProposalLimits {
  /** Lengths of round that the academy's timer rings, in seconds. */
  readonly allowedSeconds: readonly number[];
}

/** Lengths that round timers are usually set to. @source common practice */
export const usualRoundSeconds: readonly number[] = [60, 90, 120, 150, 180, 240, 300, 360, 420, 480, 540, 600, 900];

const RING_GAP_SECONDS = 3;
const SAME_TONE_HERTZ = 90;
const LENGTH_TOLERANCE_SECONDS = 1.2;
const SHORTEST_SECONDS = 30;
const LONGEST_SECONDS = 930;
/** Movement may rest this long within a round before an ended round is the likelier story. */
const STOPPED_SECONDS = 15;
const LEAST_ACTIVE_SHARE = 0.45;
/** Share of a round of usual length that may be quiet before its bell. */
const MOST_QUIET_END = 0.25;
/** A clack in these last seconds is the timer's own warning. */
const WARNING_SECONDS = 32;
const SHORTEST_MOVEMENT_SECONDS = 60;
const MOST_SIGNALS_PER_MINUTE = 2.5;

/** Bursts grouped into the timer's signals, in order. */
export function timerSignals(bursts: readonly ToneBurst[]): TimerSignal[] {
  const signals: { atSeconds: number; endSeconds: number; rings: number; hertz: number }[] = [];
  for (const burst of [...bursts].sort((one, other) => one.startSeconds - other.startSeconds)) {
    const last = signals.at(-1);
    const follows = last && burst.startSeconds - last.endSeconds <= RING_GAP_SECONDS;
    if (follows && Math.abs(burst.hertz - last.hertz) <= SAME_TONE_HERTZ) {
      last.endSeconds = burst.endSeconds;
      last.rings += 1;
    } else signals.push({ atSeconds: burst.startSeconds, endSeconds: burst.endSeconds, rings: 1, hertz: burst.hertz });
  }
  return signals;
}

interface Candidate extends RoundProposal {
  readonly weight: number;
}

/**
 * Rounds that a file seems to hold, in order and without overlap: the set of most weight among bell-to-bell stretches of an allowed length,
 * bell-to-bell stretches of another length (cut short by hand), bell-to-stillness (the clock ran on or was stopped silently), and, where no bell
 * rings at all, stretches of movement. Only proposals: the coach decides.
 * @source own decision; the lengths and the habits of timers are common practice
 */
export function proposeRounds(
  bursts: readonly ToneBurst[],
  motion: MotionCurve,
  durationSeconds: number,
  { allowedSeconds }: ProposalLimits = { allowedSeconds: usualRoundSeconds },
): RoundProposal[] {
  const signals = timerSignals(bursts);
  const still = stillStretches(motion, STOPPED_SECONDS);
  const heard = voices(signals, durationSeconds).map((voice) =>
    heaviest(
      voice.flatMap((from, index) =>
        candidatesFrom(from, voice.slice(index + 1), still, allowedSeconds, durationSeconds),
      ),
    ),
  );
  const chosen = heard.reduce(
    (best, one) => (weightOf(one) > weightOf(best) ? one : best),
    signals.length > 0 ? [] : heaviest(movementCandidates(still, durationSeconds)),
  );
  return chosen.map(({ weight: _weight, ...proposal }) => proposal);
}

const weightOf = (candidates: readonly Candidate[]): number => candidates.reduce((sum, one) => sum + one.weight, 0);

/** What may be the timer: all signals together where they are few, otherwise (music) only those of one tone. */
function voices(signals: readonly TimerSignal[], durationSeconds: number): TimerSignal[][] {
  if (signals.length <= Math.max(8, (durationSeconds / 60) * MOST_SIGNALS_PER_MINUTE)) return [[...signals]];
  const tones = [...new Set(signals.map((one) => one.hertz))];
  return tones.map((hertz) => signals.filter((one) => Math.abs(one.hertz - hertz) <= SAME_TONE_HERTZ / 2));
}

/** The length that the timer may have been set to. */
const matchOf = (seconds: number, allowedSeconds: readonly number[]): number | undefined =>
  allowedSeconds.find((one) => Math.abs(one - seconds) <= LENGTH_TOLERANCE_SECONDS);

function candidatesFrom(
  from: TimerSignal,
  later: readonly TimerSignal[],
  still: readonly Span[],
  allowedSeconds: readonly number[],
  durationSeconds: number,
): Candidate[] {
  const found: Candidate[] = [];
  const within = later.filter((one) => one.atSeconds - from.atSeconds <= LONGEST_SECONDS);
  for (const to of within) {
    const span = { startSeconds: from.atSeconds, endSeconds: to.atSeconds };
    const tail = still.find(
      (one) => one.startSeconds < to.atSeconds - STOPPED_SECONDS && one.endSeconds >= to.atSeconds - 1,
    );
    const length = to.atSeconds - from.atSeconds;
    const quietEnd = tail && tail.startSeconds > from.endSeconds ? to.atSeconds - tail.startSeconds : 0;
    // A round of the timer's own length may end in a slow hold; otherwise everybody had stopped before that bell.
    if (quietEnd > (matchOf(length, allowedSeconds) ? MOST_QUIET_END * length : 0)) continue;
    const candidate = weighed(span, from, to, within, still, allowedSeconds);
    if (candidate) found.push(candidate);
  }
  const next = within[0]?.atSeconds ?? durationSeconds;
  // Without a matching bell, the round ends where everybody stops; the timer's own signals in between do not matter then.
  for (const pause of still) {
    if (pause.startSeconds < from.endSeconds + SHORTEST_SECONDS) continue;
    if (pause.startSeconds - from.atSeconds > LONGEST_SECONDS || pause.startSeconds > next + 1) break;
    const span = { startSeconds: from.atSeconds, endSeconds: pause.startSeconds };
    const active = activeShare(still, span);
    if (active < LEAST_ACTIVE_SHARE) continue;
    found.push({
      ...span,
      reason: 'bell-to-stillness',
      confidenceRatio: 0.6 * active,
      plannedSeconds: matchOf(next - from.atSeconds, allowedSeconds),
      weight: 1.6 * active,
    });
  }
  return found;
}

function weighed(
  span: Span,
  from: TimerSignal,
  to: TimerSignal,
  within: readonly TimerSignal[],
  still: readonly Span[],
  allowedSeconds: readonly number[],
): Candidate | undefined {
  const length = span.endSeconds - span.startSeconds;
  const active = activeShare(still, span);
  const plannedSeconds = matchOf(length, allowedSeconds);
  const leastActive = plannedSeconds ? LEAST_ACTIVE_SHARE / 2 : LEAST_ACTIVE_SHARE;
  if (length < SHORTEST_SECONDS || active < leastActive) return undefined;
  const sameTone = Math.abs(from.hertz - to.hertz) <= SAME_TONE_HERTZ;
  const between = within.filter(
    (one) => one.atSeconds < to.atSeconds && to.atSeconds - one.atSeconds > WARNING_SECONDS,
  );
  const foreign = between.length * 0.8;
  const weight = (plannedSeconds ? 3 : 1.2) + (sameTone ? 0.5 : 0) + 1.5 * (active - 0.5) - foreign;
  if (weight <= 0) return undefined;
  const confidenceRatio = (plannedSeconds ? 0.97 : 0.75) * (sameTone ? 1 : 0.8) * active * 0.8 ** between.length;
  return {
    ...span,
    reason: plannedSeconds ? 'bell-to-bell' : 'bell-to-early-bell',
    confidenceRatio,
    plannedSeconds,
    weight,
  };
}

function movementCandidates(still: readonly Span[], durationSeconds: number): Candidate[] {
  const edges = [0, ...still.flatMap((one) => [one.startSeconds, one.endSeconds]), durationSeconds];
  const found: Candidate[] = [];
  for (let index = 0; index + 1 < edges.length; index += 2) {
    const span = { startSeconds: present(edges[index]), endSeconds: present(edges[index + 1]) };
    if (span.endSeconds - span.startSeconds < SHORTEST_MOVEMENT_SECONDS) continue;
    // A file in which nothing ever rests may hold one round or none: not worth a proposal of its own beyond the whole file.
    found.push({ ...span, reason: 'movement-only', confidenceRatio: still.length > 0 ? 0.4 : 0.2, weight: 1 });
  }
  return found;
}

/** The non-overlapping candidates of most weight together (weighted interval scheduling, exact), in order. */
function heaviest(candidates: readonly Candidate[]): Candidate[] {
  const sorted = [...candidates].sort((one, other) => one.endSeconds - other.endSeconds);
  const best: { readonly weight: number; readonly chosen?: Candidate; readonly before: number }[] = [];
  for (const [index, candidate] of sorted.entries()) {
    let before = index - 1;
    while (before >= 0 && present(sorted[before]).endSeconds > candidate.startSeconds + 1e-6) before -= 1;
    const withIt = candidate.weight + (before >= 0 ? present(best[before]).weight : 0);
    const without = index > 0 ? present(best[index - 1]).weight : 0;
    best.push(
      withIt > without ? { weight: withIt, chosen: candidate, before } : { weight: without, before: index - 1 },
    );
  }
  const chosen: Candidate[] = [];
  for (let index = best.length - 1; index >= 0; index = present(best[index]).before) {
    const { chosen: candidate } = present(best[index]);
    if (candidate) chosen.unshift(candidate);
  }
  return chosen;
}
