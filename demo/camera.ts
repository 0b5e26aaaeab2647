import { execFile } from 'node:child_process';
import { mkdir, mkdtemp, open, readdir, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { promisify } from 'node:util';

const films = path.join(import.meta.dirname, 'footage', 'films');
const REST_SECONDS = 90;
const PIECES = 20;

export interface CameraOptions {
  readonly inbox: string;
  /** How many rounds it records. */
  readonly films: number;
  /** How long the writing of each takes, seconds. */
  readonly secondsPerFilm: number;
  readonly say: (text: string) => void;
  /** When the last recording ends; now, unless a test says otherwise. */
  readonly until?: Date;
}

/**
 * A mat camera's stand-in: recorded rounds of the demo are written into the inbox piece by piece, each named and stamped with the moment at which
 * its recording began, one after the other with a rest between them.
 */
export async function runCamera({
  inbox,
  films: count,
  secondsPerFilm,
  say,
  until = new Date(),
}: CameraOptions): Promise<string[]> {
  await mkdir(inbox, { recursive: true });
  const sources = (await readdir(films)).filter((name) => name.endsWith('.mp4')).sort();
  const scratch = await mkdtemp(path.join(tmpdir(), 'owl-camera-'));
  const written: string[] = [];
  let endsAtMs = until.getTime();
  try {
    const plan: { source: string; startsAt: Date }[] = [];
    for (let index = count - 1; index >= 0; index -= 1) {
      const source = path.join(films, sources[index % sources.length]!);
      const startsAt = new Date(endsAtMs - (await secondsOf(source)) * 1000);
      plan.unshift({ source, startsAt });
      endsAtMs = startsAt.getTime() - REST_SECONDS * 1000;
    }
    for (const { source, startsAt } of plan) {
      const name = `mat-1 ${stamp(startsAt)}.mp4`;
      const stamped = path.join(scratch, 'stamped.mp4');
      const moment = startsAt.toISOString();
      await promisify(execFile)('ffmpeg', [
        '-v',
        'error',
        '-y',
        '-i',
        source,
        '-c',
        'copy',
        '-metadata',
        `creation_time=${moment}`,
        stamped,
      ]);
      say(`recording ${name} …`);
      await writeSlowly(stamped, path.join(inbox, name), secondsPerFilm);
      written.push(name);
    }
  } finally {
    await rm(scratch, { recursive: true, force: true });
  }
  say(`${written.length} recordings are in the inbox.`);
  return written;
}

async function writeSlowly(from: string, to: string, seconds: number): Promise<void> {
  const bytes = await readFile(from);
  const handle = await open(to, 'w');
  const piece = Math.ceil(bytes.length / PIECES);
  try {
    for (let at = 0; at < bytes.length; at += piece) {
      await handle.write(bytes.subarray(at, at + piece));
      await new Promise((resolve) => setTimeout(resolve, (seconds * 1000) / PIECES));
    }
  } finally {
    await handle.close();
  }
}

async function secondsOf(file: string): Promise<number> {
  const { stdout } = await promisify(execFile)('ffprobe', [
    '-v',
    'error',
    '-show_entries',
    'format=duration',
    '-of',
    'csv=p=0',
    file,
  ]);
  return Number(stdout.trim());
}

/** "2026-11-24 18-30-05" in local time, as cameras write it. */
function stamp(date: Date): string {
  const two = (value: number) => String(value).padStart(2, '0');
  const day = [date.getFullYear(), two(date.getMonth() + 1), two(date.getDate())].join('-');
  return `${day} ${[two(date.getHours()), two(date.getMinutes()), two(date.getSeconds())].join('-')}`;
}
