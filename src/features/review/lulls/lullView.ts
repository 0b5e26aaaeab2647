import { formatClock, intersectSpans, type Span } from '@/core/clock';
import type { Mark } from '@/core/round';

const stretchesOf = (marks: readonly Mark[]): Span[] =>
  marks.flatMap((mark) =>
    mark.kind === 'stoppage' ? [{ startSeconds: mark.atSeconds, endSeconds: mark.endSeconds }] : [],
  );

/** Lulls that nobody has said anything about: no stoppage lies over them, and they were not waved away. */
export function openLulls(lulls: readonly Span[], marks: readonly Mark[], waved: readonly number[]): Span[] {
  const known = stretchesOf(marks);
  return lulls.filter(
    (lull) => !waved.includes(lull.startSeconds) && !known.some((one) => intersectSpans(one, lull) !== undefined),
  );
}

/** What playing may pass over, in order: the lulls that were not waved away, and every stoppage. */
export const skippable = (lulls: readonly Span[], marks: readonly Mark[], waved: readonly number[]): Span[] =>
  [...lulls.filter((lull) => !waved.includes(lull.startSeconds)), ...stretchesOf(marks)].sort(
    (one, other) => one.startSeconds - other.startSeconds,
  );

export const lullWords = (lull: Span, startSeconds: number): string =>
  `From ${formatClock(lull.startSeconds - startSeconds)} to ${formatClock(lull.endSeconds - startSeconds)} hardly anything moves.`;
