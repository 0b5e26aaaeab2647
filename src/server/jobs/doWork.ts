import type { Result } from '@/core/kernel';
import { pool } from '@/data/client';
import { type Footage, findFootage } from '@/data/footage/footage';
import {
  beginWork,
  endWork,
  findWork,
  handBackWork,
  MOST_ATTEMPTS,
  noteProgress,
  type WorkKind,
} from '@/data/footage/work';
import { queueWorkTask } from './queueWork';
import { throughOutage } from './throughOutage';

export type Worker = (
  footage: Footage,
  tell: (ratio: number) => void,
  signal: AbortSignal,
) => Promise<Result<void, { readonly code: string }>>;

const NOTE_EVERY_MS = 700;
const never = new AbortController().signal;

/**
 * Does one piece of work on a file: begins it unless it was cancelled or somebody else has it, notes how far it is, ends it when it was cancelled
 * in the middle. What the coach can mend ends as failed; anything unforeseen is thrown for the queue to try again, three times in all. When the
 * process is told to stop (`stopping`), the work is handed back, which is no try. A database that goes away in the middle is waited for.
 */
export async function doWork(
  kind: WorkKind,
  footageId: string,
  workerNumber: number,
  work: Worker,
  stopping: AbortSignal = never,
): Promise<void> {
  if (stopping.aborted || (await beginWork(pool(), footageId, kind, workerNumber)) === 0) return;
  const footage = await findFootage(pool(), footageId);
  if (!footage) return;
  const cancel = new AbortController();
  let ratio = 0;
  const timer = setInterval(() => {
    noteProgress(pool(), footageId, kind, workerNumber, ratio).then(
      (touched) => touched === 0 && cancel.abort(),
      // A database that is away says nothing about the work: it goes on.
      () => undefined,
    );
  }, NOTE_EVERY_MS);
  const end = (state: 'waiting' | 'done' | 'failed', problem?: { readonly code: string }) =>
    throughOutage(() => endWork(pool(), footageId, kind, workerNumber, state, problem));
  try {
    const outcome = await work(footage, (now) => (ratio = now), AbortSignal.any([cancel.signal, stopping]));
    await (outcome.ok ? end('done') : end('failed', outcome.problem));
  } catch (error) {
    if (cancel.signal.aborted) return;
    if (stopping.aborted) {
      await handBackWork(pool(), footageId, kind, workerNumber);
      await queueWorkTask(footageId, kind);
      return;
    }
    const attempts = (await throughOutage(() => findWork(pool(), footageId, kind)))?.attempts ?? MOST_ATTEMPTS;
    const again = attempts < MOST_ATTEMPTS;
    await end(again ? 'waiting' : 'failed', { code: 'interrupted' });
    if (again) throw error;
  } finally {
    clearInterval(timer);
  }
}
