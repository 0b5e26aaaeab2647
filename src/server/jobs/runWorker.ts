import { randomInt } from 'node:crypto';
import { Logger, run, type TaskList } from 'graphile-worker';
import { z } from 'zod';
import { pool } from '@/data/client';
import { reviveArrivals } from '@/data/footage/arrivals';
import { holdWorkerLock } from '@/data/footage/queue';
import { reviveWork } from '@/data/footage/work';
import { doWork } from './doWork';
import { lookAt } from './lookAt';
import { makeProxy } from './makeProxy';
import { queueArrival, queueWorkTask } from './queueWork';
import { takeIn } from './takeIn';
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
const footageTask = z.object({ footageId: z.uuid() });
const arrivalTask = z.object({ arrivalId: z.uuid() });

/** Starts to work: takes tasks from the queue, watches the inbox, and takes over what dead processes left. */
export async function runWorker({ atOnce, watchesInbox, say }: WorkerOptions): Promise<RunningWorker> {
  const client = await pool().connect();
  let number = randomInt(1, 2_000_000_000);
  while (!(await holdWorkerLock(client, number))) number = randomInt(1, 2_000_000_000);
  const logger = new Logger(() => (level, message) => {
    if (level === 'error') say(message);
  });
  const take = (concurrency: number, taskList: TaskList) =>
    run({ pgPool: pool(), concurrency, noHandleSignals: true, pollInterval: 2000, logger, taskList });
  const runners = [
    await take(atOnce, {
      look: async (payload) => doWork('look', footageTask.parse(payload).footageId, number, lookAt),
      proxy: async (payload) => doWork('proxy', footageTask.parse(payload).footageId, number, makeProxy),
    }),
    // A file that has just arrived is on the shelf within seconds, however long the others take.
    await take(1, { 'take-in': async (payload) => takeIn(arrivalTask.parse(payload).arrivalId, number) }),
  ];
  const inbox = createInboxWatcher(number);
  const round = repeat(
    LOOK_ROUND_MS,
    async () => {
      await takeOver();
      if (watchesInbox) await inbox.look(Date.now());
    },
    say,
  );
  return {
    number,
    stop: async () => {
      await round.stop();
      await Promise.all(runners.map((runner) => runner.stop()));
      client.release(true);
    },
  };
}

/** What a dead process had begun goes back on the list; what waits without a task gets one. */
async function takeOver(): Promise<void> {
  for (const { footageId, kind, state } of await reviveWork(pool()))
    if (state === 'waiting') await queueWorkTask(footageId, kind);
  for (const { id } of await reviveArrivals(pool())) await queueArrival(id);
  await resumeClaims();
}

/** Does something again and again, never twice at once; trouble is told and does not end it. */
function repeat(everyMs: number, act: () => Promise<void>, say: (text: string) => void) {
  let stopped = false;
  let timer: NodeJS.Timeout | undefined;
  let current: Promise<void> = Promise.resolve();
  const turn = () => {
    current = act()
      .catch((error: unknown) => say(error instanceof Error ? error.message : String(error)))
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
