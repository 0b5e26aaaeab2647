import { execFileSync, spawnSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { copyFileSync, mkdirSync, mkdtempSync, readdirSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { type ClipPiece, type ClipRecipe, secondsOfRecipe } from '@/core/clip';
import { pool } from '@/data/client';
import { beginClip, type Clip, cancelClip, findClip } from '@/data/clips/clips';
import { insertFootage } from '@/data/footage/footage';
import { askForClip } from '@/server/clips/askForClip';
import { doClip } from '@/server/clips/doClip';
import { probeFootage } from '@/server/footage/probe';
import { storedPath } from '@/server/footage/storage';
import { footageFolder } from '@/server/kernel/environment';
import { ffmpeg, h264, hevc } from '../support/films';
import { emptyDatabase } from '../support/seed';

// Films take as long as the machine is busy.
vi.setConfig({ testTimeout: 240_000 });
const scratch = mkdtempSync(path.join(tmpdir(), 'owl-clips-'));
const never = new AbortController().signal;
const film = (name: string) => path.join(scratch, name);
const LEVELS = 16;
/** Pictures that say by their brightness which they are, of sixteen; a tone that is as loud all along. */
const counted = (rate: string, seconds: number) => [
  ...[
    '-f',
    'lavfi',
    '-i',
    `color=gray:s=320x180:r=${rate}:d=${seconds},geq=lum='24+13*mod(N,${LEVELS})':cb=128:cr=128`,
  ],
  ...['-f', 'lavfi', '-i', `sine=f=440:d=${seconds}:r=48000,volume=0.5`],
];
beforeAll(() => {
  ffmpeg(...counted('25', 12), ...h264, '-crf', '12', '-c:a', 'aac', film('even.mp4'));
  ffmpeg(...counted('60000/1001', 6), ...h264, '-crf', '12', '-c:a', 'aac', film('fast.mp4'));
  ffmpeg(...counted('25', 6), ...hevc, '-an', film('hevc.mp4'));
  ffmpeg('-i', film('hevc.mp4'), '-c', 'copy', '-metadata:s:v:0', 'rotate=90', film('turned.mov'));
  // Every third picture is missing for a while, as phones leave them out in the dark.
  ffmpeg(
    ...['-i', film('even.mp4'), '-vf', "select='not(eq(mod(n,3),2)*between(n,50,150))'", '-vsync', 'vfr'],
    ...h264,
    '-crf',
    '12',
    '-an',
    film('uneven.mp4'),
  );
});
afterAll(() => rmSync(scratch, { recursive: true }));
beforeEach(emptyDatabase);

async function shelve(name: string): Promise<string> {
  const facts = await probeFootage(film(name));
  if (!facts.ok) throw new Error(facts.problem.code);
  const id = randomUUID();
  const storageName = `${id}${path.extname(name)}`;
  mkdirSync(footageFolder(), { recursive: true });
  copyFileSync(film(name), storedPath(storageName));
  const record = { id, originalName: name, storageName, byteLength: statSync(film(name)).size, ...facts.value };
  await insertFootage(pool(), { ...record, sha256: randomUUID().replaceAll('-', '').repeat(2) }, undefined);
  return id;
}
const pieceOf = (footageId: string, more: Partial<ClipPiece> = {}): ClipPiece => ({
  ...{ footageId, startSeconds: 2, endSeconds: 4, speed: 1, freezes: [], caption: '', sound: true, readings: [] },
  ...more,
});
const ask = async (recipe: ClipRecipe): Promise<Clip> => {
  const asked = await askForClip(recipe, [], undefined);
  if (!asked.ok) throw new Error(asked.problem.code);
  return asked.value;
};
const render = async (pieces: readonly ClipPiece[], captions: ClipRecipe['captions'] = 'burned'): Promise<Clip> => {
  const { id } = await ask({ pieces, captions });
  await doClip(id, never, true);
  const clip = (await findClip(pool(), id))!;
  expect(clip.problem).toBeUndefined();
  expect(clip.state).toBe('ready');
  return clip;
};
/** What another program reads of a file. */
const probe = (clip: Clip) =>
  JSON.parse(
    execFileSync('ffprobe', [
      '-v',
      'error',
      '-count_frames',
      '-show_streams',
      '-show_format',
      '-of',
      'json',
      storedPath(clip.storageName!),
    ]).toString(),
  ) as { streams: Record<string, string & number>[]; format: { duration: string } };
/** The middle of a patch of 16 × 16 of every picture of a clip, as brightness, blue and red. */
function patchesOf(clip: Clip, left: number, top: number): (readonly [number, number, number])[] {
  const raw = execFileSync('ffmpeg', [
    ...['-v', 'error', '-i', storedPath(clip.storageName!), '-vf', `crop=16:16:${left}:${top}`],
    ...['-f', 'rawvideo', '-pix_fmt', 'yuv420p', '-'],
  ]);
  const bytes = 16 * 16 * 1.5;
  return Array.from({ length: raw.length / bytes }, (_, at) => {
    const value = (place: number) => raw[at * bytes + place]!;
    return [value(8 * 16 + 8), value(256 + 4 * 8 + 4), value(320 + 4 * 8 + 4)] as const;
  });
}
/** Every picture of a clip: which of the sixteen it is. */
const picturesOf = (clip: Clip): number[] => patchesOf(clip, 152, 6).map(([luma]) => Math.round((luma - 24) / 13));
const clipRate = (clip: Clip): number => {
  const [over = 0, under = 1] = String(probe(clip).streams[0]!.avg_frame_rate).split('/').map(Number);
  return over / under;
};
const range = (from: number, to: number, step = 1) =>
  Array.from({ length: Math.round((to - from) / step) }, (_, at) => Math.floor(from + at * step + 1e-9) % LEVELS);
const sameLength = (clip: Clip, recipe: Pick<ClipRecipe, 'pieces'>, rate: number) => {
  expect(clipRate(clip)).toBeCloseTo(rate, 1);
  const { streams, format } = probe(clip);
  const wanted = secondsOfRecipe({ ...recipe, captions: 'beside' });
  expect(Math.abs(Number(streams[0]!.nb_read_frames) / rate - wanted)).toBeLessThanOrEqual(1 / rate);
  expect(Math.abs(Number(format.duration) - wanted)).toBeLessThanOrEqual(1 / rate + 0.03);
  return streams;
};

describe('a rendered clip', () => {
  it('shows every picture of its stretch once, and stands still where it is told to', async () => {
    const id = await shelve('even.mp4');
    const pieces = [
      pieceOf(id, { freezes: [{ atSeconds: 3, forSeconds: 1, drawing: [] }] }),
      pieceOf(id, { startSeconds: 0, endSeconds: 1 }),
    ];
    const clip = await render(pieces);
    expect(picturesOf(clip)).toEqual([
      ...range(50, 75),
      ...Array.from({ length: 25 }, () => 75 % LEVELS),
      ...range(75, 100),
      ...range(0, 25),
    ]);
    const [picture, sound] = sameLength(clip, { pieces }, 25);
    expect(picture).toMatchObject({ codec_name: 'h264', pix_fmt: 'yuv420p', width: 320, height: 180 });
    expect(sound).toMatchObject({ codec_name: 'aac', channels: 2 });
    expect(statSync(storedPath(clip.coverName!)).size).toBeGreaterThan(200);
    expect(readdirSync(footageFolder()).filter((name) => name.endsWith('.part'))).toEqual([]);
  });
  it('goes at half the speed, and at twice', async () => {
    const id = await shelve('even.mp4');
    expect(picturesOf(await render([pieceOf(id, { speed: 0.5 })]))).toEqual(range(50, 100, 0.5));
    expect(picturesOf(await render([pieceOf(id, { speed: 2 })]))).toEqual(range(50, 100, 2));
  });
  it('is as long as it says from films of 59.94 pictures, HEVC, uneven, turned and without sound', async () => {
    for (const [name, rate] of [
      ['fast.mp4', 60_000 / 1001],
      ['hevc.mp4', 25],
      ['uneven.mp4', 24_000 / 1001],
      ['turned.mov', 25],
    ] as const) {
      const id = await shelve(name);
      const pieces = [
        pieceOf(id, { freezes: [{ atSeconds: 2.5, forSeconds: 0.7, drawing: [] }] }),
        pieceOf(id, { startSeconds: 3.11, endSeconds: 3.77 }),
      ];
      const streams = sameLength(await render(pieces), { pieces }, rate);
      if (name === 'turned.mov') expect(streams[0]).toMatchObject({ width: 180, height: 320 });
    }
    const fast = await shelve('fast.mp4');
    expect(
      picturesOf(
        await render([pieceOf(fast, { startSeconds: (120.5 * 1001) / 60_000, endSeconds: (150.5 * 1001) / 60_000 })]),
      ),
    ).toEqual(range(120, 150));
  });
  it('lets the picture of an uneven film stand until the next', async () => {
    const id = await shelve('uneven.mp4');
    const clip = await render([pieceOf(id)]);
    const rate = clipRate(clip);
    const shown = Array.from({ length: Math.round(2 * rate) }, (_, at) => Math.floor((2.002 + at / rate) * 25));
    expect(picturesOf(clip)).toEqual(shown.map((n) => (n % 3 === 2 ? n - 1 : n) % LEVELS));
  });
  it('puts films of different sizes and rates behind each other', async () => {
    const [even, turned] = [await shelve('even.mp4'), await shelve('turned.mov')];
    const pieces = [pieceOf(even), pieceOf(turned)];
    const streams = sameLength(await render(pieces), { pieces }, 25);
    expect(streams[0]).toMatchObject({ width: 320, height: 180 });
  });
  it('goes on with its last picture where a film ends before its stretch', async () => {
    const id = await shelve('even.mp4');
    const pieces = [pieceOf(id, { startSeconds: 11.6, endSeconds: 12.4 })];
    expect(picturesOf(await render(pieces))).toEqual([
      ...range(290, 300),
      ...Array.from({ length: 10 }, () => 299 % LEVELS),
    ]);
  });
});

/** Which pictures of a clip show the ink of drawings at a place, in shares of its size: amber is red without blue. */
const inked = (clip: Clip, x: number, y: number): boolean[] =>
  patchesOf(clip, Math.round((320 * x - 8) / 2) * 2, Math.round((180 * y - 8) / 2) * 2).map(
    ([, blue, red]) => red - blue > 8,
  );

describe('what lies over a clip', () => {
  it('is drawn on the picture that stands still, where it was drawn, and on no other', async () => {
    const id = await shelve('even.mp4');
    const drawing = [
      { kind: 'straight' as const, from: [0.2, 0.5] as [number, number], to: [0.8, 0.5] as [number, number] },
      { kind: 'ring' as const, centre: [0.5, 0.5] as [number, number], radius: 0.25 },
    ];
    const clip = await render([pieceOf(id, { freezes: [{ atSeconds: 3, forSeconds: 1, drawing }] })]);
    const wanted = Array.from({ length: 75 }, (_, at) => at >= 25 && at < 50);
    expect(inked(clip, 0.5, 0.5)).toEqual(wanted);
    expect(inked(clip, 0.75, 0.5)).toEqual(wanted);
    expect(inked(clip, 0.5, 0.5 - (0.25 * 320) / 180)).toEqual(wanted);
    expect(inked(clip, 0.4, 0.3)).not.toContain(true);
  });
  it('is words in the picture, or a file beside it in the order of the pieces', async () => {
    const id = await shelve('even.mp4');
    const pieces = [
      pieceOf(id, { caption: 'first: elbow' }),
      pieceOf(id, { caption: 'then: knee <b>', startSeconds: 5, endSeconds: 6 }),
    ];
    const burned = await render(pieces);
    expect(burned.captions).toBe('');
    const beside = await render(pieces, 'beside');
    expect(beside.captions).toContain('00:00:00.000 --> 00:00:02.000\nfirst: elbow');
    expect(beside.captions).toContain('00:00:02.000 --> 00:00:03.000\nthen: knee &lt;b&gt;');
    const differ = (crop: string) =>
      execFileSync('ffmpeg', [
        '-v',
        'error',
        '-i',
        storedPath(burned.storageName!),
        '-vf',
        crop,
        '-frames:v',
        '1',
        '-f',
        'md5',
        '-',
      ]).toString() !==
      execFileSync('ffmpeg', [
        '-v',
        'error',
        '-i',
        storedPath(beside.storageName!),
        '-vf',
        crop,
        '-frames:v',
        '1',
        '-f',
        'md5',
        '-',
      ]).toString();
    expect(differ('crop=300:30:10:145')).toBe(true);
  });
  it('sounds as loud as the film, is silent where it stands still, and where no sound is wanted', async () => {
    const id = await shelve('even.mp4');
    const loudness = (file: string, from: number, seconds: number): number => {
      const told = execFileSync('sh', [
        '-c',
        `ffmpeg -hide_banner -ss ${from} -t ${seconds} -i "${file}" -vn -af volumedetect -f null - 2>&1 || true`,
      ]).toString();
      return Number(/mean_volume: (-?[\d.]+)/.exec(told)![1]);
    };
    const clip = await render([
      pieceOf(id, { freezes: [{ atSeconds: 4, forSeconds: 1, drawing: [] }] }),
      pieceOf(id, { speed: 0.5 }),
      pieceOf(id, { sound: false }),
    ]);
    const file = storedPath(clip.storageName!);
    const was = loudness(film('even.mp4'), 2.2, 1.6);
    expect(Math.abs(loudness(file, 0.2, 1.6) - was)).toBeLessThan(1);
    expect(loudness(file, 2.2, 0.6)).toBeLessThan(-80);
    expect(Math.abs(loudness(file, 3.2, 3.6) - was)).toBeLessThan(2);
    expect(loudness(file, 7.3, 1.5)).toBeLessThan(-80);
  });
});

describe('asking for a clip', () => {
  it('makes the same recipe once, and another one anew', async () => {
    const id = await shelve('even.mp4');
    const recipe: ClipRecipe = { pieces: [pieceOf(id)], captions: 'beside' };
    const first = await ask(recipe);
    await doClip(first.id, never, true);
    const made = statSync(storedPath((await findClip(pool(), first.id))!.storageName!)).mtimeMs;
    const again = await ask({ pieces: [{ ...pieceOf(id) }], captions: 'beside' });
    expect(again).toMatchObject({ id: first.id, state: 'ready' });
    await doClip(first.id, never, true);
    expect(statSync(storedPath(again.storageName!)).mtimeMs).toBe(made);
    expect((await ask({ ...recipe, captions: 'burned' })).id).not.toBe(first.id);
  });
  it('is refused for nothing, and for more than half an hour', async () => {
    const id = await shelve('even.mp4');
    expect(
      await askForClip({ pieces: [pieceOf(id, { endSeconds: 2 })], captions: 'beside' }, [], undefined),
    ).toMatchObject({ ok: false, problem: { code: 'nothing-to-show' } });
    const long = Array.from({ length: 200 }, () => pieceOf(id, { endSeconds: 12 }));
    expect(await askForClip({ pieces: long, captions: 'beside' }, [], undefined)).toMatchObject({
      ok: false,
      problem: { code: 'too-long' },
    });
  });
  it('says so when the film is gone, and can be asked for again', async () => {
    const id = await shelve('even.mp4');
    const recipe: ClipRecipe = { pieces: [pieceOf(id)], captions: 'beside' };
    const clip = await ask(recipe);
    const stored = storedPath(`${id}.mp4`);
    rmSync(stored);
    await doClip(clip.id, never, true);
    expect(await findClip(pool(), clip.id)).toMatchObject({ state: 'failed', problem: { code: 'footage-gone' } });
    copyFileSync(film('even.mp4'), stored);
    expect(await ask(recipe)).toMatchObject({ id: clip.id });
    await doClip(clip.id, never, true);
    expect(await findClip(pool(), clip.id)).toMatchObject({ state: 'ready' });
  });
  it('leaves the room on the disk on which the database lives, and says so', async () => {
    const id = await shelve('even.mp4');
    const recipe: ClipRecipe = { pieces: [pieceOf(id)], captions: 'beside' };
    const clip = await ask(recipe);
    process.env.OWL_RESERVE_BYTES = String(2 ** 53);
    await doClip(clip.id, never, true).finally(() => {
      delete process.env.OWL_RESERVE_BYTES;
    });
    expect(await findClip(pool(), clip.id)).toMatchObject({ state: 'failed', problem: { code: 'disk-full' } });
    await ask(recipe);
    await doClip(clip.id, never, true);
    expect(await findClip(pool(), clip.id)).toMatchObject({ state: 'ready' });
  });
  it('ends when it is cancelled, is handed back when the process is to stop, and begins anew when ffmpeg was killed', async () => {
    const id = await shelve('even.mp4');
    const pieces = Array.from({ length: 60 }, (_, at) => pieceOf(id, { startSeconds: 1 + at / 50, speed: 0.2 }));
    const clip = await ask({ pieces, captions: 'beside' });
    const work = doClip(clip.id, never, true);
    await expect.poll(async () => (await findClip(pool(), clip.id))!.progress).toBeGreaterThan(0);
    await cancelClip(pool(), clip.id);
    await work;
    expect(await findClip(pool(), clip.id)).toMatchObject({ state: 'cancelled', storageName: undefined });
    const stopping = new AbortController();
    await ask({ pieces, captions: 'beside' });
    const other = doClip(clip.id, stopping.signal, false);
    await expect.poll(async () => (await findClip(pool(), clip.id))!.progress).toBeGreaterThan(0);
    stopping.abort();
    await other;
    expect(await findClip(pool(), clip.id)).toMatchObject({ state: 'waiting' });
    // A process that died in the middle leaves it as begun: the next one begins it anew.
    expect(await beginClip(pool(), clip.id)).toBe(1);
    const third = doClip(clip.id, never, false);
    await expect.poll(async () => (await findClip(pool(), clip.id))!.progress).toBeGreaterThan(0);
    // Between two pieces there is none to kill.
    await expect.poll(() => spawnSync('pkill', ['-KILL', '-f', `${footageFolder()}/${id}.mp4`]).status).toBe(0);
    await expect(third).rejects.toThrow('ffmpeg was ended');
    expect(await findClip(pool(), clip.id)).toMatchObject({ state: 'waiting' });
    expect(readdirSync(footageFolder()).filter((name) => name.endsWith('.part'))).toEqual([]);
  });
});
