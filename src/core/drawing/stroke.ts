/** A place on a picture in shares of its width and height, 0 to 1. */
export type PicturePoint = [x: number, y: number];

export const strokeKinds = ['arrow', 'ring', 'line'] as const;
/** What is drawn over footage, kept as vectors so that it fits at any size. */
export type Stroke =
  | { readonly kind: 'arrow'; readonly from: PicturePoint; readonly to: PicturePoint }
  | { readonly kind: 'ring'; readonly centre: PicturePoint /** Share of the width. */; readonly radius: number }
  | { readonly kind: 'line'; readonly points: PicturePoint[] };
export type StrokeKind = Stroke['kind'];

/** A drag shorter than this was a click. @source own decision: about the width of a fingertip's tremble */
const LEAST_PIXELS = 6;
/** A free line keeps at most this many points. */
export const MOST_LINE_POINTS = 400;

/**
 * What a drag with a tool becomes: an arrow from its start to its end, a ring around its start, the line itself. Undefined for a click
 * that went nowhere. `width` and `height` are the picture's size in pixels.
 */
export function strokeOf(
  kind: StrokeKind,
  points: readonly PicturePoint[],
  { width, height }: { readonly width: number; readonly height: number },
): Stroke | undefined {
  const from = points[0];
  const to = points[points.length - 1];
  if (!from || !to) return undefined;
  const reach = Math.hypot((to[0] - from[0]) * width, (to[1] - from[1]) * height);
  if (kind === 'line') return points.length > 1 ? { kind, points: points.slice(-MOST_LINE_POINTS) } : undefined;
  if (reach < LEAST_PIXELS) return undefined;
  return kind === 'arrow' ? { kind, from, to } : { kind, centre: from, radius: Math.min(1, reach / width) };
}

/** A place inside the picture: what lies outside counts at its nearer edge. */
export const clampToPicture = (x: number, y: number): PicturePoint => [clamp(x), clamp(y)];
const clamp = (share: number): number => Math.min(1, Math.max(0, share));
