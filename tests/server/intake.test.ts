import { randomBytes, randomUUID } from 'node:crypto';
import {
  chmodSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  openSync,
  readdirSync,
  readFileSync,
  rmSync,
  utimesSync,
  writeFileSync,
  writeSync,
} from 'node:fs';
import { type FileHandle, open } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { pool } from '@/data/client';
import { type ArrivalState, findArrival, insertArrival, listRecentArrivals } from '@/data/footage/arrivals';
import * as footageData from '@/data/footage/footage';
import { findFootage } from '@/data/footage/footage';
import { safeFileName } from '@/server/footage/fileNames';
import { keepFootage } from '@/server/footage/keepFootage';
import { letArrivalGo } from '@/server/footage/letArrivalGo';
import { probeFootage } from '@/server/footage/probe';
import { receiveUpload } from '@/server/footage/receiveUpload';
import { missingRoom } from '@/server/footage/room';
import { arrivingFolder, arrivingPath, inboxFolder, refusedFolder, sizeOf, storedPath } from '@/server/footage/storage';
import { lookAt } from '@/server/jobs/lookAt';
import { finishUploads, giveUpOldUploads, sweepLeftovers } from '@/server/jobs/sweep';
import { takeIn } from '@/server/jobs/takeIn';
import { createInboxWatcher, listInbox } from '@/server/jobs/watchInbox';
import { footageFolder } from '@/server/kernel/environment';
import { hostileTexts } from '../support/hostile';
import { makeHostileFilms } from '../support/hostileFilms';
import { emptyDatabase, seedCoach } from '../support/seed';

const scratch = mkdtempSync(path.join(tmpdir(), 'owl-intake-'));
const file = (name: string) => path.join(scratch, name);
const base = 'http://127.0.0.1/api/arrivals';
let mine: string;
let theirs: string;

beforeAll(() => makeHostileFilms(scratch), 60_000);
afterAll(() => rmSync(scratch, { recursive: true }));
beforeEach(async () => {
  await emptyDatabase();
  mine = await seedCoach('ludo');
  theirs = await seedCoach('felix');
  for (const folder of [arrivingFolder(), footageFolder(), inboxFolder(), refusedFolder()]) {
    rmSync(folder, { recursive: true, force: true });
    mkdirSync(folder, { recursive: true });
  }
});

const meta = (entries: Record<string, string>) =>
  Object.entries(entries)
    .map(([key, value]) => `${key} ${Buffer.from(value).toString('base64')}`)
    .join(',');
const send = (
  method: string,
  address: string,
  headers: Record<string, string> = {},
  body?: Uint8Array<ArrayBuffer>,
  coach = mine,
) => receiveUpload(new Request(address, { method, headers: { 'tus-resumable': '1.0.0', ...headers }, body }), coach);
const create = (id: string, bytes: number, coach = mine, entries: Record<string, string> = {}) =>
  send(
    'POST',
    base,
    { 'upload-length': String(bytes), 'upload-metadata': meta({ id, filename: 'round.mp4', ...entries }) },
    undefined,
    coach,
  );
const patch = (id: string, offset: number, piece: Buffer, coach = mine, length = piece.length) =>
  send(
    'PATCH',
    `${base}/${id}`,
    {
      'upload-offset': String(offset),
      'content-type': 'application/offset+octet-stream',
      'content-length': String(length),
    },
    new Uint8Array(piece),
    coach,
  );
const said = async (response: Response) => [response.status, ((await response.json()) as { code?: string }).code];

async function arrive(
  bytes: Buffer,
  given: { source?: 'upload' | 'camera'; state?: ArrivalState; name?: string; id?: string } = {},
): Promise<string> {
  const { source = 'upload', state = 'waiting', name = 'round.mp4', id = randomUUID() } = given;
  writeFileSync(arrivingPath(id), bytes);
  const coachId = source === 'upload' ? mine : undefined;
  const facts = { id, source, state, originalName: name, byteLength: bytes.length, coachId };
  await insertArrival(pool(), { ...facts, sampleDigest: undefined, recordedAt: undefined });
  return id;
}

