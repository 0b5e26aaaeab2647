import { type ChildProcess, spawn } from 'node:child_process';
import path from 'node:path';
import { loadDemo } from '../demo/loadDemo';
import { academyCluster, ensureDatabase, startCluster } from './cluster';
import { dataFolder, ensureDebianPackages, projectFolder, say } from './steps';

const next = path.join(projectFolder, 'node_modules', 'next', 'dist', 'bin', 'next');

/** The demo academy for whoever writes the program: pages are made anew as their files change, and so is the worker. In the foreground, until Ctrl-C. */
export async function develop(): Promise<void> {
  await ensureDebianPackages(['postgresql', 'ffmpeg']);
  const cluster = await startCluster(academyCluster);
  const databaseUrl = await ensureDatabase(cluster, 'owl_dev');
  const folder = path.join(dataFolder, 'dev');
  await loadDemo(databaseUrl, folder, say, { withTerm: true });
  const port = process.env.OWL_PORT ?? '4320';
  const env = {
    ...process.env,
    NEXT_TELEMETRY_DISABLED: '1',
    OWL_DATABASE_URL: databaseUrl,
    OWL_DATA_FOLDER: folder,
    OWL_LOG: process.env.OWL_LOG ?? 'debug',
  };
  const start = (args: readonly string[]): ChildProcess =>
    spawn(process.execPath, [...args], { cwd: projectFolder, env, stdio: 'inherit' });
  const children = [
    start([next, 'dev', '--hostname', '127.0.0.1', '--port', port]),
    start([path.join(projectFolder, 'node_modules', 'tsx', 'dist', 'cli.mjs'), 'watch', 'bin/worker.ts']),
  ];
  say(`http://127.0.0.1:${port} when it says so; Ctrl-C ends both.`);
  const end = () => {
    for (const child of children) child.kill('SIGTERM');
  };
  process.on('SIGINT', end);
  process.on('SIGTERM', end);
  await Promise.all(children.map((child) => new Promise((resolve) => child.once('exit', resolve))));
}
