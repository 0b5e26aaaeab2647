import { createHash, randomUUID } from 'node:crypto';
import { type ClipRecipe, MOST_CLIP_SECONDS, secondsOfRecipe } from '@/core/clip';
import { fail, type Result, succeed } from '@/core/kernel';
import { type Database, inTransaction, pool } from '@/data/client';
import { askClipAgain, type Clip, putClip, saveClipRound } from '@/data/clips/clips';
import { recipeShape } from '@/data/clips/recipeShape';
import { queueTask } from '@/data/footage/queue';

/** Counts up when the same recipe is to be drawn otherwise than before. */
const RENDERER_VERSION = 1;

export const queueClip = (database: Database, clipId: string): Promise<number> =>
  queueTask(database, 'clip', { clipId }, `clip:${clipId}`);

export type AskProblem = { readonly code: 'too-long'; readonly seconds: number } | { readonly code: 'nothing-to-show' };

/** Asks for a recipe as a file: the one that is there already, or a new one that is made in the background. `roundIds` are those of its moments. */
export async function askForClip(
  wanted: ClipRecipe,
  roundIds: readonly string[],
  coachId: string | undefined,
): Promise<Result<Clip, AskProblem>> {
  const seconds = secondsOfRecipe(wanted);
  if (seconds <= 0) return fail({ code: 'nothing-to-show' });
  if (seconds > MOST_CLIP_SECONDS) return fail({ code: 'too-long', seconds });
  const recipe = recipeShape.parse(wanted);
  const digest = createHash('sha256')
    .update(`${RENDERER_VERSION} ${JSON.stringify(recipe)}`)
    .digest();
  const id = randomUUID();
  return inTransaction(pool(), async (client) => {
    const clip = await putClip(client, { id, digest, recipe }, coachId);
    if (!clip) throw new Error('askForClip: a clip that was put on the list is not there');
    for (const roundId of new Set(roundIds)) await saveClipRound(client, clip.id, roundId);
    if (clip.id === id || (await askClipAgain(client, clip.id)) > 0) await queueClip(client, clip.id);
    return succeed(clip);
  });
}
