import {
  compareClocks,
  type DisplayedClock,
  driftPerMinute,
  formatClock,
  formatClockTenths,
  readClock,
  type Span,
  spanSeconds,
} from '@/core/clock';
import type { Mark } from '@/core/round';

/** A clock as the page holds it; with fewer than two ties it cannot be read yet. */
export interface RoundClock {
  readonly id: string;
  readonly name: string;
  readonly counts: 'up' | 'down';
  readonly pauses: boolean;
  /** Whether it is set anew for each turn of an overtime. */
  readonly restarts: boolean;
  readonly ties: readonly { readonly mediaSeconds: number; readonly readingSeconds: number }[];
  readonly version: number;
}

/** The stoppages that halt a clock: what the camera did not see does not. */
const stoppagesOf = (marks: readonly Mark[]): Span[] =>
  marks.flatMap((mark) =>
    mark.kind === 'stoppage' && !mark.offCamera ? [{ startSeconds: mark.atSeconds, endSeconds: mark.endSeconds }] : [],
  );

/** What of the marks bears on clocks: the stoppages that halt some, and the beginnings of turns, for which some are set anew. */
export interface ClockGround {
  readonly stoppages: readonly Span[];
  readonly turnStarts: readonly number[];
}
export const clockGroundOf = (marks: readonly Mark[]): ClockGround => ({
  stoppages: stoppagesOf(marks),
  turnStarts: marks.flatMap((mark) => (mark.kind === 'turn' ? mark.atSeconds : [])),
});

/** The clock as the core reads it; undefined while it lacks its second tie, or its first where it is set anew for each turn. */
export const readable = (clock: RoundClock, { stoppages, turnStarts }: ClockGround): DisplayedClock | undefined =>
  clock.ties.length < tiesNeeded(clock)
    ? undefined
    : {
        name: clock.name,
        counts: clock.counts,
        ties: [...clock.ties].sort((one, other) => one.mediaSeconds - other.mediaSeconds),
        ...(clock.pauses ? { standsStill: stoppages } : {}),
        ...(clock.restarts ? { setAnewAt: [...turnStarts].sort((one, other) => one - other) } : {}),
      };

const tiesNeeded = ({ restarts }: RoundClock): number => (restarts ? 1 : 2);

/** What a clock that cannot be read yet lacks. */
export const needsWords = (clock: RoundClock): string =>
  `needs ${tiesNeeded(clock) - clock.ties.length === 2 ? 'two ties' : clock.ties.length === 0 ? 'a tie in each turn' : 'one more tie'}`;

/** "wall 3:12", with "about" outside its ties. */
export function readingWords(clock: DisplayedClock, mediaSeconds: number): string {
  const { seconds, extrapolated } = readClock(clock, mediaSeconds);
  return `${clock.name} ${extrapolated ? 'about ' : ''}${formatClockTenths(seconds)}`;
}

/** "loses 0.6 s a minute", or that it keeps time. */
export function driftWords(clock: DisplayedClock): string {
  const drift = driftPerMinute(clock);
  if (Math.abs(drift) < 0.05) return 'keeps time with the footage';
  return `${drift > 0 ? 'gains' : 'loses'} ${Math.abs(drift).toFixed(1)} s a minute on the footage`;
}

/** How far each two clocks lie apart over what they have in common of the round; none for fewer than two. */
export function spreadWords(clocks: readonly DisplayedClock[], round: Span): string[] {
  if (clocks.length < 2) return [];
  const pairs = compareClocks(clocks, round);
  if (pairs.length === 0) return ['No two clocks are tied to a stretch in common.'];
  return pairs.map(({ names, over, elapsedSeconds: [one, other] }) => {
    const apart = Math.abs(one - other).toFixed(1);
    return `Over ${formatClock(spanSeconds(over))} of footage in common ${names.join(' and ')} differ by ${apart} s.`;
  });
}

/** How the ledger can show its times. */
export type TimeFace =
  | { readonly kind: 'round' }
  | { readonly kind: 'file' }
  | { readonly kind: 'clock'; readonly id: string };

/** The faces one after the other: round time, file time, then each clock that can be read. */
export function nextFace(face: TimeFace, clockIds: readonly string[]): TimeFace {
  if (face.kind === 'round') return { kind: 'file' };
  const at = face.kind === 'file' ? -1 : clockIds.indexOf(face.id);
  const next = face.kind === 'clock' && at < 0 ? undefined : clockIds[at + 1];
  return next ? { kind: 'clock', id: next } : { kind: 'round' };
}
