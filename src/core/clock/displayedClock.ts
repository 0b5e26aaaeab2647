import { fail, type Result, succeed } from '../kernel';
import { intersectSpans, liveSecondsBetween, liveSpans, type Span, spanSeconds } from './liveTime';

/** One tie of a displayed clock to the footage: at this media time the clock read this. */
export interface ClockTie {
  readonly mediaSeconds: number;
  readonly readingSeconds: number;
}

export interface DisplayedClock {
  readonly name: string;
  readonly counts: 'up' | 'down';
  /** At least two ties in order of media time. */
  readonly ties: readonly ClockTie[];
  /** Stretches of media time in which this clock stood still; absent for a clock that runs through. */
  readonly standsStill?: readonly Span[];
  /**
   * For a clock that is set anew in between, as for each turn of an overtime: moments of media time at which that certainly happened. Between two ties
   * that do not run its way it is taken to have been set anew too. Absent for a clock that is started once.
   */
  readonly setAnewAt?: readonly number[];
}

/** A run of a clock between two settings: ties in order, and the media time over which they speak. */
interface ClockRun {
  readonly ties: readonly ClockTie[];
  readonly span: Span;
}

export type ClockProblem =
  | { readonly code: 'too-few-ties' }
  | { readonly code: 'runs-backwards'; readonly atSeconds: number };

/** Whether a clock that was not set anew can read so at two moments in this order. */
const runsOn = ({ counts }: DisplayedClock, from: ClockTie, to: ClockTie): boolean =>
  to.mediaSeconds > from.mediaSeconds &&
  (counts === 'up' ? to.readingSeconds >= from.readingSeconds : to.readingSeconds <= from.readingSeconds);

/** A clock whose ties are sorted and run in its direction; two ties at least, no two at one moment. One that is set anew may jump between ties. */
export function parseDisplayedClock(draft: DisplayedClock): Result<DisplayedClock, ClockProblem> {
  const ties = [...draft.ties].sort((one, other) => one.mediaSeconds - other.mediaSeconds);
  if (ties.length < 2 && !draft.setAnewAt) return fail({ code: 'too-few-ties' });
  for (const [index, here] of ties.entries()) {
    const before = ties[index - 1];
    const together = before?.mediaSeconds === here.mediaSeconds;
    if (before && (together || (!draft.setAnewAt && !runsOn(draft, before, here))))
      return fail({ code: 'runs-backwards', atSeconds: here.mediaSeconds });
  }
  return succeed({ ...draft, ties });
}

/** The runs of a clock in order: one, unless it is set anew in between. A run reaches from where it was set to where the next one was. */
function runsOf(clock: DisplayedClock): ClockRun[] {
  const { ties, setAnewAt } = clock;
  if (!setAnewAt)
    return [{ ties, span: { startSeconds: Number.NEGATIVE_INFINITY, endSeconds: Number.POSITIVE_INFINITY } }];
  const runs: { ties: ClockTie[]; startSeconds: number }[] = [];
  for (const tie of ties) {
    const run = runs.at(-1);
    const last = run?.ties.at(-1);
    const set = setAnewAt.filter((at) => at <= tie.mediaSeconds && (!last || at > last.mediaSeconds)).at(-1);
    if (run && last && set === undefined && runsOn(clock, last, tie)) run.ties.push(tie);
    else runs.push({ ties: [tie], startSeconds: set ?? (last ? tie.mediaSeconds : Number.NEGATIVE_INFINITY) });
  }
  return runs.map((run, index) => {
    const last = run.ties.at(-1)?.mediaSeconds ?? 0;
    const setNext = setAnewAt.find((at) => at > last) ?? Number.POSITIVE_INFINITY;
    const endSeconds = Math.min(setNext, runs[index + 1]?.startSeconds ?? Number.POSITIVE_INFINITY);
    return { ties: run.ties, span: { startSeconds: run.startSeconds, endSeconds } };
  });
}

/** The run that a moment lies in, or else the nearest by its ties. */
function runAt(runs: readonly ClockRun[], mediaSeconds: number): ClockRun | undefined {
  const within = runs.find(({ span }) => mediaSeconds >= span.startSeconds && mediaSeconds < span.endSeconds);
  return within ?? runs.findLast(({ ties }) => (ties[0]?.mediaSeconds ?? 0) <= mediaSeconds) ?? runs[0];
}

export interface ClockReading {
  readonly seconds: number;
  /** True outside the ties, where the nearest segment is continued. */
  readonly extrapolated: boolean;
}