describe('the id of an upload', () => {
  it('is nobody else’s to cut, to go on with, or to take away', async () => {
    const id = randomUUID();
    const film = randomBytes(5000);
    await create(id, film.length);
    await patch(id, 0, film.subarray(0, 3000));
    expect(await said(await create(id, 10, theirs))).toEqual([409, 'id-taken']);
    expect(await said(await patch(id, 3000, film.subarray(3000), theirs))).toEqual([404, 'no-such-upload']);
    expect(await said(await send('DELETE', `${base}/${id}`, {}, undefined, theirs))).toEqual([404, 'no-such-upload']);
    expect((await send('HEAD', `${base}/${id}`, {}, undefined, theirs)).status).toBe(404);
    expect(readFileSync(arrivingPath(id)).equals(film.subarray(0, 3000))).toBe(true);
    // Its own page that begins anew (the database was away when it asked how far it was) is shown the way, and nothing is cut.
    const again = await create(id, film.length);
    expect(await again.json()).toEqual({ code: 'begun-already', arrivalId: id });
    expect(await sizeOf(arrivingPath(id))).toBe(3000);
  });

  it('is not that of a film on the shelf, with or without a record of its arrival', async () => {
    const id = await arrive(readFileSync(file('good.mp4')));
    await takeIn(id, 1);
    const stored = storedPath((await findFootage(pool(), id))!.storageName);
    for (const withRecord of [true, false]) {
      if (!withRecord) await pool().query('delete from arrival');
      expect(await said(await create(id, 10)), String(withRecord)).toEqual([409, 'id-taken']);
      expect(readFileSync(stored).equals(readFileSync(file('good.mp4')))).toBe(true);
    }
  });

  it('is a whole id: no sidecar, no folder, no camera’s file', async () => {
    const id = randomUUID();
    await create(id, 100);
    const camera = await arrive(Buffer.from('film'), { source: 'camera' });
    for (const address of [
      `${base}/${id}.json`,
      `${base}/../arriving/${id}`,
      `${base}/x/${id}`,
      `${base}/`,
      `${base}/${camera}`,
    ])
      expect((await send('DELETE', address)).status, address).toBe(404);
    expect([existsSync(`${arrivingPath(id)}.json`), existsSync(arrivingPath(camera))]).toEqual([true, true]);
  });

  it('whose last byte has just come is finished by DELETE, not lost', async () => {
    const id = randomUUID();
    await create(id, 3);
    // The process ended between the last byte and taking note of it.
    writeFileSync(arrivingPath(id), 'abc');
    expect(await said(await send('DELETE', `${base}/${id}`))).toEqual([409, 'finished-already']);
    expect([(await findArrival(pool(), id))?.state, await sizeOf(arrivingPath(id))]).toEqual(['waiting', 3]);
  });

  it('whose file is gone begins anew, instead of asking for ever', async () => {
    const [id, sample] = [randomUUID(), 'a'.repeat(64)];
    await create(id, 100, mine, { sample });
    rmSync(arrivingPath(id));
    expect((await create(randomUUID(), 100, mine, { sample })).status).toBe(201);
    expect(await findArrival(pool(), id)).toBeUndefined();
  });
});

describe('what a page says of its file', () => {
  it('is kept: when it was last changed, and a name that can be shown and stored', async () => {
    const id = randomUUID();
    await create(id, 100, mine, { changedAt: '2026-11-20T18:30:05.000Z' });
    expect((await findArrival(pool(), id))?.recordedAt).toBe('2026-11-20T18:30:05.000Z');
    for (const filename of hostileTexts) {
      const other = randomUUID();
      const created = await create(other, 100, mine, { filename, changedAt: filename });
      expect(created.status, JSON.stringify(filename)).toBe(201);
      const name = (await findArrival(pool(), other))?.originalName ?? '';
      expect(Buffer.byteLength(name)).toBeLessThanOrEqual(180);
      expect(name).not.toMatch(/[\p{Cc}\p{Cf}/\\<>]/u);
    }
  });
});

