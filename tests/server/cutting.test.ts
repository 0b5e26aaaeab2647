import { randomUUID } from 'node:crypto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Coach } from '@/data/accounts/coaches';
import { pool } from '@/data/client';
import { listMarks } from '@/data/marks/marks';
import { beginSecondReview } from '@/data/reviews/secondReviews';
import { insertClock, listClocks } from '@/data/rounds/clocks';
import { findRound, type Round } from '@/data/rounds/rounds';
import { keepCuts } from '@/server/footage/cutsActions';
import { cutAnew, joinRounds } from '@/server/rounds/cutActions';
import { emptyDatabase, flatError, putMarks, seedCoach, seedFilm, seedPerson, seedRound } from '../support/seed';

let coach: Pick<Coach, 'id' | 'role'>;
vi.mock('@/server/accounts/currentCoach', () => ({ requireCoach: async () => coach }));
vi.mock('next/cache', () => ({ revalidatePath: () => undefined }));

let round: Round;
beforeEach(async () => {
  await emptyDatabase();
  coach = { id: await seedCoach(), role: 'head' };
  round = await seedRound(await seedPerson('Ana'), await seedPerson('Marek'));
});
const marksOf = async (id: string) => (await listMarks(pool(), id)).map(({ mark }) => mark.atSeconds);
const spanOf = async (id: string) => {
  const found = await findRound(pool(), id);
  return found && [found.startSeconds, found.endSeconds];
};
const part = (id: string, startSeconds: number, endSeconds: number) => ({ id, startSeconds, endSeconds });

