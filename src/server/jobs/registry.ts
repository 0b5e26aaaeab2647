import type { Task, TaskList } from 'graphile-worker';
import { z } from 'zod';
import { endPlan } from '@/data/classes/classes';
import { endRun } from '@/data/classes/runs';
import { pool } from '@/data/client';
import { log } from '../../log/log';
import { doBackup } from '../backup/doBackup';
import { workOutPlan } from '../classes/workOutPlan';
import { workOutRun } from '../classes/workOutRun';
import { doClip } from '../clips/doClip';
import { doExport } from '../exchange/exportJob';
import { doImport } from '../exchange/importJob';
import { figurePerson } from '../figures/figurePerson';
import { figureRound } from '../figures/figureRound';
import { workOutEffects } from '../figures/workOutEffects';
import { today } from '../kernel/academyTime';
import { blurFilm } from '../people/erasing/blurFilm';
import { sendMessage } from '../sharing/sendMessage';
import { carryFilms } from '../store/carryFilms';
import { doWork } from './doWork';
import { lookAt } from './lookAt';
import { makeProxy } from './makeProxy';
import { takeIn } from './takeIn';

/** Which of a process's lanes does a job: each lane has its own number of jobs at once, so that none waits for another's. */
export type Lane = 'film' | 'arrival' | 'figures' | 'plan' | 'clip' | 'backup';

export interface JobSurroundings {
  /** Under which number this process gives its signs of life. */
  readonly workerNumber: number;
  /** Told when the process is to stop: what can be handed back is. */
  readonly stopping: AbortSignal;
  /** Whether the queue gives up after this one. */
  readonly isLastTry: boolean;
}

interface Job {
  readonly lane: Lane;
  readonly run: (payload: unknown, surroundings: JobSurroundings) => Promise<void>;
}

/** A kind of background work: what its payload must be, and what it does. Anything thrown is tried again by the queue, later each time. */
const defineJob = <Payload>(
  lane: Lane,
  payload: z.ZodType<Payload>,
  run: (payload: Payload, surroundings: JobSurroundings) => Promise<void>,
): Job => ({ lane, run: (raw, surroundings) => run(payload.parse(raw), surroundings) });

const ofFootage = z.object({ footageId: z.uuid() });

/** All background work by the name of its task. Adding a kind is one line here. */
export const jobs: Readonly<Record<string, Job>> = {
  look: defineJob('film', ofFootage, ({ footageId }, { workerNumber, stopping }) =>
    doWork('look', footageId, workerNumber, lookAt, stopping),
  ),
  proxy: defineJob('film', ofFootage, ({ footageId }, { workerNumber, stopping }) =>
    doWork('proxy', footageId, workerNumber, makeProxy, stopping),
  ),
  'take-in': defineJob('arrival', z.object({ arrivalId: z.uuid() }), ({ arrivalId }, { workerNumber }) =>
    takeIn(arrivalId, workerNumber),
  ),
  'figure-round': defineJob('figures', z.object({ roundId: z.uuid() }), ({ roundId }) => figureRound(pool(), roundId)),
  plan: defineJob('plan', z.object({ classId: z.uuid(), version: z.number().int() }), async (asked, surroundings) => {
    const { classId, version } = asked;
    try {
      await workOutPlan(pool(), classId, version, await today(), surroundings.stopping);
    } catch (error) {
      if (surroundings.isLastTry)
        await endPlan(pool(), classId, version, { state: 'failed', problem: { code: 'interrupted' } });
      throw error;
    }
  }),
  'plan-run': defineJob('plan', z.object({ runId: z.uuid() }), async ({ runId }, surroundings) => {
    try {
      await workOutRun(pool(), runId, await today(), surroundings.stopping);
    } catch (error) {
      if (surroundings.isLastTry) await endRun(pool(), runId, { state: 'failed', problem: { code: 'interrupted' } });
      throw error;
    }
  }),
  clip: defineJob('clip', z.object({ clipId: z.uuid() }), ({ clipId }, { stopping, isLastTry }) =>
    doClip(clipId, stopping, isLastTry),
  ),
  // One that cannot be made is told in Settings and in the log, and tried again the next night: at once it would fail the same way.
  backup: defineJob('backup', z.object({}), async (_, { stopping }) => void (await doBackup(stopping))),
  // In turns with backups: neither holds the other up for longer than one turn.
  'carry-films': defineJob('backup', z.object({}), (_, { stopping }) => carryFilms(stopping)),
  'blur-film': defineJob(
    'backup',
    z.object({
      ...{ footageId: z.uuid(), erasureId: z.uuid() },
      spans: z.array(z.object({ startSeconds: z.number(), endSeconds: z.number() })),
    }),
    (task, { stopping }) => blurFilm(task, stopping),
  ),
  export: defineJob('backup', z.object({ exportId: z.uuid() }), ({ exportId }, { stopping, isLastTry }) =>
    doExport(exportId, stopping, isLastTry),
  ),
  'bring-in': defineJob(
    'backup',
    z.object({ importId: z.uuid(), takesTheirs: z.boolean() }),
    ({ importId, takesTheirs }, { stopping, isLastTry }) => doImport(importId, takesTheirs, stopping, isLastTry),
  ),
  'send-message': defineJob('figures', z.object({ messageId: z.uuid() }), ({ messageId }) => sendMessage(messageId)),
  'lesson-effects': defineJob('figures', z.object({}), async () => workOutEffects(pool(), await today())),
  'figure-person': defineJob('figures', z.object({ personId: z.uuid() }), async ({ personId }) =>
    figurePerson(pool(), personId, await today()),
  ),
};

const logged =
  (name: string, job: Job, surroundings: Omit<JobSurroundings, 'isLastTry'>): Task =>
  async (payload, { job: { id, attempts, max_attempts } }) => {
    const beganAt = performance.now();
    const line = { job: name, id, attempt: attempts, of: payload };
    try {
      await job.run(payload, { ...surroundings, isLastTry: attempts >= max_attempts });
      log.debug({ ...line, ms: Math.round(performance.now() - beganAt) }, 'done');
    } catch (error) {
      log.error(
        { ...line, err: error },
        attempts >= max_attempts ? 'a job failed for good' : 'a job failed and is tried again',
      );
      throw error;
    }
  };

/** The jobs of a lane as the queue's package wants them. */
export const taskListOf = (lane: Lane, surroundings: Omit<JobSurroundings, 'isLastTry'>): TaskList =>
  Object.fromEntries(
    Object.entries(jobs)
      .filter(([, job]) => job.lane === lane)
      .map(([name, job]) => [name, logged(name, job, surroundings)]),
  );
