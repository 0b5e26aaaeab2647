import { type ChildProcess, execFileSync, spawn } from 'node:child_process';
import { mkdtempSync, openSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import pg from 'pg';
import { ensureDatabase, startCluster, testCluster } from '../../bin/cluster';
import { keepAlive } from '../../src/data/client';
import { copyDemo } from './demoCopy';

const project = path.resolve(import.meta.dirname, '../..');

/** The built application on a database and folder of its own, to be killed and started again at will. */
export interface TestServer {
  readonly url: string;
  /** Where its files lie. */
  readonly folder: string;
  readonly pool: pg.Pool;
  readonly databaseUrl: string;
  readonly pid: () => number;
  readonly workerPid: () => number;
  readonly query: (text: string, values?: unknown[]) => Promise<pg.QueryResult>;
  /** As if the database had gone: no connection to it is taken any more, and those that are there end. */
  readonly takeDatabaseAway: () => Promise<void>;
  readonly bringDatabaseBack: () => Promise<void>;
  readonly kill: (signal: NodeJS.Signals) => Promise<void>;
  readonly start: () => Promise<void>;
  /** The process that does the background work; journeys that need it start it. */
  readonly startWorker: () => void;
  readonly killWorker: (signal: NodeJS.Signals) => Promise<void>;
  readonly close: () => Promise<void>;
}

/** A port that nobody listens on, also not a server that an interrupted run left behind. */
function findFreePort(): Promise<number> {
  return new Promise((resolve, reject) => {
    const probe = createServer().once('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address();
      probe.close(() => resolve(typeof address === 'object' && address ? address.port : 0));
    });
  });
}

export async function openServer(
  name: string,
  demo: boolean,
  {
    mostUploadBytes = 60 * 1024 * 1024,
    options = testCluster,
    databaseUrl: given,
    withTerm = false,
    standBack = '0',
  }: {
    mostUploadBytes?: number;
    options?: typeof testCluster;
    databaseUrl?: string;
    withTerm?: boolean;
    standBack?: string;
  } = {},
): Promise<TestServer> {
  const folder = mkdtempSync(path.join(tmpdir(), 'owl-journey-'));
  const freshName = `owl_${name}_${process.pid}_${Date.now()}`;
  const databaseUrl =
    given ??
    (demo ? await copyDemo(freshName, folder, withTerm) : await ensureDatabase(await startCluster(options), freshName));
  const log = openSync(path.join(folder, 'test.log'), 'a');
  const pool = new pg.Pool({ connectionString: databaseUrl, max: 2 });
  keepAlive(pool);
  const port = await findFreePort();
  const url = `http://127.0.0.1:${port}`;
  let child: ChildProcess | undefined;
  const env = {
    ...process.env,
    NODE_ENV: 'production' as const,
    NEXT_TELEMETRY_DISABLED: '1',
    OWL_DATABASE_URL: databaseUrl,
    OWL_DATA_FOLDER: folder,
    OWL_MOST_UPLOAD_BYTES: String(mostUploadBytes),
    OWL_INBOX_SETTLE_SECONDS: '2',
    OWL_WORKER_SILENCE_SECONDS: '6',
    // The browsers of other journeys, which draw on the processor, would leave it nothing.
    OWL_STAND_BACK: standBack,
  };

  const start = async () => {
    child = spawn(process.execPath, ['bin/serve.mjs', String(port)], {
      cwd: project,
      env,
      stdio: ['ignore', log, log],
    });
    for (let wait = 0; wait < 1800; wait += 1) {
      const answer = await fetch(`${url}/sign-in`, { redirect: 'manual' }).catch(() => undefined);
      if (answer && answer.status < 500) return;
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
    throw new Error(`openServer: no answer from ${url}`);
  };
  const databaseName = new URL(databaseUrl).pathname.slice(1);
  const asAdmin = async (...statements: string[]) => {
    const address = new URL(databaseUrl);
    address.pathname = '/postgres';
    const admin = new pg.Client({ connectionString: address.href });
    await admin.connect();
    for (const statement of statements) await admin.query(statement);
    await admin.end();
  };
  const takeDatabaseAway = () =>
    asAdmin(
      `alter database ${pg.escapeIdentifier(databaseName)} allow_connections false`,
      `select pg_terminate_backend(pid) from pg_stat_activity where datname = ${pg.escapeLiteral(databaseName)}`,
    );
  const bringDatabaseBack = () => asAdmin(`alter database ${pg.escapeIdentifier(databaseName)} allow_connections true`);
  let worker: ChildProcess | undefined;
  const startWorker = () => {
    const begun = spawn(process.execPath, ['--import', 'tsx', 'bin/worker.ts'], {
      cwd: project,
      env,
      stdio: ['ignore', log, log],
    });
    worker = begun;
    // One that ends by itself, as when its database is killed in the middle of a task, is started anew, as the supervisor does.
    begun.once('exit', () => {
      if (worker === begun) setTimeout(() => worker === begun && startWorker(), 500);
    });
  };
  const end = async (dying: ChildProcess | undefined, signal: NodeJS.Signals) => {
    if (!dying || dying.exitCode !== null) return;
    const gone = new Promise((resolve) => dying.once('exit', resolve));
    dying.kill(signal);
    await gone;
  };
  const killWorker = async (signal: NodeJS.Signals) => {
    const dying = worker;
    worker = undefined;
    await end(dying, signal);
  };
  const kill = async (signal: NodeJS.Signals) => {
    const dying = child;
    child = undefined;
    await end(dying, signal);
  };
  const close = async () => {
    await killWorker('SIGTERM');
    await kill('SIGTERM');
    await pool.end();
    rmSync(folder, { recursive: true, force: true });
  };
  await start();
  const pid = () => child?.pid ?? 0;
  const workerPid = () => worker?.pid ?? 0;
  return {
    takeDatabaseAway,
    bringDatabaseBack,
    url,
    folder,
    pool,
    databaseUrl,
    pid,
    workerPid,
    query: (text, values) => pool.query(text, values),
    kill,
    start,
    startWorker,
    killWorker,
    close,
  };
}

/** An ordinary H.264 film made with ffmpeg, not by the demo's generator. */
export function makeFilm(file: string, seconds: number): string {
  const picture = ['-f', 'lavfi', '-i', `testsrc2=size=1280x720:rate=30:duration=${seconds}`];
  const sound = ['-f', 'lavfi', '-i', `sine=frequency=300:duration=${seconds}`];
  execFileSync('ffmpeg', [
    '-v',
    'error',
    '-y',
    ...picture,
    ...sound,
    '-c:v',
    'libx264',
    '-preset',
    'veryfast',
    '-g',
    '30',
    '-pix_fmt',
    'yuv420p',
    '-c:a',
    'aac',
    file,
  ]);
  return file;
}
