import { randomUUID } from 'node:crypto';
import {
  copyFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { pool } from '@/data/client';
import { findArrival, insertArrival } from '@/data/footage/arrivals';
import { findFootage } from '@/data/footage/footage';
import { listWorkOf } from '@/data/footage/work';
import { probeFootage } from '@/server/footage/probe';
import { serveStored } from '@/server/footage/serveStored';
import { arrivingFolder, arrivingPath, refusedFolder, sampleDigestOf, storedPath } from '@/server/footage/storage';
import { takeIn } from '@/server/jobs/takeIn';
import { footageFolder } from '@/server/kernel/environment';
import { ffmpeg } from '../support/films';
import { emptyDatabase, seedCoach } from '../support/seed';

const scratch = mkdtempSync(path.join(tmpdir(), 'owl-footage-'));
const file = (name: string) => path.join(scratch, name);
const picture = ['-f', 'lavfi', '-i', 'testsrc2=size=320x180:rate=30000/1001:duration=6'];
const sound = ['-f', 'lavfi', '-i', 'sine=frequency=440:duration=6'];
const h264 = ['-c:v', 'libx264', '-pix_fmt', 'yuv420p'];

beforeAll(() => {
  ffmpeg(...picture, ...sound, ...h264, '-c:a', 'aac', '-movflags', '+faststart', file('good.mp4'));
  ffmpeg(...picture, '-c:v', 'libvpx-vp9', '-b:v', '300k', '-deadline', 'realtime', file('good.webm'));
  ffmpeg(...sound, '-c:a', 'aac', file('sound.mp4'));
  ffmpeg('-f', 'lavfi', '-i', 'testsrc2=size=320x180:rate=60000/1001:duration=4', ...h264, file('fast.mp4'));
  ffmpeg(
    '-f',
    'lavfi',
    '-i',
    'testsrc2=size=320x180:rate=30:duration=4',
    ...h264,
    '-g',
    '300',
    file('upright-plain.mp4'),
  );
  ffmpeg(
    '-i',
    file('upright-plain.mp4'),
    '-c',
    'copy',
    '-metadata:s:v:0',
    'rotate=90',
    '-metadata',
    'creation_time=2026-11-20T17:30:00Z',
    file('upright.mp4'),
  );
  // Every seventh picture is missing, and the rest keep their times.
  ffmpeg(
    '-f',
    'lavfi',
    '-i',
    'testsrc2=size=320x180:rate=30:duration=6',
    '-vf',
    "select='mod(n,7)'",
    '-fps_mode',
    'vfr',
    ...h264,
    file('uneven.mp4'),
  );
  ffmpeg(
    ...picture,
    '-c:v',
    'libx265',
    '-x265-params',
    'log-level=none',
    '-pix_fmt',
    'yuv420p10le',
    '-tag:v',
    'hvc1',
    file('deep.mov'),
  );
  copyFileSync(file('good.webm'), file('really-webm.mp4'));
  const good = readFileSync(file('good.mp4'));
  writeFileSync(file('half.mp4'), good);
  truncateSync(file('half.mp4'), Math.floor(good.length * 0.5));
  ffmpeg(...picture, ...h264, file('index-last.mp4'));
  truncateSync(file('index-last.mp4'), 100_000);
  writeFileSync(file('words.mp4'), 'This is a shopping list.\n'.repeat(200));
  writeFileSync(file('playlist.mp4'), '#EXTM3U\n#EXTINF:10,\nhttp://127.0.0.1:9/secret.ts\n');
  writeFileSync(file('zeros.mp4'), Buffer.alloc(200_000));
  writeFileSync(file('empty.mp4'), '');
});
afterAll(() => rmSync(scratch, { recursive: true }));

const facts = async (name: string) => {
  const probed = await probeFootage(file(name));
  if (!probed.ok) throw new Error(probed.problem.code);
  return probed.value;
};

describe('looking at a file', () => {
  it('reads length, rate, size, codecs and key distance', async () => {
    expect(await facts('good.mp4')).toEqual({
      durationSeconds: expect.closeTo(6, 0),
      frameRate: { numerator: 30_000, denominator: 1001 },
      width: 320,
      height: 180,
      container: expect.stringContaining('mp4'),
      videoCodec: 'h264',
      audioCodec: 'aac',
      picture: { pixelFormat: 'yuv420p', rotation: 0, mostKeyDistance: 180, variableRate: false },
      recordedAt: undefined,
    });
    expect(await facts('good.webm')).toMatchObject({ videoCodec: 'vp9', audioCodec: undefined });
    expect((await facts('fast.mp4')).frameRate).toEqual({ numerator: 60_000, denominator: 1001 });
  });
  it('knows a phone’s turned picture, its deep colours, an uneven rate and a wrong extension for what they are', async () => {
    expect(await facts('upright.mp4')).toMatchObject({
      width: 180,
      height: 320,
      recordedAt: '2026-11-20T17:30:00.000Z',
      picture: { rotation: 90, mostKeyDistance: 120 },
    });
    expect(await facts('deep.mov')).toMatchObject({ videoCodec: 'hevc', picture: { pixelFormat: 'yuv420p10le' } });
    expect((await facts('uneven.mp4')).picture.variableRate).toBe(true);
    expect(await facts('really-webm.mp4')).toMatchObject({
      videoCodec: 'vp9',
      container: expect.stringContaining('webm'),
    });
  });
  it('refuses what is no whole video', async () => {
    const code = async (name: string) => {
      const probed = await probeFootage(file(name));
      return probed.ok ? 'taken' : probed.problem.code;
    };
    expect(await code('words.mp4')).toBe('not-a-video');
    expect(await code('playlist.mp4')).toBe('not-a-video');
    expect(await code('zeros.mp4')).toBe('not-a-video');
    expect(await code('empty.mp4')).toBe('not-a-video');
    expect(await code('sound.mp4')).toBe('no-picture');
    expect(await code('half.mp4')).toBe('broken-off');
    expect(await code('index-last.mp4')).toBe('no-index');
    expect(await code('missing.mp4')).toBe('not-a-video');
  });
});

describe('taking a file in', () => {
  let coachId: string;
  beforeEach(async () => {
    await emptyDatabase();
    coachId = await seedCoach();
    for (const folder of [arrivingFolder(), footageFolder()]) mkdirSync(folder, { recursive: true });
  });

  const arrive = async (name: string, given: { declared?: number; source?: 'upload' | 'camera'; as?: string } = {}) => {
    const id = randomUUID();
    const bytes = readFileSync(file(name));
    writeFileSync(arrivingPath(id), bytes);
    const { declared = bytes.length, source = 'upload', as = name } = given;
    const arrival = { id, source, originalName: as, byteLength: declared, coachId, state: 'waiting' as const };
    await insertArrival(pool(), { ...arrival, sampleDigest: undefined, recordedAt: undefined });
    await takeIn(id, 1);
    return (await findArrival(pool(), id))!;
  };

  it('keeps it once, under a name of our own, and puts the work that follows on the list', async () => {
    const first = await arrive('good.mp4', { as: 'Tuesday 🥋.mp4' });
    expect(first).toMatchObject({ state: 'taken', already: false, progress: 1 });
    const footage = (await findFootage(pool(), first.footageId!))!;
    expect(footage).toMatchObject({ originalName: 'Tuesday 🥋.mp4', storageName: `${first.id}.mp4` });
    expect(readFileSync(storedPath(footage.storageName)).equals(readFileSync(file('good.mp4')))).toBe(true);
    expect(existsSync(arrivingPath(first.id))).toBe(false);
    expect(await listWorkOf(pool(), [footage.id])).toMatchObject([{ kind: 'look', state: 'waiting' }]);
    const second = await arrive('good.mp4', { as: 'another name.mp4' });
    expect(second).toMatchObject({ state: 'taken', already: true, footageId: footage.id });
    expect(existsSync(arrivingPath(second.id))).toBe(false);
    const { rows } = await pool().query("select encode(sample_digest, 'hex') as digest from footage");
    expect(rows).toEqual([{ digest: await sampleDigestOf(file('good.mp4')) }]);
  });

  it('wants a copy for looking where browsers cannot show or step the original', async () => {
    const kinds = async (name: string) => {
      const arrival = await arrive(name);
      return (await listWorkOf(pool(), [arrival.footageId!])).map((one) => one.kind);
    };
    expect(await kinds('deep.mov')).toEqual(['look', 'proxy']);
    expect(await kinds('uneven.mp4')).toEqual(['look', 'proxy']);
    expect(await kinds('fast.mp4')).toEqual(['look']);
  });

  it('refuses clearly; a camera’s file is set aside, since nobody has another', async () => {
    const code = async (...args: Parameters<typeof arrive>) => {
      const arrival = await arrive(...args);
      expect(arrival.state).toBe('refused');
      expect(existsSync(arrivingPath(arrival.id))).toBe(false);
      return arrival.problem?.code;
    };
    const before = readdirSync(footageFolder()).length;
    expect(await code('empty.mp4')).toBe('empty');
    expect(await code('words.mp4')).toBe('not-a-video');
    expect(await code('half.mp4')).toBe('broken-off');
    expect(await code('good.mp4', { declared: 10_000_000 })).toBe('cut-short');
    expect(await code('sound.mp4', { source: 'camera' })).toBe('no-picture');
    expect(readdirSync(refusedFolder()).filter((name) => name.endsWith('sound.mp4'))).toHaveLength(1);
    expect(readdirSync(footageFolder()).length).toBe(before);
  });

  it('says when the file is gone, and is not done twice at once', async () => {
    const id = randomUUID();
    const arrival = {
      id,
      source: 'upload' as const,
      originalName: 'x.mp4',
      byteLength: 5,
      coachId,
      state: 'waiting' as const,
    };
    await insertArrival(pool(), { ...arrival, sampleDigest: undefined, recordedAt: undefined });
    await Promise.all([takeIn(id, 1), takeIn(id, 2)]);
    expect(await findArrival(pool(), id)).toMatchObject({ state: 'refused', problem: { code: 'lost' } });
  });

  it('serves it whole and in ranges, with validators (RFC 9110)', async () => {
    const good = readFileSync(file('good.mp4'));
    const footage = (await findFootage(pool(), (await arrive('good.mp4')).footageId!))!;
    const get = (headers: Record<string, string> = {}) =>
      serveStored(footage.storageName, footage.sha256, new Request('http://owl/file', { headers }));
    const whole = await get();
    expect(whole.status).toBe(200);
    expect(whole.headers.get('accept-ranges')).toBe('bytes');
    expect(Buffer.from(await whole.arrayBuffer()).equals(good)).toBe(true);
    const part = await get({ range: 'bytes=100-299' });
    expect(part.status).toBe(206);
    expect(part.headers.get('content-range')).toBe(`bytes 100-299/${good.length}`);
    expect(Buffer.from(await part.arrayBuffer()).equals(good.subarray(100, 300))).toBe(true);
    const tail = await get({ range: 'bytes=-50' });
    expect(Buffer.from(await tail.arrayBuffer()).equals(good.subarray(good.length - 50))).toBe(true);
    const past = await get({ range: `bytes=${good.length}-` });
    expect([past.status, past.headers.get('content-range')]).toEqual([416, `bytes */${good.length}`]);
    const etag = whole.headers.get('etag')!;
    expect((await get({ 'if-none-match': etag })).status).toBe(304);
    expect((await get({ range: 'bytes=0-9', 'if-range': etag })).status).toBe(206);
    expect((await get({ range: 'bytes=0-9', 'if-range': '"older"' })).status).toBe(200);
    rmSync(storedPath(footage.storageName));
    expect((await get()).status).toBe(410);
  });
});
