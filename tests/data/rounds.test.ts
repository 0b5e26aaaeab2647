import { randomUUID } from 'node:crypto';
import { beforeEach, describe, expect, it } from 'vitest';
import { endPlan, insertAskedPlan, insertClass, saveAttendee } from '@/data/classes/classes';
import { inTransaction, pool } from '@/data/client';
import { listBeltSteps, listWeighings, noteBelt, noteWeight } from '@/data/people/histories';
import { insertSignedReview, listSignedReviews } from '@/data/reviews/signedReviews';
import { circumstancesShape, stillShape } from '@/data/rounds/circumstances';
import { deleteClock, insertClock, listClocks, updateClock } from '@/data/rounds/clocks';
import { addReviewTime, listReviewTimes } from '@/data/rounds/reviewTimes';
import { findRound, listWaitingRounds, setStill } from '@/data/rounds/rounds';
import { listDrilledDays, listLastReviews, listNextClassDays } from '@/data/rounds/waiting';
import { clockInput } from '@/server/rounds/clockInput';
import { receiveReviewTime } from '@/server/rounds/receiveReviewTime';
import { figuresAreThere } from '../support/plans';
import { emptyDatabase, seedCoach, seedFilm, seedPerson, seedRound } from '../support/seed';

beforeEach(emptyDatabase);

const still = { atSeconds: 12, x: 0.1, y: 0.2, width: 0.3, height: 0.4, jpeg: '/9j/4AAQSkZJRg==' };

describe('belts and weights over time', () => {
  it('are noted once for each change, and the later word of a day holds', async () => {
    const ana = await seedPerson('Ana');
    const belt = (sinceDay: string, stripes: number) =>
      noteBelt(pool(), { personId: ana, sinceDay, belt: 'blue', stripes });
    expect(await belt('2026-01-01', 1)).toBe(1);
    expect(await belt('2026-03-01', 1)).toBe(0);
    expect(await belt('2026-05-01', 2)).toBe(1);
    expect(await belt('2026-05-01', 3)).toBe(1);
    expect((await listBeltSteps(pool(), [ana])).map((one) => [one.sinceDay, one.stripes])).toEqual([
      ['2026-01-01', 1],
      ['2026-05-01', 3],
    ]);
    for (const weightKg of [61, 62])
      await noteWeight(pool(), { personId: ana, sinceDay: '2026-05-01', weightKg, source: 'measured' });
    expect(await listWeighings(pool(), [ana])).toMatchObject([{ weightKg: 62, source: 'measured' }]);
    await expect(
      noteWeight(pool(), { personId: ana, sinceDay: '2026-05-01', weightKg: 900, source: 'stated' }),
    ).rejects.toThrow('weighing_plausible');
  });
});

describe('a round’s circumstances', () => {
  it('are unknown unless they are said, and refuse what is not in the list', () => {
    expect(circumstancesShape.parse({})).toEqual({
      restrictions: [],
      audience: 'ordinary',
      wallNear: false,
      crowdedMat: false,
      filmedBy: '',
    });
    expect(circumstancesShape.safeParse({ intensity: 'deadly' }).success).toBe(false);
    expect(circumstancesShape.safeParse({ restrictions: ['<script>'] }).success).toBe(false);
  });
  it('go with the picture that shows who is who; only a JPEG is one', async () => {
    const round = await seedRound(await seedPerson('Ana'), await seedPerson('Iris'));
    expect(round.circumstances.audience).toBe('ordinary');
    expect(await setStill(pool(), round.id, 'a', still)).toBe(1);
    expect((await findRound(pool(), round.id))?.a.still).toEqual(still);
    await setStill(pool(), round.id, 'a', null);
    expect((await findRound(pool(), round.id))?.a.still).toBeUndefined();
    for (const jpeg of ['"><script>', 'iVBORw0KGgo=', `/9j/${'A'.repeat(70_000)}`])
      expect(stillShape.safeParse({ ...still, jpeg }).success).toBe(false);
  });
});

