'use server';

import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { type ClipRecipe, MOST_PIECES, secondsOfRecipe } from '@/core/clip';
import { withoutName } from '@/core/consent';
import { type Outcome, refuse } from '@/core/kernel';
import { clipPieceOf, editReel, piecesNotIn } from '@/core/reel';
import { inTransaction, pool } from '@/data/client';
import { type Clip, cancelClip, findClip } from '@/data/clips/clips';
import { deleteReel, findReel, holdReel, insertReel, listReels, tellReel, updateReel } from '@/data/reels/reels';
import { askForClip } from '../clips/askForClip';
import { today } from '../kernel/academyTime';
import { defineCommand, seenVersion } from '../kernel/defineCommand';
import { whoIsShown, whyNotShown } from '../people/whoIsShown';
import { listBlindRounds } from '../reviews/blindness';
import { clipAsk, intoReelInput, reelInput, remoteCommands } from './reelInput';
import { resolveReel } from './resolveReel';

/** What is told of a film while it is made. */
export interface ClipNews extends Pick<Clip, 'state' | 'progress' | 'problem' | 'seconds' | 'byteLength'> {
  /** They lie in a file beside it. */
  readonly hasCaptions: boolean;
}

/** As many as a list shows at a glance. */
const OFFERED_REELS = 40;
const GONE = 'This reel is no longer there. Go back to the list of reels.';

/** Keeps a reel under the id that the page gave (version 0), or changes one that nobody else changed since `version`. Made twice under one id, it is one. */
export const saveReel = defineCommand({
  actor: 'coach',
  args: [reelInput, seenVersion],
  run: async (coach, { name, content }, { id, version }): Promise<Outcome<{ readonly version: number }>> => {
    const draft = { id, name, content };
    if (version === 0) {
      if ((await insertReel(pool(), draft, coach.id)) === 0) {
        const there = await findReel(pool(), id);
        if (!there) return refuse(GONE);
        return { ok: true, version: there.version };
      }
      revalidatePath('/reels');
      return { ok: true, version: 1 };
    }
    const stored = await findReel(pool(), id);
    // What a coach reviews blind is not on their page, and stays in the reel.
    const blind = await listBlindRounds(coach.id);
    const unseen = stored?.content.pieces.filter((one) => blind.includes(one.roundId)) ?? [];
    const whole = { ...draft, content: { ...content, pieces: [...content.pieces, ...unseen] } };
    if ((await updateReel(pool(), whole, version, coach.id)) === 0)
      return (await findReel(pool(), id))
        ? refuse('Another coach changed this reel meanwhile.', 'conflict')
        : refuse(GONE, 'gone');
    return { ok: true, version: version + 1 };
  },
});

/** The reels that a moment can be put into, the one that was changed last first. */
export const listKeptReels = defineCommand({
  actor: 'coach',
  args: [],
  run: async (): Promise<Outcome<{ readonly reels: readonly { id: string; name: string; moments: number }[] }>> => {
    const { rows } = await listReels(pool(), OFFERED_REELS);
    return {
      ok: true,
      reels: rows.map(({ id, name, content }) => ({ id, name, moments: content.pieces.length })),
    };
  },
});

/** Puts moments at the end of a kept reel, or begins one with them: its id. What is in it already is not put in twice. */
export const putIntoReel = defineCommand({
  actor: 'coach',
  args: [intoReelInput, z.uuid()],
  run: async (
    coach,
    { reelId, name, pieces },
    newId,
  ): Promise<Outcome<{ readonly reelId: string; readonly added: number }>> =>
    inTransaction(pool(), async (client) => {
      revalidatePath('/reels');
      if (reelId === undefined) {
        await insertReel(client, { id: newId, name, content: { pieces, isRanked: false } }, coach.id);
        return { ok: true, reelId: newId, added: pieces.length };
      }
      const reel = await holdReel(client, reelId);
      if (!reel) return refuse('This reel is no longer there. Choose another one, or begin a new one.');
      const fresh = piecesNotIn(reel.content, pieces);
      if (reel.content.pieces.length + fresh.length > MOST_PIECES)
        return refuse(`A reel has at most ${MOST_PIECES} moments: “${reel.name}” is full. Begin a new one.`);
      const content = editReel(reel.content, { edit: 'add', pieces: fresh });
      if (fresh.length > 0) await updateReel(client, { id: reel.id, name: reel.name, content }, reel.version, coach.id);
      return { ok: true, reelId: reel.id, added: fresh.length };
    }),
});

