import {
  clockSpread,
  type DisplayedClock,
  driftPerMinute,
  formatClock,
  formatClockTenths,
  readClock,
  type Span,
} from '@/core/clock';
import type { Mark } from '@/core/round';

/** A clock as the page holds it; with fewer than two ties it cannot be read yet. */
export interface RoundClock {
  readonly id: string;
  readonly name: string;
  readonly counts: 'up' | 'down';
  readonly pauses: boolean;
  readonly ties: readonly { readonly mediaSeconds: number; readonly readingSeconds: number }[];
  readonly version: number;
}

/** The stoppages that halt a clock: what the camera did not see does not. */
export const stoppagesOf = (marks: readonly Mark[]): Span[] =>
  marks.flatMap((mark) =>
    mark.kind === 'stoppage' && !mark.offCamera ? [{ startSeconds: mark.atSeconds, endSeconds: mark.endSeconds }] : [],
  );

/** The clock as the core reads it; undefined while it lacks its second tie. */
export const readable = (clock: RoundClock, stoppages: readonly Span[]): DisplayedClock | undefined =>
  clock.ties.length < 2
    ? undefined
    : {
        name: clock.name,
        counts: clock.counts,
        ties: [...clock.ties].sort((one, other) => one.mediaSeconds - other.mediaSeconds),
        ...(clock.pauses ? { standsStill: stoppages } : {}),
      };

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

/** How far the clocks lie apart over the stretch that all of them are tied in; undefined for fewer than two. */
export function spreadWords(clocks: readonly DisplayedClock[]): string | undefined {
  if (clocks.length < 2) return undefined;
  const from = Math.max(...clocks.map((one) => one.ties[0]!.mediaSeconds));
  const to = Math.min(...clocks.map((one) => one.ties.at(-1)!.mediaSeconds));
  if (to <= from) return 'The clocks are not tied to any stretch in common.';
  const spread = clockSpread(clocks, from, to);
  return `Over ${formatClock(to - from)} of footage in common they differ by ${spread.toFixed(1)} s.`;
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
