import { formatClock, intersectSpans, type Span } from '@/core/clock';
import { type Mark, stoppageSpans } from '@/core/round';

/** Lulls that nobody has said anything about: nothing is marked in them, no stoppage lies over them, and they were not waved away. */
export function openLulls(lulls: readonly Span[], marks: readonly Mark[], waved: readonly number[]): Span[] {
  const known = stoppageSpans(marks);
  const isMarked = (lull: Span) =>
    marks.some((mark) => mark.atSeconds > lull.startSeconds && mark.atSeconds < lull.endSeconds) ||
    known.some((one) => intersectSpans(one, lull) !== undefined);
  return lulls.filter((lull) => !waved.includes(lull.startSeconds) && !isMarked(lull));
}

/** What playing may pass over, in order: lulls that are still open, and every stoppage. */
export const skippable = (lulls: readonly Span[], marks: readonly Mark[], waved: readonly number[]): Span[] =>
  [...openLulls(lulls, marks, waved), ...stoppageSpans(marks)].sort(
    (one, other) => one.startSeconds - other.startSeconds,
  );

export const lullWords = (lull: Span, startSeconds: number): string =>
  `From ${formatClock(lull.startSeconds - startSeconds)} to ${formatClock(lull.endSeconds - startSeconds)} hardly anything moves.`;
