import { mkdir, rm, stat } from 'node:fs/promises';
import path from 'node:path';
import { proxyRate } from '@/core/footage';
import { fail, type Result, succeed } from '@/core/kernel';
import { pool } from '@/data/client';
import { type Footage, setProxy } from '@/data/footage/footage';
import { settleFile } from '../footage/durable';
import { freeBytes, storedPath } from '../footage/storage';
import { reserveBytes } from '../kernel/environment';
import { bringFilmHere } from '../store/films';
import { type FfmpegProblem, runFfmpeg } from './ffmpeg';
import { throughOutage } from './throughOutage';

const KEY_DISTANCE = 15;

/**
 * Makes the copy for looking: at most 720 lines, an even rate from the file's own zero, a key frame every 15 pictures, eight bits.
 * It appears under its name only when it is whole.
 */
export async function makeProxy(
  footage: Footage,
  tell: (ratio: number) => void,
  signal: AbortSignal,
): Promise<Result<void, FfmpegProblem>> {
  const rate = proxyRate(footage.frameRate);
  const storageName = `${footage.id}.looking.mp4`;
  const target = storedPath(storageName);
  const partial = `${target}.${process.pid}.part`;
  await mkdir(path.dirname(target), { recursive: true });
  // The copy may fill what is left but for the reserve, on which the database lives.
  if ((await freeBytes(path.dirname(target))) < reserveBytes()) return fail({ code: 'disk-full' });
  const fit = "scale='if(gte(iw,ih),-2,min(720,trunc(iw/2)*2))':'if(gte(iw,ih),min(720,trunc(ih/2)*2),-2)'";
  const picture = ['-vf', `${fit},fps=${rate.numerator}/${rate.denominator}:start_time=0,format=yuv420p`];
  const video = [
    '-c:v',
    'libx264',
    '-preset',
    'veryfast',
    '-crf',
    '23',
    '-g',
    String(KEY_DISTANCE),
    '-sc_threshold',
    '0',
  ];
  const sound = ['-af', 'aresample=async=1:first_pts=0', '-c:a', 'aac', '-b:a', '96k', '-ac', '2'];
  const film = await bringFilmHere(footage.storageName, signal);
  const args = ['-i', film, '-map', '0:v:0', '-map', '0:a:0?', ...picture, ...video];
  try {
    const made = await runFfmpeg({
      args: [
        ...args,
        ...(footage.audioCodec ? sound : []),
        '-map_metadata',
        '-1',
        '-movflags',
        '+faststart',
        '-f',
        'mp4',
        partial,
      ],
      onSeconds: (seconds) => tell(seconds / footage.durationSeconds),
      signal,
    });
    if (!made.ok) return made;
    await settleFile(partial, target);
    const { size } = await stat(/*turbopackIgnore: true*/ target);
    await throughOutage(() => setProxy(pool(), footage.id, { storageName, byteLength: size, frameRate: rate }));
    return succeed(undefined);
  } finally {
    await rm(/*turbopackIgnore: true*/ partial, { force: true });
  }
}
