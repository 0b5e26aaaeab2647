import type { Result } from '@/core/kernel';
import { pool } from '@/data/client';
import { type Footage, findFootage } from '@/data/footage/footage';
import { beginWork, endWork, findWork, MOST_ATTEMPTS, noteProgress, type WorkKind } from '@/data/footage/work';

export type Worker = (
  footage: Footage,
  tell: (ratio: number) => void,
  signal: AbortSignal,
) => Promise<Result<void, { readonly code: string }>>;

const NOTE_EVERY_MS = 700;

/**
 * Does one piece of work on a file: begins it unless it was cancelled or somebody else has it, notes how far it is, ends it when it was cancelled
 * in the middle. What the coach can mend ends as failed; anything unforeseen is thrown for the queue to try again, three times in all.
 */
export async function doWork(kind: WorkKind, footageId: string, workerNumber: number, work: Worker): Promise<void> {
  if ((await beginWork(pool(), footageId, kind, workerNumber)) === 0) return;
  const footage = await findFootage(pool(), footageId);
  if (!footage) return;
  const cancel = new AbortController();
  let ratio = 0;
  const timer = setInterval(() => {
    noteProgress(pool(), footageId, kind, workerNumber, ratio).then(
      (touched) => touched === 0 && cancel.abort(),
      () => undefined,
    );
  }, NOTE_EVERY_MS);
  try {
    const outcome = await work(footage, (now) => (ratio = now), cancel.signal);
    if (outcome.ok) await endWork(pool(), footageId, kind, workerNumber, 'done');
    else await endWork(pool(), footageId, kind, workerNumber, 'failed', outcome.problem);
  } catch (error) {
    if (cancel.signal.aborted) return;
    const attempts = (await findWork(pool(), footageId, kind))?.attempts ?? MOST_ATTEMPTS;
    const again = attempts < MOST_ATTEMPTS;
    await endWork(pool(), footageId, kind, workerNumber, again ? 'waiting' : 'failed', { code: 'interrupted' });
    if (again) throw error;
  } finally {
    clearInterval(timer);
  }
}
