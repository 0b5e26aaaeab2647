import { spawn } from 'node:child_process';
import { projectFolder } from './steps';

/** How a command ended, and the last of what it said. */
export interface HeardRun {
  readonly code: number;
  readonly last: string;
}

/** Enough for several failures with where they stand. */
const KEPT_CHARACTERS = 8_000;

/** Runs a command and shows what it says, as far as it is shown already; the last of it is kept. */
export function runHeard(command: string, args: readonly string[]): Promise<HeardRun> {
  return new Promise((resolve, reject) => {
    let last = '';
    const colored = process.stdout.isTTY ? { FORCE_COLOR: '1' } : {};
    const child = spawn(command, [...args], {
      stdio: ['inherit', 'pipe', 'pipe'],
      cwd: projectFolder,
      env: { ...process.env, ...colored },
    });
    for (const stream of [child.stdout, child.stderr]) {
      stream.setEncoding('utf8').on('data', (text: string) => {
        process.stdout.write(text);
        last = (last + text).slice(-KEPT_CHARACTERS);
      });
    }
    child.on('error', reject);
    child.on('close', (code) => resolve({ code: code ?? 1, last }));
  });
}
