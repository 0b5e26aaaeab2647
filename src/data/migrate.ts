import { createHash } from 'node:crypto';
import { readdir, readFile } from 'node:fs/promises';
import path from 'node:path';
import { runMigrations } from 'graphile-worker';
import type pg from 'pg';
import { inTransaction } from './client';

export interface MigrationFile {
  readonly name: string;
  readonly text: string;
}

/** A newer program brought the database forward: this one would misread it, and must not touch it. */
export class NewerSchema extends Error {
  constructor(readonly names: readonly string[]) {
    super(
      `The database was brought forward by a newer version of this program (${names.join(', ')}). Start that version, or put back a backup from before.`,
    );
  }
}

/** The migration files of a folder in order of their numbers. */
export async function readMigrations(folder: string): Promise<MigrationFile[]> {
  const names = (await readdir(folder)).filter((name) => /^\d{4}_[a-z_]+\.sql$/.test(name)).sort();
  return Promise.all(names.map(async (name) => ({ name, text: await readFile(path.join(folder, name), 'utf8') })));
}

const digest = (text: string): string => createHash('sha256').update(text).digest('hex');

/**
 * Brings the database forward: runs what has not run, all in one transaction, under a lock so that two starts do not collide.
 * Throws when a file that already ran was changed since, and when one ran that is not here (`NewerSchema`). Returns the names that ran.
 */
export async function migrate(database: pg.Pool, files: readonly MigrationFile[]): Promise<string[]> {
  return inTransaction(database, async (client) => {
    await client.query('select pg_advisory_xact_lock(712001)');
    await client.query(
      'create table if not exists migration (name text primary key, digest text not null, ran_at timestamptz not null default now())',
    );
    const { rows } = await client.query<{ name: string; digest: string }>(
      'select name, digest from migration order by name',
    );
    const done = new Map(rows.map((row) => [row.name, row.digest]));
    const unknown = [...done.keys()].filter((name) => !files.some((file) => file.name === name));
    if (unknown.length > 0) throw new NewerSchema(unknown);
    const ran: string[] = [];
    for (const { name, text } of files) {
      const known = done.get(name);
      if (known === digest(text)) continue;
      if (known) throw new Error(`Migration ${name} was changed after it ran. Put it back and write a new one.`);
      await client.query(text);
      await client.query('insert into migration (name, digest) values ($1, $2)', [name, digest(text)]);
      ran.push(name);
    }
    return ran;
  });
}

/** Makes or brings forward the tables of the queue of background work; they belong to its package. */
export const prepareQueue = (database: pg.Pool): Promise<void> => runMigrations({ pgPool: database });
