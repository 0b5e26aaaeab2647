import { execFileSync } from 'node:child_process';

export const ffmpeg = (...args: readonly string[]) => execFileSync('ffmpeg', ['-v', 'error', '-y', ...args]);

export interface SessionPart {
  readonly startSeconds: number;
  readonly endSeconds: number;
  /** Rings at the start and at the end; no end bell where the clock was silenced. */
  readonly endBell: boolean;
}

/** Rings of a timer: one at each start, three at each end that has a bell. */
export function bellMoments(rounds: readonly SessionPart[]): number[] {
  return rounds.flatMap(({ startSeconds, endSeconds, endBell }) => [
    startSeconds,
    ...(endBell ? [endSeconds, endSeconds + 0.9, endSeconds + 1.8] : []),
  ]);
}

/**
 * A session as a phone films it: something moves within the rounds and rests between them, a timer's bell rings over the noise of a room.
 * Upright, with the phone's turn flag, unless `upright` says no.
 */
export function makeSession(
  file: string,
  rounds: readonly SessionPart[],
  seconds: number,
  codec: readonly string[] = ['-c:v', 'libx264', '-preset', 'ultrafast'],
  upright = true,
): string {
  const live = rounds.map(({ startSeconds, endSeconds }) => `between(t,${startSeconds},${endSeconds})`).join('+');
  const moved = (speed: number, range: number) => `${range}+${range}*sin(${speed}*t)*(${live || '0'})`;
  const ring = bellMoments(rounds)
    .map((at) => `between(t,${at},${at + 0.6})`)
    .join('+');
  const graph = [
    `color=c=0x5d7a73:s=320x180:r=30:d=${seconds},noise=alls=6:allf=t[mat]`,
    `color=c=white:s=60x60:r=30:d=${seconds}[one]`,
    `color=c=0x203060:s=50x70:r=30:d=${seconds}[other]`,
    `[mat][one]overlay=x='${moved(2.1, 120)}':y='${moved(1.7, 50)}':eval=frame[half]`,
    `[half][other]overlay=x='${moved(1.3, 100)}':y='${moved(2.9, 40)}':eval=frame,format=yuv420p[picture]`,
    `anoisesrc=r=24000:a=0.02:c=pink:seed=7:d=${seconds}[room]`,
    `aevalsrc='0.3*sin(2*PI*2100*t)*(${ring || '0'})':s=24000:d=${seconds}[bell]`,
    '[room][bell]amix=inputs=2:normalize=0[sound]',
  ].join(';');
  const plain = upright ? file.replace(/\.(\w+)$/, '.plain.$1') : file;
  ffmpeg(
    '-filter_complex',
    graph,
    '-map',
    '[picture]',
    '-map',
    '[sound]',
    ...codec,
    '-c:a',
    'aac',
    '-b:a',
    '48k',
    '-shortest',
    plain,
  );
  if (upright) {
    ffmpeg(
      '-i',
      plain,
      '-c',
      'copy',
      '-metadata:s:v:0',
      'rotate=90',
      '-metadata',
      'creation_time=2026-11-20T17:30:00Z',
      file,
    );
    execFileSync('rm', [plain]);
  }
  return file;
}
