import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type RoundRecord, roundFigures } from '../figures';
import type { Mark } from '../round';
import type { CountOver } from '../statistics';
import { findError } from '../vocabulary';
import {
  addGroups,
  addVerdicts,
  ageWeight,
  type Cohort,
  chanceOneUpPunishes,
  cohortOf,
  gammaPriorOf,
  groupOf,
  habitsOf,
  listRecurringErrors,
  occurrenceCost,
  partnersBeltOf,
  punishedShare,
  rateInterval,
  type StudentRecord,
  shrunkRate,
  splitByWindow,
  verdictsOf,
} from './index';

const half = findError('err-half-flat')!;
const round = (roundId: string, heldOn: string, marks: Mark[]): RoundRecord => ({
  roundId,
  heldOn,
  span: { startSeconds: 0, endSeconds: 300 },
  athlete: 'a',
  beltGap: -1,
  weightGap: undefined,
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

const groupMoments = (group: readonly CountOver[]) =>
  groupOf(
    cohortOf(
      group.map((one, at) => ({
        ...{ personId: String(at), belt: 'blue' as const },
        sums: new Map([
          [
            'err-half-flat',
            {
              ...one,
              weightedCount: 0,
              weightedExposure: 0,
              verdicts: { 'one-up': { judged: 1, punished: 0.5 } },
              damaged: 1,
              damage: 4,
            },
          ],
        ]),
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
        const { verdicts, ...figures } = together;
        expect(added.verdicts).toEqual(verdicts);
        for (const key of Object.keys(figures) as (keyof typeof figures)[])
          expect(added[key]).toBeCloseTo(figures[key], 9);
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
        if (exposed.length >= 4 && variance > 1e-6)
          expect(prior!.shape).toBeCloseTo(Math.min(20, mean ** 2 / variance), 5);
      }),
    );
  });
  it('of nobody says nothing, and who was never exposed counts only with what was judged', () => {
    expect(groupOf(new Map(), 'err-half-flat')).toMatchObject({ people: 0, events: 0 });
    expect(groupMoments([{ count: 3, exposure: 0 }])).toMatchObject({
      people: 0,
      events: 0,
      verdicts: { 'one-up': { judged: 1, punished: 0.5 } },
    });
    const cohort = cohortOf([], ['err-half-flat']);
    expect(groupOf(cohort, 'err-half-flat', 'blue')).toMatchObject({ people: 0 });
  });
});

describe('rates', () => {
  it('are exact per minute and per opportunity', () => {
    expect(rateInterval(series([2, 4], [3, 6]), 'minutes').interval.low).toBeCloseTo(0.1623, 4);
    expect(rateInterval(series([2, 4], [3, 6]), 'minutes').interval.high).toBeCloseTo(1.1668, 4);
    expect(rateInterval(series([8, 10]), 'times').interval.low).toBeCloseTo(0.4439, 4);
  });

  it('of what may happen more than once an opportunity lie in their interval, too', () => {
    const { low, high } = rateInterval(series([3, 2]), 'times').interval;
    expect(low).toBeLessThan(1.5);
    // Garwood for three events: 0.619 to 8.767.
    expect(high).toBeCloseTo(8.767 / 2, 3);
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.nat(9), fc.integer({ min: 1, max: 9 })), { minLength: 1, maxLength: 9 }),
        fc.constantFrom('minutes' as const, 'times' as const),
        (pairs, unit) => {
          const all = series(...pairs);
          const range = rateInterval(all, unit).interval;
          const rate = all.reduce((sum, one) => sum + one.count, 0) / all.reduce((sum, one) => sum + one.exposure, 0);
          expect(range.low).toBeLessThanOrEqual(rate + 1e-9);
          expect(range.high).toBeGreaterThanOrEqual(rate - 1e-9);
        },
      ),
    );
  });

  it('of bad days are less sure', () => {
    const even = rateInterval(series([2, 2], [2, 2], [2, 2], [2, 2], [2, 2], [2, 2]), 'minutes');
    const uneven = rateInterval(series([0, 2], [6, 2], [0, 2], [6, 2], [0, 2], [0, 2]), 'minutes');
    expect(even.dispersion).toBeUndefined();
    expect(uneven.dispersion).toBeCloseTo(4.8, 9);
    expect(uneven.interval.high - uneven.interval.low).toBeGreaterThan(2 * (even.interval.high - even.interval.low));
    expect(() => rateInterval([], 'minutes')).toThrow('exposure must be more than 0');
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

  it('knows who punishes an error by how the belt of the partner stands to the own one', () => {
    expect([1, 0.5, 0.25, 0, -0.75, -1.25, -2].map((beltGap) => partnersBeltOf({ beltGap }))).toEqual([
      ...['lower', 'same', 'same', 'same', 'one-up', 'one-up', 'more-up'],
    ]);
    expect(partnersBeltOf({ beltGap: undefined })).toBeUndefined();
    const against = (beltGap: number) =>
      verdictsOf({ beltGap }, [occurrence('yes'), occurrence('partly'), occurrence('no'), occurrence(undefined)]);
    const verdicts = [-1, -1, -2, 0].map(against).reduce(addVerdicts, {});
    expect(verdicts).toEqual({
      'one-up': { judged: 6, punished: 3 },
      'more-up': { judged: 3, punished: 1.5 },
      same: { judged: 3, punished: 1.5 },
    });
    // Only who stands one belt up tells what such a partner would do: a beta posterior with mean 0.6 worth four verdicts before (house estimate).
    expect(chanceOneUpPunishes({})).toBeCloseTo(0.6, 12);
    expect(chanceOneUpPunishes({ same: { judged: 50, punished: 50 } })).toBeCloseTo(0.6, 12);
    expect(chanceOneUpPunishes(verdicts)).toBeCloseTo((2.4 + 3) / (4 + 6), 12);
    expect(occurrenceCost(half, [occurrence('yes', 6)], verdicts).latentDamage).toBeCloseTo(6 * 0.54, 9);
  });

  it('mixes real and waiting damage by the punished share', () => {
    const cost = occurrenceCost(half, [occurrence('yes', 6), occurrence('yes', 4)]);
    expect(cost.damageWhenPunished).toBe(5);
    expect(cost.punishedShare).toBe(0.75);
    expect(cost.latentDamage).toBeCloseTo(3, 9);
    expect(cost.perOccurrence).toBeCloseTo(0.75 * 5 + 0.25 * 3, 9);
    expect(occurrenceCost(half, [occurrence('no')]).damageWhenPunished).toBe(half.severity);
    // Without a price of their own: what it costs in the academy.
    const academy = { damaged: 4, damage: 30 };
    expect(occurrenceCost(half, [occurrence('no')], undefined, academy).damageWhenPunished).toBe(7.5);
    expect(occurrenceCost(half, [occurrence('yes', 6)], undefined, academy).damageWhenPunished).toBe(6);
  });
});

