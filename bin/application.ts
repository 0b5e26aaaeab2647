import { type ChildProcess, spawn } from 'node:child_process';
import { existsSync, mkdirSync, openSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { dataFolder, digestOfSources, projectFolder, run, Stop, say } from './steps';

export interface Running {
  readonly pid: number;
  /** The process that does the background work. */
  readonly workerPid?: number;
  readonly port: number;
  readonly mode: 'demo' | 'academy';
}

const stateFile = path.join(dataFolder, 'application.json');
const next = path.join(projectFolder, 'node_modules', 'next', 'dist', 'bin', 'next');

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

export function findRunning(): Running | undefined {
  if (!existsSync(stateFile)) return undefined;
  const state = JSON.parse(readFileSync(stateFile, 'utf8')) as Running;
  try {
    process.kill(state.pid, 0);
    const command = readFileSync(`/proc/${state.pid}/cmdline`, 'utf8');
    return command.includes('next') ? state : undefined;
  } catch {
    return undefined;
  }
}

export async function stopApplication(): Promise<boolean> {
  const running = findRunning();
  if (!running) return false;
  process.kill(running.pid, 'SIGTERM');
  await stopWorker(running.workerPid);
  for (let wait = 0; wait < 100 && findRunning(); wait += 1) await new Promise((resolve) => setTimeout(resolve, 100));
  if (findRunning()) process.kill(running.pid, 'SIGKILL');
  rmSync(stateFile, { force: true });
  return true;
}

/** Starts the server in the background and waits until it answers. */
export async function startApplication(mode: Running['mode'], databaseUrl: string, folder: string): Promise<Running> {
  const port = Number(process.env.OWL_PORT ?? 4310);
  mkdirSync(folder, { recursive: true });
  const log = openSync(path.join(folder, 'server.log'), 'a');
  const env = {
    ...process.env,
    NODE_ENV: 'production' as const,
    NEXT_TELEMETRY_DISABLED: '1',
    OWL_DATABASE_URL: databaseUrl,
    OWL_DATA_FOLDER: folder,
  };
  const child = spawn(process.execPath, [next, 'start', '-H', '127.0.0.1', '-p', String(port)], {
    cwd: projectFolder,
    detached: true,
    stdio: ['ignore', log, log],
    env,
  });
  child.unref();
  const worker = spawnWorker(env, log);
  worker.unref();
  const running = { pid: child.pid ?? 0, workerPid: worker.pid, port, mode };
  writeFileSync(stateFile, JSON.stringify(running));
  await waitForAnswer(port, child.pid ?? 0, path.join(folder, 'server.log'));
  return running;
}

/** A process of its own for the background work, in the environment of its application. */
export const spawnWorker = (env: NodeJS.ProcessEnv, log: number | 'ignore' | 'inherit'): ChildProcess =>
  spawn(process.execPath, ['--import', 'tsx', path.join(projectFolder, 'bin', 'worker.ts')], {
    cwd: projectFolder,
    detached: log !== 'inherit',
    stdio: ['ignore', log, log],
    env,
  });

async function stopWorker(pid: number | undefined): Promise<void> {
  if (!pid || !isWorker(pid)) return;
  process.kill(pid, 'SIGTERM');
  for (let wait = 0; wait < 50 && isWorker(pid); wait += 1) await new Promise((resolve) => setTimeout(resolve, 100));
  // What it was at is taken up again by the next one.
  if (isWorker(pid)) process.kill(pid, 'SIGKILL');
}

function isWorker(pid: number): boolean {
  try {
    process.kill(pid, 0);
    return readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('worker.ts');
  } catch {
    return false;
  }
}

async function waitForAnswer(port: number, pid: number, log: string): Promise<void> {
  for (let wait = 0; wait < 300; wait += 1) {
    const answer = await fetch(`http://127.0.0.1:${port}/sign-in`, { redirect: 'manual' }).catch(() => undefined);
    if (answer && answer.status < 500) return;
    try {
      process.kill(pid, 0);
    } catch {
      throw new Stop(`The server ended at once. Is port ${port} taken? Its log is ${log}`);
    }
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Stop(`The server did not answer within 30 seconds. Its log is ${log}`);
}
