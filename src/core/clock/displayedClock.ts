import { fail, type Result, succeed } from '../kernel';
import { liveSecondsBetween, liveSpans, type Span } from './liveTime';

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
}

export type ClockProblem =
  | { readonly code: 'too-few-ties' }
  | { readonly code: 'runs-backwards'; readonly atSeconds: number };

/** A clock whose ties are sorted and run in its direction; two ties at least, no two at one moment. */
export function parseDisplayedClock(draft: DisplayedClock): Result<DisplayedClock, ClockProblem> {
  const ties = [...draft.ties].sort((one, other) => one.mediaSeconds - other.mediaSeconds);
  if (ties.length < 2) return fail({ code: 'too-few-ties' });
  const direction = draft.counts === 'up' ? 1 : -1;
  for (let index = 1; index < ties.length; index += 1) {
    const before = ties[index - 1]!;
    const here = ties[index]!;
    const forward =
      here.mediaSeconds > before.mediaSeconds && direction * (here.readingSeconds - before.readingSeconds) >= 0;
    if (!forward) return fail({ code: 'runs-backwards', atSeconds: here.mediaSeconds });
  }
  return succeed({ ...draft, ties });
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

/** What the clock reads at a moment: linear in the time that it ran between ties. A pair of ties within one standstill has no slope. */
export function readClock(clock: DisplayedClock, mediaSeconds: number): ClockReading {
  const { ties } = clock;
  const last = ties.length - 1;
  let upper = ties.findIndex((tie) => tie.mediaSeconds >= mediaSeconds);
  if (upper < 1) upper = upper === -1 ? last : 1;
  const from = ties[upper - 1]!;
  const to = ties[upper]!;
  const ran = ranBetween(clock, from.mediaSeconds, to.mediaSeconds);
  const slope = ran > 0 ? (to.readingSeconds - from.readingSeconds) / ran : 0;
  const extrapolated = mediaSeconds < ties[0]!.mediaSeconds || mediaSeconds > ties[last]!.mediaSeconds;
  const seconds = from.readingSeconds + slope * ranBetween(clock, from.mediaSeconds, mediaSeconds);
  return { seconds, extrapolated };
}

/** Seconds the clock gains on the footage per minute of media time in which it ran, first to last tie; positive is fast. */
export function driftPerMinute(clock: DisplayedClock): number {
  const first = clock.ties[0]!;
  const last = clock.ties[clock.ties.length - 1]!;
  const elapsed = Math.abs(last.readingSeconds - first.readingSeconds);
  const ran = ranBetween(clock, first.mediaSeconds, last.mediaSeconds);
  return ran > 0 ? ((elapsed - ran) / ran) * 60 : 0;
}

/** Largest less smallest time elapsed on several clocks between two moments; 0 for fewer than two clocks. */
export function clockSpread(clocks: readonly DisplayedClock[], fromSeconds: number, toSeconds: number): number {
  const elapsed = clocks.map((clock) =>
    Math.abs(readClock(clock, toSeconds).seconds - readClock(clock, fromSeconds).seconds),
  );
  return elapsed.length < 2 ? 0 : Math.max(...elapsed) - Math.min(...elapsed);
}
