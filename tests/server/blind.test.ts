import { randomUUID } from 'node:crypto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { packReel } from '@/core/reel';
import type { Coach } from '@/data/accounts/coaches';
import { pool } from '@/data/client';
import { listMarks } from '@/data/marks/marks';
import { beginSecondReview, endSecondReview } from '@/data/reviews/secondReviews';
import type { Round } from '@/data/rounds/rounds';
import { loadConcept } from '@/server/language/loadLibrary';
import { findMarksPlace } from '@/server/marks/marksPlace';
import { receiveChanges } from '@/server/marks/receiveChanges';
import { loadReel } from '@/server/reels/loadReel';
import { signReview } from '@/server/reviews/closingActions';
import { loadClosing } from '@/server/reviews/loadClosing';
import { loadOvertime } from '@/server/rounds/loadOvertime';
import { loadReview } from '@/server/rounds/loadReview';
import { searchEverything } from '@/server/search/searchEverything';
import { loadStudent } from '@/server/students/loadStudent';
import { figuresAreThere } from '../support/plans';
import { emptyDatabase, flatError, putMarks, seedCoach, seedPerson, seedRound } from '../support/seed';

let coach: Pick<Coach, 'id' | 'role' | 'reactionLeadSeconds' | 'weightUnit'>;
vi.mock('@/server/accounts/currentCoach', () => ({ requireCoach: async () => coach }));
vi.mock('next/cache', () => ({ revalidatePath: () => undefined }));
vi.mock('next/navigation', () => ({
  redirect: (to: string) => {
    throw new Error(`to ${to}`);
  },
  unstable_rethrow: () => undefined,
}));

let round: Round;
let second: string;
let personId: string;
const isoDay = () => new Date().toISOString().slice(0, 10);
beforeEach(async () => {
  await emptyDatabase();
  const first = await seedCoach('ludo');
  coach = { id: await seedCoach('felix'), role: 'assistant', reactionLeadSeconds: 0, weightUnit: 'kg' };
  personId = await seedPerson('Ana');
  round = await seedRound(personId, await seedPerson('Iris'), isoDay());
  await putMarks(round, first, flatError(50, { note: 'flat as a carpet' }));
  second = randomUUID();
  await beginSecondReview(pool(), second, round.id, coach.id);
  await figuresAreThere(isoDay());
});

describe('a coach whose second review of a round is open', () => {
  it('reaches nothing of the first one by any door', async () => {
    expect(await findMarksPlace(round.id, null, coach.id)).toBeUndefined();
    expect(
      await receiveChanges(round.id, JSON.stringify({ changes: [{ changeId: randomUUID() }] }), coach.id),
    ).toMatchObject({
      problem: { status: 404 },
    });
    const away = `to /rounds/${round.id}/second`;
    await expect(loadReview(round.id)).rejects.toThrow(away);
    await expect(loadClosing({ kind: 'round', roundId: round.id, slot: 'a' })).rejects.toThrow(away);
    await expect(loadOvertime(round.id)).rejects.toThrow(away);
    expect(
      await signReview(
        { kind: 'round', roundId: round.id, slot: 'a' },
        0,
        { good: { text: 'x', markIds: [] }, points: [], questions: [], remark: '' },
        randomUUID(),
      ),
    ).toMatchObject({
      ok: false,
    });
    expect((await searchEverything('flat')).marks).toEqual([]);
    expect((await searchEverything('flat')).answer?.count?.marks ?? 0).toBe(0);
    const ofRound = packReel([
      { roundId: round.id, atSeconds: 60 },
      ...(await listMarks(pool(), round.id)).map(({ id }) => ({ markId: id })),
    ]);
    expect((await loadReel(ofRound)).pieces).toEqual([]);
    expect((await searchEverything('carpet')).notes).toEqual([]);
    expect((await loadConcept('err-half-flat'))?.marks.rows).toEqual([]);
    expect((await loadStudent(personId))?.errors).toEqual([]);
    // Their own place is open.
    expect(await findMarksPlace(round.id, second, coach.id)).toMatchObject({ scopeId: second });
  });

  it('sees all of it once theirs is done', async () => {
    await endSecondReview(pool(), second, coach.id);
    expect(await findMarksPlace(round.id, null, coach.id)).toMatchObject({ scopeId: round.id });
    expect(await loadReview(round.id)).toMatchObject({ marks: [{ mark: { errorId: 'err-half-flat' } }] });
    expect((await searchEverything('carpet')).notes).toHaveLength(1);
    expect((await loadStudent(personId))?.errors).toHaveLength(1);
  });
});
