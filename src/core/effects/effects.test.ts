import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays } from '../kernel';
import { type ErrorDose, lessonEffect, type RoundSeen, refitKappa, sinceDay, type Worker } from './index';

const start = '2026-01-05';
const day = (at: number) => addDays(start, at);
const seen = (at: number, count: number, exposure: number): RoundSeen => ({ day: day(at), count, exposure });
const dose = (at: number, patch: Partial<ErrorDose> = {}): ErrorDose => ({
  ...{ day: day(at), drillId: 'd', dose: 12, kappa: 0.4 },
  ...patch,
});
const worker = (personId: string, rounds: RoundSeen[], doses: ErrorDose[] = []): Worker => ({
  ...{ personId, rounds, doses, prior: { shape: 1, rate: 2 } },
});

describe('what happened to an error after a lesson', () => {
  it('is the rate after over the rate before, each student parted at their own day; the day itself is before', () => {
    const effect = lessonEffect('d', 'e', [
      worker('a', [seen(0, 6, 10), seen(7, 4, 10), seen(14, 2, 10), seen(21, 1, 10)], [dose(7)]),
      worker('b', [seen(0, 3, 10), seen(14, 3, 10), seen(21, 1, 10)], [dose(14)]),
    ]);
    expect(effect).toMatchObject({
      ...{ people: 2, since: day(7), lacking: 0 },
      before: { count: 16, exposure: 40 },
      after: { count: 4, exposure: 30 },
    });
    expect(effect?.each[0]).toEqual({
      ...{ personId: 'a', before: { count: 10, exposure: 20 }, after: { count: 3, exposure: 20 } },
    });
    // Rates before drawn towards 16 in 40, worth 16.5 events for so few people. Layers a: 20 and 20 minutes, b: 20 and 10.
    const shrunk = (count: number) => ((count + 16.5) / (20 + 41.25)) * 20;
    const above = (3 * 20) / 40 + (1 * 20) / 30;
    const below = (shrunk(10) * 20) / 40 + (shrunk(6) * 10) / 30;
    expect(effect?.ratio).toBeCloseTo(above / below, 9);
    expect(effect?.interval?.low).toBeLessThan(above / below);
    expect(effect?.interval?.high).toBeGreaterThan(above / below);
  });
  it('says nothing on little footage, and how much is lacking', () => {
    const few = lessonEffect('d', 'e', [worker('a', [seen(0, 6, 10), seen(7, 1, 8)], [dose(3)])]);
    expect(few).toMatchObject({ lacking: 12, after: { count: 1, exposure: 8 } });
    expect(few?.ratio).toBeUndefined();
    // Nothing before: there is nothing that could have become less.
    const never = lessonEffect('d', 'e', [worker('a', [seen(0, 0, 30), seen(7, 1, 30)], [dose(3)])]);
    expect(never).toMatchObject({ lacking: 0 });
    expect(never?.ratio).toBeUndefined();
    expect(lessonEffect('d', 'e', [worker('a', [seen(0, 6, 10)])])).toBeUndefined();
    expect(lessonEffect('d', 'e', [worker('a', [], [dose(3)])])).toBeUndefined();
  });
  it('gives an exact upper end where nothing was seen after', () => {
    const none = lessonEffect('d', 'e', [worker('a', [seen(0, 9, 18), seen(7, 0, 30)], [dose(3)])]);
    // One student only: drawn towards themselves, 9 before, 0 after: p ≤ 1 − 0.025^(1/9) of all (Clopper–Pearson), as a ratio times 18 ÷ 30.
    const p = 1 - 0.025 ** (1 / 9);
    expect(none?.ratio).toBe(0);
    expect(none?.interval?.low).toBe(0);
    expect(none?.interval?.high).toBeCloseTo((p / (1 - p)) * (18 / 30), 6);
  });
  it('puts beside them those who showed it and drilled nothing on it, parted at the middle day', () => {
    const effect = lessonEffect('d', 'e', [
      worker('a', [seen(0, 6, 10), seen(20, 1, 20)], [dose(10)]),
      worker('shows it', [seen(0, 5, 10), seen(20, 4, 10)]),
      worker('never', [seen(0, 0, 10), seen(20, 4, 10)]),
      worker('another drill', [seen(0, 5, 10), seen(20, 4, 10)], [dose(10, { drillId: 'f' })]),
    ]);
    expect(effect?.others).toMatchObject({ people: 1, before: { count: 5 }, after: { count: 4 } });
  });
  it('of one student is their own count since a day', () => {
    expect(sinceDay([seen(0, 4, 10), seen(7, 1, 10), seen(8, 1, 20)], day(7))).toMatchObject({
      before: { count: 5, exposure: 20 },
      after: { count: 1, exposure: 20 },
      ratio: { ratio: 0.2 },
    });
  });
});

