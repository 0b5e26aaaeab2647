import { expect, it } from 'vitest';
import type { PlanBlock } from '@/core/planning';
import { besideWords, watchedIn } from './classView';

const reason = (errorId: string, people: readonly (readonly [id: string, count: number, last?: string])[]) => ({
  errorId,
  people: people.map(([personId, count, lastSeenOn]) => ({ personId, count, lastSeenOn, markIds: [] })),
});

it('names four to look at: who made the errors of a lesson most often, the latest first', () => {
  const reasons = [
    reason('err-half-flat', [
      ['ana', 2, '2026-11-20'],
      ['teo', 5, '2026-11-01'],
      ['lior', 1],
      ['nadia', 2, '2026-11-24'],
    ]),
    reason('err-underhook-uncontested', [
      ['ana', 1, '2026-11-02'],
      ['oskar', 2, '2026-10-02'],
    ]),
  ];
  expect(watchedIn({ reasons } as unknown as PlanBlock)).toEqual(['teo', 'ana', 'nadia', 'oskar']);
  expect(watchedIn({ reasons: [] } as unknown as PlanBlock)).toEqual([]);
});

it('says who works together until it is played, and with whom', () => {
  const pairing = { ...{ groups: [], sittingOut: [], cost: 0 }, ...{ phase: 'lesson' as const, injuredIds: [] } };
  const untilPlayed = [
    { personIds: ['samir', 'marek'], hostIds: [] },
    { personIds: ['otto'], hostIds: ['ana', 'nadia'] },
  ];
  expect(besideWords({ ...pairing, untilPlayed }, (id) => id)).toEqual([
    'samir and marek work together until it is played (too far apart in weight), then coach or keep the clock',
    'otto joins ana and nadia until it is played (too far apart in weight), then keeps the clock',
  ]);
});
