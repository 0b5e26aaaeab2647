import { createHash } from 'node:crypto';
import path from 'node:path';
import { z } from 'zod';
import { stateFile } from './stateFile';
import { dataFolder } from './steps';

const runningShape = z.object({
  /** The data folder that it runs for: a copied folder holds the original's file, and must leave the original alone. */
  home: z.string(),
  /** Where the supervisor listens on loopback. */
  controlPort: z.number().int().min(1).max(65_535),
  /** Known to this file and to the supervisor alone. */
  secret: z.string().min(20),
  port: z.number().int().min(1).max(65_535),
  mode: z.enum(['demo', 'academy']),
  /** What its start was told beside the verb. */
  words: z.array(z.string()).default([]),
});
export type Running = z.output<typeof runningShape>;

export const runningFile = stateFile(path.join(dataFolder, 'application.json'), runningShape);

const statusShape = z.object({
  pid: z.number(),
  restarts: z.object({ server: z.number(), worker: z.number() }),
});
export type Status = z.output<typeof statusShape>;

/** Asks the supervisor that the state file speaks of; undefined when nobody there knows the secret: then nothing of ours runs. */
export async function askSupervisor(
  { controlPort, secret }: Running,
  method: 'GET' | 'POST',
  mostMs: number,
): Promise<Status | undefined> {
  try {
    const answer = await fetch(`http://127.0.0.1:${controlPort}/`, {
      method,
      headers: { 'x-owl-secret': secret },
      signal: AbortSignal.timeout(mostMs),
    });
    return answer.ok ? statusShape.safeParse(await answer.json()).data : undefined;
  } catch {
    return undefined;
  }
}

/** What runs now, proved by its answer. */
export async function findRunning(): Promise<(Running & Status) | undefined> {
  const found = runningFile.read();
  const known = found?.home === dataFolder ? found : undefined;
  const status = known && (await askSupervisor(known, 'GET', 5000));
  return known && status && { ...known, ...status };
}

/** Whether the web server on the port is the one that this supervisor keeps: it alone can answer a question made up now. */
export async function isOurServer({ port, secret }: Running, question: string): Promise<boolean> {
  const instance = createHash('sha256').update(`instance ${secret}`).digest('hex');
  const expected = createHash('sha256').update(`${instance} ${question}`).digest('hex');
  try {
    const answer = await fetch(`http://127.0.0.1:${port}/api/alive?question=${question}`, {
      redirect: 'manual',
      signal: AbortSignal.timeout(5000),
    });
    return answer.ok && ((await answer.json()) as { answer?: unknown }).answer === expected;
  } catch {
    return false;
  }
}
