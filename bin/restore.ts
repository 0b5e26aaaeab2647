import { existsSync, readdirSync } from 'node:fs';
import { chmod, copyFile, mkdir, rename, rm, utimes } from 'node:fs/promises';
import path from 'node:path';
import pg from 'pg';
import { countRows, passingTables, settleRestored } from '../src/data/backup/snapshot';
import { keepAlive } from '../src/data/client';
import { readMigrations } from '../src/data/migrate';
import { restoreDump } from '../src/server/backup/dump';
import { DUMP, listBackups, type Manifest, storePath } from '../src/server/backup/manifest';
import { digestOfFile } from '../src/server/footage/storage';
import { adminAddress, type Cluster, ensureDatabase } from './cluster';
import { projectFolder, Stop } from './steps';

export interface RestoreOptions {
  readonly cluster: Cluster;
  /** The database that the academy is to have. */
  readonly database: string;
  /** The folder that its files are to have. */
  readonly dataFolder: string;
  /** Where backups lie. */
  readonly folder: string;
  /** Which of them; the newest one that is whole unless said. */
  readonly name?: string;
  /** What is there now is set aside, not destroyed. */
  readonly replaces: boolean;
  readonly say: (text: string) => void;
}

/**
 * Puts an academy back as it was. Everything is made beside what is there and read back before anything is exchanged, so that a restore that breaks off
 * leaves all as it was.
 */
export async function restoreBackup(options: RestoreOptions): Promise<Manifest> {
  const { cluster, database, dataFolder, folder, say } = options;
  const { name, manifest } = await chooseBackup(folder, options.name);
  const known = (await readMigrations(path.join(projectFolder, 'db', 'migrations'))).map((one) => one.name);
  const newer = manifest.migrations.filter((one) => !known.includes(one));
  if (newer.length > 0)
    throw new Stop(
      `${name} was made by a newer version of this program (${newer.join(', ')}). Restore it with that version.`,
    );
  const admin = new pg.Client({ connectionString: adminAddress(cluster) });
  await admin.connect();
  const making = `${database}_restoring`;
  const makingFolder = `${dataFolder}.restoring`;
  try {
    const isThere = (await holdsPeople(cluster, admin, database)) || hasFiles(dataFolder);
    if (isThere && !options.replaces)
      throw new Stop(
        'There is an academy here already. Add --replace to set it aside (its database and its folder are kept under another name) and restore.',
      );
    say(`reading back ${name}: ${manifest.files.length} files …`);
    await rm(makingFolder, { recursive: true, force: true });
    await putFiles(folder, manifest, makingFolder);
    const dump = path.join(folder, name, DUMP);
    if ((await digestOfFile(dump)) !== manifest.database.sha256)
      throw new Stop(`The database of ${name} is damaged. Choose an older backup.`);
    say('putting back the database …');
    await admin.query(`drop database if exists ${pg.escapeIdentifier(making)} with (force)`);
    await admin.query(`create database ${pg.escapeIdentifier(making)}`);
    const address = addressOf(cluster, making);
    await restoreDump(address, dump);
    await compareRows(address, manifest);
    // Brought forward by this version, with a queue of its own.
    await ensureDatabase(cluster, making);
    await settle(address);
    await exchange(admin, options, making, makingFolder);
    return manifest;
  } finally {
    await admin.end();
  }
}

const addressOf = (cluster: Cluster, database: string): string => {
  const address = new URL(adminAddress(cluster));
  address.pathname = `/${database}`;
  return address.href;
};

async function chooseBackup(folder: string, wanted: string | undefined): Promise<{ name: string; manifest: Manifest }> {
  if (!existsSync(folder))
    throw new Stop(`There is no folder ${folder}. Say where the backups lie: bin/owl restore FOLDER`);
  const backups = await listBackups(folder);
  const found = wanted === undefined ? backups.find((one) => one.manifest) : backups.find((one) => one.name === wanted);
  if (!found?.manifest)
    throw new Stop(
      `${wanted ?? 'A whole backup'} is not in ${folder}. There is: ${backups.map((one) => one.name).join(', ') || 'nothing'}`,
    );
  return { name: found.name, manifest: found.manifest };
}