describe('what keeps happening', () => {
  const alone: Cohort = new Map();
  const student = (rounds: RoundRecord[]): StudentRecord => ({
    personId: 's',
    belt: 'blue',
    rounds: rounds.map(roundFigures),
    earlier: [],
    doses: new Map(),
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
    expect(found!.history.map((one) => one.count)).toEqual([1, 1]);
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

  it('counts over live minutes what was seen where no chance of it was marked, and it ranks as what it is', () => {
    const wasted: Mark = {
      kind: 'error',
      id: 'w',
      atSeconds: 200,
      errorId: 'err-wasted-motion',
      athlete: 'a',
      punished: 'no',
      ledTo: [],
    };
    const record = student([
      round('r1', '2026-11-20', [...[10, 60, 110, 160, 210].map((at) => flat(at, 'yes')), wasted]),
    ]);
    const found = listRecurringErrors(record, alone, '2026-11-23');
    expect(found[0]).toMatchObject({ errorId: 'err-half-flat', basis: 'live', unit: 'minutes', exposure: 5, rate: 1 });
    expect(found[0]!.priority).toBeGreaterThan(2 * found[1]!.priority);
  });

  it('knows what was seen long ago, and says how little may be left of it', () => {
    const below = (at: number, day: string, marks: Mark[] = []) =>
      roundFigures(round(`r${at}`, day, [position(0, 'half-guard', 'b'), ...marks]));
    const all = [
      ...[1, 2, 3].map((at) => below(at, `2026-05-0${at}`, [flat(20, 'yes'), flat(90, 'yes'), flat(200)])),
      ...Array.from({ length: 10 }, (_, at) => below(10 + at, `2026-11-${10 + at}`)),
    ];
    const record = { personId: 's', belt: 'blue' as const, doses: new Map(), ...splitByWindow(all, '2026-11-23') };
    expect(record.rounds.length).toBe(10);
    const [found] = listRecurringErrors(record, alone, '2026-11-23');
    expect(found).toMatchObject({ count: 0, rate: 0, status: 'gone', symptom: false });
    expect(found!.interval).toEqual({ low: 0, high: 3 / 50 });
    expect(found!.history[found!.change.at ?? -1]).toMatchObject({ heldOn: '2026-11-10', roundId: 'r10' });
  });

  it('looks as far back as ten rounds reach, and no further than its days where there are more', () => {
    const at = (day: string) => roundFigures(round(day, day, [position(0, 'mount', 'a')]));
    const old = ['2026-01-02', '2026-01-03'].map(at);
    expect(splitByWindow(old, '2026-11-23')).toMatchObject({ earlier: [], rounds: [{ roundId: '2026-01-02' }, {}] });
    const many = [...old, ...Array.from({ length: 12 }, (_, day) => at(`2026-11-${day + 10}`))];
    expect(splitByWindow(many, '2026-11-23')).toMatchObject({ earlier: [{}, {}], rounds: { length: 12 } });
    expect(splitByWindow([], '2026-11-23')).toEqual({ earlier: [], rounds: [] });
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
