import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import {
  DeleteObjectCommand,
  HeadObjectCommand,
  PutObjectCommand,
  S3Client,
  UploadPartCommand,
} from '@aws-sdk/client-s3';
import S3rver from 's3rver';
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { pool } from '@/data/client';
import { findElsewhere, listElsewhere, noteUsed } from '@/data/footage/filmsElsewhere';
import { insertFootage } from '@/data/footage/footage';
import { makeBackup } from '@/server/backup/makeBackup';
import { storePath } from '@/server/backup/manifest';
import { serveStored } from '@/server/footage/serveStored';
import { arrivingFolder, storedPath } from '@/server/footage/storage';
import { takePicture } from '@/server/footage/takePicture';
import { dataFolder, footageFolder } from '@/server/kernel/environment';
import { carryFilms } from '@/server/store/carryFilms';
import { bringFilmHere, dropStored, filmSize } from '@/server/store/films';
import { storeSettings } from '@/server/store/storeSettings';
import { ffmpeg, h264 } from '../support/films';
import { emptyDatabase } from '../support/seed';

/* A small S3-compatible server of the registry on loopback stands for the store elsewhere. */
const never = new AbortController().signal;
const MiB = 1024 * 1024;
const directory = mkdtempSync(path.join(tmpdir(), 'owl-store-'));
const server = new S3rver({
  ...{ port: 0, address: '127.0.0.1', silent: true, directory },
  configureBuckets: [{ name: 'films' }],
});
let client: S3Client;
beforeAll(async () => {
  const { port } = await server.run();
  const named = {
    ENDPOINT: `http://127.0.0.1:${port}`,
    BUCKET: 'films',
    KEY: 'S3RVER',
    SECRET: 'S3RVER',
    PREFIX: 'owl/',
  };
  for (const [name, value] of Object.entries(named)) process.env[`OWL_S3_${name}`] = value;
  client = new S3Client({
    ...{ endpoint: named.ENDPOINT, region: 'us-east-1', forcePathStyle: true },
    credentials: { accessKeyId: 'S3RVER', secretAccessKey: 'S3RVER' },
  });
});
afterAll(async () => {
  for (const name of ['ENDPOINT', 'BUCKET', 'KEY', 'SECRET', 'PREFIX']) delete process.env[`OWL_S3_${name}`];
  await server.close();
  rmSync(directory, { recursive: true, force: true });
});
beforeEach(async () => {
  await emptyDatabase();
  await pool().query('delete from film_elsewhere');
});
afterEach(() => {
  delete process.env.OWL_FILMS;
  delete process.env.OWL_FILMS_HERE_BYTES;
  vi.restoreAllMocks();
});

/** A file of these bytes on the shelf. */
async function shelve(bytes: Buffer): Promise<string> {
  const id = randomUUID();
  const storageName = `${id}.mp4`;
  mkdirSync(footageFolder(), { recursive: true });
  writeFileSync(storedPath(storageName), bytes);
  const sha256 = createHash('sha256').update(bytes).digest('hex');
  await insertFootage(
    pool(),
    {
      ...{ id, originalName: 'film.mp4', storageName, byteLength: bytes.length, sha256 },
      ...{ durationSeconds: 10, frameRate: { numerator: 30, denominator: 1 }, width: 640, height: 360 },
      ...{ container: 'mp4', videoCodec: 'h264', audioCodec: undefined },
    },
    undefined,
  );
  return storageName;
}
const isHere = (name: string) => existsSync(storedPath(name));
const away = async () => (await listElsewhere(pool())).map((one) => one.storageName);
/** Lets nothing stay here. */
const onlyElsewhere = async () => {
  process.env.OWL_FILMS_HERE_BYTES = '0';
  await carryFilms(never);
};

