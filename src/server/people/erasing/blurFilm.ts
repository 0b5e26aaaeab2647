import { randomUUID } from 'node:crypto';
import { rm, stat } from 'node:fs/promises';
import { pool } from '@/data/client';
import { findFootage, replaceFilm } from '@/data/footage/footage';
import { noteFilmBlurred } from '@/data/people/erasures';
import { settleFile } from '../../footage/durable';
import { digestOfFile, sampleDigestOf, storedPath } from '../../footage/storage';
import { runFfmpeg } from '../../jobs/ffmpeg';
import { queueWork } from '../../jobs/queueWork';
import { bringFilmHere, dropStored } from '../../store/films';

export interface BlurTask {
  readonly footageId: string;
  readonly erasureId: string;
  readonly spans: readonly { readonly startSeconds: number; readonly endSeconds: number }[];
}

/** Points of the picture that become one. @source own decision: a head in the middle of a 720-line picture becomes two or three of them */
const TILE = 48;

const during = (spans: BlurTask['spans']): string =>
  spans
    .map(({ startSeconds, endSeconds }) => `between(t,${startSeconds.toFixed(3)},${endSeconds.toFixed(3)})`)
    .join('+');

/** Makes some stretches of a film unrecognisable and silent, for good; everything keeps its time. Done again after a crash, it does no harm. */
export async function blurFilm({ footageId, erasureId, spans }: BlurTask, signal: AbortSignal): Promise<void> {
  const footage = await findFootage(pool(), footageId);
  if (!footage || spans.length === 0) return void (await noteFilmBlurred(pool(), erasureId));
  const storageName = `${randomUUID()}.mp4`;
  const part = `${storedPath(storageName)}.part`;
  // A coarse mosaic holds no face, and unlike a soft blur cannot be reckoned back.
  const coarse = `scale='ceil(iw/${TILE})':'ceil(ih/${TILE})':flags=area,scale=iw*${TILE}:ih*${TILE}:flags=neighbor,setsar=1`;
  const graph = `[0:v:0]split[whole][copy];[copy]${coarse}[coarse];[whole]setsar=1[same];[same][coarse]overlay=0:0:enable='${during(spans)}',scale='trunc(iw/2)*2':'trunc(ih/2)*2',format=yuv420p[out]`;
  const film = await bringFilmHere(footage.storageName, signal);
  try {
    const made = await runFfmpeg({
      args: [
        ...['-i', film, '-filter_complex', graph, '-map', '[out]'],
        ...['-map', '0:a:0?', '-c:v', 'libx264', '-preset', 'veryfast', '-crf', '20', '-fps_mode', 'passthrough'],
        ...(footage.audioCodec ? ['-af', `volume=0:enable='${during(spans)}'`, '-c:a', 'aac', '-b:a', '128k'] : []),
        ...['-map_metadata', '-1', '-movflags', '+faststart', '-f', 'mp4', part],
      ],
      signal,
    });
    if (!made.ok) throw new Error(`blurFilm: ${made.problem.code}`);
    const { size } = await stat(/*turbopackIgnore: true*/ part);
    const sha256 = await digestOfFile(part);
    const sampleDigest = await sampleDigestOf(part);
    await settleFile(part, storedPath(storageName));
    await replaceFilm(pool(), footage.id, {
      ...{ storageName, byteLength: size, sha256, sampleDigest },
      audioCodec: footage.audioCodec ? 'aac' : undefined,
    });
  } finally {
    await rm(/*turbopackIgnore: true*/ part, { force: true });
  }
  const old = [
    footage.storageName,
    footage.proxy?.storageName,
    footage.filmstrip?.storageName,
    footage.filmstrip?.posterName,
  ];
  for (const name of old) if (name) await dropStored(name);
  await noteFilmBlurred(pool(), erasureId);
  await queueWork(footage.id, 'look');
  await queueWork(footage.id, 'proxy');
}
