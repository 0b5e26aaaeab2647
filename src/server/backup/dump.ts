import { spawn } from 'node:child_process';
import path from 'node:path';
import { findPostgresFolder } from '../kernel/postgresFolder';

/** One of PostgreSQL's programs on a database. The password goes through the environment: arguments are seen by everybody on the machine. Throws with its complaint. */
async function runProgram(name: string, databaseUrl: string | undefined, args: readonly string[]): Promise<string> {
  const folder = findPostgresFolder();
  if (!folder) throw new Error('PostgreSQL’s programs are not installed.');
  const address = databaseUrl === undefined ? undefined : new URL(databaseUrl);
  const child = spawn(path.join(folder, name), [...args], {
    stdio: ['ignore', 'pipe', 'pipe'],
    env: {
      ...process.env,
      ...(address && {
        PGHOST: address.hostname,
        PGPORT: address.port,
        PGUSER: decodeURIComponent(address.username),
        PGPASSWORD: decodeURIComponent(address.password),
        PGDATABASE: address.pathname.slice(1),
      }),
    },
  });
  let output = '';
  let complaint = '';
  child.stdout.on('data', (chunk: Buffer) => {
    output += chunk.toString();
  });
  child.stderr.on('data', (chunk: Buffer) => {
    complaint = (complaint + chunk.toString()).slice(-4000);
  });
  const code = await new Promise<number | null>((resolve, reject) => {
    child.once('error', reject);
    child.once('close', resolve);
  });
  if (code !== 0) throw new Error(`${name}: ${complaint.trim().split('\n').at(-1) ?? `ended with ${code}`}`);
  return output;
}

/** Writes a state of the database into a file, but for the queue: what waited there is found again from the tables. */
export const dumpDatabase = (databaseUrl: string, snapshot: string, file: string): Promise<string> =>
  runProgram('pg_dump', databaseUrl, [
    ...['--format=custom', '--no-owner', '--no-privileges', '--exclude-schema=graphile_worker'],
    ...[`--snapshot=${snapshot}`, `--file=${file}`],
  ]);

/** Puts a dump into an empty database: all of it, or an error. */
export const restoreDump = (databaseUrl: string, file: string): Promise<string> =>
  runProgram('pg_restore', databaseUrl, [
    ...['--no-owner', '--no-privileges', '--single-transaction', '--exit-on-error'],
    ...['--dbname', new URL(databaseUrl).pathname.slice(1), file],
  ]);

/** The table of contents of a dump; throws where it is none. */
export const listDump = (file: string): Promise<string> => runProgram('pg_restore', undefined, ['--list', file]);