export const removeReel = defineCommand({
  actor: 'coach',
  args: [z.uuid()],
  misfit: GONE,
  run: async (_coach, reelId): Promise<Outcome> => {
    await deleteReel(pool(), reelId);
    revalidatePath('/reels');
    return { ok: true };
  },
});

/** Presses a key of a reel that is shown somewhere else. */
export const pressRemote = defineCommand({
  actor: 'coach',
  args: [z.uuid(), z.enum(remoteCommands)],
  misfit: GONE,
  run: async (_coach, reelId, command): Promise<Outcome> => {
    await tellReel(pool(), reelId, command);
    return { ok: true };
  },
});

/** Asks for a reel as one film: the one that is there already, or a new one. Refused while it shows somebody who is not to be shown. */
export const askReelClip = defineCommand({
  actor: 'coach',
  args: [z.uuid(), clipAsk],
  misfit: GONE,
  run: async (coach, reelId, { captions, isNamed }): Promise<Outcome<{ readonly clipId: string }>> => {
    const reel = await findReel(pool(), reelId);
    if (!reel) return refuse(GONE);
    const resolved = await resolveReel(pool(), reel.content, isNamed);
    const blind = await listBlindRounds(coach.id);
    const shown = resolved.flatMap((one, at) =>
      one?.footage && !blind.includes(one.round.id) ? [{ ...one, at }] : [],
    );
    const roundIds = [...new Set(shown.map((one) => one.round.id))];
    const people = await whoIsShown(pool(), roundIds, await today());
    const problem = whyNotShown(people);
    if (problem) return refuse(problem);
    const hidden = isNamed ? [] : people.map((one) => one.name);
    const clean = (text: string) => hidden.reduce((left, name) => withoutName(left, name, 'a partner'), text);
    const recipe: ClipRecipe = {
      captions,
      pieces: shown.flatMap(({ at, piece, round, footage, found, readings }) => {
        const content = {
          ...reel.content,
          pieces: reel.content.pieces.map((one, place) => (place === at ? piece : one)),
        };
        const span = { ...round, footageId: footage?.id ?? '' };
        const made = clipPieceOf(content, at, span, found?.mark.drawing ?? [], readings);
        if (!made) return [];
        return [{ ...made, caption: clean(made.caption) }];
      }),
    };
    if (recipe.pieces.length === 0) return refuse('None of its moments was filmed: there is nothing to render.');
    const asked = await askForClip(recipe, roundIds, coach.id);
    if (asked.ok) return { ok: true, clipId: asked.value.id };
    return asked.problem.code === 'too-long'
      ? refuse(
          `It would last ${Math.round(secondsOfRecipe(recipe) / 60)} minutes; half an hour is the most. Make two of it.`,
        )
      : refuse('Its moments have no length: there is nothing to render.');
  },
});

/** How far a film is. */
export const lookAtClip = defineCommand({
  actor: 'coach',
  args: [z.uuid()],
  misfit: 'This film is no longer there.',
  run: async (_coach, clipId): Promise<Outcome<{ readonly clip: ClipNews }>> => {
    const clip = await findClip(pool(), clipId);
    if (!clip) return refuse('This film is no longer there.');
    const { state, progress, problem, seconds, byteLength, captions } = clip;
    return { ok: true, clip: { state, progress, problem, seconds, byteLength, hasCaptions: captions !== '' } };
  },
});

/** Gives up a film that is being made. */
export const stopReelClip = defineCommand({
  actor: 'coach',
  args: [z.uuid()],
  misfit: 'This film is no longer there.',
  run: async (_coach, clipId): Promise<Outcome> => {
    await cancelClip(pool(), clipId);
    return { ok: true };
  },
});
