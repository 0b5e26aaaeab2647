import type { Span } from '@/core/clock';

const SHORTEST_WINDOW_SECONDS = 20;

/** The window of the strip, closer (factor below 1) or wider, so that one moment keeps its place; never beyond the file. */
export function zoomWindow(window: Span, factor: number, heldSeconds: number, durationSeconds: number): Span {
  const length = window.endSeconds - window.startSeconds;
  const wanted = Math.min(
    durationSeconds,
    Math.max(Math.min(SHORTEST_WINDOW_SECONDS, durationSeconds), length * factor),
  );
  const share = length > 0 ? (heldSeconds - window.startSeconds) / length : 0.5;
  return within(heldSeconds - share * wanted, wanted, durationSeconds);
}

/** The window moved so that a moment is in it, and not moved when it is already. */
export function windowWith(window: Span, atSeconds: number, durationSeconds: number): Span {
  if (atSeconds >= window.startSeconds && atSeconds <= window.endSeconds) return window;
  const length = window.endSeconds - window.startSeconds;
  return within(atSeconds - length / 4, length, durationSeconds);
}

function within(startSeconds: number, length: number, durationSeconds: number): Span {
  const start = Math.min(Math.max(0, startSeconds), Math.max(0, durationSeconds - length));
  return { startSeconds: start, endSeconds: start + length };
}

/** The highest value in each of `columns` equal parts of a window, as shares of `most`; 0 where there is no value. */
export function columnsOf(
  values: Uint8Array,
  perSecond: number,
  window: Span,
  columns: number,
  most: number,
): Float64Array {
  const step = ((window.endSeconds - window.startSeconds) * perSecond) / columns;
  return Float64Array.from({ length: columns }, (_, column) => {
    const from = Math.floor(window.startSeconds * perSecond + column * step);
    const to = Math.max(from + 1, Math.floor(window.startSeconds * perSecond + (column + 1) * step));
    let highest = 0;
    for (let index = Math.max(0, from); index < Math.min(values.length, to); index += 1)
      highest = Math.max(highest, values[index]!);
    return Math.min(1, highest / most);
  });
}

/** Whole minutes, or tens of seconds in a narrow window, that get a label. */
export function ticksOf(window: Span): number[] {
  const length = window.endSeconds - window.startSeconds;
  const every = [5, 10, 30, 60, 120, 300, 600, 900].find((step) => length / step <= 14) ?? 1800;
  const first = Math.ceil(window.startSeconds / every) * every;
  return Array.from(
    { length: Math.max(0, Math.floor((window.endSeconds - first) / every) + 1) },
    (_, index) => first + index * every,
  );
}

export const decodeBytes = (base64: string): Uint8Array =>
  Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0));
