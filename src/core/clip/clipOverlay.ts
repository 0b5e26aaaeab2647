import type { PicturePoint, PictureSize, Stroke } from '../drawing';
import type { PlacedPicture } from './clipPicture';

/** What lies over a segment of a clip: captions, readings and strokes, in seconds of the segment. */
export interface Overlay {
  readonly size: PictureSize;
  readonly seconds: number;
  readonly picture: PlacedPicture;
  readonly strokes: readonly Stroke[];
  /** Empty for none. */
  readonly caption: string;
  /** In order of time, each until the next. */
  readonly readings: readonly { readonly fromSeconds: number; readonly text: string }[];
}

/** Colours as the format writes them: blue, green, red. */
const INK = '&H3DB3F2&';
const DARK = '&H0D0F0C&';
const PAPER = '&HDAEAEF&';
/** Lines of a picture of 720 lines. */
const STROKE = 5;

const two = (value: number): string => String(value).padStart(2, '0');
const assTime = (seconds: number): string => {
  const hundredths = Math.round(seconds * 100);
  const rest = hundredths % 6000;
  return `${Math.floor(hundredths / 360_000)}:${two(Math.floor(hundredths / 6000) % 60)}:${two(Math.floor(rest / 100))}.${two(rest % 100)}`;
};

/** Words that mean themselves: braces would begin an order, a backslash too. @source the format's own rules, as its renderer reads them */
const assText = (text: string): string =>
  text
    .replaceAll('\\', '\\\u2060')
    .replaceAll('{', '\\{')
    .replaceAll('}', '\\}')
    .replace(/\s*[\r\n]+\s*/g, '\\N');

const px = (value: number): string => value.toFixed(1);
type At = readonly [x: number, y: number];
const path = (points: readonly At[]): string =>
  points.map(([x, y], at) => `${at === 0 ? 'm' : 'l'} ${px(x)} ${px(y)}`).join(' ');

/** A straight line as the four corners of a thin board; nothing for one without length. */
function board([x1, y1]: At, [x2, y2]: At, wide: number): string {
  const length = Math.hypot(x2 - x1, y2 - y1);
  if (length < 0.01) return '';
  const [dx, dy] = [(((y2 - y1) / length) * wide) / 2, (((x2 - x1) / length) * wide) / 2];
  return path([
    [x1 - dx, y1 + dy],
    [x2 - dx, y2 + dy],
    [x2 + dx, y2 - dy],
    [x1 + dx, y1 - dy],
  ]);
}

/** The head of an arrow: a triangle that ends where it points. */
function head(from: At, to: At, long: number): string {
  const angle = Math.atan2(to[1] - from[1], to[0] - from[0]);
  const corner = (turn: number): At => [to[0] - long * Math.cos(angle + turn), to[1] - long * Math.sin(angle + turn)];
  return path([to, corner(0.45), corner(-0.45)]);
}

/** A circle of four curves. @source common practice: handles of 0.5523 of the radius miss the circle by 0.03 % */
function circle([x, y]: At, radius: number): string {
  const h = radius * 0.5523;
  const curve = (...points: readonly At[]) => `b ${points.map(([one, other]) => `${px(one)} ${px(other)}`).join(' ')}`;
  return [
    `m ${px(x + radius)} ${px(y)}`,
    curve([x + radius, y + h], [x + h, y + radius], [x, y + radius]),
    curve([x - h, y + radius], [x - radius, y + h], [x - radius, y]),
    curve([x - radius, y - h], [x - h, y - radius], [x, y - radius]),
    curve([x + h, y - radius], [x + radius, y - h], [x + radius, y]),
  ].join(' ');
}

interface Drawn {
  /** Filled shapes. */
  readonly filled?: string;
  /** Shapes of which only the edge is seen. */
  readonly edge?: string;
  readonly words?: { readonly at: At; readonly text: string };
}

