import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';

export const ffmpeg = (...args: readonly string[]) => execFileSync('ffmpeg', ['-v', 'error', '-y', ...args]);

export interface SessionPart {
  /** Whole seconds, as all times of a session here. */
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

export const h264 = ['-c:v', 'libx264', '-preset', 'ultrafast', '-bf', '0', '-g', '30', '-sc_threshold', '0'];
export const hevc = [
  ...['-c:v', 'libx265', '-preset', 'ultrafast', '-tag:v', 'hvc1', '-b:v', '250k'],
  ...['-x265-params', 'log-level=none:keyint=30:min-keyint=30:scenecut=0:bframes=0'],
];

const SOUND_RATE = 24_000;
const BELL_HERTZ = 2100;
const BELL_SECONDS = 0.6;

/** Sixteen-bit samples of a noisy room in which a timer's bell rings at these moments. */
function roomSound(bells: readonly number[], seconds: number): Uint8Array {
  const samples = new Int16Array(seconds * SOUND_RATE);
  let state = 7;
  for (let index = 0; index < samples.length; index += 1) {
    state = (state * 1_103_515_245 + 12_345) & 0x7fff_ffff;
    samples[index] = (state >> 15) % 650;
  }
  for (const bell of bells) {
    const first = Math.round(bell * SOUND_RATE);
    for (let index = 0; index < BELL_SECONDS * SOUND_RATE && first + index < samples.length; index += 1)
      samples[first + index]! += 9800 * Math.sin((2 * Math.PI * BELL_HERTZ * index) / SOUND_RATE);
  }
  return new Uint8Array(samples.buffer);
}

const PIECE_SECONDS = 20;
/** Pictures a second of a phone; of a long session half as many: everything that is made of it takes half the time. */
const USUAL_RATE = 30;
export const LONG_RATE = 15;
/** One piece of picture: a mat with two figures on it, who move or stand. */
function makePiece(file: string, moves: boolean, codec: readonly string[], rate: number): void {
  const at = (speed: number, range: number) => (moves ? `${range}+${range}*sin(${speed}*t)` : `${range}`);
  const graph = [
    `color=c=0x5d7a73:s=320x180:r=${rate}:d=${PIECE_SECONDS},noise=alls=6:allf=t[mat]`,
    `color=c=white:s=60x60:r=${rate}:d=${PIECE_SECONDS}[one]`,
    `color=c=0x203060:s=50x70:r=${rate}:d=${PIECE_SECONDS}[other]`,
    `[mat][one]overlay=x='${at(2.1, 120)}':y='${at(1.7, 50)}':eval=frame[half]`,
    `[half][other]overlay=x='${at(1.3, 100)}':y='${at(2.9, 40)}':eval=frame,format=yuv420p[picture]`,
  ].join(';');
  ffmpeg('-filter_complex', graph, '-map', '[picture]', ...codec, file);
}

/**
 * A session as a phone films it: something moves within the rounds and rests between them, a timer's bell rings over the noise of a room.
 * Upright, with the phone's turn flag, unless `upright` says no. The picture is put together from one moving and one resting piece without
 * encoding it anew, so that long sessions are made in seconds.
 */
export function makeSession(
  file: string,
  rounds: readonly SessionPart[],
  seconds: number,
  codec: readonly string[] = h264,
  upright = true,
  rate = USUAL_RATE,
): string {
  const folder = mkdtempSync(path.join(tmpdir(), 'owl-pieces-'));
  try {
    makePiece(path.join(folder, 'moves.mp4'), true, codec, rate);
    makePiece(path.join(folder, 'rests.mp4'), false, codec, rate);
    const lines: string[] = [];
    const lay = (piece: string, from: number, to: number) => {
      for (let at = from; at < to; at += PIECE_SECONDS)
        lines.push(`file '${piece}.mp4'`, `outpoint ${Math.min(PIECE_SECONDS, to - at)}`);
    };
    let cursor = 0;
    for (const { startSeconds, endSeconds } of rounds) {
      lay('rests', cursor, startSeconds);
      lay('moves', startSeconds, endSeconds);
      cursor = endSeconds;
    }
    lay('rests', cursor, seconds);
    const list = path.join(folder, 'list.txt');
    writeFileSync(list, lines.join('\n'));
    const sound = path.join(folder, 'sound.pcm');
    writeFileSync(sound, roomSound(bellMoments(rounds), seconds));
    const plain = path.join(folder, 'plain.mp4');
    ffmpeg(
      ...['-f', 'concat', '-safe', '0', '-i', list, '-f', 's16le', '-ar', String(SOUND_RATE), '-ac', '1', '-i', sound],
      ...['-map', '0:v', '-map', '1:a', '-c:v', 'copy', '-c:a', 'aac', '-b:a', '48k', '-shortest', plain],
    );
    const turned = upright ? ['-metadata:s:v:0', 'rotate=90', '-metadata', 'creation_time=2026-11-20T17:30:00Z'] : [];
    ffmpeg('-i', plain, '-c', 'copy', ...turned, file);
  } finally {
    rmSync(folder, { recursive: true });
  }
  return file;
}
