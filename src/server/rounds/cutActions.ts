'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import type pg from 'pg';
import { z } from 'zod';
import { formatClock, type Span } from '@/core/clock';
import { refuse } from '@/core/kernel';
import type { Mark } from '@/core/round';
import { inTransaction, pool } from '@/data/client';
import { findFootage } from '@/data/footage/footage';
import { insertMark, insertMarkHistory, listMarks, tellMarksChanged } from '@/data/marks/marks';
import { listSecondReviews } from '@/data/reviews/secondReviews';
import { listSignedReviews } from '@/data/reviews/signedReviews';
import { copyRound, lockRound, moveClocks, moveMarks, renumberAfter, setSpan } from '@/data/rounds/cutting';
import { deleteRound, findRound, type Round } from '@/data/rounds/rounds';
import { defineCommand, seenVersion } from '../kernel/defineCommand';
import { findOpenSecondReview } from '../reviews/blindness';
import { type CutRounds, partsInput } from './cutInput';

// What stands in the way tells of the first review's marks.
const BLIND = 'You review this round blind: end your second review first.';
const GONE = 'This round is no longer there. Reload the page.';
const CHANGED = 'Another coach changed this round meanwhile. Reload the page, then cut it again.';

/**
 * Cuts a round anew: into one part with other ends, or into several, each with a card of its own like the first. Every mark goes with the part that it
 * lies in; a mark that lies in none is named, and nothing is changed.
 */
export const cutAnew = defineCommand({
  actor: 'coach',
  changes: 'round',
  args: [seenVersion, partsInput],
  run: async (coach, { id, version }, parts): Promise<CutRounds> => {
    const kept = parts.find((part) => part.id === id);
    if (!kept) return refuse('One of the parts stays the round itself.');
    const outcome = await inTransaction(pool(), async (client): Promise<CutRounds> => {
      const problem = (await findOpenSecondReview(id, coach.id))
        ? BLIND
        : await problemOfCut(client, id, version, parts);
      if (problem) return refuse(problem);
      await renumberAfter(client, id, parts.length - 1);
      for (const [further, part] of parts.entries()) {
        if (part.id === id) continue;
        await copyRound(client, id, { ...part, further }, coach.id);
        await moveMarks(client, id, part.id, part);
      }
      await setSpan(client, id, kept);
      await tellMarksChanged(client, id);
      return versionsOf(client, parts);
    });
    if (outcome.ok) revalidatePath('/footage');
    return outcome;
  },
});

async function problemOfCut(
  client: pg.PoolClient,
  id: string,
  version: number,
  parts: readonly (Span & { readonly id: string })[],
): Promise<string | undefined> {
  const locked = await lockRound(client, id);
  const round = locked && (await findRound(client, id));
  if (!round) return GONE;
  if (round.version !== version) return CHANGED;
  for (const part of parts) if (part.id !== id && (await findRound(client, part.id))) return CHANGED;
  const footage = round.footageId ? await findFootage(client, round.footageId) : undefined;
  if (footage && parts.some((part) => part.endSeconds > footage.durationSeconds + 0.5))
    return `The footage ends at ${formatClock(footage.durationSeconds)}. Cut before that.`;
  if (parts.length > 1 && (await listSecondReviews(client, id)).length > 0)
    return 'Somebody reviews this round a second time: the two readings belong to the whole of it. Cut it when they are done with.';
  const within = (at: number) => parts.some((part) => at >= part.startSeconds && at <= part.endSeconds);
  const outside = (await listMarks(client, id)).flatMap(({ mark }) => (within(mark.atSeconds) ? [] : mark.atSeconds));
  const [first] = outside;
  if (first === undefined) return undefined;
  const marks = outside.length === 1 ? 'A mark' : `${outside.length} marks`;
  return `${marks} would lie outside, the first at ${formatClock(first)} of the file. Split the round there (S), or delete what should not stay.`;
}

