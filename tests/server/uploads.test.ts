import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { beforeEach, describe, expect, it } from 'vitest';
import { pool } from '@/data/client';
import { findArrival } from '@/data/footage/arrivals';
import { receiveUpload } from '@/server/footage/receiveUpload';
import { arrivingPath, sampleDigestOf, sizeOf, storedPath } from '@/server/footage/storage';
import { footageFolder } from '@/server/kernel/environment';
import { emptyDatabase, seedCoach } from '../support/seed';

// The protocol is tus 1.0.0: creation, HEAD for the offset, PATCH to go on, the checksum extension, termination.
const base = 'http://127.0.0.1/api/arrivals';
const meta = (entries: Record<string, string>) =>
  Object.entries(entries)
    .map(([key, value]) => `${key} ${Buffer.from(value).toString('base64')}`)
    .join(',');
let coachId: string;
beforeEach(async () => {
  await emptyDatabase();
  coachId = await seedCoach();
});

const send = (method: string, address: string, headers: Record<string, string> = {}, body?: Uint8Array<ArrayBuffer>) =>
  receiveUpload(new Request(address, { method, headers: { 'tus-resumable': '1.0.0', ...headers }, body }), coachId);
const create = (bytes: number, entries: Record<string, string> = {}, id: string = randomUUID()) =>
  send('POST', base, {
    'upload-length': String(bytes),
    'upload-metadata': meta({ id, filename: 'round.mp4', ...entries }),
  });
const patch = (id: string, offset: number, piece: Buffer, more: Record<string, string> = {}) =>
  send(
    'PATCH',
    `${base}/${id}`,
    {
      'upload-offset': String(offset),
      'content-type': 'application/offset+octet-stream',
      'content-length': String(piece.length),
      ...more,
    },
    new Uint8Array(piece),
  );
const checksum = (piece: Buffer) => ({
  'upload-checksum': `sha256 ${createHash('sha256').update(piece).digest('base64')}`,
});
const codeOf = async (response: Response) => ((await response.json()) as { code: string }).code;