describe('films that lie elsewhere', () => {
  it('are carried there whole, large ones in parts; those that were used last stay here as well, and all come home again', async () => {
    const bytes = [randomBytes(5), randomBytes(40 * MiB), randomBytes(3 * MiB)];
    const names = [];
    for (const one of bytes) names.push(await shelve(one));
    const [small = '', large = '', middle = ''] = names;
    await carryFilms(never);
    expect((await away()).sort()).toEqual([...names].sort());
    expect(names.map(isHere)).toEqual([true, true, true]);
    // Room for two of them: whatever nobody used for longest goes first.
    for (const one of [large, small, middle]) await noteUsed(pool(), one);
    process.env.OWL_FILMS_HERE_BYTES = String(4 * MiB);
    await carryFilms(never);
    expect(names.map(isHere)).toEqual([true, false, true]);
    expect(await filmSize(large)).toBe(40 * MiB);
    await onlyElsewhere();
    expect(names.map(isHere)).toEqual([false, false, false]);
    for (const [at, name] of names.entries())
      expect(readFileSync(await bringFilmHere(name, never)).equals(bytes[at] ?? Buffer.of())).toBe(true);
    await onlyElsewhere();
    process.env.OWL_FILMS = 'here';
    await carryFilms(never);
    expect(await away()).toEqual([]);
    for (const [at, name] of names.entries())
      expect(readFileSync(storedPath(name)).equals(bytes[at] ?? Buffer.of())).toBe(true);
    // Nothing of them is left there.
    for (const name of names)
      await expect(client.send(new HeadObjectCommand({ Bucket: 'films', Key: `owl/${name}` }))).rejects.toThrow();
  });

  it('are looked at by ranges from where they are', async () => {
    const bytes = randomBytes(2 * MiB + 7);
    const name = await shelve(bytes);
    await onlyElsewhere();
    const ask = (headers: Record<string, string> = {}, method = 'GET') =>
      serveStored(name, 'a'.repeat(64), new Request('http://x/', { headers, method }));
    const whole = await ask();
    expect([whole.status, whole.headers.get('content-length')]).toEqual([200, String(bytes.length)]);
    expect(Buffer.from(await whole.arrayBuffer()).equals(bytes)).toBe(true);
    for (const [range, first, last] of [
      ['bytes=0-99', 0, 99],
      ['bytes=1048570-1048599', 1048570, 1048599],
      ['bytes=-5', bytes.length - 5, bytes.length - 1],
      [`bytes=${bytes.length - 3}-`, bytes.length - 3, bytes.length - 1],
    ] as const) {
      const part = await ask({ range });
      expect([part.status, part.headers.get('content-range')]).toEqual([206, `bytes ${first}-${last}/${bytes.length}`]);
      expect(Buffer.from(await part.arrayBuffer()).equals(bytes.subarray(first, last + 1)), range).toBe(true);
    }
    expect((await ask({ range: 'bytes=99999999-' })).status).toBe(416);
    expect((await ask({}, 'HEAD')).headers.get('content-length')).toBe(String(bytes.length));
    expect(isHere(name)).toBe(false);
  });

  it('go on with the next part where carrying them was broken off', async () => {
    const bytes = randomBytes(50 * MiB);
    const name = await shelve(bytes);
    const send = S3Client.prototype.send;
    let parts = 0;
    const spy = vi.spyOn(S3Client.prototype, 'send').mockImplementation(function (this: S3Client, ...args: never[]) {
      if ((args[0] as unknown) instanceof UploadPartCommand) {
        parts += 1;
        if (parts === 3) return Promise.reject(new Error('the line is down')) as never;
      }
      return (send as (...all: never[]) => never).apply(this, args);
    } as never);
    await expect(carryFilms(never)).rejects.toThrow('the line is down');
    expect([await findElsewhere(pool(), name), isHere(name)]).toEqual([undefined, true]);
    expect(existsSync(path.join(arrivingFolder(), `elsewhere-${name}.json`))).toBe(true);
    parts = 10;
    await carryFilms(never);
    // Two of four were there already.
    expect(parts).toBe(12);
    spy.mockRestore();
    expect(existsSync(path.join(arrivingFolder(), `elsewhere-${name}.json`))).toBe(false);
    await onlyElsewhere();
    expect(readFileSync(await bringFilmHere(name, never)).equals(bytes)).toBe(true);
  });

  it('are carried in turns: one that takes too long ends without harm', async () => {
    const name = await shelve(randomBytes(40 * MiB));
    await carryFilms(never, 1);
    expect(isHere(name)).toBe(true);
    await carryFilms(never);
    expect(await away()).toEqual([name]);
  });

  it('stay where they are when the store gives other bytes, or does not answer', async () => {
    const bytes = randomBytes(1000);
    const name = await shelve(bytes);
    await onlyElsewhere();
    await client.send(new PutObjectCommand({ Bucket: 'films', Key: `owl/${name}`, Body: Buffer.alloc(1000) }));
    process.env.OWL_FILMS = 'here';
    await expect(carryFilms(never)).rejects.toThrow('other bytes');
    expect([await away(), isHere(name)]).toEqual([[name], false]);
    await client.send(new DeleteObjectCommand({ Bucket: 'films', Key: `owl/${name}` }));
    const answer = await serveStored(
      name,
      'a'.repeat(64),
      new Request('http://x/', { headers: { range: 'bytes=0-9' } }),
    );
    expect(answer.status).toBe(503);
    expect(readFileSync(storedPath(await shelve(bytes.subarray(1)))).length).toBe(999);
  });

  it('are worked on, backed up and taken away like those that lie here', async () => {
    const file = path.join(directory, 'film.mp4');
    ffmpeg('-f', 'lavfi', '-i', 'testsrc2=size=320x180:rate=30:duration=2', ...h264, file);
    const name = await shelve(readFileSync(file));
    await onlyElsewhere();
    expect((await takePicture(name, 1, never))?.subarray(0, 2)).toEqual(Buffer.from([0xff, 0xd8]));
    expect(isHere(name)).toBe(true);
    await onlyElsewhere();
    const backups = path.join(directory, 'backups');
    const backUp = () =>
      makeBackup({
        ...{ database: pool(), databaseUrl: process.env.OWL_DATABASE_URL ?? '', dataFolder: dataFolder() },
        ...{ folder: backups, most: 3, signal: never },
      });
    const made = await backUp();
    if (!made.ok) throw new Error(made.problem.code);
    const kept = made.value.manifest.files.find((one) => one.path === `footage/${name}`);
    expect(readFileSync(storePath(backups, kept?.sha256 ?? '')).equals(readFileSync(file))).toBe(true);
    // Brought here for the copy only, and not again for the next one.
    expect(isHere(name)).toBe(false);
    const get = vi.spyOn(S3Client.prototype, 'send');
    const again = await backUp();
    expect(again.ok && again.value.manifest.files.some((one) => one.path === `footage/${name}`)).toBe(true);
    expect(get).not.toHaveBeenCalled();
    get.mockRestore();
    await dropStored(name);
    expect([await away(), await filmSize(name)]).toEqual([[], undefined]);
  });
});

it('a store that is only half named says what is lacking', () => {
  const { OWL_S3_SECRET: secret } = process.env;
  delete process.env.OWL_S3_SECRET;
  expect(() => storeSettings()).toThrow('OWL_S3_SECRET');
  process.env.OWL_S3_SECRET = secret;
});