/**
 * Makes one round of several that follow each other on one film, between the same two: the marks come together in the first. With `markGaps`, the time
 * between them becomes a stoppage, because it was a rest.
 */
export const joinRounds = defineCommand({
  actor: 'coach',
  args: [
    seenVersion,
    z.array(z.uuid()).min(1).max(40),
    z.object({ startSeconds: z.number().min(0), endSeconds: z.number().max(86_400) }),
    z.boolean(),
  ],
  run: async (coach, { id, version }, otherIds, span, markGaps): Promise<CutRounds> => {
    const outcome = await inTransaction(pool(), async (client): Promise<CutRounds> => {
      const rounds: Round[] = [];
      for (const one of [id, ...otherIds]) {
        await lockRound(client, one);
        const round = await findRound(client, one);
        if (!round) return refuse(GONE);
        rounds.push(round);
      }
      const [first, ...others] = rounds;
      if (!first || first.version !== version) return refuse(CHANGED);
      const problem = (await findOpenSecondReview(id, coach.id))
        ? BLIND
        : await problemOfJoin(client, first, others, span);
      if (problem) return refuse(problem);
      for (const other of others) {
        await moveMarks(client, other.id, id);
        await moveClocks(client, other.id, id);
        await renumberAfter(client, other.id, -1);
        await deleteRound(client, other.id);
      }
      if (markGaps) for (const gap of gapsBetween(rounds)) await insertStoppage(client, id, gap, coach.id);
      await setSpan(client, id, span);
      await tellMarksChanged(client, id);
      return versionsOf(client, [{ id }]);
    });
    if (outcome.ok) revalidatePath('/footage');
    return outcome;
  },
});

async function problemOfJoin(
  client: pg.PoolClient,
  first: Round,
  others: readonly Round[],
  span: Span,
): Promise<string | undefined> {
  const covers = (one: Span) => one.startSeconds >= span.startSeconds && one.endSeconds <= span.endSeconds;
  if (![first, ...others].every(covers)) return 'The one round must hold all of the others. Reload the page.';
  for (const other of others) {
    if (other.footageId !== first.footageId) return 'The rounds lie on different files.';
    if (other.a.personId !== first.a.personId || other.b.personId !== first.b.personId)
      return `${other.a.name} and ${other.b.name} are on the other card. Rounds are joined when both cards name the same two in the same order.`;
    const signed = [
      ...(await listSignedReviews(client, { kind: 'round', roundId: other.id, slot: 'a' })),
      ...(await listSignedReviews(client, { kind: 'round', roundId: other.id, slot: 'b' })),
      ...(await listSecondReviews(client, other.id)),
    ];
    if (signed.length > 0) return 'The later round has a review of its own, which would be lost. Leave the two apart.';
  }
  return undefined;
}

/** Rests of a second and more between rounds that follow each other. */
const gapsBetween = (rounds: readonly Span[]): Span[] =>
  rounds.slice(1).flatMap((round, index) => {
    const endBefore = rounds[index]?.endSeconds ?? 0;
    return round.startSeconds - endBefore >= 1 ? { startSeconds: endBefore, endSeconds: round.startSeconds } : [];
  });

async function insertStoppage(client: pg.PoolClient, roundId: string, gap: Span, coachId: string): Promise<void> {
  const mark: Mark = {
    kind: 'stoppage',
    id: randomUUID(),
    atSeconds: gap.startSeconds,
    endSeconds: gap.endSeconds,
  };
  const write = { mark, scopeId: roundId, version: 1, changeId: randomUUID(), deleted: false, changedBy: coachId };
  await insertMark(client, write);
  await insertMarkHistory(client, write);
}

async function versionsOf(client: pg.PoolClient, rounds: readonly { readonly id: string }[]): Promise<CutRounds> {
  const versions: Record<string, number> = {};
  for (const { id } of rounds) versions[id] = (await findRound(client, id))?.version ?? 0;
  return { ok: true, versions };
}
