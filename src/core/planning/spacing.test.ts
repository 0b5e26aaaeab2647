import { expect, it } from 'vitest';
import { dueOn, earlierOf, spaced } from './spacing';

const need = (errorId: string, lastSeenOn?: string) => ({ errorId, priority: 2, count: 3, markIds: [], lastSeenOn });
const done = (day: string, errorId = 'err-half-flat', dose = 6) => ({ errorId, day, dose });

it('is due three days after the first time, then after seven, fourteen and thirty', () => {
  expect([1, 2, 3, 4, 9].map((times) => dueOn(times, '2026-11-01'))).toEqual([
    ...['2026-11-04', '2026-11-08', '2026-11-15', '2026-12-01', '2026-12-01'],
  ]);
});
it('weighs what is due more, lets what is not due rest, and forgets what did not hold', () => {
  const fresh = spaced([need('err-half-flat', '2026-10-30')], [done('2026-11-01')], '2026-11-03');
  expect(fresh.needs[0]?.priority).toBe(2);
  const due = spaced([need('err-half-flat', '2026-10-30')], [done('2026-11-01')], '2026-11-04');
  expect(due.needs[0]?.priority).toBeCloseTo(2.6, 9);
  // Done twice by now: seven days. Two drills of one evening are one time.
  const twice = [done('2026-11-01'), done('2026-11-05'), done('2026-11-05')];
  expect(spaced([need('err-half-flat', '2026-10-30')], twice, '2026-11-11').needs[0]?.priority).toBe(2);
  expect(spaced([need('err-half-flat', '2026-10-30')], twice, '2026-11-12').needs[0]?.priority).toBeCloseTo(2.6, 9);
  // Seen again since: the doses on it count for nothing, others stay.
  const again = spaced(
    [need('err-half-flat', '2026-11-06')],
    [...twice, done('2026-11-05', 'err-taps-late')],
    '2026-11-07',
  );
  expect(again.kept).toEqual([done('2026-11-05', 'err-taps-late')]);
  expect(again.needs[0]?.priority).toBe(2);
  expect(spaced([], [], '2026-11-07')).toEqual({ needs: [], kept: [] });
});
it('hands on what counts, with its days before the run', () => {
  expect(earlierOf('p', [done('2026-11-01')], () => 9)).toEqual([
    { personId: 'p', errorId: 'err-half-flat', dose: 6, daysBefore: 9 },
  ]);
});
