import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, truncateSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { Readable } from 'node:stream';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { probeFootage } from '@/server/footage/probe';
import { receiveFootage } from '@/server/footage/receiveFootage';
import { serveFootage } from '@/server/footage/serveFootage';
import { footageFolder } from '@/server/kernel/environment';
import { emptyDatabase, seedCoach } from '../support/seed';

const scratch = mkdtempSync(path.join(tmpdir(), 'owl-footage-'));
const file = (name: string) => path.join(scratch, name);
const ffmpeg = (...args: string[]) => execFileSync('ffmpeg', ['-v', 'error', '-y', ...args]);
const picture = ['-f', 'lavfi', '-i', 'testsrc2=size=320x180:rate=30000/1001:duration=6'];
const sound = ['-f', 'lavfi', '-i', 'sine=frequency=440:duration=6'];

beforeAll(() => {
  ffmpeg(
    ...picture,
    ...sound,
    '-c:v',
    'libx264',
    '-pix_fmt',
    'yuv420p',
    '-c:a',
    'aac',
    '-movflags',
    '+faststart',
    file('good.mp4'),
  );
  ffmpeg(...picture, '-c:v', 'libvpx-vp9', '-b:v', '300k', '-deadline', 'realtime', file('good.webm'));
  ffmpeg(...sound, '-c:a', 'aac', file('sound.mp4'));
  const good = readFileSync(file('good.mp4'));
  writeFileSync(file('half.mp4'), good);
  truncateSync(file('half.mp4'), Math.floor(good.length * 0.5));
  ffmpeg(...picture, '-c:v', 'libx264', '-pix_fmt', 'yuv420p', file('index-last.mp4'));
  truncateSync(file('index-last.mp4'), 100_000);
  writeFileSync(file('words.mp4'), 'This is a shopping list.\n'.repeat(200));
  writeFileSync(file('playlist.mp4'), '#EXTM3U\n#EXTINF:10,\nhttp://127.0.0.1:9/secret.ts\n');
  writeFileSync(file('zeros.mp4'), Buffer.alloc(200_000));
}, 120_000);
afterAll(() => rmSync(scratch, { recursive: true }));

describe('looking at a file', () => {
  it('reads length, rate, size and codecs', async () => {
    expect(await probeFootage(file('good.mp4'))).toEqual({
      ok: true,
      value: {
        durationSeconds: expect.closeTo(6, 0),
        frameRate: { numerator: 30_000, denominator: 1001 },
        width: 320,
        height: 180,
        container: expect.stringContaining('mp4'),
        videoCodec: 'h264',
        audioCodec: 'aac',
      },
    });
    expect(await probeFootage(file('good.webm'))).toMatchObject({
      ok: true,
      value: { videoCodec: 'vp9', audioCodec: undefined },
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
    expect(await code('sound.mp4')).toBe('no-picture');
    expect(await code('half.mp4')).toBe('broken-off');
    expect(['broken-off', 'not-a-video']).toContain(await code('index-last.mp4'));
    expect(await code('missing.mp4')).toBe('not-a-video');
  });
});

describe('taking a file', () => {
  let coach: string;
  beforeEach(async () => {
    await emptyDatabase();
    coach = await seedCoach();
  });
  const streamOf = (bytes: Buffer) => Readable.toWeb(Readable.from([bytes])) as ReadableStream<Uint8Array>;
  const take = (bytes: Buffer, name = 'good.mp4', declared: number | undefined = bytes.length) =>
    receiveFootage(streamOf(bytes), name, declared, coach);
  const leftovers = () => readdirSync(footageFolder()).filter((name) => name.endsWith('.part'));

  it('keeps it once, under a name of our own', async () => {
    const good = readFileSync(file('good.mp4'));
    const first = await take(good, '../../evil <b>.mp4');
    if (!first.ok) throw new Error(first.problem.code);
    expect(first.value).toMatchObject({
      already: false,
      footage: { originalName: 'evil _b_.mp4', byteLength: good.length },
    });
    expect(readFileSync(path.join(footageFolder(), first.value.footage.storageName)).equals(good)).toBe(true);
    const second = await take(good, 'another name.mp4');
    expect(second).toMatchObject({ ok: true, value: { already: true, footage: { id: first.value.footage.id } } });
    expect(leftovers()).toEqual([]);
  });

  it('refuses clearly and leaves nothing behind', async () => {
    const code = async (...args: Parameters<typeof take>) => {
      const taken = await take(...args);
      return taken.ok ? 'taken' : taken.problem.code;
    };
    const before = readdirSync(footageFolder()).length;
    expect(await code(Buffer.alloc(0))).toBe('empty');
    expect(await code(Buffer.alloc(0), 'x.mp4', undefined)).toBe('empty');
    expect(await code(readFileSync(file('words.mp4')))).toBe('not-a-video');
    expect(await code(readFileSync(file('half.mp4')))).toBe('broken-off');
    expect(await code(readFileSync(file('good.mp4')), 'good.mp4', 10_000_000)).toBe('cut-short');
    expect(await code(Buffer.alloc(10), 'huge.mp4', 30 * 1024 * 1024)).toBe('too-large');
    expect(await code(Buffer.alloc(21 * 1024 * 1024), 'huge.mp4', undefined)).toBe('too-large');
    expect(readdirSync(footageFolder()).length).toBe(before);
  });

  it('forgets what a leaving browser had sent', async () => {
    const leaving = new ReadableStream<Uint8Array>({
      start(controller) {
        controller.enqueue(new Uint8Array(1000));
        setTimeout(() => controller.error(new Error('gone')), 20);
      },
    });
    await expect(receiveFootage(leaving, 'x.mp4', 5000, coach)).rejects.toThrow('gone');
    expect(leftovers()).toEqual([]);
  });

  it('serves it whole and in ranges, with validators (RFC 9110)', async () => {
    const good = readFileSync(file('good.mp4'));
    const taken = await take(good);
    if (!taken.ok) throw new Error(taken.problem.code);
    const { footage } = taken.value;
    const get = (headers: Record<string, string> = {}) =>
      serveFootage(footage, new Request('http://owl/file', { headers }));
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
    rmSync(path.join(footageFolder(), footage.storageName));
    expect((await get()).status).toBe(410);
  });
});
