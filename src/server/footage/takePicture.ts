import { runFfmpeg } from '../jobs/ffmpeg';
import { bringFilmHere } from '../store/films';

const WIDTH = 640;
const MOST_BYTES = 4 * 1024 * 1024;
/** Pictures are taken one after the other: a sheet asks for a dozen at once, and each costs a core. */
let before: Promise<unknown> = Promise.resolve();

/** A JPEG of the picture that a file shows at a media time; undefined when there is none to be had. */
export function takePicture(storageName: string, seconds: number, signal: AbortSignal): Promise<Buffer | undefined> {
  const taken = before.then(() => takeNow(storageName, seconds, signal));
  before = taken.catch(() => undefined);
  return taken.catch(() => undefined);
}

async function takeNow(storageName: string, seconds: number, signal: AbortSignal): Promise<Buffer | undefined> {
  const chunks: Buffer[] = [];
  let bytes = 0;
  const input = ['-ss', seconds.toFixed(3), '-i', await bringFilmHere(storageName, signal)];
  const output = [
    '-frames:v',
    '1',
    '-vf',
    `scale=${WIDTH}:-2`,
    '-q:v',
    '4',
    '-c:v',
    'mjpeg',
    '-f',
    'image2pipe',
    'pipe:3',
  ];
  const run = await runFfmpeg({
    args: [...input, ...output],
    readers: [
      (chunk) => {
        bytes += chunk.length;
        if (bytes <= MOST_BYTES) chunks.push(chunk);
      },
    ],
    signal,
  });
  return run.ok && bytes > 0 && bytes <= MOST_BYTES ? Buffer.concat(chunks) : undefined;
}
