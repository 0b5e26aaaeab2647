import { randomInt } from 'node:crypto';
import { setTimeout as pause } from 'node:timers/promises';
import { Logger, type Runner, run, type TaskList } from 'graphile-worker';
import { z } from 'zod';
import { pool } from '@/data/client';
import { reviveArrivals } from '@/data/footage/arrivals';
import { deleteWorker, insertWorker, noteWorker, silenceSeconds } from '@/data/footage/queue';
import { reviveWork } from '@/data/footage/work';
import { doWork } from './doWork';
import { lookAt } from './lookAt';
import { makeProxy } from './makeProxy';
import { queueArrival, queueWorkTask } from './queueWork';
import { finishUploads, giveUpOldUploads, sweepLeftovers } from './sweep';
import { takeIn } from './takeIn';
import { throughOutage } from './throughOutage';
import { createInboxWatcher, resumeClaims } from './watchInbox';

export interface RunningWorker {
  readonly number: number;
  readonly stop: () => Promise<void>;
}

export interface WorkerOptions {
  /** How many pieces of work this process does at once. */
  readonly atOnce: number;
  readonly watchesInbox: boolean;
  readonly say: (text: string) => void;
}

const LOOK_ROUND_MS = 1500;
const SWEEP_EVERY_MS = 10 * 60_000;
const START_AGAIN_MS = 2000;
const footageTask = z.object({ footageId: z.uuid() });
const arrivalTask = z.object({ arrivalId: z.uuid() });

/** Starts to work: takes tasks from the queue, watches the inbox, and takes over what dead processes left. Goes on when the database goes away and comes back. */
export async function runWorker({ atOnce, watchesInbox, say }: WorkerOptions): Promise<RunningWorker> {
  let number = randomInt(1, 2_000_000_000);
  while ((await throughOutage(() => insertWorker(pool(), number))) === 0) number = randomInt(1, 2_000_000_000);
  const stopping = new AbortController();
  const logger = new Logger(() => (level, message) => {
    if (level === 'error') say(message);
  });
  const take = (concurrency: number, taskList: TaskList) =>
    keepRunning(
      () => run({ pgPool: pool(), concurrency, noHandleSignals: true, pollInterval: 2000, logger, taskList }),
      stopping.signal,
      say,
    );
  const runners = [
    await take(atOnce, {
      look: async (payload) => doWork('look', footageTask.parse(payload).footageId, number, lookAt, stopping.signal),
      proxy: async (payload) =>
        doWork('proxy', footageTask.parse(payload).footageId, number, makeProxy, stopping.signal),
    }),
    // A file that has just arrived is on the shelf within seconds, however long the others take.
    await take(1, { 'take-in': async (payload) => takeIn(arrivalTask.parse(payload).arrivalId, number) }),
  ];
  const inbox = createInboxWatcher(number);
  const life = createLife(number);
  let sweptAt = 0;
  const round = repeat(
    LOOK_ROUND_MS,
    async () => {
      if (await life.beat(Date.now())) await takeOver();
      if (Date.now() - sweptAt > SWEEP_EVERY_MS) {
        sweptAt = Date.now();
        await sweepLeftovers(sweptAt);
      }
      if (watchesInbox) await inbox.look(Date.now());
    },
    say,
  );
  return {
    number,
    stop: async () => {
      stopping.abort();
      await round.stop();
      await Promise.all(runners.map((runner) => runner.stop()));
      await deleteWorker(pool(), number).catch(() => undefined);
    },
  };
}

/**
 * The signs of life of a process. `beat` gives whether it may take over from others now: not right after an outage of the database, in which everybody
 * was silent, until everybody had the time to speak again.
 */
export function createLife(
  number: number,
  note: (number: number) => Promise<unknown> = (own) => noteWorker(pool(), own),
) {
  let quietUntilMs = 0;
  return {
    beat: async (nowMs: number): Promise<boolean> => {
      try {
        await note(number);
      } catch (error) {
        quietUntilMs = Number.POSITIVE_INFINITY;
        throw error;
      }
      if (quietUntilMs === Number.POSITIVE_INFINITY) quietUntilMs = nowMs + silenceSeconds() * 1000;
      return nowMs >= quietUntilMs;
    },
  };
}

/** What a dead process had begun goes back on the list; what waits without a task gets one; what is all here is handed on. */
async function takeOver(): Promise<void> {
  for (const { footageId, kind, state } of await reviveWork(pool()))
    if (state === 'waiting') await queueWorkTask(footageId, kind);
  for (const { id } of await reviveArrivals(pool())) await queueArrival(id);
  await resumeClaims();
  await finishUploads(Date.now());
  await giveUpOldUploads();
}

/** Runs a queue's runner, and starts another whenever it ends by itself, as it does when the database is away for long. */
async function keepRunning(
  start: () => Promise<Runner>,
  stopping: AbortSignal,
  say: (text: string) => void,
): Promise<{ stop: () => Promise<void> }> {
  let runner = await throughOutage(start);
  const again = async (): Promise<void> => {
    await runner.promise.catch((error: unknown) => say(`the queue stopped: ${wordsOf(error)}`));
    while (!stopping.aborted) {
      await pause(START_AGAIN_MS, undefined, { signal: stopping }).catch(() => undefined);
      if (stopping.aborted) return;
      try {
        runner = await start();
        say('the queue runs again');
        return again();
      } catch (error) {
        say(`the queue does not start yet: ${wordsOf(error)}`);
      }
    }
  };
  const ended = again();
  return {
    stop: async () => {
      await runner.stop().catch(() => undefined);
      await ended;
    },
  };
}

const wordsOf = (error: unknown): string => (error instanceof Error ? error.message : String(error));

/** Does something again and again, never twice at once; trouble is told and does not end it. */
function repeat(everyMs: number, act: () => Promise<void>, say: (text: string) => void) {
  let stopped = false;
  let timer: NodeJS.Timeout | undefined;
  let current: Promise<void> = Promise.resolve();
  const turn = () => {
    current = act()
      .catch((error: unknown) => say(wordsOf(error)))
      .then(() => {
        if (!stopped) timer = setTimeout(turn, everyMs);
      });
  };
  turn();
  return {
    stop: async () => {
      stopped = true;
      clearTimeout(timer);
      await current;
    },
  };
}