/** Whether somebody's academy is in the database: an account, at least. */
async function holdsPeople(cluster: Cluster, admin: pg.Client, database: string): Promise<boolean> {
  const { rowCount } = await admin.query('select 1 from pg_database where datname = $1', [database]);
  if (!rowCount) return false;
  return withPool(addressOf(cluster, database), async (pool) => {
    const { rows } = await pool.query<{ there: boolean }>("select to_regclass('coach') is not null as there");
    return rows[0]?.there === true && ((await pool.query('select 1 from coach limit 1')).rowCount ?? 0) > 0;
  });
}

const hasFiles = (folder: string): boolean => {
  const footage = path.join(folder, 'footage');
  return existsSync(footage) && readdirSync(footage).length > 0;
};

async function withPool<Value>(address: string, work: (pool: pg.Pool) => Promise<Value>): Promise<Value> {
  const pool = new pg.Pool({ connectionString: address, max: 1 });
  keepAlive(pool);
  return work(pool).finally(() => pool.end());
}

/** Lays the files of a backup out as they lay, each read back. */
async function putFiles(folder: string, manifest: Manifest, into: string): Promise<void> {
  await mkdir(into, { recursive: true });
  for (const { path: name, sha256, mtimeMs } of manifest.files) {
    const target = path.join(into, name);
    await mkdir(path.dirname(target), { recursive: true });
    await copyFile(storePath(folder, sha256), target).catch(() => {
      throw new Stop(`${name} is missing in the backup. bin/owl verify tells what else is; choose an older backup.`);
    });
    if ((await digestOfFile(target)) !== sha256)
      throw new Stop(`${name} is damaged in the backup. bin/owl verify tells what else is; choose an older backup.`);
    await chmod(target, name.startsWith('outbox') ? 0o600 : 0o644);
    await utimes(target, mtimeMs / 1000, mtimeMs / 1000);
  }
}

/** Every table must have the rows that it had. */
const compareRows = (address: string, { tables }: Manifest): Promise<void> =>
  withPool(address, async (pool) => {
    const now = await countRows(pool, Object.keys(tables));
    const off = Object.keys(tables).filter((table) => now[table] !== tables[table] && !passingTables.includes(table));
    if (off.length > 0) throw new Stop(`Rows are missing after restoring: ${off.join(', ')}. Nothing was exchanged.`);
  });

const settle = (address: string): Promise<void> => withPool(address, settleRestored);

/** The moment at which the academy is the restored one; what was there before is kept under another name. */
async function exchange(
  admin: pg.Client,
  { database, dataFolder, say }: RestoreOptions,
  making: string,
  makingFolder: string,
): Promise<void> {
  const aside = `before_${new Date().toISOString().replace(/\D/g, '').slice(0, 14)}`;
  const { rowCount } = await admin.query('select 1 from pg_database where datname = $1', [database]);
  if (rowCount) {
    await admin.query(
      'select pg_terminate_backend(pid) from pg_stat_activity where datname = $1 and pid <> pg_backend_pid()',
      [database],
    );
    await admin.query(
      `alter database ${pg.escapeIdentifier(database)} rename to ${pg.escapeIdentifier(`${database}_${aside}`)}`,
    );
    say(`what was there is kept as the database ${database}_${aside}`);
  }
  await admin.query(`alter database ${pg.escapeIdentifier(making)} rename to ${pg.escapeIdentifier(database)}`);
  if (existsSync(dataFolder)) {
    await rename(dataFolder, `${dataFolder}.${aside}`);
    say(`and its files in ${dataFolder}.${aside}`);
  }
  await rename(makingFolder, dataFolder);
}
