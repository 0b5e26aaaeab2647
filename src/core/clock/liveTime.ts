/** A stretch of media time, start included, end excluded. */
export interface Span {
  readonly startSeconds: number;
  readonly endSeconds: number;
}

export const spanSeconds = (span: Span): number => Math.max(0, span.endSeconds - span.startSeconds);

/** The overlap of two spans; undefined when they share no time. */
export function intersectSpans(one: Span, other: Span): Span | undefined {
  const startSeconds = Math.max(one.startSeconds, other.startSeconds);
  const endSeconds = Math.min(one.endSeconds, other.endSeconds);
  return endSeconds > startSeconds ? { startSeconds, endSeconds } : undefined;
}

/** The same time as disjoint spans in order. */
export function mergeSpans(spans: readonly Span[]): Span[] {
  const merged: Span[] = [];
  for (const span of [...spans].sort((one, other) => one.startSeconds - other.startSeconds)) {
    const last = merged[merged.length - 1];
    if (last && span.startSeconds <= last.endSeconds) {
      merged[merged.length - 1] = {
        startSeconds: last.startSeconds,
        endSeconds: Math.max(last.endSeconds, span.endSeconds),
      };
    } else if (spanSeconds(span) > 0) merged.push(span);
  }
  return merged;
}

/** What is left of `whole` without the stoppages, in order. */
export function liveSpans(whole: Span, stoppages: readonly Span[]): Span[] {
  const live: Span[] = [];
  let cursor = whole.startSeconds;
  for (const stoppage of mergeSpans(stoppages)) {
    const inside = intersectSpans(whole, stoppage);
    if (!inside) continue;
    if (inside.startSeconds > cursor) live.push({ startSeconds: cursor, endSeconds: inside.startSeconds });
    cursor = Math.max(cursor, inside.endSeconds);
  }
  if (whole.endSeconds > cursor) live.push({ startSeconds: cursor, endSeconds: whole.endSeconds });
  return live;
}

/** Seconds of round time at a moment of media time: since the in point, within the round. */
export function roundTimeAt(round: Span, mediaSeconds: number): number {
  return Math.min(Math.max(mediaSeconds - round.startSeconds, 0), spanSeconds(round));
}

/** Seconds of live time between two moments. */
export function liveSecondsBetween(live: readonly Span[], fromSeconds: number, toSeconds: number): number {
  const window = { startSeconds: fromSeconds, endSeconds: toSeconds };
  return live.reduce((total, span) => {
    const inside = intersectSpans(span, window);
    return total + (inside ? spanSeconds(inside) : 0);
  }, 0);
}