/** Seconds for which the clock ran between two moments, negative when they are in the other order. */
function ranBetween({ standsStill }: DisplayedClock, fromSeconds: number, toSeconds: number): number {
  if (!standsStill?.length || fromSeconds === toSeconds) return toSeconds - fromSeconds;
  const whole = { startSeconds: Math.min(fromSeconds, toSeconds), endSeconds: Math.max(fromSeconds, toSeconds) };
  const ran = liveSecondsBetween(liveSpans(whole, standsStill), whole.startSeconds, whole.endSeconds);
  return toSeconds > fromSeconds ? ran : -ran;
}

/**
 * What the clock reads at a moment: linear in the time that it ran between ties. A pair of ties within one standstill has no slope. A run with a single
 * tie is taken to keep time with the footage. Throws for a clock without ties.
 */
export const readClock = (clock: DisplayedClock, mediaSeconds: number): ClockReading =>
  readRun(clock, runAt(runsOf(clock), mediaSeconds), mediaSeconds);

function readRun(clock: DisplayedClock, run: ClockRun | undefined, mediaSeconds: number): ClockReading {
  const first = run?.ties[0];
  const last = run?.ties.at(-1);
  if (!run || !first || !last) throw new RangeError('readClock: a clock has at least one tie');
  const extrapolated = mediaSeconds < first.mediaSeconds || mediaSeconds > last.mediaSeconds;
  const upper = run.ties.findIndex((tie, index) => index > 0 && tie.mediaSeconds >= mediaSeconds);
  const to = run.ties.at(upper < 0 ? -1 : upper) ?? last;
  const from = run.ties.at(upper < 0 ? -2 : upper - 1) ?? first;
  const seconds = from.readingSeconds + slopeOf(clock, from, to) * ranBetween(clock, from.mediaSeconds, mediaSeconds);
  return { seconds, extrapolated };
}

/** How much the clock turns per second that it ran, between two ties of a run. */
function slopeOf(clock: DisplayedClock, from: ClockTie, to: ClockTie): number {
  if (from === to) return clock.counts === 'up' ? 1 : -1;
  const ran = ranBetween(clock, from.mediaSeconds, to.mediaSeconds);
  return ran > 0 ? (to.readingSeconds - from.readingSeconds) / ran : 0;
}

/** Seconds the clock gains on the footage per minute of media time in which it ran, first to last tie of each run; positive is fast. */
export function driftPerMinute(clock: DisplayedClock): number {
  let elapsed = 0;
  let ran = 0;
  for (const { ties } of runsOf(clock)) {
    const [first, last] = [ties[0], ties.at(-1)];
    if (!first || !last) continue;
    elapsed += Math.abs(last.readingSeconds - first.readingSeconds);
    ran += ranBetween(clock, first.mediaSeconds, last.mediaSeconds);
  }
  return ran > 0 ? ((elapsed - ran) / ran) * 60 : 0;
}

/** Seconds that pass on a clock over a stretch, by the run in which the middle of it lies. */
export function elapsedOn(clock: DisplayedClock, { startSeconds, endSeconds }: Span): number {
  const run = runAt(runsOf(clock), (startSeconds + endSeconds) / 2);
  return Math.abs(readRun(clock, run, endSeconds).seconds - readRun(clock, run, startSeconds).seconds);
}

/**
 * The part of a stretch over which a clock is tied: between the first and the last tie of the run that shares most with it. A clock that is set anew
 * speaks for the whole of the run in which it has a tie, because it keeps time that long. Undefined where it is not tied at all.
 */
export function tiedOver(clock: DisplayedClock, stretch: Span): Span | undefined {
  const shared = runsOf(clock).flatMap(({ ties, span }) => {
    const tied = { startSeconds: ties[0]?.mediaSeconds ?? 0, endSeconds: ties.at(-1)?.mediaSeconds ?? 0 };
    return intersectSpans(clock.setAnewAt ? span : tied, stretch) ?? [];
  });
  return shared.sort((one, other) => spanSeconds(other) - spanSeconds(one))[0];
}

/** Two clocks over the part of a stretch for which both are tied. */
export interface ClockPair {
  readonly names: readonly [string, string];
  readonly over: Span;
  readonly elapsedSeconds: readonly [number, number];
}

/** Every two clocks that are tied over a common part of a stretch, wherever else they are tied. */
export function compareClocks(clocks: readonly DisplayedClock[], stretch: Span): ClockPair[] {
  const tied = clocks.flatMap((clock) => {
    const span = tiedOver(clock, stretch);
    return span ? [{ clock, span }] : [];
  });
  return tied.flatMap((one, index) =>
    tied.slice(index + 1).flatMap((other): ClockPair[] => {
      const over = intersectSpans(one.span, other.span);
      if (!over) return [];
      const elapsedSeconds = [elapsedOn(one.clock, over), elapsedOn(other.clock, over)] as const;
      return [{ names: [one.clock.name, other.clock.name], over, elapsedSeconds }];
    }),
  );
}
