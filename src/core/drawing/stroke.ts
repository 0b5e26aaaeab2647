/** A place on a picture in shares of its width and height, 0 to 1. */
export type PicturePoint = [x: number, y: number];

export const strokeKinds = ['arrow', 'straight', 'ring', 'line', 'angle', 'label'] as const;
/** What is drawn over footage, kept as vectors so that it fits at any size. */
export type Stroke =
  | { readonly kind: 'arrow' | 'straight'; readonly from: PicturePoint; readonly to: PicturePoint }
  | { readonly kind: 'ring'; readonly centre: PicturePoint /** Share of the width. */; readonly radius: number }
  | { readonly kind: 'line'; readonly points: PicturePoint[] }
  | {
      readonly kind: 'angle';
      readonly from: PicturePoint;
      readonly corner: PicturePoint;
      readonly to: PicturePoint;
      /** Degrees between the two arms as the picture shows them, 0 to 180: a measure in the picture, not in space. */
      readonly degrees: number;
    }
  | { readonly kind: 'label'; readonly at: PicturePoint; readonly text: string };
export type StrokeKind = Stroke['kind'];

/** A drag shorter than this was a click. @source own decision: about the width of a fingertip's tremble */
const LEAST_PIXELS = 6;
/** A free line keeps at most this many points. */
export const MOST_LINE_POINTS = 400;
export const MOST_LABEL_CHARACTERS = 60;
/** Strokes over one picture. */
export const MOST_STROKES = 60;

export interface PictureSize {
  /** Pixels. */
  readonly width: number;
  readonly height: number;
}

/**
 * What a drag with a tool becomes: an arrow or a straight line from its start to its end, a ring around its start, the line itself. Undefined
 * for a click that went nowhere, and for what is not drawn by a drag.
 */
export function strokeOf(kind: StrokeKind, points: readonly PicturePoint[], size: PictureSize): Stroke | undefined {
  const from = points[0];
  const to = points[points.length - 1];
  if (!from || !to || kind === 'angle' || kind === 'label') return undefined;
  const reach = Math.hypot((to[0] - from[0]) * size.width, (to[1] - from[1]) * size.height);
  if (kind === 'line') return points.length > 1 ? { kind, points: points.slice(-MOST_LINE_POINTS) } : undefined;
  if (reach < LEAST_PIXELS) return undefined;
  return kind === 'ring' ? { kind, centre: from, radius: Math.min(1, reach / size.width) } : { kind, from, to };
}

/** An angle from three clicked places, the corner second; undefined when an arm has no length. */
export function angleStroke(
  [from, corner, to]: readonly [PicturePoint, PicturePoint, PicturePoint],
  size: PictureSize,
): Stroke | undefined {
  const degrees = degreesBetween(from, corner, to, size);
  return degrees === undefined ? undefined : { kind: 'angle', from, corner, to, degrees };
}

/** Degrees at `corner` between two arms, 0 to 180, in pixels: the shares alone would be skewed by the picture's format. */
export function degreesBetween(
  from: PicturePoint,
  corner: PicturePoint,
  to: PicturePoint,
  { width, height }: PictureSize,
): number | undefined {
  const arm = ([x, y]: PicturePoint) => [(x - corner[0]) * width, (y - corner[1]) * height] as const;
  const [one, other] = [arm(from), arm(to)];
  if (Math.hypot(...one) < 1e-9 || Math.hypot(...other) < 1e-9) return undefined;
  const cross = one[0] * other[1] - one[1] * other[0];
  const dot = one[0] * other[0] + one[1] * other[1];
  return (Math.abs(Math.atan2(cross, dot)) * 180) / Math.PI;
}

/** A place inside the picture: what lies outside counts at its nearer edge. */
export const clampToPicture = (x: number, y: number): PicturePoint => [clamp(x), clamp(y)];
const clamp = (share: number): number => Math.min(1, Math.max(0, share));

/** The stroke moved by shares of the picture's width and height, held inside the picture as a whole. */
export function moveStroke(stroke: Stroke, byX: number, byY: number): Stroke {
  const places = placesOf(stroke);
  const hold = (by: number, axis: 0 | 1) => {
    const shares = places.map((place) => place[axis]);
    return Math.min(1 - Math.max(...shares), Math.max(-Math.min(...shares), by));
  };
  const [x, y] = [hold(byX, 0), hold(byY, 1)];
  const moved = (place: PicturePoint): PicturePoint => clampToPicture(place[0] + x, place[1] + y);
  switch (stroke.kind) {
    case 'ring':
      return { ...stroke, centre: moved(stroke.centre) };
    case 'line':
      return { ...stroke, points: stroke.points.map(moved) };
    case 'label':
      return { ...stroke, at: moved(stroke.at) };
    case 'angle':
      return { ...stroke, from: moved(stroke.from), corner: moved(stroke.corner), to: moved(stroke.to) };
    default:
      return { ...stroke, from: moved(stroke.from), to: moved(stroke.to) };
  }
}

function placesOf(stroke: Stroke): readonly PicturePoint[] {
  switch (stroke.kind) {
    case 'ring':
      return [stroke.centre];
    case 'line':
      return stroke.points;
    case 'label':
      return [stroke.at];
    case 'angle':
      return [stroke.from, stroke.corner, stroke.to];
    default:
      return [stroke.from, stroke.to];
  }
}
