import { mkdir, rm, stat, symlink, writeFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import path from 'node:path';
import {
  type ClipRecipe,
  captionsOf,
  framesOf,
  rateOfClip,
  type Segment,
  sizeOfClip,
  timelineOf,
  toWebVtt,
} from '@/core/clip';
import { type FrameRate, framesPerSecond } from '@/core/clock';
import type { PictureSize } from '@/core/drawing';
import { proxyRate } from '@/core/footage';
import { fail, present, type Result, succeed } from '@/core/kernel';
import type { RenderedClip } from '@/data/clips/clips';
import type { Footage } from '@/data/footage/footage';
import { settleFile } from '../footage/durable';
import { freeBytes, storedPath } from '../footage/storage';
import { type FfmpegProblem, runFfmpeg } from '../jobs/ffmpeg';
import { footageFolder, reserveBytes } from '../kernel/environment';
import { bringFilmHere, filmSize } from '../store/films';
import { type SourceFile, scriptOf, segmentArgs } from './segmentArgs';

export type ClipProblem = FfmpegProblem | { readonly code: 'footage-gone' } | { readonly code: 'nothing-to-show' };

const fontsFolder = (): string =>
  path.join(
    path.dirname(createRequire(import.meta.url).resolve('@fontsource-variable/source-sans-3/package.json')),
    'files',
  );

/** What is made beside the share of segments that are done: joining them, and the cover. */
const JOINING_SHARE = 0.04;

interface Workshop {
  readonly folder: string;
  readonly size: PictureSize;
  readonly rate: FrameRate;
  readonly signal: AbortSignal;
}

/**
 * Renders a recipe into one MP4 (H.264, AAC, at most 720 lines) and a cover, segment by segment, so that a reel of any length takes no more memory than one
 * moment. The files appear under their names only when they are whole.
 */
export async function renderClip(
  clipId: string,
  recipe: ClipRecipe,
  footage: ReadonlyMap<string, Footage>,
  tell: (ratio: number) => void,
  signal: AbortSignal,
): Promise<Result<RenderedClip, ClipProblem>> {
  const files = recipe.pieces.map((piece) => footage.get(piece.footageId));
  const first = files[0];
  if (!first || files.some((one) => one === undefined)) return fail({ code: 'footage-gone' });
  for (const one of new Set(files))
    if ((await filmSize(present(one).storageName)) === undefined) return fail({ code: 'footage-gone' });
    else await bringFilmHere(present(one).storageName, signal);
  const rate = rateOfClip(files.map((one) => proxyRate(present(one).frameRate)));
  const segments = timelineOf(recipe, rate);
  if (segments.length === 0) return fail({ code: 'nothing-to-show' });
  await mkdir(footageFolder(), { recursive: true });
  if ((await freeBytes(footageFolder())) < reserveBytes()) return fail({ code: 'disk-full' });
  const folder = storedPath(`${clipId}.clip.part`);
  const workshop: Workshop = { folder, size: sizeOfClip(first), rate, signal };
  await rm(/*turbopackIgnore: true*/ folder, { recursive: true, force: true });
  await mkdir(/*turbopackIgnore: true*/ folder);
  try {
    await symlink(fontsFolder(), path.join(/*turbopackIgnore: true*/ folder, 'fonts'));
    const all = framesOf(segments);
    for (const [at, segment] of segments.entries()) {
      const made = await renderSegment(at, segment, recipe, present(files[segment.piece]), workshop, (frames) =>
        tell(((segment.firstFrame + frames) / all) * (1 - JOINING_SHARE)),
      );
      if (!made.ok) return made;
    }
    return await join(clipId, segments, recipe, workshop);
  } finally {
    await rm(/*turbopackIgnore: true*/ folder, { recursive: true, force: true });
  }
}

async function renderSegment(
  at: number,
  segment: Segment,
  recipe: ClipRecipe,
  file: Footage,
  { folder, size, rate, signal }: Workshop,
  tell: (frames: number) => void,
): Promise<Result<void, FfmpegProblem>> {
  const piece = present(recipe.pieces[segment.piece]);
  const source: SourceFile = {
    ...{ path: storedPath(file.storageName), hasSound: file.audioCodec !== undefined },
    ...{ width: file.width, height: file.height },
  };
  const overlay = scriptOf(segment, piece, source, size, rate, recipe.captions === 'burned');
  const script = overlay && `${at}.ass`;
  if (script) await writeFile(path.join(/*turbopackIgnore: true*/ folder, script), overlay);
  return runFfmpeg({
    args: segmentArgs(segment, piece, source, { size, rate }, script, `${at}.mov`),
    folder,
    onSeconds: (seconds) => tell(Math.min(segment.frames, seconds * framesPerSecond(rate))),
    signal,
  });
}

/** Puts the segments behind each other without encoding the picture anew, and takes the cover from the moment at which it first stops, or the middle. */
async function join(
  clipId: string,
  segments: readonly Segment[],
  recipe: ClipRecipe,
  { folder, size, rate, signal }: Workshop,
): Promise<Result<RenderedClip, FfmpegProblem>> {
  const list = segments.map((_, at) => `file '${at}.mov'`).join('\n');
  await writeFile(path.join(/*turbopackIgnore: true*/ folder, 'list.txt'), list);
  const sound = ['-c:a', 'aac', '-b:a', '128k'];
  const joined = await runFfmpeg({
    args: [
      ...['-f', 'concat', '-safe', '0', '-i', 'list.txt', '-map', '0:v:0', '-map', '0:a:0', '-c:v', 'copy', ...sound],
      ...[
        '-video_track_timescale',
        String(rate.numerator),
        '-map_metadata',
        '-1',
        '-movflags',
        '+faststart',
        '-f',
        'mp4',
        'clip.mp4',
      ],
    ],
    ...{ folder, signal },
  });
  if (!joined.ok) return joined;
  const seconds = framesOf(segments) / framesPerSecond(rate);
  const stop = segments.find((one) => one.freeze);
  const coverAt = stop ? (stop.firstFrame + stop.frames / 2) / framesPerSecond(rate) : seconds / 2;
  const covered = await runFfmpeg({
    args: ['-ss', coverAt.toFixed(3), '-i', 'clip.mp4', '-frames:v', '1', '-q:v', '4', '-f', 'mjpeg', 'cover.jpg'],
    ...{ folder, signal },
  });
  if (!covered.ok) return covered;
  const storageName = `${clipId}.clip.mp4`;
  const coverName = `${clipId}.cover.jpg`;
  const made = (name: string) => path.join(/*turbopackIgnore: true*/ folder, name);
  const { size: byteLength } = await stat(made('clip.mp4'));
  await settleFile(made('cover.jpg'), storedPath(coverName));
  await settleFile(made('clip.mp4'), storedPath(storageName));
  const captions = recipe.captions === 'beside' ? captionsOf(recipe, rate) : [];
  return succeed({
    ...{ storageName, coverName, byteLength, seconds, width: size.width, height: size.height },
    captions: captions.length > 0 ? toWebVtt(captions) : '',
  });
}
