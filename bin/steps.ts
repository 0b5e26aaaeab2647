import { type SpawnOptions, spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { findPostgresFolder } from '../src/server/kernel/postgresFolder';

export const projectFolder = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..');
/** Where everything that is the academy's lies; OWL_HOME puts it elsewhere. */
export const dataFolder = path.resolve(process.env.OWL_HOME || path.join(projectFolder, 'data'));
export const isRoot = process.getuid?.() === 0;

/** One line about what is being done. */
export const say = (text: string): void => console.log(`owl: ${text}`);

/** Stops with a message and no stack: something for the reader to mend. */
export class Stop extends Error {}

/** Runs a command to its end with its output shown; stops when it fails. */
export async function run(command: string, args: readonly string[], options: SpawnOptions = {}): Promise<void> {
  const code = await runForCode(command, args, options);
  if (code !== 0) throw new Stop(`'${command} ${args.join(' ')}' failed (exit code ${code}).`);
}

export function runForCode(command: string, args: readonly string[], options: SpawnOptions = {}): Promise<number> {
  return new Promise((resolve, reject) => {
    const child = spawn(command, [...args], { stdio: 'inherit', cwd: projectFolder, ...options });
    child.on('error', reject);
    child.on('close', (code) => resolve(code ?? 1));
  });
}

export const isOnPath = (name: string): boolean =>
  spawnSync('sh', ['-c', `command -v ${name}`], { stdio: 'ignore' }).status === 0;

const debianPackages = { postgresql: 'PostgreSQL', ffmpeg: 'ffmpeg', chromium: 'Chromium' } as const;

function isInstalled(name: keyof typeof debianPackages): boolean {
  if (name === 'postgresql') return findPostgresFolder() !== undefined;
  return isOnPath(name);
}

/** Installs what is missing from Debian's packages. */
export async function ensureDebianPackages(names: readonly (keyof typeof debianPackages)[]): Promise<void> {
  const missing = names.filter((name) => !isInstalled(name));
  if (missing.length === 0) return;
  if (!isOnPath('apt-get'))
    throw new Stop(
      `Missing: ${missing.map((name) => debianPackages[name]).join(', ')}. Install them, then run this again.`,
    );
  say(`installing from Debian: ${missing.join(', ')} …`);
  const [command, prefix] = isRoot ? ['apt-get', []] : ['sudo', ['apt-get']];
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  await run(command, [...prefix, '-qq', 'update'], { env });
  // Debian's server package may also make a cluster for the system; ours never touches it.
  await run(command, [...prefix, 'install', '-y', '-qq', '--no-install-recommends', ...missing], {
    env,
    stdio: ['ignore', 'ignore', 'inherit'],
  });
}

/** A digest of the files that a build depends on. */
export function digestOfSources(): string {
  const digest = createHash('sha256');
  const walk = (entry: string): void => {
    const full = path.join(projectFolder, entry);
    if (!existsSync(full)) return;
    if (statSync(full).isDirectory()) for (const name of readdirSync(full).sort()) walk(path.join(entry, name));
    else digest.update(entry).update(readFileSync(full));
  };
  for (const entry of ['src', 'package-lock.json', 'next.config.ts', 'tsconfig.json']) walk(entry);
  return digest.digest('hex');
}