describe('a resumable upload', () => {
  it('goes on from the same byte, and waits to be looked at when it is whole', async () => {
    const id = randomUUID();
    const film = randomBytes(300_000);
    const created = await create(film.length, { filename: '../../etc/evil <b>.mp4' }, id);
    expect([created.status, created.headers.get('location')]).toEqual([201, `/api/arrivals/${id}`]);
    expect(await findArrival(pool(), id)).toMatchObject({ state: 'arriving', originalName: 'evil _b_.mp4', coachId });
    expect((await patch(id, 0, film.subarray(0, 100_000), checksum(film.subarray(0, 100_000)))).status).toBe(204);
    const head = await send('HEAD', `${base}/${id}`);
    expect(head.headers.get('upload-offset')).toBe('100000');
    expect((await patch(id, 50_000, film.subarray(50_000))).status).toBe(409);
    const last = await patch(id, 100_000, film.subarray(100_000), checksum(film.subarray(100_000)));
    expect([last.status, last.headers.get('upload-offset')]).toEqual([204, '300000']);
    expect(readFileSync(arrivingPath(id)).equals(film)).toBe(true);
    expect((await findArrival(pool(), id))?.state).toBe('waiting');
    const { rows } = await pool().query('select count(*)::int as tasks from graphile_worker.jobs where key = $1', [
      `take-in:${id}`,
    ]);
    expect(rows[0].tasks).toBe(1);
  });

  it('keeps nothing of a piece that was damaged on the way', async () => {
    const id = randomUUID();
    const film = randomBytes(50_000);
    await create(film.length, {}, id);
    const damaged = Buffer.from(film);
    damaged[12_345]! ^= 1;
    const refused = await patch(id, 0, damaged, checksum(film));
    expect([refused.status, await codeOf(refused)]).toEqual([460, 'checksum-mismatch']);
    expect(await sizeOf(arrivingPath(id))).toBe(0);
    expect((await patch(id, 0, film, { 'upload-checksum': 'md5 xyz' })).status).toBe(400);
    expect((await patch(id, 0, film, checksum(film))).status).toBe(204);
  });

  it('knows a film that is here, and one that was begun, before any of it is sent', async () => {
    const film = randomBytes(3_000_000);
    const id = randomUUID();
    writeFileSync(arrivingPath('sample'), film);
    const sample = await sampleDigestOf(arrivingPath('sample'));
    const expected = createHash('sha256')
      .update(film.subarray(0, 1_048_576))
      .update(film.subarray(film.length - 1_048_576))
      .update(Buffer.from([0, 0, 0, 0, 0, 0x2d, 0xc6, 0xc0]))
      .digest('hex');
    expect(sample).toBe(expected);
    await create(film.length, { sample }, id);
    const again = await create(film.length, { sample });
    expect(again.status).toBe(409);
    expect(await again.json()).toEqual({ code: 'begun-already', arrivalId: id });
    await pool().query(
      `insert into footage (id, original_name, storage_name, byte_length, sha256, duration_seconds, frame_rate_numerator, frame_rate_denominator,
         width, height, container, video_codec, sample_digest) values ($1, 'old.mp4', 'old.mp4', 1, '\\x00', 1, 25, 1, 2, 2, 'mp4', 'h264', decode($2, 'hex'))`,
      [randomUUID(), sample],
    );
    // A record without its file, as a package leaves it, keeps no film out.
    expect(await (await create(film.length, { sample })).json()).toMatchObject({ code: 'begun-already' });
    mkdirSync(footageFolder(), { recursive: true });
    writeFileSync(storedPath('old.mp4'), 'x');
    expect(await (await create(film.length, { sample })).json()).toMatchObject({
      code: 'here-already',
      name: 'old.mp4',
    });
  });

  it('begins anew after the server was killed while it began, or its record was cut short', async () => {
    const film = randomBytes(3000);
    writeFileSync(arrivingPath('begun'), film);
    const sample = await sampleDigestOf(arrivingPath('begun'));
    for (const left of [undefined, '', '{"id":']) {
      const id = randomUUID();
      expect((await create(film.length, { sample }, id)).status).toBe(201);
      if (left === undefined) rmSync(`${arrivingPath(id)}.json`);
      else writeFileSync(`${arrivingPath(id)}.json`, left);
      expect((await send('HEAD', `${base}/${id}`)).status).toBe(404);
      // A page asks again, under an id of its own or under the same.
      const again = left === undefined ? id : randomUUID();
      expect((await create(film.length, { sample }, again)).status).toBe(201);
      if (again !== id) expect(await sizeOf(arrivingPath(id))).toBeUndefined();
      expect((await patch(again, 0, film, checksum(film))).status).toBe(204);
      expect(readFileSync(arrivingPath(again)).equals(film)).toBe(true);
      await pool().query('delete from arrival');
    }
  });

  it('refuses what is empty, too large, nameless, or more than the shelf and the disk hold', async () => {
    expect(await codeOf(await create(0))).toBe('empty');
    const large = await create(21 * 1024 * 1024);
    expect([large.status, await codeOf(large)]).toEqual([413, 'too-large']);
    expect((await create(100, {}, '../../etc/passwd')).status).toBe(400);
    process.env.OWL_MOST_SHELF_BYTES = '1000000';
    await create(900_000);
    const full = await create(200_000);
    delete process.env.OWL_MOST_SHELF_BYTES;
    expect([full.status, await codeOf(full)]).toEqual([507, 'shelf-full']);
  });

  it('is thrown away when it is given up, and never after it is whole', async () => {
    const id = randomUUID();
    const film = randomBytes(1000);
    await create(film.length, {}, id);
    expect((await send('DELETE', `${base}/${id}`)).status).toBe(204);
    expect(await findArrival(pool(), id)).toBeUndefined();
    expect(await sizeOf(arrivingPath(id))).toBeUndefined();
    expect((await patch(id, 0, film)).status).toBe(404);
    expect((await send('HEAD', `${base}/${randomUUID()}`)).status).toBe(404);
  });
});
