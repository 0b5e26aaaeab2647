import { type ChildProcess, spawn, spawnSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { existsSync, mkdirSync, openSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import path from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { askSupervisor, findRunning, isOurServer, type Running, runningFile, type Status } from './running';
import { dataFolder, digestOfSources, projectFolder, run, Stop, say } from './steps';
import type { Door } from './tls';

const next = path.join(projectFolder, 'node_modules', 'next', 'dist', 'bin', 'next');
/** A stop waits for the worker to hand back what it is at, and a little longer. */
const STOP_MS = 150_000;
const START_MS = 60_000;

/** Builds the application unless the last build is of the same sources. */
export async function build(): Promise<void> {
  const stamp = path.join(projectFolder, '.next', 'owl-sources');
  const wanted = digestOfSources();
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  say('building the application (about a minute) …');
  rmSync(stamp, { force: true });
  await run(process.execPath, [next, 'build'], { env: { ...process.env, NODE_ENV: 'production' } });
  writeFileSync(stamp, wanted);
}

/** The lock that a supervisor holds for as long as it lives; it goes with its process, however that ends. */
const lockFile = path.join(dataFolder, 'application.lock');
const isSupervised = (): boolean =>
  existsSync(lockFile) && spawnSync('flock', ['-n', lockFile, 'true'], { stdio: 'ignore' }).status !== 0;

/** What runs now. Its state file may just have been taken away: the supervisor that holds the lock writes it again within seconds, and is waited for. */
export async function findKept(): Promise<(Running & Status) | undefined> {
  for (let wait = 0; wait < 100; wait += 1) {
    const running = await findRunning();
    if (running || !isSupervised()) return running;
    await pause(100);
  }
  return undefined;
}

/** Stops what runs, and waits until it has ended. False when nothing ran. */
export async function stopApplication(): Promise<boolean> {
  const running = await findKept();
  if (!running) {
    if (isSupervised())
      throw new Stop(
        `Something holds ${lockFile} and does not answer. See which process it is with: fuser ${lockFile}`,
      );
    runningFile.remove();
    return false;
  }
  if (!(await askSupervisor(running, 'POST', STOP_MS)))
    throw new Stop(`It did not stop within ${STOP_MS / 1000} seconds. Its log is in the folder ${dataFolder}`);
  for (let wait = 0; wait < 100 && isSupervised(); wait += 1) await pause(50);
  return true;
}

const isFree = (port: number): Promise<boolean> =>
  new Promise((resolve) => {
    const server = createServer().once('error', () => resolve(false));
    server.listen(port, '127.0.0.1', () => server.close(() => resolve(true)));
  });

/** Starts server and worker under a supervisor in the background, and waits until they answer. */
export async function startApplication(
  mode: Running['mode'],
  databaseUrl: string,
  folder: string,
  door?: Door,
): Promise<Running> {
  const port = Number(process.env.OWL_PORT ?? 4310);
  if (!(await isFree(port)))
    throw new Stop(`Port ${port} is taken by another program. Choose another, say: OWL_PORT=${port + 1} bin/owl start`);
  mkdirSync(folder, { recursive: true });
  const logFile = path.join(folder, 'server.log');
  const log = openSync(logFile, 'a');
  runningFile.remove();
  const supervisor = [process.execPath, '--import', 'tsx', path.join(projectFolder, 'bin', 'supervisor.ts')];
  const child = spawn('flock', ['-n', '-o', lockFile, 'setpriv', '--pdeathsig', 'TERM', ...supervisor], {
    cwd: projectFolder,
    detached: true,
    stdio: ['ignore', log, log],
    env: {
      ...process.env,
      NODE_ENV: 'production' as const,
      NEXT_TELEMETRY_DISABLED: '1',
      OWL_DATABASE_URL: databaseUrl,
      OWL_DATA_FOLDER: folder,
      OWL_PORT: String(port),
      OWL_MODE: mode,
      OWL_START_WORDS: process.argv.slice(3).join('\n'),
      // Whoever comes through our own door is told apart by their socket, and cookies go over TLS only.
      ...(door ? surroundingsOf(door) : {}),
    },
  });
  child.unref();
  return waitForAnswer(child, logFile);
}

const surroundingsOf = (door: Door) => ({
  OWL_DOOR: JSON.stringify(door),
  OWL_PROXIES: '1',
  OWL_HTTPS: '1',
  // Links for students lead to the door, also those that are made on this machine.
  OWL_PUBLIC_ADDRESS: process.env.OWL_PUBLIC_ADDRESS ?? door.urls[0],
});

async function waitForAnswer(child: ChildProcess, logFile: string): Promise<Running> {
  for (const until = Date.now() + START_MS; Date.now() < until; await pause(100)) {
    const running = runningFile.read();
    if (running?.home === dataFolder && (await isOurServer(running, randomUUID()))) return running;
    if (child.exitCode !== null) throw new Stop(`The application ended at once. Its log is ${logFile}`);
  }
  throw new Stop(`The server did not answer within ${START_MS / 1000} seconds. Its log is ${logFile}`);
}

/** A process of its own for the background work, in the environment of its application, beside the one that is kept. */
export const spawnWorker = (env: NodeJS.ProcessEnv): ChildProcess =>
  spawn(process.execPath, ['--import', 'tsx', path.join(projectFolder, 'bin', 'worker.ts')], {
    cwd: projectFolder,
    stdio: 'inherit',
    env,
  });
