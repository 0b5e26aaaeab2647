import { pool } from '@/data/client';
import { beginClip, endClip, findRecipe, noteClipProgress, stopClip } from '@/data/clips/clips';
import { listFootageByIds } from '@/data/footage/footage';
import { throughOutage } from '../jobs/throughOutage';
import { queueClip } from './askForClip';
import { renderClip } from './renderClip';

const NOTE_EVERY_MS = 500;

/**
 * Makes one clip that was asked for: told how far it is, ended when it is cancelled, handed back when the process is to stop. What a coach can mend ends as
 * failed; anything unforeseen is thrown, for the queue to try again, and has failed after the last try.
 */
export async function doClip(clipId: string, stopping: AbortSignal, isLastTry: boolean): Promise<void> {
  if (stopping.aborted || (await beginClip(pool(), clipId)) === 0) return;
  const recipe = await findRecipe(pool(), clipId);
  if (!recipe) return;
  const files = await listFootageByIds(pool(), [...new Set(recipe.pieces.map((one) => one.footageId))]);
  const cancel = new AbortController();
  let ratio = 0;
  const timer = setInterval(() => {
    noteClipProgress(pool(), clipId, ratio).then(
      (touched) => touched === 0 && cancel.abort(),
      // A database that is away says nothing about the work: it goes on.
      () => undefined,
    );
  }, NOTE_EVERY_MS);
  try {
    const signal = AbortSignal.any([cancel.signal, stopping]);
    const footage = new Map(files.map((one) => [one.id, one]));
    const made = await renderClip(clipId, recipe, footage, (now) => (ratio = now), signal);
    await throughOutage(() =>
      made.ok ? endClip(pool(), clipId, made.value) : stopClip(pool(), clipId, 'failed', made.problem),
    );
  } catch (error) {
    if (cancel.signal.aborted) return;
    const again = stopping.aborted || !isLastTry;
    await throughOutage(() =>
      stopClip(pool(), clipId, again ? 'waiting' : 'failed', again ? undefined : { code: 'interrupted' }),
    );
    if (stopping.aborted) await queueClip(pool(), clipId);
    else throw error;
  } finally {
    clearInterval(timer);
  }
}
