import { mkdir, rm } from 'node:fs/promises';
import path from 'node:path';
import { createToneListener, LISTENING_RATE } from '@/core/footage';
import { type Result, succeed } from '@/core/kernel';
import { pool } from '@/data/client';
import { type Filmstrip, type Footage, setDamage, setFilmstrip } from '@/data/footage/footage';
import { saveSignals } from '@/data/footage/signals';
import { settleFile } from '../footage/durable';
import { storedPath } from '../footage/storage';
import { bringFilmHere } from '../store/films';
import { createDamageMeter } from './damageMeter';
import { type FfmpegProblem, runFfmpeg } from './ffmpeg';
import { createLoudnessMeter, createMotionMeter, MOTION_HEIGHT, MOTION_WIDTH } from './meters';
import { throughOutage } from './throughOutage';

const MOTION_PER_SECOND = 4;
const LOUDNESS_PER_SECOND = 10;
const STRIP_HEIGHT = 72;
const STRIP_COLUMNS = 20;
const MOST_PICTURES = 600;

/** Looks and listens through a file once: filmstrip, movement, loudness, tone bursts. All of it is replaced when it is done, nothing before. */
export async function lookAt(
  footage: Footage,
  tell: (ratio: number) => void,
  signal: AbortSignal,
): Promise<Result<void, FfmpegProblem>> {
  const strip = planStrip(footage);
  const target = storedPath(strip.storageName);
  const partial = `${target}.${process.pid}.part`;
  await mkdir(path.dirname(target), { recursive: true });
  const motion = createMotionMeter();
  const loudness = createLoudnessMeter(LISTENING_RATE / LOUDNESS_PER_SECOND);
  const tones = createToneListener();
  const damage = createDamageMeter();
  const frames = footage.durationSeconds * MOTION_PER_SECOND;
  const rows = Math.ceil(strip.count / strip.columns);
  const graph = [
    `[0:v:0]fps=${MOTION_PER_SECOND}:start_time=0,split=2[move][look]`,
    `[move]scale=${MOTION_WIDTH}:${MOTION_HEIGHT}:flags=area,format=gray[motion]`,
    `[look]fps=${1 / strip.everySeconds}:start_time=0,scale=${strip.width}:${strip.height}:flags=area,tile=${strip.columns}x${rows}[strip]`,
  ].join(';');
  const outputs = ['-map', '[motion]', '-f', 'rawvideo', 'pipe:3'];
  const picture = [
    '-map',
    '[strip]',
    '-frames:v',
    '1',
    '-update',
    '1',
    '-q:v',
    '4',
    '-f',
    'image2',
    '-c:v',
    'mjpeg',
    partial,
  ];
  const sound = [
    '-map',
    '0:a:0',
    '-af',
    'aresample=async=1:first_pts=0',
    '-ac',
    '1',
    '-ar',
    String(LISTENING_RATE),
    '-f',
    'f32le',
    'pipe:4',
  ];
  const readMotion = (chunk: Buffer) => {
    motion.see(chunk);
    tell(motion.count() / frames);
  };
  const readSound = floatsOf((samples) => {
    loudness.hear(samples);
    tones.hear(samples);
  });
  try {
    const looked = await runFfmpeg({
      args: [
        '-i',
        await bringFilmHere(footage.storageName, signal),
        '-filter_complex',
        graph,
        ...outputs,
        ...picture,
        ...(footage.audioCodec ? sound : []),
      ],
      readers: footage.audioCodec ? [readMotion, readSound] : [readMotion],
      onComplaint: (words) => damage.hear(words, motion.count() / MOTION_PER_SECOND),
      signal,
    });
    if (!looked.ok) return looked;
    await settleFile(partial, target);
    const posterName = await cutPoster(strip, signal);
    const signals = {
      loudnessPerSecond: LOUDNESS_PER_SECOND,
      loudness: loudness.finish(),
      motionPerSecond: MOTION_PER_SECOND,
      motion: motion.finish(),
      bursts: [...tones.finish()],
    };
    // Minutes of looking are not thrown away for a database that is away for seconds.
    await throughOutage(() => saveSignals(pool(), footage.id, signals));
    await throughOutage(() => setFilmstrip(pool(), footage.id, { ...strip, posterName }));
    await throughOutage(() => setDamage(pool(), footage.id, { aboutSeconds: damage.finish() }));
    return succeed(undefined);
  } finally {
    await rm(/*turbopackIgnore: true*/ partial, { force: true });
  }
}

/** Cuts the picture of the middle out of the strip; lists do without when that fails. */
async function cutPoster(strip: Filmstrip, signal: AbortSignal): Promise<string | undefined> {
  const middle = Math.floor(strip.count / 2);
  const x = (middle % strip.columns) * strip.width;
  const y = Math.floor(middle / strip.columns) * strip.height;
  const posterName = strip.storageName.replace('.strip.', '.poster.');
  const args = ['-i', storedPath(strip.storageName), '-vf', `crop=${strip.width}:${strip.height}:${x}:${y}`];
  const cut = await runFfmpeg({ args: [...args, '-frames:v', '1', '-update', '1', storedPath(posterName)], signal });
  return cut.ok ? posterName : undefined;
}

/** A picture each second, less often in long files so that one image holds them all. */
function planStrip(footage: Footage): Filmstrip {
  const everySeconds = Math.max(1, Math.ceil(footage.durationSeconds / MOST_PICTURES));
  const width = Math.max(2, Math.round((STRIP_HEIGHT * footage.width) / footage.height / 2) * 2);
  // The filter makes at least this many: a last stretch of less than half gets no picture.
  const count = Math.max(1, Math.floor(footage.durationSeconds / everySeconds));
  return {
    storageName: `${footage.id}.strip.jpg`,
    everySeconds,
    count,
    columns: STRIP_COLUMNS,
    width,
    height: STRIP_HEIGHT,
  };
}

/** Turns pieces of bytes into 32-bit floats; a float may be torn between two pieces. */
function floatsOf(hear: (samples: Float32Array) => void): (chunk: Buffer) => void {
  let rest: Buffer = Buffer.alloc(0);
  return (chunk) => {
    const bytes = rest.length > 0 ? Buffer.concat([rest, chunk]) : chunk;
    const whole = bytes.length - (bytes.length % 4);
    const samples = new Float32Array(whole / 4);
    for (let index = 0; index < samples.length; index += 1) samples[index] = bytes.readFloatLE(index * 4);
    rest = Buffer.from(bytes.subarray(whole));
    hear(samples);
  };
}
