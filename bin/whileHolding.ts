import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { Stop } from './steps';

/** Runs something while no other process runs it under the same lock file; whoever comes second waits. The lock goes with this process, however it ends. */
export async function whileHolding<Value>(lockFile: string, run: () => Promise<Value>): Promise<Value> {
  // The holder lives for as long as its standard input is open: a process that is killed closes it.
  const holder = spawn('flock', [lockFile, 'sh', '-c', 'echo held; exec cat'], { stdio: ['pipe', 'pipe', 'inherit'] });
  const ended = once(holder, 'exit');
  const [first] = (await Promise.race([once(holder.stdout, 'data'), ended])) as [unknown];
  if (!Buffer.isBuffer(first)) throw new Stop(`${lockFile} could not be locked.`);
  try {
    return await run();
  } finally {
    holder.stdin.end();
    await ended;
  }
}