describe('what drills do, learned anew', () => {
  const drill = { id: 'd', kappa: 0.4 };
  it('stays the catalogue’s where nobody was seen since', () => {
    expect(refitKappa(drill, [])).toMatchObject({ kappa: 0.4, people: 0 });
    expect(refitKappa(drill, [[worker('a', [seen(0, 3, 10)], [dose(5)])]])).toMatchObject({ kappa: 0.4, people: 0 });
    expect(refitKappa(drill, [[worker('a', [seen(0, 3, 10), seen(9, 3, 10)])]])).toMatchObject({ kappa: 0.4 });
  });
  it('moves towards what happened, the more the more was seen', () => {
    const kappaAfter = (count: number, times: number) =>
      refitKappa(drill, [
        Array.from({ length: times }, (_, at) =>
          worker(`${at}`, [seen(0, 10, 20), seen(6, count, 20)], [dose(5, { dose: 60 })]),
        ),
      ]).kappa;
    expect(kappaAfter(0, 3)).toBeGreaterThan(kappaAfter(0, 1));
    expect(kappaAfter(0, 1)).toBeGreaterThan(0.4);
    expect(kappaAfter(10, 1)).toBeLessThan(0.4);
    expect(kappaAfter(10, 8)).toBeLessThan(kappaAfter(10, 1));
    // Much was seen: half as often is κ of a half.
    expect(kappaAfter(5, 60)).toBeCloseTo(0.5, 1);
    expect(kappaAfter(40, 60)).toBe(0);
  });
  it('is the same as integrating over the student’s rate by hand', () => {
    const rounds = fc.array(
      fc.record({
        at: fc.integer({ min: 0, max: 60 }),
        count: fc.integer({ min: 0, max: 5 }),
        exposure: fc.integer({ min: 1, max: 9 }),
      }),
      { minLength: 1, maxLength: 5 },
    );
    fc.assert(
      fc.property(rounds, fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 1, maxLength: 3 }), (all, days) => {
        const doses = [...days].sort((one, other) => one - other).map((at) => dose(at));
        const one = worker(
          'a',
          all.map((round) => seen(round.at, round.count, round.exposure)),
          doses,
        );
        const leftAt = (at: number, ratio: number) => {
          const had = days.filter((from) => from < at).reduce((sum, from) => sum + 12 * 0.5 ** ((at - from) / 30), 0);
          return 1 - (1 - ratio) * (1 - Math.exp(-had / 12));
        };
        // By rectangles over rate and ratio, from the densities as textbooks write them.
        let [weight, sum] = [0, 0];
        for (let ratio = 0.02; ratio <= 2; ratio += 0.02) {
          let likelihood = 0;
          for (let rate = 0.005; rate < 6; rate += 0.01) {
            let density = Math.exp(-2 * rate);
            for (const round of all) {
              const mean = rate * round.exposure * leftAt(round.at, ratio);
              density *= mean ** round.count * Math.exp(-mean);
            }
            likelihood += density;
          }
          const prior = ratio ** 15 * Math.exp((-16 / 0.6) * ratio);
          weight += likelihood * prior;
          sum += likelihood * prior * ratio;
        }
        const isSeen = all.some((round) => days.some((from) => from < round.at));
        const expected = isSeen ? Math.min(0.95, Math.max(0, 1 - sum / weight)) : 0.4;
        expect(refitKappa(drill, [[one]]).kappa).toBeCloseTo(expected, 2);
      }),
      { numRuns: 25 },
    );
  });
  it('does not call the same rate of one who stands out a change, where others show next to nothing', () => {
    const usual = Array.from({ length: 12 }, (_, at) =>
      worker(`${at}`, [seen(0, at % 6 === 0 ? 1 : 0, 2), seen(9, at % 5 === 0 ? 1 : 0, 7)], [dose(3)]),
    );
    const effect = lessonEffect('d', 'e', [worker('often', [seen(0, 14, 7.4), seen(9, 19, 9.5)], [dose(1)]), ...usual]);
    expect(effect?.interval?.low).toBeLessThan(1);
    expect(effect?.ratio).toBeGreaterThan(0.5);
    expect(effect?.ratio).toBeLessThan(1.5);
  });
});
