import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type RoundRecord, roundFigures } from '../figures';
import type { Mark } from '../round';
import type { CountOver } from '../statistics';
import { findError } from '../vocabulary';
import {
  addGroups,
  ageWeight,
  type Cohort,
  cohortOf,
  gammaPriorOf,
  groupOf,
  habitsOf,
  halveSeries,
  listRecurringErrors,
  occurrenceCost,
  punishedShare,
  rateInterval,
  type StudentRecord,
  shrunkRate,
  statusOf,
} from './index';

const half = findError('err-half-flat')!;
const round = (roundId: string, heldOn: string, marks: Mark[]): RoundRecord => ({
  roundId,
  heldOn,
  span: { startSeconds: 0, endSeconds: 300 },
  athlete: 'a',
  beltGap: -1,
  marks,
});
const position = (atSeconds: number, positionId: string, holder?: 'a' | 'b'): Mark => ({
  kind: 'position',
  id: `p${atSeconds}`,
  atSeconds,
  positionId,
  holder,
});
const flat = (atSeconds: number, punished?: 'yes' | 'no', ledTo: string[] = []): Mark => ({
  kind: 'error',
  id: `e${atSeconds}`,
  atSeconds,
  errorId: 'err-half-flat',
  athlete: 'a',
  punished,
  ledTo,
});

const series = (...pairs: [number, number][]) => pairs.map(([count, exposure]) => ({ count, exposure }));

describe('exposure', () => {
  it('counts minutes below, not above, and only of the athlete', () => {
    const marks = [position(0, 'half-guard', 'b'), position(120, 'half-guard', 'a'), position(240, 'mount', 'a')];
    expect(roundFigures(round('r', '2026-11-20', marks)).exposures.get('err-half-flat')).toBeCloseTo(2, 9);
    expect(
      roundFigures({ ...round('r', '2026-11-20', marks), athlete: 'b' }).exposures.get('err-half-flat'),
    ).toBeCloseTo(2, 9);
    expect(roundFigures(round('r', '2026-11-20', [])).exposures.has('err-half-flat')).toBe(false);
  });

  it('counts own attempts and attempts faced by their class', () => {
    const pass = (id: string, athlete: 'a' | 'b'): Mark => ({
      kind: 'attempt',
      id,
      atSeconds: 10,
      techniqueId: 'knee-slice',
      athlete,
      stage: 'entry',
    });
    const figures = roundFigures(round('r', '2026-11-20', [pass('x', 'a'), pass('y', 'b'), pass('z', 'b')]));
    expect(figures.exposures.get('err-chest-before-hips')).toBe(1);
    expect(figures.exposures.get('err-retention-given-up')).toBe(2);
    expect(figures.exposures.get('err-knee-turned-out')).toBe(1);
  });
});

describe('status, in the order of its tests', () => {
  it('needs footage before it speaks', () => {
    expect(statusOf(series([0, 2], [0, 3]), 0.3)).toBe('too-little-footage');
  });
  it('knows gone, and back again after gone', () => {
    expect(statusOf(series([4, 4], [3, 4], [0, 8], [0, 8]), 0)).toBe('gone');
    expect(statusOf(series([4, 4], [3, 4], [0, 8], [0, 8], [1, 4], [1, 4]), 0)).toBe('back-again');
  });
  it('calls new what first shows in the last three rounds', () => {
    expect(statusOf(series([0, 3], [0, 3], [0, 3], [1, 3], [1, 3]), 0)).toBe('new');
    expect(statusOf(series([1, 3], [1, 3]), 0)).not.toBe('new');
  });
  it('calls fading only what is surely less often', () => {
    expect(statusOf(series([8, 4], [7, 4], [1, 4], [1, 4]), 0)).toBe('fading');
    expect(statusOf(series([2, 4], [2, 4], [1, 4], [1, 4]), 0)).toBe('recurring');
  });
  it('calls recurring what shows in three of eight rounds, else occasional', () => {
    expect(statusOf(series([1, 3], [0, 3], [1, 3], [1, 3]), 0)).toBe('recurring');
    expect(statusOf(series([1, 3], [0, 3], [0, 3], [1, 3]), 0)).toBe('occasional');
  });
  it('gives the odd round to the later half', () => {
    expect(halveSeries(series([1, 1], [2, 2], [3, 3]))).toEqual({
      earlier: { count: 1, exposure: 1 },
      later: { count: 5, exposure: 5 },
    });
  });
});