/** A stroke as shapes, in pixels of the frame. */
function drawnOf(stroke: Stroke, picture: PlacedPicture, wide: number): Drawn {
  const at = ([x, y]: PicturePoint): At => [picture.left + x * picture.width, picture.top + y * picture.height];
  const row = (points: readonly PicturePoint[]) =>
    points
      .slice(1)
      .map((point, before) => board(at(points[before] ?? point), at(point), wide))
      .filter(Boolean)
      .join(' ');
  switch (stroke.kind) {
    case 'arrow':
      return { filled: [row([stroke.from, stroke.to]), head(at(stroke.from), at(stroke.to), wide * 4)].join(' ') };
    case 'straight':
      return { filled: row([stroke.from, stroke.to]) };
    case 'line':
      return { filled: row(stroke.points) };
    case 'ring':
      return { edge: circle(at(stroke.centre), stroke.radius * picture.width) };
    case 'angle': {
      const [x, y] = at(stroke.corner);
      return {
        filled: row([stroke.from, stroke.corner, stroke.to]),
        words: { at: [x + wide * 3, y - wide * 3], text: `${Math.round(stroke.degrees)}°` },
      };
    }
    case 'label':
      return { words: { at: at(stroke.at), text: stroke.text } };
  }
}

/**
 * What lies over a segment, as a script of Advanced SubStation Alpha, which ffmpeg burns in. Undefined where nothing lies over it. Strokes are clipped by the
 * frame; what lies outside of it is not seen.
 */
export function overlayScript({ size, seconds, picture, strokes, caption, readings }: Overlay): string | undefined {
  const unit = Math.min(size.width, size.height) / 720;
  const wide = STROKE * unit;
  // A little longer than the segment: rounding must not end it a picture early.
  const end = assTime(seconds + 1);
  const line = (layer: number, style: string, text: string, from = 0, to = end) =>
    `Dialogue: ${layer},${assTime(from)},${to},${style},,0,0,0,,${text}`;
  const shape = (tags: string, drawn: string) => line(1, 'Said', `{\\an7\\pos(0,0)\\p1${tags}}${drawn}`);
  const lines = strokes.flatMap((stroke) => {
    const { filled, edge, words } = drawnOf(stroke, picture, wide);
    return [
      filled ? shape(`\\1c${INK}\\3c${DARK}\\bord${px(unit)}`, filled) : '',
      edge ? shape(`\\1a&HFF&\\3c${INK}\\bord${px(wide / 2)}`, edge) : '',
      words
        ? line(2, 'Said', `{\\an4\\pos(${px(words.at[0])},${px(words.at[1])})\\b600\\1c${INK}}${assText(words.text)}`)
        : '',
    ];
  });
  for (const [at, { fromSeconds, text }] of readings.entries()) {
    const next = readings[at + 1];
    const to = next ? assTime(next.fromSeconds) : end;
    if (text && (!next || next.fromSeconds > fromSeconds)) lines.push(line(3, 'Read', assText(text), fromSeconds, to));
  }
  if (caption.trim()) lines.push(line(3, 'Said', assText(caption.trim())));
  const events = lines.filter(Boolean);
  if (events.length === 0) return undefined;
  const style = (name: string, points: number, place: number) =>
    `Style: ${name},Source Sans 3,${px(points * unit)},${PAPER.slice(0, -1)},${PAPER.slice(0, -1)},${DARK.slice(0, -1)},${DARK.slice(0, -1)},0,0,0,0,100,100,0,0,1,${px(3 * unit)},0,${place},${Math.round(40 * unit)},${Math.round(40 * unit)},${Math.round(28 * unit)},1`;
  return [
    '[Script Info]',
    'ScriptType: v4.00+',
    `PlayResX: ${size.width}`,
    `PlayResY: ${size.height}`,
    'WrapStyle: 0',
    'ScaledBorderAndShadow: yes',
    '',
    '[V4+ Styles]',
    'Format: Name, Fontname, Fontsize, PrimaryColour, SecondaryColour, OutlineColour, BackColour, Bold, Italic, Underline, StrikeOut, ScaleX, ScaleY, Spacing, Angle, BorderStyle, Outline, Shadow, Alignment, MarginL, MarginR, MarginV, Encoding',
    style('Said', 38, 2),
    style('Read', 30, 7),
    '',
    '[Events]',
    'Format: Layer, Start, End, Style, Name, MarginL, MarginR, MarginV, Effect, Text',
    ...events,
    '',
  ].join('\n');
}
