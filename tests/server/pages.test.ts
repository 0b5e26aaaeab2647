import { randomUUID } from 'node:crypto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { addDays } from '@/core/kernel';
import { insertClass, saveAttendee } from '@/data/classes/classes';
import { pool } from '@/data/client';
import { insertSignedReview } from '@/data/reviews/signedReviews';
import { insertClock } from '@/data/rounds/clocks';
import { today } from '@/server/kernel/academyTime';
import { loadClosing } from '@/server/reviews/loadClosing';
import { loadReview } from '@/server/rounds/loadReview';
import { loadWhatNext } from '@/server/rounds/loadWhatNext';
import { searchEverything } from '@/server/search/searchEverything';
import { loadStudent } from '@/server/students/loadStudent';
import { figuresAreThere } from '../support/plans';
import { emptyDatabase, flatError, putMarks, seedCoach, seedFilm, seedPerson, seedRound } from '../support/seed';

let coach: { id: string; role: 'head'; weightUnit: 'kg'; reactionLeadSeconds: number };
vi.mock('@/server/accounts/currentCoach', () => ({ requireCoach: async () => coach }));
let [day, ana, marek] = ['', '', ''];
beforeEach(async () => {
  await emptyDatabase();
  coach = { id: await seedCoach(), role: 'head', weightUnit: 'kg', reactionLeadSeconds: 0.3 };
  day = await today();
  [ana, marek] = [await seedPerson('Ana Velden'), await seedPerson('Marek Osei')];
});

const position = (atSeconds: number) => ({
  ...{ kind: 'position' as const, id: randomUUID(), atSeconds, positionId: 'half-guard', holder: 'b' as const },
});
const marked = async (heldOn = day) => {
  const round = await seedRound(ana, marek, heldOn);
  await putMarks(round, coach.id, position(10), flatError(60), flatError(120, { punished: 'yes' }));
  return round;
};

describe('a student’s page', () => {
  it('shows what keeps happening in the window, and every round of theirs', async () => {
    for (const days of [1, 2, 3]) await marked(addDays(day, -days));
    await seedRound(ana, marek, addDays(day, -400));
    await figuresAreThere(day);
    const page = (await loadStudent(ana))!;
    expect(page.errors).toMatchObject([{ errorId: 'err-half-flat', count: 6 }]);
    expect(page.rounds.rows).toHaveLength(4);
    expect(page).toMatchObject({ today: day, weightUnit: 'kg', figuresDue: { rounds: 0 } });
    // Marek is on top all the time: the tide runs against her.
    expect(page.rounds.rows[0]?.meanTide).toBeLessThan(0);
    expect((await loadStudent(marek))?.errors).toEqual([]);
  });
  it('is none for somebody who is not there', async () => {
    for (const id of [randomUUID(), 'nonsense', '']) expect(await loadStudent(id)).toBeUndefined();
  });
});

describe('closing a review', () => {
  it('drafts what to work on with its evidence, the homework due in three weeks, and knows what was signed', async () => {
    const round = await marked();
    const page = (await loadClosing(round.id, 'a'))!;
    expect(page.draft.points).toMatchObject([{ errorId: 'err-half-flat', homeworkDue: addDays(day, 21) }]);
    const [point] = page.draft.points;
    expect(point?.markIds).toHaveLength(2);
    expect(page.evidence[point?.markIds[0] ?? '']).toMatchObject({ at: '0:50', mediaSeconds: 60 });
    expect((await loadClosing(round.id, 'b'))?.draft.points).toEqual([]);
    const review = { good: { text: 'Waits.', markIds: [] }, points: [], questions: [], remark: '' };
    const signed = { id: randomUUID(), roundId: round.id, slot: 'a' as const, version: 1, content: review };
    await insertSignedReview(pool(), signed, coach.id);
    expect((await loadClosing(round.id, 'a'))?.signed).toHaveLength(1);
    expect(await loadClosing(randomUUID(), 'a')).toBeUndefined();
  });
});

describe('what to review next', () => {
  it('is every filmed round without marks, those of somebody with a class soon first', async () => {
    const film = await seedFilm();
    const iris = await seedPerson('Iris Kovar');
    const filmed = async (a: string, b: string) => {
      const round = await seedRound(a, b, addDays(day, -3));
      await pool().query('update round set footage_id = $1 where id = $2', [film, round.id]);
      return round;
    };
    const [plain, pressing] = [await filmed(marek, marek === iris ? ana : iris), await filmed(ana, marek)];
    await marked();
    const id = randomUUID();
    const startsAt = `${addDays(day, 1)}T19:00:00Z`;
    await insertClass(pool(), {
      ...{ id, title: 'Evening', startsAt, minutes: 75, uniform: 'gi', level: 'all', pairsOnMats: 6 },
    });
    await saveAttendee(pool(), id, ana, 1);
    const { waiting, names } = await loadWhatNext();
    expect(waiting.map((one) => one.roundId)).toEqual([pressing.id, plain.id]);
    expect(waiting[0]?.costSeconds).toBeGreaterThan(waiting[0]?.liveSeconds ?? 0);
    expect(names[ana]).toBe('Ana Velden');
  });
});

describe('Review', () => {
  it('opens with the marks, the clocks and the words of the academy', async () => {
    const round = await marked();
    const clock = { id: randomUUID(), name: 'wall', counts: 'down', pauses: true, restarts: false, ties: [] } as const;
    await insertClock(pool(), round.id, { ...clock, ties: [] });
    await figuresAreThere(day);
    const page = (await loadReview(round.id))!;
    expect(page.marks.map(({ mark }) => mark.kind)).toEqual(['position', 'error', 'error']);
    expect(page.clocks).toMatchObject([{ name: 'wall', pauses: true }]);
    expect(page.language.uses['err-half-flat']).toBe(2);
    expect(page).toMatchObject({ reactionLeadSeconds: 0.3, weightUnit: 'kg', coachId: coach.id, spentSeconds: 0 });
    expect(await loadReview(round.id, 'second')).toBeUndefined();
    expect(await loadReview('nonsense')).toBeUndefined();
  });
});

describe('the one box', () => {
  it('finds people, rounds, marks, remarks and entries by what the words mean', async () => {
    const round = await marked();
    await putMarks(round, coach.id, { kind: 'note', id: randomUUID(), atSeconds: 80, note: 'zebra crossing' });
    await figuresAreThere(day);
    const marks = await searchEverything('ana flat in half guard');
    expect(marks.people).toEqual([{ id: ana, name: 'Ana Velden' }]);
    expect(marks.marks.filter((one) => /flat/i.test(JSON.stringify(one)))).toHaveLength(2);
    expect(marks.entries.map((one) => one.id)).toContain('err-half-flat');
    expect((await searchEverything('marek')).rounds).toMatchObject([{ id: round.id, markCount: 4 }]);
    expect((await searchEverything('zebra')).notes).toHaveLength(1);
    for (const nothing of ['', '   ', '🦉'.repeat(400), "'; drop table mark; --"])
      expect((await searchEverything(nothing)).marks).toEqual([]);
  });
});
