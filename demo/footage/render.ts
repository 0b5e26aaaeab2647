import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdir, mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { createCanvas } from '@napi-rs/canvas';
import type { Mark, TurnMark } from '../../src/core/round';
import { marksOfRound, roundSpan } from '../academy/marksOfRound';
import { people } from '../academy/people';
import { filmedRounds } from '../academy/rounds/filmed';
import { type DemoRound, LEAD_OUT_SECONDS } from '../academy/types';
import { makeSound } from './bell';
import { buildBody } from './body';
import { choreograph, posturesAt } from './choreography';
import { bodyParts, drawParts, drawShadow, type Projection } from './drawBody';
import { kitOf } from './kits';
import { pairPosture } from './postures';
import { drawRoom, drawWallClock, HEIGHT, project, WIDTH } from './scene';

const FRAMES_PER_SECOND = 25;
const folder = path.join(path.dirname(fileURLToPath(import.meta.url)), 'films');

const TURN_SECONDS = 120;

/** What the clock on the wall shows: it counts the round down, and in an overtime each turn anew. */
function wallClockAt(round: DemoRound, marks: readonly Mark[], seconds: number): { left: number; runs: boolean } {
  const { startSeconds } = roundSpan(round);
  const planned = round.plannedSeconds ?? round.seconds;
  const turn = marks.findLast((mark): mark is TurnMark => mark.kind === 'turn' && mark.atSeconds <= seconds);
  if (turn) {
    const end = turn.endSeconds ?? turn.atSeconds;
    return { left: TURN_SECONDS - (Math.min(seconds, end) - turn.atSeconds), runs: seconds < end };
  }
  const gone = Math.min(planned, Math.max(0, seconds - startSeconds));
  return { left: planned - gone, runs: gone > 0 && gone < planned };
}

/** The frame painter of one round: what the tripod saw at a moment of the film. */
export function createPainter(round: DemoRound) {
  const span = roundSpan(round);
  const marks = marksOfRound(round);
  const choreography = choreograph(span, marks);
  const room = drawRoom();
  const canvas = createCanvas(WIDTH, HEIGHT);
  const context = canvas.getContext('2d');
  const beltOf = (key: string) => people.find((one) => one.key === key)!.belt;
  const kits = { a: kitOf(round.a, beltOf(round.a.key)), b: kitOf(round.b, beltOf(round.b.key)) };
  const others = [
    kitOf({ key: 'other', kit: 'black', toldApartBy: '' }, 'brown'),
    kitOf({ key: 'another', kit: 'white', toldApartBy: '' }, 'white'),
  ] as const;
  const behind: Projection = ([x, y, z]) => project([x - 1.9, y, z + 3.2]);
  return (seconds: number) => {
    context.drawImage(room, 0, 0);
    const clock = wallClockAt(round, marks, seconds);
    drawWallClock(context, clock.left, clock.runs);
    const far = pairPosture(
      Math.floor(seconds / 40) % 2 === 0 ? 'closed-guard' : 'side-control',
      Math.floor(seconds / 40) % 2 === 0 ? 'closed-guard' : 'side-pin',
    );
    const sway = Math.sin(seconds * 0.9) * 0.03;
    const farProjection: Projection = ([x, y, z]) => behind([x + sway, y, z]);
    drawParts(context, [
      ...bodyParts(farProjection, buildBody(far.over), others[0]),
      ...bodyParts(farProjection, buildBody(far.under), others[1]),
    ]);
    const postures = posturesAt(choreography, seconds);
    const bodies = { a: buildBody(postures.a), b: buildBody(postures.b) };
    drawShadow(context, project, bodies.a);
    drawShadow(context, project, bodies.b);
    drawParts(context, [...bodyParts(project, bodies.a, kits.a), ...bodyParts(project, bodies.b, kits.b)]);
    return canvas;
  };
}

async function renderRound(round: DemoRound): Promise<void> {
  const span = roundSpan(round);
  const totalSeconds = span.endSeconds + LEAD_OUT_SECONDS;
  const scratch = await mkdtemp(path.join(tmpdir(), 'owl-film-'));
  const sound = path.join(scratch, 'sound.wav');
  await writeFile(sound, makeSound(totalSeconds, span.startSeconds, span.endSeconds));
  const video = [
    '-f',
    'rawvideo',
    '-pix_fmt',
    'rgba',
    '-s',
    `${WIDTH}x${HEIGHT}`,
    '-r',
    String(FRAMES_PER_SECOND),
    '-i',
    'pipe:0',
    '-i',
    sound,
  ];
  const encode = [
    '-c:v',
    'libx264',
    '-preset',
    'slow',
    '-tune',
    'animation',
    '-crf',
    '31',
    '-g',
    '75',
    '-pix_fmt',
    'yuv420p',
    '-c:a',
    'aac',
    '-b:a',
    '24k',
    '-movflags',
    '+faststart',
  ];
  const target = path.join(folder, `${round.key}.mp4`);
  const encoder = spawn(
    'ffmpeg',
    ['-v', 'error', '-y', ...video, ...encode, '-fflags', '+bitexact', '-map_metadata', '-1', target],
    { stdio: ['pipe', 'inherit', 'inherit'] },
  );
  const paint = createPainter(round);
  const frames = Math.round(totalSeconds * FRAMES_PER_SECOND);
  for (let frame = 0; frame < frames; frame += 1) {
    const canvas = paint(frame / FRAMES_PER_SECOND);
    if (!encoder.stdin.write(Buffer.from(canvas.data()))) await once(encoder.stdin, 'drain');
  }
  encoder.stdin.end();
  const [code] = await once(encoder, 'close');
  await rm(scratch, { recursive: true });
  if (code !== 0) throw new Error(`renderRound: ffmpeg ended with ${code} on ${round.key}`);
  process.stdout.write(`${round.key}: ${frames} frames\n`);
}

async function main(): Promise<void> {
  await mkdir(folder, { recursive: true });
  const only = process.argv.slice(2);
  for (const round of filmedRounds) if (only.length === 0 || only.includes(round.key)) await renderRound(round);
}

if (process.argv[1] === fileURLToPath(import.meta.url)) await main();