const groupMoments = (group: readonly CountOver[]) =>
  groupOf(
    cohortOf(
      group.map((one, at) => ({
        ...{ personId: String(at), belt: 'blue' as const },
        sums: new Map([['err-half-flat', { ...one, judgedByHigher: 1, punishedByHigher: 0.5 }]]),
      })),
      ['err-half-flat'],
    ),
    'err-half-flat',
  );

describe('a group', () => {
  const people = fc.array(
    fc.record({ count: fc.integer({ min: 0, max: 30 }), exposure: fc.integer({ min: 0, max: 60 }) }),
    { maxLength: 12 },
  );
  it('is its people added up, however they are taken together, and gives the prior of the textbook', () => {
    fc.assert(
      fc.property(people, people, (some, others) => {
        const together = groupMoments([...some, ...others]);
        const added = addGroups(groupMoments(some), groupMoments(others));
        for (const key of Object.keys(together) as (keyof typeof together)[])
          expect(added[key]).toBeCloseTo(together[key], 9);
        const exposed = [...some, ...others].filter((one) => one.exposure > 0);
        const [events, time] = [
          exposed.reduce((sum, one) => sum + one.count, 0),
          exposed.reduce((sum, one) => sum + one.exposure, 0),
        ];
        const prior = gammaPriorOf(together);
        if (events === 0 || time === 0) return void expect(prior).toBeUndefined();
        // Directly: the spread of the rates about their common mean, weighted by exposure.
        const mean = events / time;
        const spread = exposed.reduce((sum, one) => sum + one.exposure * (one.count / one.exposure - mean) ** 2, 0);
        const squares = exposed.reduce((sum, one) => sum + one.exposure ** 2, 0);
        const variance = (spread - (exposed.length - 1) * mean) / (time - squares / time);
        expect(prior!.shape / prior!.rate).toBeCloseTo(mean, 9);
        if (exposed.length >= 4 && variance > 1e-6) expect(prior!.shape).toBeCloseTo(mean ** 2 / variance, 5);
      }),
    );
  });
  it('of nobody says nothing, and who was never exposed counts only with what was judged', () => {
    expect(groupOf(new Map(), 'err-half-flat')).toMatchObject({ people: 0, events: 0 });
    expect(groupMoments([{ count: 3, exposure: 0 }])).toMatchObject({ people: 0, events: 0, judgedByHigher: 1 });
    const cohort = cohortOf([], ['err-half-flat']);
    expect(groupOf(cohort, 'err-half-flat', 'blue')).toMatchObject({ people: 0 });
  });
});

describe('rates', () => {
  it('are exact per minute and per opportunity', () => {
    expect(rateInterval(5, 10, 'minutes').low).toBeCloseTo(0.1623, 4);
    expect(rateInterval(5, 10, 'minutes').high).toBeCloseTo(1.1668, 4);
    expect(rateInterval(8, 10, 'times').low).toBeCloseTo(0.4439, 4);
    // More errors marked than chances marked: as many as there were chances.
    expect(rateInterval(3, 2, 'times')).toEqual(rateInterval(2, 2, 'times'));
  });

  it('are drawn towards the group, the less footage the more', () => {
    const prior = gammaPriorOf(groupMoments(series([2, 10], [3, 10])))!;
    expect(prior.shape / prior.rate).toBeCloseTo(0.25, 9);
    expect(prior.shape).toBe(5.5);
    expect(shrunkRate({ count: 0, exposure: 0 }, prior)).toBeCloseTo(0.25, 9);
    expect(shrunkRate({ count: 100, exposure: 100 }, prior)).toBeGreaterThan(0.8);
    expect(gammaPriorOf(groupMoments(series([0, 10])))).toBeUndefined();
    const spread = gammaPriorOf(groupMoments(series([0, 10], [20, 10], [1, 10], [18, 10])))!;
    expect(spread.shape / spread.rate).toBeCloseTo(39 / 40, 9);
    expect(ageWeight(60)).toBe(0.5);
    expect(ageWeight(-5)).toBe(1);
  });
});

