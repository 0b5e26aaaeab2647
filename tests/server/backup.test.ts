import { createHash, randomBytes } from 'node:crypto';
import {
  appendFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import pg from 'pg';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { whileAlone } from '@/data/backup/snapshot';
import { findBackupTries } from '@/data/backup/tries';
import { pool } from '@/data/client';
import { doBackup } from '@/server/backup/doBackup';
import { makeBackup } from '@/server/backup/makeBackup';
import { listBackups, MANIFEST, storeFolder } from '@/server/backup/manifest';
import { askForNightlyBackup } from '@/server/backup/nightly';
import { verifyBackups } from '@/server/backup/verifyBackups';
import { adminAddress, type Cluster, startCluster, testCluster } from '../../bin/cluster';
import { restoreBackup } from '../../bin/restore';
import { emptyDatabase, seedCoach, seedPerson, seedRound } from '../support/seed';

const home = mkdtempSync(path.join(tmpdir(), 'owl-backup-'));
const folder = path.join(home, 'backups');
const data = path.join(home, 'academy');
const never = new AbortController().signal;
const databaseUrl = process.env.OWL_DATABASE_URL ?? '';
let cluster: Cluster;
let made = 0;

beforeAll(async () => {
  cluster = await startCluster(testCluster);
});
afterAll(() => rmSync(home, { recursive: true, force: true }));

const lay = (name: string, bytes: Buffer | string) => {
  mkdirSync(path.dirname(path.join(data, name)), { recursive: true });
  writeFileSync(path.join(data, name), bytes);
};
const backUp = (most = 14, signal = never) =>
  makeBackup({ database: pool(), databaseUrl, dataFolder: data, folder, most, signal });
const whole = async (most?: number) => {
  // Names are told apart by the second.
  const before = (await listBackups(folder).catch(() => []))[0]?.name;
  while (before && new Date().toISOString().slice(0, 19).replaceAll(':', '-') === before.slice(0, 19))
    await new Promise((resolve) => setTimeout(resolve, 50));
  const result = await backUp(most);
  if (!result.ok) throw new Error(result.problem.code);
  return result.value;
};
const restore = (options: { name?: string; replaces?: boolean; database?: string; into?: string } = {}) =>
  restoreBackup({
    ...{ cluster, database: options.database ?? `owl_restored_${process.pid}_${made}` },
    ...{ dataFolder: options.into ?? path.join(home, `restored-${made}`), folder, name: options.name },
    ...{ replaces: options.replaces ?? false, say: () => undefined },
  });

/** Every row of every table of a database, as text: what a restore must give back to the last digit. */
async function everything(address: string): Promise<Record<string, string>> {
  const client = new pg.Client({ connectionString: address });
  await client.connect();
  const { rows } = await client.query<{ name: string }>(
    "select tablename as name from pg_tables where schemaname = 'public' order by 1",
  );
  const found: Record<string, string> = {};
  for (const { name } of rows) {
    const all = await client.query<{ row: string }>(
      `select to_jsonb(t)::text as row from ${pg.escapeIdentifier(name)} t order by 1`,
    );
    found[name] = all.rows.map((one) => one.row).join('\n');
  }
  await client.end();
  return found;
}
const addressOf = (name: string): string => {
  const address = new URL(adminAddress(cluster));
  address.pathname = `/${name}`;
  return address.href;
};
const filesOf = (place: string): Record<string, string> =>
  Object.fromEntries(
    readdirSync(place, { recursive: true, withFileTypes: true })
      .filter((one) => one.isFile())
      .map((one) => path.join(one.parentPath, one.name))
      .map((file) => [path.relative(place, file), createHash('sha256').update(readFileSync(file)).digest('hex')]),
  );

beforeEach(async () => {
  made += 1;
  rmSync(folder, { recursive: true, force: true });
  rmSync(data, { recursive: true, force: true });
  await emptyDatabase();
  await pool().query('truncate backup_try');
  await seedCoach();
  await seedRound(await seedPerson('Ana Velden'), await seedPerson('Marek “the wall” Osei'));
  lay('footage/one.mp4', randomBytes(300_000));
  lay('footage/strips/one.jpg', randomBytes(3000));
  lay('outbox/a.eml', 'To: ana@example.org');
  lay('server.log', 'no part of it');
  lay('arriving/half', 'still coming in');
  lay('footage/x.part', 'half made');
});

describe('a backup', () => {
  it('gives back every row and every byte after all is lost', async () => {
    await whole();
    const before = await everything(databaseUrl);
    const files = filesOf(data);
    await emptyDatabase();
    rmSync(data, { recursive: true });
    const manifest = await restore();
    expect(manifest.tables.person).toBe(2);
    const after = await everything(addressOf(`owl_restored_${process.pid}_${made}`));
    for (const passing of ['worker', 'sign_in_session', 'known_device', 'backup_try']) {
      delete before[passing];
      delete after[passing];
    }
    expect(after).toEqual(before);
    for (const out of ['server.log', 'arriving/half', 'footage/x.part']) delete files[out];
    expect(filesOf(path.join(home, `restored-${made}`))).toEqual(files);
  });
  it('copies only what is new, and holds alike files once', async () => {
    const first = await whole();
    lay('footage/two.mp4', readFileSync(path.join(data, 'footage/one.mp4')));
    lay('footage/three.mp4', randomBytes(10_000));
    const second = await whole();
    expect(second.newBytes - second.manifest.database.bytes).toBe(10_000);
    expect(second.manifest.files).toHaveLength(first.manifest.files.length + 2);
    expect(
      readdirSync(storeFolder(folder), { recursive: true, withFileTypes: true }).filter((one) => one.isFile()),
    ).toHaveLength(4);
  });
  it('keeps the newest, and lets go what only older ones held', async () => {
    await whole();
    rmSync(path.join(data, 'footage/one.mp4'));
    const second = await whole(1);
    expect((await listBackups(folder)).map((one) => one.name)).toEqual([second.name]);
    expect(
      readdirSync(storeFolder(folder), { recursive: true, withFileTypes: true }).filter((one) => one.isFile()),
    ).toHaveLength(2);
    expect((await verifyBackups(folder)).flatMap((one) => one.faults)).toEqual([]);
  });
  it('that was broken off counts for nothing, and the next one is whole', async () => {
    const stopping = new AbortController();
    const broken = makeBackup({
      ...{ database: pool(), databaseUrl, dataFolder: data, folder, most: 14, signal: stopping.signal },
      onProgress: () => stopping.abort(),
    });
    await expect(broken).rejects.toThrow();
    expect(await listBackups(folder)).toEqual([]);
    mkdirSync(path.join(folder, '2020-01-01T00-00-00Z'));
    expect((await verifyBackups(folder))[0]?.faults).toEqual(['it was broken off']);
    await whole();
    expect((await listBackups(folder)).map((one) => one.isBrokenOff)).toEqual([false]);
    expect(readdirSync(folder).filter((name) => name.endsWith('.part'))).toEqual([]);
  });
  it('is made by one process at a time, and says why there is none', async () => {
    await whileAlone(pool(), async () => expect(await backUp()).toEqual({ ok: false, problem: { code: 'underway' } }));
    writeFileSync(path.join(home, 'a-file'), '');
    const problem = await makeBackup({
      ...{
        database: pool(),
        databaseUrl,
        dataFolder: data,
        folder: path.join(home, 'a-file', 'x'),
        most: 1,
        signal: never,
      },
    });
    expect(problem).toMatchObject({ ok: false, problem: { code: 'not-reachable' } });
  });
  it('leaves the database its room, and takes back what it copied in vain', async () => {
    process.env.OWL_RESERVE_BYTES = String(1e15);
    expect(await backUp()).toMatchObject({ ok: false, problem: { code: 'disk-full' } });
    delete process.env.OWL_RESERVE_BYTES;
    expect(await listBackups(folder)).toEqual([]);
    const full = makeBackup({
      ...{ database: pool(), databaseUrl, dataFolder: data, folder, most: 14, signal: never },
      onProgress: () => {
        throw Object.assign(new Error('write'), { code: 'ENOSPC' });
      },
    });
    expect(await full).toMatchObject({ ok: false, problem: { code: 'disk-full' } });
    expect(
      readdirSync(storeFolder(folder), { recursive: true, withFileTypes: true }).filter((one) => one.isFile()),
    ).toEqual([]);
  });
  it('is told in Settings, and made once a night from its time on', async () => {
    process.env.OWL_DATA_FOLDER = data;
    process.env.OWL_BACKUP_FOLDER = folder;
    expect(await askForNightlyBackup(new Date())).toBe(false);
    process.env.OWL_BACKUP_AT = '00:00';
    expect(await askForNightlyBackup(new Date())).toBe(true);
    await doBackup(never);
    const { latest, made: last } = await findBackupTries(pool());
    expect(latest).toEqual(last);
    expect(last).toMatchObject({ files: 3, problem: undefined });
    expect(await askForNightlyBackup(new Date())).toBe(false);
    expect(await askForNightlyBackup(new Date(Date.now() + 86_400_000))).toBe(true);
    delete process.env.OWL_BACKUP_AT;
  });
});

describe('reading every byte', () => {
  it('finds one that has changed, a file that is gone, a list that is none', async () => {
    const { name, manifest } = await whole();
    const [first, second] = manifest.files;
    const at = (sha256 = '') => path.join(storeFolder(folder), sha256.slice(0, 2), sha256);
    const bytes = readFileSync(at(first?.sha256));
    bytes[7] = (bytes[7] ?? 0) ^ 1;
    writeFileSync(at(first?.sha256), bytes);
    rmSync(at(second?.sha256));
    expect((await verifyBackups(folder))[0]?.faults).toEqual([
      `${first?.path} is damaged`,
      `${second?.path} is missing`,
    ]);
    await expect(restore()).rejects.toThrow(/damaged|missing/);
    expect(existsSync(path.join(home, `restored-${made}`))).toBe(false);
    appendFileSync(path.join(folder, name, 'database.dump'), 'x');
    expect((await verifyBackups(folder))[0]?.faults[0]).toMatch(/^the database has \d+ bytes instead of/);
    writeFileSync(path.join(folder, name, MANIFEST), '{"format":"unhurried-owl-backup","version":2}');
    expect((await verifyBackups(folder))[0]?.faults).toEqual(['its list cannot be read']);
    await expect(restore()).rejects.toThrow('A whole backup is not in');
  });
});

describe('putting back', () => {
  it('refuses over an academy that is there, and sets it aside when told to', async () => {
    await whole();
    const database = `owl_restored_${process.pid}_${made}`;
    const into = path.join(home, `restored-${made}`);
    await restore({ database, into });
    writeFileSync(path.join(into, 'footage', 'mine.mp4'), 'since then');
    await expect(restore({ database, into })).rejects.toThrow('There is an academy here already');
    expect(existsSync(path.join(into, 'footage', 'mine.mp4'))).toBe(true);
    await restore({ database, into, replaces: true });
    expect(existsSync(path.join(into, 'footage', 'mine.mp4'))).toBe(false);
    const aside = readdirSync(home).find((name) => name.startsWith(`restored-${made}.before_`));
    expect(readdirSync(path.join(home, aside ?? '', 'footage'))).toContain('mine.mp4');
  });
  it('says no to what a newer version made, and to a path that leads out of the academy', async () => {
    const { name, manifest } = await whole();
    const write = (changed: object) =>
      writeFileSync(path.join(folder, name, MANIFEST), JSON.stringify({ ...manifest, ...changed }));
    write({ migrations: [...manifest.migrations, '9999_from_the_future.sql'] });
    await expect(restore()).rejects.toThrow('made by a newer version of this program (9999_from_the_future.sql)');
    for (const out of ['../out', '/etc/out', 'a/../../out', 'a\\..\\out', '']) {
      write({ files: manifest.files.map((one) => ({ ...one, path: out })) });
      await expect(restore()).rejects.toThrow('is not in');
    }
    await expect(restore({ name: '2020-01-01T00-00-00Z' })).rejects.toThrow('There is:');
  });
  it('signs everybody out and closes links: they may have been closed since', async () => {
    const [{ id }] = (await pool().query('select id from person limit 1')).rows as [{ id: string }];
    await pool().query(
      "insert into share_link (id, kind, person_id, token_hash, expires_at) values (gen_random_uuid(), 'student', $1, '\\x01', now() + interval '1 day')",
      [id],
    );
    await whole();
    await restore();
    const client = new pg.Client({ connectionString: addressOf(`owl_restored_${process.pid}_${made}`) });
    await client.connect();
    const { rows } = await client.query('select count(*) from share_link where revoked_at is null');
    await client.end();
    expect(Number(rows[0].count)).toBe(0);
  });
});