describe('clocks in the footage', () => {
  const clock = () => ({
    id: randomUUID(),
    name: 'wall',
    counts: 'down' as const,
    restarts: false,
    pauses: false,
    ties: [],
  });
  it('are changed by one coach at a time, and belong to their round', async () => {
    const round = await seedRound(await seedPerson('Ana'), await seedPerson('Iris'));
    const other = await seedRound(await seedPerson('Teo'), await seedPerson('Bruno'));
    const wall = clock();
    await insertClock(pool(), round.id, wall);
    const ties = [{ mediaSeconds: 12, readingSeconds: 300 }];
    expect(await updateClock(pool(), round.id, { ...wall, ties, version: 1 })).toBe(1);
    expect(await updateClock(pool(), round.id, { ...wall, version: 1 })).toBe(0);
    expect(await updateClock(pool(), other.id, { ...wall, version: 2 })).toBe(0);
    expect(await listClocks(pool(), round.id)).toMatchObject([{ name: 'wall', ties, version: 2 }]);
    expect(await deleteClock(pool(), other.id, wall.id)).toBe(0);
    expect(await deleteClock(pool(), round.id, wall.id)).toBe(1);
  });
  it('that run backwards are refused with what to do', () => {
    const tie = (mediaSeconds: number, readingSeconds: number) => ({ mediaSeconds, readingSeconds });
    const draft = { ...clock(), version: 0, ties: [tie(10, 290), tie(60, 300)] };
    const refused = clockInput.safeParse(draft);
    expect(refused.success).toBe(false);
    expect(refused.error?.issues[0]?.message).toContain('Correct a reading, or the direction');
    expect(clockInput.safeParse({ ...draft, counts: 'up' }).success).toBe(true);
    expect(clockInput.safeParse({ ...draft, ties: [tie(10, 290), tie(10, 290)] }).success).toBe(false);
    expect(clockInput.safeParse({ ...draft, name: ' ' }).error?.issues[0]?.message).toContain('name');
    expect(
      clockInput.safeParse({ ...draft, ties: Array.from({ length: 25 }, (_, at) => tie(at, 300 - at)) }).success,
    ).toBe(false);
  });
});