describe('cost', () => {
  const occurrence = (punished: 'yes' | 'partly' | 'no' | undefined, damage?: number) => ({
    markId: 'm',
    roundId: 'r',
    heldOn: '2026-11-20',
    atSeconds: 1,
    punished,
    damage,
    symptom: false,
    rootErrorIds: [],
  });

  it('counts partly as half and leaves out what nobody judged', () => {
    expect(punishedShare([occurrence('yes'), occurrence('partly'), occurrence('no'), occurrence(undefined)])).toBe(0.5);
    expect(punishedShare([occurrence(undefined)])).toBeUndefined();
  });

  it('mixes real and waiting damage by the punished share', () => {
    const cost = occurrenceCost(half, [occurrence('yes', 6), occurrence('yes', 4)]);
    expect(cost.damageWhenPunished).toBe(5);
    expect(cost.punishedShare).toBe(0.75);
    expect(cost.latentDamage).toBeCloseTo(3, 9);
    expect(cost.perOccurrence).toBeCloseTo(0.75 * 5 + 0.25 * 3, 9);
    expect(occurrenceCost(half, [occurrence('no')]).damageWhenPunished).toBe(half.severity);
  });
});

describe('what keeps happening', () => {
  const alone: Cohort = new Map();
  const student = (rounds: RoundRecord[]): StudentRecord => ({
    personId: 's',
    belt: 'blue',
    rounds: rounds.map(roundFigures),
  });

  it('adds up counts, exposure and the marks behind them', () => {
    const record = student([
      round('r1', '2026-11-13', [position(0, 'half-guard', 'b'), flat(30, 'yes'), position(120, 'mount', 'a')]),
      round('r2', '2026-11-20', [position(0, 'half-guard', 'b'), flat(40, 'no'), position(60, 'mount', 'a')]),
    ]);
    const [found] = listRecurringErrors(record, alone, '2026-11-23');
    expect(found).toMatchObject({
      errorId: 'err-half-flat',
      count: 2,
      unit: 'minutes',
      punishedShare: 0.5,
      symptom: false,
    });
    expect(found!.exposure).toBeCloseTo(3, 9);
    expect(found!.rate).toBeCloseTo(2 / 3, 9);
    expect(found!.interval!.low).toBeCloseTo(0.2422 / 3, 4);
    expect(found!.occurrences.map((one) => one.roundId)).toEqual(['r1', 'r2']);
    expect(found!.byDay.map((day) => day.count)).toEqual([1, 1]);
    expect(found!.priority).toBeCloseTo(
      found!.factors.shrunkRate *
        found!.factors.exposurePerTenMinutes *
        found!.factors.cost.perOccurrence *
        found!.factors.teachable,
      9,
    );
  });

  it('hands a symptom’s priority to its first cause', () => {
    const cause: Mark = {
      kind: 'error',
      id: 'c',
      atSeconds: 20,
      errorId: 'err-lets-top-settle',
      athlete: 'a',
      punished: 'yes',
      ledTo: ['e30'],
    };
    const record = student([
      round('r1', '2026-11-20', [
        position(0, 'open-guard', 'b'),
        cause,
        position(25, 'half-guard', 'b'),
        flat(30, 'yes'),
      ]),
    ]);
    const found = listRecurringErrors(record, alone, '2026-11-23');
    const symptom = found.find((one) => one.errorId === 'err-half-flat')!;
    expect(symptom).toMatchObject({ symptom: true, priority: 0 });
    expect(found[0]!.errorId).toBe('err-lets-top-settle');
    expect(found[0]!.factors.handedOver).toBeGreaterThan(0);
  });

  it('says how the time is spent', () => {
    const habits = habitsOf(
      student([round('r1', '2026-11-20', [position(0, 'mount', 'a'), position(150, 'mount', 'b')])]).rounds,
    );
    expect(habits.liveMinutes).toBe(5);
    expect(habits.meanTide).toBeCloseTo(0, 9);
    expect(habits.positions.map((one) => one.ratio)).toEqual([0.5, 0.5]);
    expect(habitsOf([])).toMatchObject({ rounds: 0, meanTide: undefined });
  });
});
