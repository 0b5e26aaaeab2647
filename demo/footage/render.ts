import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdir, mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { createCanvas } from '@napi-rs/canvas';
import type { Mark, TurnMark } from '../../src/core/round';
import { dayOfServer } from '../../src/server/kernel/environment';
import { marksOfRound, roundSpan } from '../academy/marksOfRound';
import { people } from '../academy/people';
import { filmedRounds } from '../academy/rounds/filmed';
import { type DemoRound, LEAD_OUT_SECONDS } from '../academy/types';
import { furtherPeople } from '../term/people';
import { digestOfMarks, filmedTermRounds, type PlayedRound, playTerm, spanOfTermRound } from '../term/playTerm';
import { makeSound } from './bell';
import { buildBody } from './body';
import { choreograph, posturesAt } from './choreography';
import { bodyParts, drawParts, drawShadow, type Kit, type Projection } from './drawBody';
import { kitOf } from './kits';
import { pairPosture } from './postures';
import { drawRoom, drawWallClock, HEIGHT, project, WIDTH } from './scene';

const FRAMES_PER_SECOND = 25;
/** Enough to see what happens, at half of the bytes. */
const TERM_FRAMES_PER_SECOND = 10;
const folder = path.join(path.dirname(fileURLToPath(import.meta.url)), 'films');

const TURN_SECONDS = 120;

/** What a film is drawn from. */
interface Film {
  readonly key: string;
  readonly span: { readonly startSeconds: number; readonly endSeconds: number };
  readonly marks: readonly Mark[];
  readonly plannedSeconds: number;
  readonly kits: Readonly<Record<'a' | 'b', Kit>>;
  readonly framesPerSecond: number;
  /** How coarse it is kept, as the encoder counts. */
  readonly crf: number;
}

const everybody = [...people, ...furtherPeople];
const beltOf = (key: string) => everybody.find((one) => one.key === key)!.belt;

const filmOf = (round: DemoRound): Film => ({
  key: round.key,
  span: roundSpan(round),
  marks: marksOfRound(round),
  plannedSeconds: round.plannedSeconds ?? round.seconds,
  kits: { a: kitOf(round.a, beltOf(round.a.key)), b: kitOf(round.b, beltOf(round.b.key)) },
  framesPerSecond: FRAMES_PER_SECOND,
  crf: 31,
});

const filmOfTerm = ({ round, marks }: PlayedRound): Film => {
  const [own, other] = round.uniform === 'gi' ? (['white', 'blue'] as const) : (['rash-green', 'rash-plum'] as const);
  const kit = (key: string, cloth: typeof own | typeof other) =>
    kitOf({ key, kit: cloth, toldApartBy: '' }, beltOf(key));
  return {
    ...{ key: round.key, span: spanOfTermRound(round), marks, plannedSeconds: round.seconds },
    kits: { a: kit(round.a.key, own), b: kit(round.b.key, other) },
    framesPerSecond: TERM_FRAMES_PER_SECOND,
    crf: 37,
  };
};

/** What the clock on the wall shows: it counts the round down, and in an overtime each turn anew. */
function wallClockAt({ span, marks, plannedSeconds }: Film, seconds: number): { left: number; runs: boolean } {
  const turn = marks.findLast((mark): mark is TurnMark => mark.kind === 'turn' && mark.atSeconds <= seconds);
  if (turn) {
    const end = turn.endSeconds ?? turn.atSeconds;
    return { left: TURN_SECONDS - (Math.min(seconds, end) - turn.atSeconds), runs: seconds < end };
  }
  const gone = Math.min(plannedSeconds, Math.max(0, seconds - span.startSeconds));
  return { left: plannedSeconds - gone, runs: gone > 0 && gone < plannedSeconds };
}

/** The frame painter of one film: what the tripod saw at a moment of it. */
function createPainter(film: Film) {
  const { span, marks, kits } = film;
  const choreography = choreograph(span, marks);
  const room = drawRoom();
  const canvas = createCanvas(WIDTH, HEIGHT);
  const context = canvas.getContext('2d');
  const others = [
    kitOf({ key: 'other', kit: 'black', toldApartBy: '' }, 'brown'),
    kitOf({ key: 'another', kit: 'white', toldApartBy: '' }, 'white'),
  ] as const;
  const behind: Projection = ([x, y, z]) => project([x - 1.9, y, z + 3.2]);
  return (seconds: number) => {
    context.drawImage(room, 0, 0);
    const clock = wallClockAt(film, seconds);
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

async function render(film: Film): Promise<void> {
  const { key, span, framesPerSecond } = film;
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
    String(framesPerSecond),
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
    String(film.crf),
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
  const target = path.join(folder, `${key}.mp4`);
  const encoder = spawn(
    'ffmpeg',
    ['-v', 'error', '-y', ...video, ...encode, '-fflags', '+bitexact', '-map_metadata', '-1', target],
    { stdio: ['pipe', 'inherit', 'inherit'] },
  );
  const paint = createPainter(film);
  const frames = Math.round(totalSeconds * framesPerSecond);
  for (let frame = 0; frame < frames; frame += 1) {
    const canvas = paint(frame / framesPerSecond);
    if (!encoder.stdin.write(Buffer.from(canvas.data()))) await once(encoder.stdin, 'drain');
  }
  encoder.stdin.end();
  const [code] = await once(encoder, 'close');
  await rm(scratch, { recursive: true });
  if (code !== 0) throw new Error(`render: ffmpeg ended with ${code} on ${key}`);
  process.stdout.write(`${key}: ${frames} frames\n`);
}

async function main(): Promise<void> {
  await mkdir(folder, { recursive: true });
  const only = process.argv.slice(2);
  const term = playTerm(dayOfServer()).rounds.filter(({ round }) => filmedTermRounds.includes(round.key));
  const films = [...filmedRounds.map(filmOf), ...term.map(filmOfTerm)];
  for (const film of films) if (only.length === 0 || only.includes(film.key)) await render(film);
  const drawnFrom = Object.fromEntries(term.map(({ round, marks }) => [round.key, digestOfMarks(marks)]));
  await writeFile(path.join(folder, 'drawnFrom.json'), `${JSON.stringify(drawnFrom, undefined, 2)}\n`);
}

if (process.argv[1] === fileURLToPath(import.meta.url)) await main();
