import { spawn } from 'node:child_process';
import { randomInt } from 'node:crypto';
import path from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import pg from 'pg';
import { expect, it } from 'vitest';
import { ensureDatabase, faultCluster, killCluster, startCluster, stopCluster } from '../../bin/cluster';
import { migrate, readMigrations } from '../../src/data/migrate';

const project = path.resolve(import.meta.dirname, '../..');
const TABLES =
  "select table_name, column_name, data_type from information_schema.columns where table_schema = 'public' order by 1, 2";

/** Brings a database forward in a process of its own, as a start does. */
const forward = (databaseUrl: string) =>
  spawn(
    process.execPath,
    [
      '--import',
      'tsx',
      '-e',
      `
    const pg = (await import('pg')).default;
    const { migrate, readMigrations } = await import('./src/data/migrate.ts');
    const pool = new pg.Pool({ connectionString: process.env.URL, max: 1 });
    await migrate(pool, await readMigrations('db/migrations'));
    await pool.end();
  `,
    ],
    { cwd: project, env: { ...process.env, URL: databaseUrl }, stdio: 'ignore' },
  );

it('a database that is brought forward and killed in the middle is the old one or the new one, never half', async () => {
  const cluster = await startCluster(faultCluster);
  const whole = await ensureDatabase(cluster, 'owl_whole');
  const files = await readMigrations(path.join(project, 'db', 'migrations'));
  const read = async (url: string, text: string) => {
    const client = new pg.Client({ connectionString: url });
    await client.connect();
    const { rows } = await client.query(text).finally(() => client.end());
    return rows;
  };
  const url = whole.replace('owl_whole', 'owl_half');
  const admin = whole.replace('owl_whole', 'postgres');
  await read(admin, 'drop database if exists owl_half with (force)');
  await read(admin, 'create database owl_half');
  const wanted = await read(whole, TABLES);
  let kills = 0;
  for (; kills < 6; kills += 1) {
    const child = forward(url);
    const ended = new Promise((resolve) => child.once('close', resolve));
    await pause(randomInt(250, 1400));
    if (kills % 3 === 2) {
      killCluster(faultCluster.name);
      await ended;
      await startCluster(faultCluster);
    } else child.kill('SIGKILL');
    await ended;
    const names = await read(url, "select to_regclass('migration') as there");
    const ran = names[0]?.there ? await read(url, 'select name from migration') : [];
    expect([0, files.length]).toContain(ran.length);
    if (ran.length === files.length) break;
  }
  const pool = new pg.Pool({ connectionString: url, max: 1 });
  await migrate(pool, files);
  await pool.end();
  expect(await read(url, TABLES)).toEqual(wanted);
  await stopCluster(faultCluster.name);
}, 240_000);
