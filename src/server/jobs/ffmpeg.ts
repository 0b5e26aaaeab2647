import { type ChildProcess, spawn } from 'node:child_process';
import type { Readable } from 'node:stream';
import { fail, type Result, succeed } from '@/core/kernel';
import { calm } from './calm';

export type FfmpegProblem = { readonly code: 'disk-full' } | { readonly code: 'cannot-decode'; readonly words: string };

/** The program was ended from outside (killed, out of memory): worth another try. */
export class FfmpegKilled extends Error {}

export interface FfmpegRun {
  readonly args: readonly string[];
  /** Where it runs: names of files are within it. */
  readonly folder?: string;
  /** Extra outputs of the program, on descriptors 3, 4 …, read as they come. */
  readonly readers?: readonly ((chunk: Buffer) => void)[];
  /** Seconds of film that are done. */
  readonly onSeconds?: (seconds: number) => void;
  /** A line of complaint that did not end the program: a damaged picture, say. */
  readonly onComplaint?: (words: string) => void;
  readonly signal: AbortSignal;
}

/**
 * Runs ffmpeg to its end, gently (it yields to everything else on the machine). Fails with what the coach can mend; throws when it was killed,
 * and when `signal` ends it.
 */
export async function runFfmpeg({
  args,
  folder,
  readers = [],
  onSeconds,
  onComplaint,
  signal,
}: FfmpegRun): Promise<Result<void, FfmpegProblem>> {
  signal.throwIfAborted();
  const fixed = [
    '-v',
    'error',
    '-nostdin',
    '-y',
    '-progress',
    'pipe:1',
    '-stats_period',
    '0.5',
    '-protocol_whitelist',
    'file,pipe',
  ];
  // A killed process takes its children along: nobody else would end them.
  const child = spawn('setpriv', ['--pdeathsig', 'KILL', 'ffmpeg', ...fixed, ...args], {
    stdio: ['ignore', 'pipe', 'pipe', ...readers.map(() => 'pipe' as const)],
    cwd: folder,
  });
  if (child.pid) calm(child.pid);
  const stop = () => child.kill('SIGKILL');
  signal.addEventListener('abort', stop);
  let complaint = '';
  child.stderr?.on('data', (chunk: Buffer) => {
    complaint = (complaint + chunk.toString()).slice(-4000);
    if (onComplaint) for (const line of chunk.toString().split('\n')) if (line.trim()) onComplaint(line);
  });
  child.stdout?.on('data', (chunk: Buffer) => {
    const times = [...chunk.toString().matchAll(/out_time_us=(\d+)/g)];
    const last = times.at(-1)?.[1];
    if (last) onSeconds?.(Number(last) / 1_000_000);
  });
  for (const [index, reader] of readers.entries()) (child.stdio[index + 3] as Readable).on('data', reader);
  const { code, killedBy } = await ended(child);
  signal.removeEventListener('abort', stop);
  signal.throwIfAborted();
  if (killedBy) throw new FfmpegKilled(`ffmpeg was ended by ${killedBy}`);
  if (code === 0) return succeed(undefined);
  if (/No space left on device/i.test(complaint)) return fail({ code: 'disk-full' });
  return fail({ code: 'cannot-decode', words: complaint.trim().split('\n').at(-1)?.slice(0, 200) ?? '' });
}

const ended = (child: ChildProcess): Promise<{ code: number | null; killedBy: NodeJS.Signals | null }> =>
  new Promise((resolve, reject) => {
    child.once('error', reject);
    child.once('close', (code, killedBy) => resolve({ code, killedBy }));
  });