describe('room', () => {
  it('counts what was promised to the uploads under way, less what is here of them', () => {
    const gib = 1024 ** 3;
    const eight = { byteLength: 8 * gib, receivedBytes: 0 };
    expect(missingRoom(8 * gib, [], 71 * gib, 2 * gib)).toBeLessThan(0);
    expect(
      missingRoom(
        8 * gib,
        Array.from({ length: 8 }, () => eight),
        71 * gib,
        2 * gib,
      ),
    ).toBe(3 * gib);
    expect(
      missingRoom(
        8 * gib,
        Array.from({ length: 8 }, () => ({ ...eight, receivedBytes: 8 * gib })),
        11 * gib,
        2 * gib,
      ),
    ).toBeLessThan(0);
  });

  it('is refused before anything is sent, also to many who ask at once', async () => {
    process.env.OWL_MOST_SHELF_BYTES = '1000000';
    const answers = await Promise.all(Array.from({ length: 12 }, () => create(randomUUID(), 300_000)));
    delete process.env.OWL_MOST_SHELF_BYTES;
    expect(answers.filter((one) => one.status === 201)).toHaveLength(3);
    process.env.OWL_RESERVE_BYTES = String(2 ** 60);
    const full = await create(randomUUID(), 1000);
    expect(await said(full)).toEqual([507, 'disk-full']);
    const id = (await pool().query('select id from arrival limit 1')).rows[0].id as string;
    expect(await said(await patch(id, 0, Buffer.from('abc')))).toEqual([507, 'disk-full']);
    delete process.env.OWL_RESERVE_BYTES;
  });

  it('bounds a piece, whose length must be said', async () => {
    const id = randomUUID();
    await create(id, 1000);
    expect(await said(await patch(id, 0, Buffer.from('abc'), mine, 65 * 1024 * 1024))).toEqual([
      413,
      'piece-too-large',
    ]);
    expect(await said(await send('PATCH', `${base}/${id}`, { 'upload-offset': '0' }, new Uint8Array(3)))).toEqual([
      411,
      'no-length',
    ]);
  });

  it('is given back by what nothing came of for a week, with a word', async () => {
    const id = randomUUID();
    await create(id, 1000);
    await patch(id, 0, Buffer.from('abc'));
    await giveUpOldUploads();
    expect((await findArrival(pool(), id))?.state).toBe('arriving');
    await pool().query("update arrival set changed_at = now() - interval '8 days'");
    await giveUpOldUploads();
    expect(await findArrival(pool(), id)).toMatchObject({ state: 'refused', problem: { code: 'expired' } });
    expect(await sizeOf(arrivingPath(id))).toBeUndefined();
    expect((await listRecentArrivals(pool())).map((one) => one.id)).toEqual([id]);
  });
});

describe('an answer of the upload protocol', () => {
  it('tells a code and nothing of the inside', async () => {
    const id = randomUUID();
    await create(id, 1000);
    chmodSync(arrivingFolder(), 0o500);
    const bodies: string[] = [];
    for (const answer of [
      await send('POST', base, { 'upload-length': 'many' }),
      await send('POST', base, { 'upload-length': '10', 'upload-metadata': '\u00e9' }),
      await send('PATCH', `${base}/${id}`, { 'upload-offset': '-1', 'content-length': '0' }),
      await send('GET', `${base}/${id}`),
      await send('PUT', `${base}/${id}`),
    ])
      bodies.push(await answer.text());
    chmodSync(arrivingFolder(), 0o700);
    for (const body of bodies) expect(body).not.toMatch(/\/|select|insert|ENOENT|Error|<!doctype/i);
  });
});

