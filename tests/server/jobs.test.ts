import { execFileSync, spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import {
  appendFileSync,
  copyFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { proposeRounds } from '@/core/footage';
import { pool } from '@/data/client';
import { listRecentArrivals } from '@/data/footage/arrivals';
import { findFootage, insertFootage } from '@/data/footage/footage';
import { countWorkers, silenceSeconds } from '@/data/footage/queue';
import { findSignals } from '@/data/footage/signals';
import { cancelWork, findWork, putWork } from '@/data/footage/work';
import { probeFootage } from '@/server/footage/probe';
import { inboxFolder, sizeOf, storedPath } from '@/server/footage/storage';
import { doWork } from '@/server/jobs/doWork';
import { FfmpegKilled, runFfmpeg } from '@/server/jobs/ffmpeg';
import { lookAt } from '@/server/jobs/lookAt';
import { makeProxy } from '@/server/jobs/makeProxy';
import { queueWork } from '@/server/jobs/queueWork';
import { createLife, runWorker } from '@/server/jobs/runWorker';
import { createInboxWatcher, listInbox, resumeClaims } from '@/server/jobs/watchInbox';
import { footageFolder } from '@/server/kernel/environment';
import { runCamera } from '../../demo/camera';
import { ffmpeg, makeSession } from '../support/films';
import { emptyDatabase } from '../support/seed';

const scratch = mkdtempSync(path.join(tmpdir(), 'owl-jobs-'));
const session = path.join(scratch, 'session.mov');
const rounds = [
  { startSeconds: 6, endSeconds: 66, endBell: true },
  { startSeconds: 90, endSeconds: 150, endBell: true },
];
beforeAll(() => {
  makeSession(session, rounds, 170, [
    '-c:v',
    'libx265',
    '-preset',
    'ultrafast',
    '-x265-params',
    'log-level=none:keyint=300',
    '-pix_fmt',
    'yuv420p10le',
    '-tag:v',
    'hvc1',
  ]);
});
afterAll(() => rmSync(scratch, { recursive: true }));

async function shelve(file: string): Promise<string> {
  const facts = await probeFootage(file);
  if (!facts.ok) throw new Error(facts.problem.code);
  const id = randomUUID();
  mkdirSync(footageFolder(), { recursive: true });
  copyFileSync(file, storedPath(`${id}.mov`));
  await insertFootage(
    pool(),
    {
      id,
      originalName: path.basename(file),
      storageName: `${id}.mov`,
      byteLength: statSync(file).size,
      sha256: randomUUID().replaceAll('-', '').repeat(2),
      ...facts.value,
    },
    undefined,
  );
  return id;
}
const until = (holds: () => Promise<boolean>) => expect.poll(holds).toBe(true);
const leftovers = () => readdirSync(footageFolder()).filter((name) => name.endsWith('.part'));
const never = new AbortController().signal;

beforeEach(async () => {
  await emptyDatabase();
  await pool().query(
    'select graphile_worker.remove_job(key) from graphile_worker.jobs where key is not null and locked_at is null',
  );
});

describe('what is made of a file', () => {
  it('is a filmstrip, the bells and the movement, from which its rounds are proposed', async () => {
    const id = await shelve(session);
    const footage = (await findFootage(pool(), id))!;
    const told: number[] = [];
    expect(await lookAt(footage, (ratio) => told.push(ratio), never)).toEqual({ ok: true, value: undefined });
    expect(Math.max(...told)).toBeGreaterThan(0.95);
    const looked = (await findFootage(pool(), id))!;
    // Upright: the pictures of the strip are, too.
    expect(looked.filmstrip).toMatchObject({ everySeconds: 1, columns: 20, height: 72, width: 40 });
    expect(readFileSync(storedPath(looked.filmstrip!.storageName)).subarray(0, 2).toString('hex')).toBe('ffd8');
    expect(statSync(storedPath(looked.filmstrip!.posterName!)).size).toBeGreaterThan(200);
    const signals = (await findSignals(pool(), id))!;
    expect(signals.motion.length).toBeCloseTo(170 * 4, -1);
    expect(signals.loudness.length).toBeCloseTo(170 * 10, -1);
    const proposed = proposeRounds(signals.bursts, { perSecond: signals.motionPerSecond, values: signals.motion }, 170);
    expect(proposed.map((one) => [one.reason, one.plannedSeconds])).toEqual([
      ['bell-to-bell', 60],
      ['bell-to-bell', 60],
    ]);
    for (const [index, round] of rounds.entries()) {
      expect(Math.abs(proposed[index]!.startSeconds - round.startSeconds)).toBeLessThan(0.1);
      expect(Math.abs(proposed[index]!.endSeconds - round.endSeconds)).toBeLessThan(0.1);
    }
  });

  it('of three hours gives one strip that still fits one image, and is looked through in one pass', async () => {
    const file = path.join(scratch, 'long.mp4');
    ffmpeg(
      ...[
        '-f',
        'lavfi',
        '-i',
        'color=c=gray:s=64x36:r=2:d=10800',
        '-f',
        'lavfi',
        '-i',
        'anullsrc=r=8000:cl=mono:d=10800',
      ],
      ...['-c:v', 'libx264', '-preset', 'ultrafast', '-c:a', 'aac', '-b:a', '8k', '-shortest', file],
    );
    const id = await shelve(file);
    expect(await lookAt((await findFootage(pool(), id))!, () => undefined, never)).toEqual({
      ok: true,
      value: undefined,
    });
    const looked = (await findFootage(pool(), id))!;
    expect(looked.durationSeconds).toBeGreaterThan(10_790);
    expect(looked.filmstrip).toMatchObject({ everySeconds: 18, count: 600 });
    const signals = (await findSignals(pool(), id))!;
    expect(signals.motion.length).toBeCloseTo(10_800 * 4, -2);
    const motion = { perSecond: signals.motionPerSecond, values: signals.motion };
    expect(proposeRounds(signals.bursts, motion, looked.durationSeconds).length).toBeLessThanOrEqual(1);
  });

  it('is a copy that browsers play and step: even rate, short key distance, upright, eight bits; the original stays', async () => {
    const id = await shelve(session);
    const footage = (await findFootage(pool(), id))!;
    const before = readFileSync(storedPath(footage.storageName));
    expect(await makeProxy(footage, () => undefined, never)).toEqual({ ok: true, value: undefined });
    const { proxy } = (await findFootage(pool(), id))!;
    const made = await probeFootage(storedPath(proxy!.storageName));
    expect(made).toMatchObject({
      ok: true,
      value: {
        width: 180,
        height: 320,
        videoCodec: 'h264',
        audioCodec: 'aac',
        frameRate: { numerator: 30, denominator: 1 },
        picture: { pixelFormat: 'yuv420p', mostKeyDistance: 15, variableRate: false, rotation: 0 },
      },
    });
    expect(made.ok && Math.abs(made.value.durationSeconds - footage.durationSeconds)).toBeLessThan(0.1);
    expect(readFileSync(storedPath(footage.storageName)).equals(before)).toBe(true);
    expect(leftovers()).toEqual([]);
  });

  it('is at most 720 lines, whichever way the picture stands', async () => {
    for (const [shape, wanted] of [
      ['1920x1080', [1280, 720]],
      ['1080x1920', [720, 1280]],
      ['641x359', [640, 358]],
    ] as const) {
      const file = path.join(scratch, `${shape}.mov`);
      ffmpeg(
        '-f',
        'lavfi',
        '-i',
        `testsrc2=size=${shape}:rate=30:duration=1`,
        '-c:v',
        'libx264',
        '-pix_fmt',
        'yuv444p',
        file,
      );
      const footage = (await findFootage(pool(), await shelve(file)))!;
      expect((await makeProxy(footage, () => undefined, never)).ok).toBe(true);
      const made = await probeFootage(storedPath((await findFootage(pool(), footage.id))!.proxy!.storageName));
      expect(made.ok && [made.value.width, made.value.height]).toEqual(wanted);
    }
  });

  it('keeps the even rate of uneven films, and the sound in its place', async () => {
    const file = path.join(scratch, 'uneven.mov');
    ffmpeg(
      '-f',
      'lavfi',
      '-i',
      'testsrc2=size=320x180:rate=30:duration=6',
      '-vf',
      "select='mod(n,7)'",
      '-fps_mode',
      'vfr',
      '-c:v',
      'libx264',
      '-pix_fmt',
      'yuv420p',
      file,
    );
    const footage = (await findFootage(pool(), await shelve(file)))!;
    expect((await makeProxy(footage, () => undefined, never)).ok).toBe(true);
    const made = await probeFootage(storedPath((await findFootage(pool(), footage.id))!.proxy!.storageName));
    expect(made).toMatchObject({ ok: true, value: { picture: { variableRate: false }, audioCodec: undefined } });
  });
});

describe('work in the background', () => {
  it('is cancelled in the middle, with nothing left behind, and can be begun again', async () => {
    const id = await shelve(session);
    await putWork(pool(), id, 'proxy');
    const working = doWork('proxy', id, 7, makeProxy);
    await until(async () => ((await findWork(pool(), id, 'proxy'))?.progress ?? 0) > 0);
    await cancelWork(pool(), id, 'proxy');
    await working;
    expect(await findWork(pool(), id, 'proxy')).toMatchObject({ state: 'cancelled' });
    expect((await findFootage(pool(), id))?.proxy).toBeUndefined();
    expect(leftovers()).toEqual([]);
    await queueWork(id, 'proxy');
    expect(await findWork(pool(), id, 'proxy')).toMatchObject({ state: 'waiting', attempts: 0 });
  });

  it('is tried three times when the program is killed, and then says so', async () => {
    const id = await shelve(session);
    await putWork(pool(), id, 'look');
    const killed = async () => {
      throw new FfmpegKilled('killed');
    };
    for (const _try of [1, 2]) {
      await expect(doWork('look', id, 7, killed)).rejects.toThrow(FfmpegKilled);
      expect(await findWork(pool(), id, 'look')).toMatchObject({ state: 'waiting', problem: { code: 'interrupted' } });
    }
    await doWork('look', id, 7, killed);
    expect(await findWork(pool(), id, 'look')).toMatchObject({
      state: 'failed',
      attempts: 3,
      problem: { code: 'interrupted' },
    });
  });

  it('tells a full disk, a film that cannot be read, and a killed program apart', async () => {
    const copy = ['-i', session, '-map', '0:v', '-c', 'copy', '-f', 'matroska'];
    expect(await runFfmpeg({ args: [...copy, '/dev/full'], signal: never })).toEqual({
      ok: false,
      problem: { code: 'disk-full' },
    });
    const words = path.join(scratch, 'words.mp4');
    writeFileSync(words, 'shopping list\n'.repeat(1000));
    expect(await runFfmpeg({ args: ['-i', words, '-f', 'null', '-'], signal: never })).toMatchObject({
      ok: false,
      problem: { code: 'cannot-decode' },
    });
    const slow = runFfmpeg({ args: ['-re', '-i', session, '-f', 'null', '-'], signal: never });
    const programs = () =>
      execFileSync('sh', ['-c', `pgrep -f '[f]fmpeg.*-re -i ${session}' || true`], { encoding: 'utf8' }).trim();
    await until(async () => programs() !== '');
    execFileSync('pkill', ['-KILL', '-f', `ffmpeg.*-re -i ${session}`]);
    await expect(slow).rejects.toThrow(FfmpegKilled);
    const stop = new AbortController();
    const stopped = runFfmpeg({ args: ['-re', '-i', session, '-f', 'null', '-'], signal: stop.signal });
    setTimeout(() => stop.abort(), 300);
    await expect(stopped).rejects.toThrow();
  });

  it('is done by several workers, each piece once, and taken over from one that died', async () => {
    const ids = [await shelve(session), await shelve(session), await shelve(session)];
    // What a dead process had begun: nobody holds its number.
    await putWork(pool(), ids[0]!, 'look');
    await pool().query(
      "update footage_work set state = 'running', taken_by = 4711, attempts = 1 where footage_id = $1",
      [ids[0]],
    );
    for (const id of ids.slice(1)) await queueWork(id, 'look');
    const said: string[] = [];
    const options = { atOnce: 1, watchesInbox: false, say: (text: string) => void said.push(text) };
    const workers = [await runWorker(options), await runWorker(options)];
    expect(await countWorkers(pool())).toBe(2);
    await until(async () =>
      (await Promise.all(ids.map((id) => findWork(pool(), id, 'look')))).every((one) => one?.state === 'done'),
    );
    for (const id of ids) expect(await findSignals(pool(), id)).toBeDefined();
    // The process that died was no try of the work.
    expect((await findWork(pool(), ids[0]!, 'look'))?.attempts).toBe(1);
    expect((await findWork(pool(), ids[1]!, 'look'))?.attempts).toBe(1);
    await Promise.all(workers.map((worker) => worker.stop()));
    expect(await countWorkers(pool())).toBe(0);
    // Two that begin at once may stand in each other's way in the queue package's own tidying, and a slow database keeps it waiting: it says so and tries again.
    expect(said.filter((line) => !/^Failed to reset locked;|trying again in|restarting in/.test(line))).toEqual([]);
  });

  it('is handed back when its process is told to stop: no try, no program left running, and the next one does it', async () => {
    const id = await shelve(session);
    await queueWork(id, 'proxy');
    const options = { atOnce: 1, watchesInbox: false, say: () => undefined };
    const first = await runWorker(options);
    const programs = () =>
      execFileSync('sh', ['-c', `pgrep -f '[f]fmpeg.*${id}' || true`], { encoding: 'utf8' }).trim();
    await until(async () => ((await findWork(pool(), id, 'proxy'))?.progress ?? 0) > 0);
    expect(programs()).not.toBe('');
    await first.stop();
    expect(await findWork(pool(), id, 'proxy')).toMatchObject({ state: 'waiting', attempts: 0, problem: undefined });
    await until(async () => programs() === '');
    expect(leftovers()).toEqual([]);
    const second = await runWorker(options);
    await until(async () => (await findWork(pool(), id, 'proxy'))?.state === 'done');
    expect((await findWork(pool(), id, 'proxy'))?.attempts).toBe(1);
    await second.stop();
  });

  it('takes its program along when its process is killed', async () => {
    const script = `import { runFfmpeg } from ${JSON.stringify(path.resolve('src/server/jobs/ffmpeg.ts'))};
      await runFfmpeg({ args: ['-re', '-i', ${JSON.stringify(session)}, '-metadata', 'title=orphan', '-f', 'null', '-'], signal: new AbortController().signal });`;
    const child = spawn(process.execPath, ['--import', 'tsx', '--input-type=module', '-e', script], {
      stdio: 'ignore',
    });
    const programs = () =>
      execFileSync('sh', ['-c', 'pgrep -x ffmpeg -a | grep title=orphan || true'], { encoding: 'utf8' }).trim();
    await until(async () => programs() !== '');
    child.kill('SIGKILL');
    await until(async () => programs() === '');
  });

  it('is not taken over right after an outage, in which everybody was silent', async () => {
    let away = false;
    const life = createLife(1, async () => {
      if (away) throw new Error('away');
    });
    expect(await life.beat(0)).toBe(true);
    away = true;
    await expect(life.beat(1000)).rejects.toThrow('away');
    away = false;
    expect(await life.beat(60_000)).toBe(false);
    expect(await life.beat(60_000 + silenceSeconds() * 1000 - 1)).toBe(false);
    expect(await life.beat(60_000 + silenceSeconds() * 1000)).toBe(true);
  });

  it('fails for good when it has ended very many processes', async () => {
    const id = await shelve(session);
    await putWork(pool(), id, 'look');
    await pool().query(
      "update footage_work set state = 'running', taken_by = 4711, attempts = 1, deaths = 9 where footage_id = $1",
      [id],
    );
    const worker = await runWorker({ atOnce: 1, watchesInbox: false, say: () => undefined });
    await until(async () => (await findWork(pool(), id, 'look'))?.state === 'failed');
    await worker.stop();
  });
});

describe('the camera’s inbox', () => {
  beforeEach(() => {
    process.env.OWL_INBOX_SETTLE_SECONDS = '2';
    rmSync(inboxFolder(), { recursive: true, force: true });
    mkdirSync(inboxFolder(), { recursive: true });
  });
  const lay = (name: string, bytes: Buffer | string = readFileSync(session)) =>
    writeFileSync(path.join(inboxFolder(), name), bytes);

  it('waits for a file that still grows, and takes it when it rests', async () => {
    const inbox = createInboxWatcher(1);
    lay('mat-1 2026-11-20 18-30-05.mov', 'begin');
    lay('.hidden.mov', 'x');
    lay('half.mov.part', 'x');
    await inbox.look(1000);
    appendFileSync(path.join(inboxFolder(), 'mat-1 2026-11-20 18-30-05.mov'), 'more');
    await inbox.look(4000);
    expect(await listRecentArrivals(pool())).toEqual([]);
    await inbox.look(5000);
    expect(await listRecentArrivals(pool())).toEqual([]);
    await inbox.look(6100);
    const [arrival, ...others] = await listRecentArrivals(pool());
    expect(others).toEqual([]);
    expect(arrival).toMatchObject({
      source: 'camera',
      state: 'waiting',
      byteLength: 9,
      originalName: 'mat-1 2026-11-20 18-30-05.mov',
    });
    expect(new Date(arrival!.recordedAt!).getTime()).toBe(new Date('2026-11-20T18:30:05').getTime());
    expect(await listInbox()).toEqual([]);
    expect(readdirSync(inboxFolder()).sort()).toEqual(['.hidden.mov', 'half.mov.part']);
  });

  it('does not mind a file that is taken away while it is read, nor two watchers', async () => {
    const [one, other] = [createInboxWatcher(1), createInboxWatcher(2)];
    lay('a.mov');
    lay('b.mov');
    await one.look(0);
    await other.look(0);
    rmSync(path.join(inboxFolder(), 'a.mov'));
    await Promise.all([one.look(3000), other.look(3000)]);
    await Promise.all([one.look(6000), other.look(6000)]);
    const arrivals = await listRecentArrivals(pool());
    expect(arrivals.map((arrival) => arrival.originalName)).toEqual(['b.mov']);
  });

  it('finds again what a process had claimed and not moved when it died', async () => {
    const claim = (id: string) =>
      pool().query(
        "insert into arrival (id, source, original_name, byte_length, taken_by) values ($1, 'camera', 'c.mov', 3, 4711)",
        [id],
      );
    const [moved, notMoved] = [randomUUID(), randomUUID()];
    await claim(moved);
    await claim(notMoved);
    mkdirSync(path.join(process.env.OWL_DATA_FOLDER!, 'arriving'), { recursive: true });
    writeFileSync(path.join(process.env.OWL_DATA_FOLDER!, 'arriving', moved), 'abc');
    await resumeClaims();
    expect((await listRecentArrivals(pool())).map((one) => [one.id, one.state])).toEqual([[moved, 'waiting']]);
  });

  it('is filled by the camera’s stand-in, and the rounds come to the shelf with the moment of their recording', async () => {
    process.env.OWL_INBOX_SETTLE_SECONDS = '1';
    const worker = await runWorker({ atOnce: 2, watchesInbox: true, say: () => undefined });
    const names = await runCamera({
      inbox: inboxFolder(),
      films: 2,
      secondsPerFilm: 0.4,
      say: () => undefined,
      until: new Date('2026-11-20T19:00:00'),
    });
    await until(async () => (await listRecentArrivals(pool())).filter((one) => one.state === 'taken').length === 2);
    const { rows } = await pool().query('select original_name, recorded_at from footage order by recorded_at');
    expect(rows.map((row) => row.original_name)).toEqual(names);
    expect(rows[1].recorded_at.getTime()).toBeLessThan(new Date('2026-11-20T19:00:00').getTime());
    expect(rows[1].recorded_at.getTime() - rows[0].recorded_at.getTime()).toBeGreaterThan(120_000);
    for (const row of rows)
      expect(Math.abs(row.recorded_at.getTime() - new Date('2026-11-20T19:00:00').getTime())).toBeLessThan(3_600_000);
    await worker.stop();
    expect(existsSync(inboxFolder())).toBe(true);
    expect(await sizeOf(path.join(inboxFolder(), names[0]!))).toBeUndefined();
  });
});
