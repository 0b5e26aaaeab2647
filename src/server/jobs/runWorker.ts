import { randomInt } from 'node:crypto';
import { EventEmitter } from 'node:events';
import { setTimeout as pause } from 'node:timers/promises';
import { Logger, type Runner, run, type WorkerEvents } from 'graphile-worker';
import { pool } from '@/data/client';
import { reviveArrivals } from '@/data/footage/arrivals';
import {
  deleteWorker,
  insertWorker,
  notePool,
  noteWorker,
  silenceSeconds,
  unlockDeadTasks,
} from '@/data/footage/queue';
import { reviveWork } from '@/data/footage/work';
import { log } from '../../log/log';
import { sweepTouches } from '../accounts/noteTouched';
import { askForNightlyBackup } from '../backup/nightly';
import { sweepClips } from '../clips/sweepClips';
import { today } from '../kernel/academyTime';
import { remindStudents } from '../sharing/remind';
import { askToCarryFilms } from '../store/carryFilms';
import { sweepTrash } from '../trash/sweepTrash';
import { queueArrival, queueWorkTask } from './queueWork';
import { askForStaleFigures } from './refigure';
import { type Lane, taskListOf } from './registry';
import { finishUploads, giveUpOldUploads, sweepLeftovers } from './sweep';
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
/** Rounds and people whose figures are worked out at once: two, as most machines that do this have two processors. */
const FIGURES_AT_ONCE = 2;

/** Starts to work: takes tasks from the queue, watches the inbox, and takes over what dead processes left. Goes on when the database goes away and comes back. */
export async function runWorker({ atOnce, watchesInbox, say }: WorkerOptions): Promise<RunningWorker> {
  let number = randomInt(1, 2_000_000_000);
  while ((await throughOutage(() => insertWorker(pool(), number))) === 0) number = randomInt(1, 2_000_000_000);
  const stopping = new AbortController();
  const logger = new Logger(() => (level, message) => {
    if (level === 'error') say(message);
  });
  const take = (lane: Lane, concurrency: number) =>
    keepRunning(
      () =>
        run({
          pgPool: pool(),
          concurrency,
          noHandleSignals: true,
          pollInterval: 2000,
          logger,
          taskList: taskListOf(lane, { workerNumber: number, stopping: stopping.signal }),
          events: poolEvents(number),
        }),
      stopping.signal,
      say,
    );
  const runners = [
    await take('film', atOnce),
    // A file that has just arrived is on the shelf within seconds, however long the others take.
    await take('arrival', 1),
    await take('figures', FIGURES_AT_ONCE),
    await take('plan', 1),
    await take('clip', 1),
    await take('backup', 1),
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
        await askForStaleFigures(pool(), await today());
        await sweepClips();
        await sweepTrash();
        await sweepTouches();
        await askToCarryFilms();
        await remindStudents(await today());
        await askForNightlyBackup(new Date());
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

/** Under which names a process takes tasks is noted, so that others can tell what it held when it died. */
function poolEvents(number: number): WorkerEvents {
  const events: WorkerEvents = new EventEmitter();
  events.on('pool:create', ({ workerPool }) => {
    throughOutage(() => notePool(pool(), number, workerPool.id)).catch((error: unknown) =>
      log.error({ err: error, worker: number }, 'a pool of tasks could not be noted'),
    );
  });
  return events;
}

/** What a dead process had begun goes back on the list; what waits without a task gets one; what is all here is handed on. */
async function takeOver(): Promise<void> {
  for (const { footageId, kind, state } of await reviveWork(pool()))
    if (state === 'waiting') await queueWorkTask(footageId, kind);
  for (const { id } of await reviveArrivals(pool())) await queueArrival(id);
  await unlockDeadTasks(pool());
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