describe('what a camera sent', () => {
  it('is moved and never deleted when its line is dismissed, however it is called', async () => {
    const long = `${'ü'.repeat(120)}${'x'.repeat(9)}.mov`;
    expect(Buffer.byteLength(long)).toBeGreaterThan(250);
    const id = await arrive(Buffer.from('no film'), { source: 'camera', name: safeFileName(long) });
    await takeIn(id, 1);
    expect((await findArrival(pool(), id))?.state).toBe('refused');
    // A full disk: refused, and still where it arrived.
    const other = await arrive(Buffer.from('another'), { source: 'camera', state: 'refused', name: 'b.mov' });
    await letArrivalGo(id);
    await letArrivalGo(other);
    const kept = readdirSync(refusedFolder()).map((name) => readFileSync(path.join(refusedFolder(), name), 'utf8'));
    expect(kept.sort()).toEqual(['another', 'no film']);
    expect(await listRecentArrivals(pool())).toEqual([]);
  });

  it('is taken out of folders, and under names that are no UTF-8', async () => {
    process.env.OWL_INBOX_SETTLE_SECONDS = '1';
    const folder = path.join(inboxFolder(), 'DCIM', '100MATCM');
    mkdirSync(folder, { recursive: true });
    writeFileSync(path.join(folder, 'one.mov'), '1');
    const raw = Buffer.concat([Buffer.from(`${inboxFolder()}/mat-`), Buffer.from([0xe4, 0xff]), Buffer.from('.mov')]);
    const handle = openSync(raw, 'w');
    writeSync(handle, '22');
    expect((await listInbox()).map((one) => one.name).sort()).toEqual(['DCIM/100MATCM/one.mov', 'mat-äÿ.mov']);
    const inbox = createInboxWatcher(1);
    await inbox.look(0);
    await inbox.look(2000);
    const arrivals = await listRecentArrivals(pool());
    expect(arrivals.map((one) => [one.originalName, one.byteLength, one.state]).sort()).toEqual([
      ['mat-äÿ.mov', 2, 'waiting'],
      ['one.mov', 1, 'waiting'],
    ]);
    expect(await listInbox()).toEqual([]);
  });
});

describe('a film that is not whole', () => {
  it('is refused with the likely reason', async () => {
    const code = async (name: string) => {
      const probed = await probeFootage(file(name));
      return probed.ok ? 'taken' : probed.problem.code;
    };
    expect(await code('one-frame.mp4')).toBe('one-picture');
    expect(await code('index-last.mp4')).toBe('no-index');
    expect(await code('sparse.mp4')).toBe('too-long');
  });

  it('is taken with a word when it is damaged in the middle, about where', async () => {
    const damaged = await arrive(readFileSync(file('damaged.mp4')));
    await takeIn(damaged, 1);
    const good = await arrive(readFileSync(file('good.mp4')));
    await takeIn(good, 1);
    for (const id of [damaged, good])
      expect((await lookAt((await findFootage(pool(), id))!, () => undefined, new AbortController().signal)).ok).toBe(
        true,
      );
    expect((await findFootage(pool(), good))?.damage).toEqual({ aboutSeconds: [] });
    const places = (await findFootage(pool(), damaged))?.damage?.aboutSeconds ?? [];
    expect(places.length).toBeGreaterThan(0);
    for (const place of places) expect(Math.abs(place - 10)).toBeLessThan(9);
  });
});

