import { type ChildProcess, spawn } from 'node:child_process';
import { createHash, randomBytes } from 'node:crypto';
import { mkdirSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import path from 'node:path';
import { type Running, runningFile } from './running';
import { dataFolder, projectFolder } from './steps';

/*
 * One process keeps the application: it starts the web server and the worker, starts them again when they end, and ends them in order. Commands talk to
 * it over loopback with a secret that only the state file tells, so that nobody is ever stopped by a number that now belongs to another process.
 */

const FIRST_PAUSE_MS = 500;
const MOST_PAUSE_MS = 30_000;
/** A process that ran for so long has earned a quick start again. */
const STEADY_MS = 60_000;
/** How long the worker may take to hand back what it is at, and the server to answer what it was asked. */
const STOP_MS = 60_000;
const REWRITE_MS = 3000;

interface Kept {
  readonly stop: () => Promise<void>;
  readonly restarts: () => number;
}

const say = (text: string): void => console.log(`${new Date().toISOString()} ${text}`);

/** Keeps one program running until it is stopped. A killed supervisor takes it along. */
function keep(name: string, args: readonly string[], env: NodeJS.ProcessEnv): Kept {
  let child: ChildProcess | undefined;
  let stopped = false;
  let restarts = 0;
  let wait = FIRST_PAUSE_MS;
  let timer: NodeJS.Timeout | undefined;
  const start = () => {
    const beganAt = Date.now();
    const started = spawn('setpriv', ['--pdeathsig', 'TERM', process.execPath, ...args], {
      cwd: projectFolder,
      env,
      stdio: ['ignore', 'inherit', 'inherit'],
    });
    child = started;
    say(`${name}: started as process ${started.pid}`);
    const ended = (how: string) => {
      if (child !== started) return;
      child = undefined;
      if (stopped) return;
      wait = Date.now() - beganAt > STEADY_MS ? FIRST_PAUSE_MS : Math.min(MOST_PAUSE_MS, wait * 2);
      restarts += 1;
      say(`${name}: ended (${how}); again in ${Math.round(wait)} ms`);
      timer = setTimeout(start, wait);
    };
    started.once('error', (error) => ended(error.message));
    started.once('exit', (code, signal) => ended(signal ?? `code ${code}`));
  };
  start();
  return {
    restarts: () => restarts,
    stop: async () => {
      stopped = true;
      clearTimeout(timer);
      const dying = child;
      if (!dying || dying.exitCode !== null || dying.signalCode !== null) return;
      const gone = new Promise((resolve) => dying.once('exit', resolve));
      dying.kill('SIGTERM');
      const hard = setTimeout(() => dying.kill('SIGKILL'), STOP_MS);
      await gone;
      clearTimeout(hard);
      say(`${name}: stopped`);
    },
  };
}

const listen = (server: Server): Promise<number> =>
  new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(0, '127.0.0.1', () => {
      const address = server.address();
      resolve(typeof address === 'object' && address ? address.port : 0);
    });
  });

async function supervise(): Promise<void> {
  const folder = process.env.OWL_DATA_FOLDER ?? '';
  const port = Number(process.env.OWL_PORT);
  const mode = process.env.OWL_MODE === 'demo' ? 'demo' : 'academy';
  mkdirSync(folder, { recursive: true });
  const words = (process.env.OWL_START_WORDS ?? '').split('\n').filter(Boolean);
  const secret = randomBytes(24).toString('base64url');
  const env = { ...process.env, OWL_INSTANCE: createHash('sha256').update(`instance ${secret}`).digest('hex') };
  const server = keep('server', [path.join(projectFolder, 'bin', 'serve.mjs'), String(port)], env);
  const worker = keep('worker', ['--import', 'tsx', path.join(projectFolder, 'bin', 'worker.ts')], env);

  let ending: Promise<void> | undefined;
  const end = () => {
    // The worker first and alone: what it hands back should find the database, and the pages say that nobody works.
    ending ??= (async () => {
      await worker.stop();
      await server.stop();
      runningFile.remove();
    })();
    return ending;
  };
  const control = createServer((request, response) => {
    if (request.headers['x-owl-secret'] !== secret) return void response.writeHead(403).end();
    const answer = () => ({ pid: process.pid, restarts: { server: server.restarts(), worker: worker.restarts() } });
    if (request.method !== 'POST') return void response.end(JSON.stringify(answer()));
    void end().then(() => response.end(JSON.stringify(answer()), () => process.exit(0)));
  });
  const running: Running = { home: dataFolder, controlPort: await listen(control), secret, port, mode, words };
  runningFile.write(running);
  // Somebody may take the file away, or write an old one: whoever comes next must find us.
  setInterval(() => {
    if (!ending && runningFile.read()?.secret !== secret) runningFile.write(running);
  }, REWRITE_MS);
  for (const signal of ['SIGTERM', 'SIGINT'] as const) process.on(signal, () => void end().then(() => process.exit(0)));
}

await supervise();