describe('what to review next', () => {
  it('is every filmed round that nobody has marked', async () => {
    const [ana, iris] = [await seedPerson('Ana'), await seedPerson('Iris')];
    const [waiting, unfilmed, marked] = [
      await seedRound(ana, iris),
      await seedRound(ana, iris),
      await seedRound(ana, iris),
    ];
    for (const round of [waiting, marked])
      await pool().query('update round set footage_id = $2 where id = $1', [round.id, await seedFilm()]);
    const noteId = randomUUID();
    await pool().query(
      "insert into mark (id, round_id, kind, at_seconds, content, change_id, changed_at) values ($1, $2, 'note', 20, $3, $1, '2026-11-03T12:00:00Z')",
      [noteId, marked.id, JSON.stringify({ kind: 'note', id: noteId, atSeconds: 20, note: 'x' })],
    );
    await figuresAreThere('2026-11-23');
    const list = await listWaitingRounds(pool());
    expect(list.map((one) => one.id)).toEqual([waiting.id]);
    expect(list.map((one) => one.id)).not.toContain(unfilmed.id);
    expect(new Set((await listLastReviews(pool())).map((one) => one.day))).toEqual(new Set(['2026-11-03']));
  });
  it('knows who is expected next, and what was drilled with whom', async () => {
    const ana = await seedPerson('Ana');
    const make = async (startsAt: string) => {
      const id = randomUUID();
      await insertClass(pool(), { id, title: 'x', startsAt, minutes: 60, uniform: 'gi', level: 'all', pairsOnMats: 4 });
      await saveAttendee(pool(), id, ana, 0.9);
      return id;
    };
    await make('2026-12-04T18:00:00Z');
    await make('2026-12-01T18:00:00Z');
    const past = await make('2026-11-10T18:00:00Z');
    const drill = (drillId: string) => ({ drillId, minutes: 8, locked: false, displaced: [], benefitLostRatio: 0 });
    const plan = { blocks: [], pairings: [], benefit: 0, modelBenefit: 0, frequencyBenefit: 0, gap: 0, optimal: true };
    for (const drills of [[drill('old')], [drill('one'), drill('two')]]) {
      const version = await inTransaction(pool(), (client) => insertAskedPlan(client, past, [], undefined));
      await endPlan(pool(), past, version ?? 0, { state: 'ready', plan: { ...plan, drills } });
    }
    // One that was asked for and is not there yet says nothing.
    await inTransaction(pool(), (client) => insertAskedPlan(client, past, [], undefined));
    const now = '2026-11-25T12:00:00Z';
    expect(await listNextClassDays(pool(), now)).toEqual([{ personId: ana, day: '2026-12-01' }]);
    expect(await listDrilledDays(pool(), now, 60)).toEqual([
      { personId: ana, day: '2026-11-10' },
      { personId: ana, day: '2026-11-10' },
    ]);
    expect(await listDrilledDays(pool(), now, 10)).toEqual([]);
  });
  it('learns a coach’s own pace from stretches that make sense', async () => {
    const coach = await seedCoach();
    const round = await seedRound(await seedPerson('Ana'), await seedPerson('Iris'));
    const send = (text: string, id = round.id) => receiveReviewTime(id, coach, text);
    expect(await send('{"seconds":30}')).toBe(true);
    expect(await send('{"seconds":12.5}')).toBe(true);
    for (const text of ['', 'not json', '{}', '{"seconds":-5}', '{"seconds":1e9}', '{"seconds":null}'])
      expect(await send(text)).toBe(false);
    expect(await send('{"seconds":30}', randomUUID())).toBe(false);
    expect(await send('{"seconds":30}', "' or true --")).toBe(false);
    // A round that was hardly marked teaches nothing.
    expect(await listReviewTimes(pool(), coach)).toEqual([]);
    for (let index = 0; index < 5; index += 1)
      await pool().query(
        "insert into mark (id, round_id, kind, at_seconds, content, change_id) values ($1, $2, 'note', 20, '{}', $1)",
        [randomUUID(), round.id],
      );
    expect(await listReviewTimes(pool(), coach)).toEqual([
      { roundId: round.id, reviewSeconds: 42.5, liveSeconds: 300 },
    ]);
    await addReviewTime(pool(), round.id, coach, 7.5);
    expect((await listReviewTimes(pool(), coach))[0]?.reviewSeconds).toBe(50);
  });
});

describe('signed reviews', () => {
  const content = {
    good: { text: 'Calm under the pin.', markIds: [] },
    points: [],
    questions: [{ text: 'What did you want there?' }],
    remark: '',
  };
  it('are kept version by version; whoever signs a version second is told', async () => {
    const coach = await seedCoach();
    const round = await seedRound(await seedPerson('Ana'), await seedPerson('Iris'));
    const sign = (version: number, text: string, slot: 'a' | 'b' = 'a') =>
      insertSignedReview(
        pool(),
        {
          id: randomUUID(),
          about: { kind: 'round', roundId: round.id, slot },
          version,
          content: { ...content, remark: text },
        },
        coach,
      );
    expect(await sign(1, 'first')).toBe(1);
    expect(await sign(1, 'at the same time')).toBe(0);
    expect(await sign(1, 'for the other', 'b')).toBe(1);
    expect(await sign(2, 'second thoughts')).toBe(1);
    const versions = await listSignedReviews(pool(), { kind: 'round', roundId: round.id, slot: 'a' });
    expect(versions.map((one) => [one.version, one.content.remark])).toEqual([
      [2, 'second thoughts'],
      [1, 'first'],
    ]);
    expect(versions[0]).toMatchObject({ signedByName: 'ludo', content: { good: content.good } });
  });
});
