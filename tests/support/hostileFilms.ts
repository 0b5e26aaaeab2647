import { randomBytes } from 'node:crypto';
import { readFileSync, truncateSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { ffmpeg } from './films';

/** Films as broken phones, cameras and people make them, and a whole one beside them (`good.mp4`, twenty seconds). */
export function makeHostileFilms(folder: string): void {
  const file = (name: string) => path.join(folder, name);
  const picture = ['-f', 'lavfi', '-i', 'testsrc2=size=320x180:rate=30:duration=20'];
  const h264 = ['-c:v', 'libx264', '-pix_fmt', 'yuv420p', '-g', '30', '-b:v', '600k'];
  ffmpeg(...picture, ...h264, '-movflags', '+faststart', file('good.mp4'));
  ffmpeg('-f', 'lavfi', '-i', 'testsrc2=size=320x180:rate=30', '-frames:v', '1', ...h264, file('one-frame.mp4'));
  // Without its index at the end: as a camera leaves it whose battery died.
  ffmpeg(...picture, ...h264, file('index-last.mp4'));
  truncateSync(file('index-last.mp4'), readFileSync(file('index-last.mp4')).lastIndexOf('moov') - 4);
  const damaged = readFileSync(file('good.mp4'));
  randomBytes(30_000).copy(damaged, Math.floor(damaged.length * 0.5));
  writeFileSync(file('damaged.mp4'), damaged);
  // Two pictures, 44,000 seconds apart: hardly a byte, and twelve hours of strip to make.
  const sparse = 'color=c=gray:s=64x36:r=1/22000:d=44000';
  ffmpeg('-f', 'lavfi', '-i', sparse, ...h264.slice(0, 4), '-vsync', '0', file('sparse.mp4'));
}