describe('a process that is killed while it takes a film in', () => {
  const film = () => readFileSync(file('good.mp4'));
  const outcome = async (id: string) => {
    const arrival = await findArrival(pool(), id);
    const footage = arrival?.footageId ? await findFootage(pool(), arrival.footageId) : undefined;
    return [arrival?.state, footage && (await sizeOf(storedPath(footage.storageName))) === film().length];
  };
  /** As it stands after the kill: the arrival goes back on the list and is taken up by another process. */
  const takenUp = async (id: string) => {
    await pool().query("update arrival set state = 'waiting', taken_by = null where id = $1", [id]);
    await takeIn(id, 2);
    return outcome(id);
  };

  it.each(['upload', 'camera'] as const)('loses nothing between any two steps (%s)', async (source) => {
    // Before anything, and between moving and recording.
    for (const step of ['before', 'moved'] as const) {
      const id = await arrive(film(), { source, state: 'checking' });
      if (step === 'moved') {
        writeFileSync(storedPath(`${id}.mp4`), film());
        rmSync(arrivingPath(id));
      }
      expect(await takenUp(id), step).toEqual(['taken', true]);
      await emptyDatabase();
      mine = await seedCoach();
      rmSync(footageFolder(), { recursive: true });
      mkdirSync(footageFolder());
    }
    // After the record, before the arrival and its work were told.
    const recorded = await arrive(film(), { source, state: 'checking' });
    await keepFootage((await findArrival(pool(), recorded))!, () => undefined);
    await pool().query('delete from footage_work');
    expect(await takenUp(recorded)).toEqual(['taken', true]);
    expect((await pool().query('select kind from footage_work')).rows).toEqual([{ kind: 'look' }]);
    // The same bytes again: the second copy goes only after that is on record.
    const again = await arrive(film(), { source, state: 'checking' });
    await keepFootage((await findArrival(pool(), again))!, () => undefined);
    expect(await sizeOf(arrivingPath(again))).toBe(film().length);
    expect(await takenUp(again)).toEqual(['taken', true]);
    expect(await sizeOf(arrivingPath(again))).toBeUndefined();
    // A record whose file is not here, as a package leaves it, takes the file that arrives.
    const { footageId = '' } = (await findArrival(pool(), again)) ?? {};
    const { storageName = '' } = (await findFootage(pool(), footageId)) ?? {};
    rmSync(storedPath(storageName));
    const lacking = await arrive(film(), { source });
    expect(await takenUp(lacking)).toEqual(['taken', true]);
    expect(await sizeOf(arrivingPath(lacking))).toBeUndefined();
  });

  it('after the last byte of an upload leaves one that is finished by the next', async () => {
    const id = await arrive(film(), { state: 'arriving' });
    await finishUploads(Date.now());
    expect((await findArrival(pool(), id))?.state).toBe('arriving');
    await finishUploads(Date.now() + 60_000);
    expect((await findArrival(pool(), id))?.state).toBe('waiting');
  });

  it('leaves half-made files that are swept when nobody writes to them', async () => {
    const [old, fresh] = ['x.looking.mp4.4711.part', 'y.looking.mp4.4712.part'].map((name) => storedPath(name));
    for (const name of [old!, fresh!]) writeFileSync(name, 'half');
    const hourAgo = Date.now() / 1000 - 3600;
    utimesSync(old!, hourAgo, hourAgo);
    const taken = await arrive(film());
    await takeIn(taken, 1);
    writeFileSync(arrivingPath(taken), 'left behind');
    const waiting = await arrive(Buffer.from('still needed'));
    await sweepLeftovers(Date.now());
    expect([old!, fresh!, arrivingPath(taken), arrivingPath(waiting)].map((name) => existsSync(name))).toEqual([
      false,
      true,
      false,
      true,
    ]);
  });
});

describe('a power cut', () => {
  it('finds a film on the disk before its record: bytes and folder are synced first', async () => {
    const steps: string[] = [];
    const probe = await open(file('good.mp4'));
    const prototype = Object.getPrototypeOf(probe) as FileHandle;
    await probe.close();
    const sync = vi.spyOn(prototype, 'sync').mockImplementation(async function (this: FileHandle) {
      steps.push((await this.stat()).isDirectory() ? 'folder' : 'bytes');
    });
    const record = vi.spyOn(footageData, 'insertFootage');
    try {
      const id = await arrive(readFileSync(file('good.mp4')), { state: 'checking' });
      record.mockImplementation(async () => {
        steps.push('record');
        return 0;
      });
      await keepFootage((await findArrival(pool(), id))!, () => undefined).catch(() => undefined);
    } finally {
      sync.mockRestore();
      record.mockRestore();
    }
    expect(steps).toEqual(['bytes', 'folder', 'record']);
  });
});
