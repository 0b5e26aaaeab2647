import { randomUUID } from 'node:crypto';
import { beforeEach, describe, expect, it } from 'vitest';
import { addDays } from '@/core/kernel';
import { insertClass } from '@/data/classes/classes';
import { listDrilled, saveCame, saveDrilled } from '@/data/classes/log';
import { pool } from '@/data/client';
import {
  listErrorsByBelt,
  listFootageByBelt,
  listHazardsSeen,
  listTaughtDrills,
  listWhoShows,
  listWork,
} from '@/data/projections/academy';
import { insertSignedReview, listHomework } from '@/data/reviews/signedReviews';
import { loadPatterns } from '@/server/figures/records';
import { figuresAreThere } from '../support/plans';
import { emptyDatabase, flatError, putMarks, seedCoach, seedPerson, seedRound } from '../support/seed';

const today = '2026-11-23';
const zone = 'Europe/Berlin';
let coach: string;
let ana: string;
let iris: string;
beforeEach(async () => {
  await emptyDatabase();
  coach = await seedCoach();
  [ana, iris] = [await seedPerson('Ana'), await seedPerson('Iris')];
});

describe('what the academy shows', () => {
  it('adds up errors and footage by belt, and says who', async () => {
    const round = await seedRound(ana, iris, addDays(today, -3));
    await putMarks(round, coach, flatError(50), flatError(80));
    await seedRound(ana, iris, addDays(today, -1));
    await figuresAreThere(today);
    const errors = await listErrorsByBelt(pool());
    expect(errors.map(({ errorId, count, people }) => [errorId, count, people])).toEqual([['err-half-flat', 2, 1]]);
    const footage = await listFootageByBelt(pool(), 'err-wasted-motion');
    expect(footage.reduce((sum, one) => sum + one.people, 0)).toBe(2);
    expect(await listWhoShows(pool(), ['err-half-flat'])).toMatchObject([{ personId: ana, count: 2 }]);
    expect(await listWork(pool())).toEqual([{ marked: 1, unmarked: 1, unsigned: 1 }]);
  });

  it('lists hazards, but not those of a round that somebody reviews blind', async () => {
    const round = await seedRound(ana, iris, addDays(today, -3));
    await putMarks(round, coach, { kind: 'hazard', id: randomUUID(), atSeconds: 40, hazard: 'slammed', athlete: 'b' });
    expect(await listHazardsSeen(pool(), 5, [])).toMatchObject([
      { roundId: round.id, hazard: 'slammed', names: 'Ana and Iris' },
    ]);
    expect(await listHazardsSeen(pool(), 5, [round.id])).toEqual([]);
    expect(await listHazardsSeen(pool(), 0, [])).toEqual([]);
  });

  it('is empty without anything', async () => {
    expect(await listErrorsByBelt(pool())).toEqual([]);
    expect(await listFootageByBelt(pool(), 'err-wasted-motion')).toEqual([]);
    expect(await listWork(pool())).toEqual([{ marked: 0, unmarked: 0, unsigned: 0 }]);
  });
});

describe('what was done about an error', () => {
  const lesson = '6f6b0d2e-8e0f-4f7c-9a53-1f2e3d4c5b6a';
  const hold = async (startsAt: string, came: boolean) => {
    const kind = { title: 'Evening', minutes: 60, uniform: 'gi' as const, level: 'all', pairsOnMats: 6 };
    await insertClass(pool(), { id: lesson, startsAt, ...kind });
    await saveCame(pool(), lesson, ana, came);
    await saveDrilled(pool(), lesson, 'drill-half-guard-side', 12);
  };

  it('is a class that somebody came to, on its day at the academy', async () => {
    // Half past eleven at night in London is the next day in Berlin.
    await hold('2026-11-09T23:30:00Z', true);
    expect(await listDrilled(pool(), ana, '2026-01-01', zone)).toEqual([
      { drillId: 'drill-half-guard-side', day: '2026-11-10', classTitle: 'Evening' },
    ]);
    expect(await listDrilled(pool(), iris, '2026-01-01', zone)).toEqual([]);
    expect(await listTaughtDrills(pool(), '2026-01-01', zone)).toEqual([
      { drillId: 'drill-half-guard-side', times: 1, minutes: 12, lastDay: '2026-11-10' },
    ]);
    await saveCame(pool(), lesson, ana, false);
    expect(await listDrilled(pool(), ana, '2026-01-01', zone)).toEqual([]);
  });

  it('counts no class that is still to come', async () => {
    await hold(new Date(Date.now() + 86_400_000).toISOString(), true);
    expect(await listDrilled(pool(), ana, '2026-01-01', zone)).toEqual([]);
    expect(await listTaughtDrills(pool(), '2026-01-01', zone)).toEqual([]);
  });

  it('is homework of the review as it was signed last', async () => {
    const round = await seedRound(ana, iris, addDays(today, -10));
    await putMarks(round, coach, flatError(50));
    await figuresAreThere(today);
    const point = {
      errorId: 'err-half-flat',
      title: 'Flat',
      text: '',
      cue: '',
      branch: '',
      homeworkDue: '' as const,
      markIds: [],
    };
    const review = (version: number, homework: string) => ({
      ...{
        id: `6f6b0d2e-8e0f-4f7c-9a53-00000000000${version}`,
        about: { kind: 'round' as const, roundId: round.id, slot: 'a' as const },
        version,
      },
      content: { good: { text: '', markIds: [] }, points: [{ ...point, homework }], questions: [], remark: '' },
    });
    await insertSignedReview(pool(), review(1, 'ten a side'), coach);
    expect(await listHomework(pool(), ana, '2026-01-01', zone)).toMatchObject([
      { errorId: 'err-half-flat', homework: 'ten a side' },
    ]);
    expect(await listHomework(pool(), iris, '2026-01-01', zone)).toEqual([]);
    const { errors } = await loadPatterns(pool(), { id: ana, belt: 'blue' }, today);
    expect(errors[0]?.doses).toMatchObject([{ kind: 'homework', words: 'ten a side' }]);
    await insertSignedReview(pool(), review(2, ''), coach);
    expect(await listHomework(pool(), ana, '2026-01-01', zone)).toEqual([]);
  });
});