describe('a round that was marked', () => {
  beforeEach(async () => {
    await putMarks(round, coach.id, ...[20, 100, 200, 300].map((at) => flatError(at)));
  });

  it('gets other ends, its marks kept; marks that would lie outside are named and nothing is changed', async () => {
    const { id, version } = round;
    expect(await cutAnew({ id, version }, [part(id, 15, 305)])).toMatchObject({ ok: true });
    expect(await spanOf(id)).toEqual([15, 305]);
    const now = (await findRound(pool(), id))!.version;
    const refused = await cutAnew({ id, version: now }, [part(id, 15, 150)]);
    expect(refused).toEqual({
      ok: false,
      messages: { '': expect.stringContaining('2 marks would lie outside, the first at 3:20 of the file.') },
    });
    expect(await spanOf(id)).toEqual([15, 305]);
    expect(await marksOf(id)).toEqual([20, 100, 200, 300]);
    expect(await cutAnew({ id, version }, [part(id, 15, 306)])).toMatchObject({
      ok: false,
      messages: { '': expect.stringContaining('Another coach changed this round') },
    });
  });

  it('is split into rounds with cards and clocks like the first, each with the marks that lie in it, and joined again', async () => {
    const { id, version } = round;
    const other = randomUUID();
    await insertClock(pool(), id, {
      ...{ id: randomUUID(), name: 'wall', counts: 'down', pauses: false, restarts: true },
      ties: [{ mediaSeconds: 20, readingSeconds: 290 }],
    });
    const cut = await cutAnew({ id, version }, [part(id, 10, 150), part(other, 150, 310)]);
    expect(cut).toEqual({ ok: true, versions: { [id]: 2, [other]: 1 } });
    expect(await marksOf(id)).toEqual([20, 100]);
    expect(await marksOf(other)).toEqual([200, 300]);
    const made = (await findRound(pool(), other))!;
    expect(made).toMatchObject({
      ...round,
      id: other,
      version: 1,
      startSeconds: 150,
      markCount: 2,
      numberInSession: 2,
    });
    expect(await listClocks(pool(), other)).toMatchObject([{ name: 'wall', restarts: true }]);
    // The history of a mark goes with it.
    const { rows } = await pool().query(
      'select count(*)::int as count from mark_history h join mark m on m.id = h.mark_id where m.round_id = $1',
      [other],
    );
    expect(rows[0].count).toBe(2);

    const whole = { startSeconds: 10, endSeconds: 310 };
    expect(await joinRounds({ id, version: 2 }, [other], whole, false)).toMatchObject({ ok: true });
    expect(await marksOf(id)).toEqual([20, 100, 200, 300]);
    expect(await findRound(pool(), other)).toBeUndefined();
  });

  it('is joined with the next one: the rest between becomes a stoppage', async () => {
    const { id } = round;
    const other = randomUUID();
    await cutAnew({ id, version: round.version }, [part(id, 10, 150), part(other, 190, 310)]);
    // A clock that only the later one has comes along.
    const clock = { id: randomUUID(), name: 'stream', counts: 'up', pauses: false, restarts: false, ties: [] } as const;
    await insertClock(pool(), other, { ...clock, ties: [] });
    const narrow = await joinRounds({ id, version: 2 }, [other], { startSeconds: 10, endSeconds: 200 }, true);
    expect(narrow).toMatchObject({ ok: false, messages: { '': expect.stringContaining('must hold all') } });
    expect(await joinRounds({ id, version: 2 }, [other], { startSeconds: 10, endSeconds: 310 }, true)).toMatchObject({
      ok: true,
    });
    const stoppages = (await listMarks(pool(), id)).flatMap(({ mark }) => (mark.kind === 'stoppage' ? [mark] : []));
    expect(stoppages).toMatchObject([{ atSeconds: 150, endSeconds: 190 }]);
    expect(await listClocks(pool(), id)).toMatchObject([{ name: 'stream' }]);
  });

  it('is not torn apart under a second reading, nor joined with somebody else’s round', async () => {
    const { id, version } = round;
    const stranger = await seedRound(await seedPerson('Iris'), await seedPerson('Samir'));
    expect(await joinRounds({ id, version }, [stranger.id], { startSeconds: 10, endSeconds: 310 }, true)).toEqual({
      ok: false,
      messages: { '': expect.stringContaining('Iris and Samir are on the other card.') },
    });
    await beginSecondReview(pool(), randomUUID(), id, await seedCoach('vera'));
    expect(await cutAnew({ id, version }, [part(id, 10, 150), part(randomUUID(), 150, 310)])).toMatchObject({
      ok: false,
      messages: { '': expect.stringContaining('second time') },
    });
    expect(await marksOf(id)).toHaveLength(4);
  });

  it('tells nobody who reviews it blind where its marks lie', async () => {
    const { id, version } = round;
    await beginSecondReview(pool(), randomUUID(), id, coach.id);
    const told = await cutAnew({ id, version }, [part(id, 10, 150)]);
    expect(told).toEqual({ ok: false, messages: { '': expect.stringContaining('blind') } });
  });

  it('takes no nonsense', async () => {
    const { id, version } = round;
    const messages = [
      await cutAnew({ id, version }, []),
      await cutAnew({ id, version }, [part(id, 100, 50)]),
      await cutAnew({ id, version }, [part(id, 10, 200), part(randomUUID(), 150, 310)]),
      await cutAnew({ id, version }, [part(randomUUID(), 10, 310)]),
      await cutAnew({ id: randomUUID(), version }, [part(id, 10, 310)]),
      await cutAnew({ id, version }, [part(id, Number.NaN, 310)]),
      await joinRounds({ id, version }, [randomUUID()], { startSeconds: 10, endSeconds: 310 }, true),
    ];
    for (const outcome of messages) expect(outcome).toMatchObject({ ok: false, messages: expect.any(Object) });
    expect(await spanOf(id)).toEqual([10, 310]);
  });
});

describe('cuts that are no rounds yet', () => {
  const cut = { key: 'k', startSeconds: 5, endSeconds: 300, state: 'confirmed' as const };

  it('are kept for whichever machine comes next; the one that knew less gets what was done meanwhile', async () => {
    const id = await seedFilm();
    expect(await keepCuts(id, [cut], 0)).toEqual({ ok: true, version: 1 });
    expect(await keepCuts(id, [cut, { ...cut, key: 'l', startSeconds: 310, endSeconds: 390 }], 1)).toMatchObject({
      version: 2,
    });
    expect(await keepCuts(id, [], 1)).toMatchObject({ version: 2, newer: [{ key: 'k' }, { key: 'l' }] });
    expect(await keepCuts(id, [], 0)).toMatchObject({ version: 2, newer: [{}, {}] });
  });

  it('are refused when they are none, or their film is gone', async () => {
    const id = await seedFilm();
    for (const wrong of [[{ ...cut, state: 'odd' }], [{ ...cut, startSeconds: -1 }], 'cuts', Array(201).fill(cut)])
      expect(await keepCuts(id, wrong as never, 0)).toMatchObject({ ok: false });
    expect(await keepCuts(randomUUID(), [cut], 0)).toMatchObject({ ok: false });
  });
});
