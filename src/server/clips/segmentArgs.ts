import { type ClipPiece, overlayScript, placeIn, type Segment } from '@/core/clip';
import { type FrameRate, framesPerSecond } from '@/core/clock';
import type { PictureSize } from '@/core/drawing';

/** A file as it is read for a clip. */
export interface SourceFile extends PictureSize {
  readonly path: string;
  readonly hasSound: boolean;
}

/** A moment within so much before a picture counts as that picture: media times come from players, rounded. */
const NEAR_SECONDS = 0.002;
/** The film is read from so long before a segment, so that the picture that stands there already is known. */
const LEAD_SECONDS = 0.5;
const SOUND_RATE = 48_000;

/** What lies over one segment, as the script that is burned in. */
export function scriptOf(
  segment: Segment,
  piece: ClipPiece,
  source: PictureSize,
  size: PictureSize,
  rate: FrameRate,
  burnsCaptions: boolean,
): string | undefined {
  const seconds = segment.frames / framesPerSecond(rate);
  const known = piece.readings.findLast((one) => one.atSeconds <= segment.fromSeconds);
  const coming = segment.freeze
    ? []
    : piece.readings.filter(
        (one) => one.atSeconds > segment.fromSeconds && one.atSeconds < segment.fromSeconds + seconds * segment.speed,
      );
  return overlayScript({
    ...{ size, seconds, picture: placeIn(size, source), strokes: segment.freeze?.drawing ?? [] },
    caption: burnsCaptions ? piece.caption : '',
    readings: [
      ...(known ? [{ fromSeconds: 0, text: known.text }] : []),
      ...coming.map((one) => ({ fromSeconds: (one.atSeconds - segment.fromSeconds) / segment.speed, text: one.text })),
    ],
  });
}

/** Speeds of sound as a row of steps, each between a half and two, which is what the filter takes. */
function tempoSteps(speed: number): string[] {
  const steps: number[] = [];
  let left = speed;
  for (; left < 0.5; left *= 2) steps.push(0.5);
  return [...steps, left].map((step) => `atempo=${step.toFixed(6)}`);
}

/**
 * Arguments that render one segment into a file of exactly its number of pictures and as much sound: `script` names the overlay, in the folder in which the
 * program runs. The picture at a moment is the one that stands there in the film, whatever its rate: even, uneven, higher or lower than the clip's.
 */
export function segmentArgs(
  segment: Segment,
  piece: ClipPiece,
  source: SourceFile,
  { size, rate }: { readonly size: PictureSize; readonly rate: FrameRate },
  script: string | undefined,
  target: string,
): string[] {
  const perSecond = framesPerSecond(rate);
  const seconds = segment.frames / perSecond;
  const speed = segment.freeze ? 1 : segment.speed;
  const from = segment.fromSeconds + NEAR_SECONDS;
  const seek = Math.max(0, from - LEAD_SECONDS);
  const read = from - seek + (segment.freeze ? 1 : seconds * speed + 1);
  const still = segment.freeze
    ? ['trim=end_frame=1', `loop=loop=${segment.frames - 1}:size=1:start=0`]
    : [`tpad=stop_mode=clone:stop=${segment.frames}`, `trim=end_frame=${segment.frames}`];
  const placed = placeIn(size, source);
  const picture = [
    // The wanted moment becomes zero, and each picture stands until the next: rounded up, the one that stands at zero is the first.
    `setpts=(PTS-${(from - seek).toFixed(6)}/TB)/${speed}`,
    `fps=${rate.numerator}/${rate.denominator}:start_time=0:round=up`,
    ...still,
    `settb=${rate.denominator}/${rate.numerator}`,
    'setpts=N',
    `scale=${placed.width}:${placed.height}`,
    `pad=${size.width}:${size.height}:${placed.left}:${placed.top}:color=0x0c0f0d`,
    'setsar=1',
    ...(script ? [`ass=${script}:fontsdir=fonts`] : []),
    'format=yuv420p',
  ].join(',');
  const isHeard = piece.sound && source.hasSound && !segment.freeze;
  const sound = isHeard
    ? [
        '[1:a:0]aresample=async=1:first_pts=0',
        // One channel goes to both ears as loud as it was: mixing it up by itself would halve its power in each.
        'pan=stereo|FL=FL+FC|FR=FR+FC',
        ...tempoSteps(speed),
        `aresample=${SOUND_RATE}`,
        'apad',
        `atrim=end=${seconds.toFixed(6)}`,
        'asetpts=PTS-STARTPTS',
      ].join(',')
    : `[1:a:0]atrim=end=${seconds.toFixed(6)}`;
  return [
    ...['-ss', seek.toFixed(6), '-t', read.toFixed(6), '-i', source.path],
    ...(isHeard
      ? ['-ss', segment.fromSeconds.toFixed(6), '-t', (seconds * speed + 0.5).toFixed(6), '-i', source.path]
      : ['-f', 'lavfi', '-i', `anullsrc=r=${SOUND_RATE}:cl=stereo`]),
    ...['-filter_complex', `[0:v:0]${picture}[v];${sound}[a]`, '-map', '[v]', '-map', '[a]'],
    ...['-c:v', 'libx264', '-preset', 'superfast', '-crf', '22', '-bf', '0', '-g', String(Math.round(perSecond * 2))],
    ...['-video_track_timescale', String(rate.numerator), '-c:a', 'pcm_s16le', '-ar', String(SOUND_RATE), '-ac', '2'],
    ...['-map_metadata', '-1', '-f', 'mov', target],
  ];
}
