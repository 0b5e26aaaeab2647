import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { RoundFigures } from '../figures';
import { stages } from '../marks';
import { techniqueFamilyOf } from '../vocabulary';
import {
  againstWhom,
  answersOf,
  errorsAgainst,
  expectedResult,
  familyFunnelsOf,
  filterRounds,
  flowsOf,
  funnelsOf,
  lateErrors,
  laterRounds,
  monthsOf,
  narrows,
  type RoundFilter,
  resultOf,
  sidesOf,
  withMoments,
} from './index';

const figures = (patch: Partial<RoundFigures> = {}): RoundFigures => ({
  ...{ roundId: 'r', heldOn: '2026-11-20', beltGap: 0, weightGap: 0, startSeconds: 0, endSeconds: 300 },
  ...{ liveMinutes: 5, tideArea: 0, positions: [], occurrences: new Map(), exposures: new Map() },
  ...{ goods: [], stays: [], attempts: [], missed: [], grips: [], answers: [] },
  ...patch,
});
const attempt = (patch: Partial<RoundFigures['attempts'][number]> = {}) => ({
  ...{ markId: 'm', techniqueId: 'triangle', isOwn: true, atSeconds: 10, stage: 'finished' as const },
  ...patch,
});

describe('against whom', () => {
  it('expects ten to one of 400 points (Elo 1978), even where nothing parts two', () => {
    expect(expectedResult({ beltGap: 0, weightGap: 0 })).toBe(0.5);
    // 400 points are ten to one: two belts (240) and forty per cent more weight (160).
    expect(expectedResult({ beltGap: 2, weightGap: 0.4 })).toBeCloseTo(10 / 11, 9);
    // Elo's table (1978, p. 31, from memory): 100 points 0.64, 200 points 0.76.
    expect(expectedResult({ beltGap: 0, weightGap: 0.25 })).toBeCloseTo(0.64, 2);
    expect(expectedResult({ beltGap: 0, weightGap: 0.5 })).toBeCloseTo(0.76, 2);
    expect(expectedResult({ beltGap: undefined, weightGap: undefined })).toBeUndefined();
    fc.assert(
      fc.property(
        fc.double({ min: -4, max: 4, noNaN: true }),
        fc.double({ min: -1, max: 1, noNaN: true }),
        (belt, weight) => {
          const both =
            (expectedResult({ beltGap: belt, weightGap: weight }) ?? 0) +
            (expectedResult({ beltGap: -belt, weightGap: -weight }) ?? 0);
          expect(both).toBeCloseTo(1, 9);
        },
      ),
    );
  });

  it('takes a tap for the result, else the tide', () => {
    expect(resultOf(figures({ attempts: [attempt()] }))).toBe(1);
    expect(resultOf(figures({ attempts: [attempt({ isOwn: false })] }))).toBe(0);
    expect(resultOf(figures({ attempts: [attempt(), attempt({ isOwn: false })] }))).toBe(0.5);
    expect(resultOf(figures({ attempts: [attempt({ stage: 'locked' })] }))).toBe(0.5);
    expect(resultOf(figures({ tideArea: 600 }))).toBeCloseTo(1 / (1 + Math.exp(-1.6)), 9);
  });

  it('says how somebody does against whom, and more than expected only from eight rounds on', () => {
    const eight = Array.from({ length: 8 }, (_, at) =>
      figures({ beltGap: -1, weightGap: -0.3, tideArea: at % 2 ? 300 : 600 }),
    );
    const groups = againstWhom([...eight, figures({ beltGap: 2, weightGap: undefined })]);
    expect(groups.map((one) => [one.group, one.roundIds.length])).toEqual([
      ['higher', 8],
      ['lower', 1],
      ['heavier', 8],
    ]);
    expect(groups[0]?.over?.interval.low).toBeGreaterThan(0);
    expect(groups[1]?.over).toBeUndefined();
    expect(againstWhom([])).toEqual([]);
  });
});

describe('left and right, early and late', () => {
  it('flags eight to none, not seven to one (exact binomial: 0.008, 0.070)', () => {
    const sided = (left: number, right: number) =>
      sidesOf([
        figures({
          attempts: [
            ...Array.from({ length: left }, () => attempt({ side: 'left' })),
            ...Array.from({ length: right }, () => attempt({ side: 'right' })),
            attempt({ isOwn: false, side: 'right' }),
          ],
        }),
      ])[0];
    expect(sided(8, 0)).toMatchObject({ left: 8, right: 0, isFlagged: true });
    expect(sided(8, 0)?.p).toBeCloseTo(0.0078, 4);
    expect(sided(7, 1)?.p).toBeCloseTo(0.0703, 4);
    expect(sided(7, 1)?.isFlagged).toBe(false);
    expect(sided(4, 3)).toBeUndefined();
  });

  it('counts grips and errors by side as well, what has no side nowhere', () => {
    const grip = { markId: 'g', gripId: 'collar-grip', atSeconds: 3, outcome: 'got' as const };
    const error = { markId: 'e', roundId: 'r', heldOn: '2026-11-20', atSeconds: 9, symptom: false, rootErrorIds: [] };
    const found = sidesOf([
      figures({
        grips: [grip, ...Array.from({ length: 8 }, () => ({ ...grip, side: 'right' as const }))],
        occurrences: new Map([
          ['err-half-flat', Array.from({ length: 9 }, () => ({ ...error, side: 'left' as const }))],
        ]),
      }),
    ]);
    expect(found.map(({ of, conceptId, left, right }) => [of, conceptId, left, right])).toEqual([
      ['errors', undefined, 9, 0],
      ['errors', 'err-half-flat', 9, 0],
      ['grips', undefined, 0, 8],
      ['grips', 'collar-grip', 0, 8],
    ]);
  });

  it('pools answers of all rounds, and flags who plainly waits more than one time in four', () => {
    const answer = (seconds: number) => ({
      markId: `m${seconds}`,
      atSeconds: seconds,
      seconds,
      from: 'stopwatch' as const,
    });
    const rounds = (seconds: readonly number[]) => [
      figures({ answers: seconds.slice(0, 2).map(answer) }),
      figures({ roundId: 's', answers: seconds.slice(2).map(answer) }),
    ];
    const of = (...seconds: number[]) => answersOf(rounds(seconds), 'stopwatch');
    expect(answersOf(rounds([1, 3, 4, 5]), 'marks')).toBeUndefined();
    expect(of(1, 2, 4)).toBeUndefined();
    const some = of(1, 2, 2, 4);
    // Wilson, 1 of 4: from 0.0456 (statistics.test).
    expect(some).toMatchObject({
      count: 4,
      medianSeconds: 2,
      isFlagged: false,
      waited: [{ markId: 'm4', roundId: 's' }],
    });
    expect(of(1, 3, 4, 5, 6, 7, 8, 9)?.isFlagged).toBe(true);
  });

  it('compares the last third with the first two, per minute', () => {
    const at = (atSeconds: number) => ({
      markId: `${atSeconds}`,
      roundId: 'r',
      heldOn: '2026-11-20',
      atSeconds,
      symptom: false,
      rootErrorIds: [],
    });
    const late = figures({
      stays: [{ positionId: 'mount', role: 'bottom', atSeconds: 0, seconds: 300, tide: -4 }],
      occurrences: new Map([['err-few-bridges', [50, 210, 220, 230, 240, 250, 260, 270].map(at)]]),
    });
    // 1 in 200 seconds, then 7 in 100: fourteen times as often.
    expect(lateErrors([late])?.ratio).toBeCloseTo(14, 9);
    expect(lateErrors([late])?.isFlagged).toBe(true);
    expect(lateErrors([figures()])).toBeUndefined();
  });
});

describe('how rounds flow', () => {
  const stay = (positionId: string, role: 'top' | 'bottom', atSeconds: number, seconds: number, tide: number) => ({
    positionId,
    role,
    atSeconds,
    seconds,
    tide,
  });
  it('counts what goes on to what, with its price, and links nothing over a stop or within one kind', () => {
    const { nodes, streams } = flowsOf([
      figures({
        stays: [
          stay('half-guard', 'bottom', 0, 60, -1),
          stay('flat-half-guard', 'bottom', 60, 20, -1.5),
          stay('side-control', 'bottom', 80, 40, -3),
          stay('mount', 'bottom', 200, 10, -4),
        ],
      }),
    ]);
    expect(nodes.map((node) => [node.key, node.seconds, node.stays])).toEqual([
      ['half-guard/under', 80, 1],
      ['side-pin/under', 40, 1],
      ['mount/under', 10, 1],
    ]);
    expect(streams).toEqual([
      {
        ...{ from: 'half-guard/under', to: 'side-pin/under', count: 1, share: 1, gain: -1.5 },
        moments: [{ roundId: 'r', heldOn: '2026-11-20', atSeconds: 80 }],
      },
    ]);
    expect(flowsOf([])).toEqual({ nodes: [], streams: [] });
  });

  it('counts a later stage among the earlier ones, with Wilson’s interval (8 of 10: 0.490 to 0.943)', () => {
    const tries = Array.from({ length: 10 }, (_, at) => attempt({ stage: at < 8 ? 'finished' : 'entry' }));
    const [own] = funnelsOf([figures({ attempts: [...tries, attempt({ isOwn: false })] })], 'own');
    expect(own?.reached).toEqual({ entry: 10, control: 8, locked: 8, finished: 8 });
    expect(own?.finished?.interval.low).toBeCloseTo(0.49, 3);
    expect(own?.finished?.interval.high).toBeCloseTo(0.943, 3);
  });

  it('counts chances let pass as openings, and says how long a try takes', () => {
    const round = figures({
      attempts: [attempt({ seconds: 4 }), attempt({ seconds: 10 }), attempt({ isOwn: false })],
      missed: [
        { markId: 'x', techniqueId: 'triangle', atSeconds: 3 },
        { markId: 'y', techniqueId: 'armbar', atSeconds: 4 },
        { markId: 'z', atSeconds: 5 },
      ],
    });
    const [triangle, armbar] = funnelsOf([round], 'own');
    expect(triangle).toMatchObject({ openings: 3, medianSeconds: 7, reached: { entry: 2 } });
    expect(triangle?.moments.map((one) => one.atSeconds)).toEqual([3, 10, 10]);
    expect(armbar).toMatchObject({ openings: 1, reached: { entry: 0 }, finished: undefined });
    expect(funnelsOf([round], 'faced')).toMatchObject([{ openings: 1 }]);
    const timed = [
      attempt({ toControl: 2, toLocked: 5, seconds: 9 }),
      attempt({ toControl: 4, toLocked: 11 }),
      attempt({ toLocked: 5 }),
    ];
    // To control 2 and 4; from there to locked 3 and 7, once from the beginning 5.
    expect(funnelsOf([figures({ attempts: timed })], 'own')[0]).toMatchObject({
      ...{ medianToControl: 3, medianToLocked: 5, medianSeconds: 9 },
    });
  });

  it('adds techniques of a family up, whatever rounds there are', () => {
    const ids = [
      'triangle',
      'armbar',
      'kimura',
      'rear-naked-choke',
      'scissor-sweep',
      'straight-ankle-lock',
      'neck-crank',
    ];
    const tried = fc.record({
      techniqueId: fc.constantFrom(...ids),
      stage: fc.constantFrom(...stages),
      isOwn: fc.boolean(),
    });
    fc.assert(
      fc.property(fc.array(fc.array(tried, { maxLength: 8 }), { maxLength: 4 }), (rounds) => {
        const all = rounds.map((attempts, at) => figures({ roundId: `${at}`, attempts: attempts.map(attempt) }));
        for (const whose of ['own', 'faced'] as const) {
          const techniques = funnelsOf(all, whose);
          const families = familyFunnelsOf(all, whose);
          // Sent without their moments, they have them again from their techniques.
          const sent = families.map(({ moments: _moments, ...family }) => family);
          expect(withMoments(sent, techniques).map((one) => one.moments.length)).toEqual(
            families.map((one) => one.moments.length),
          );
          for (const { of, openings, reached, moments } of families) {
            const parts = techniques.filter((one) => techniqueFamilyOf(one.of) === of);
            expect(openings).toBe(parts.reduce((sum, one) => sum + one.openings, 0));
            for (const stage of stages)
              expect(reached[stage]).toBe(parts.reduce((sum, one) => sum + one.reached[stage], 0));
            expect(moments.length).toBe(openings);
          }
          expect(families.reduce((sum, one) => sum + one.openings, 0)).toBe(
            techniques.filter((one) => techniqueFamilyOf(one.of)).reduce((sum, one) => sum + one.openings, 0),
          );
        }
      }),
    );
    expect(['triangle', 'kimura', 'straight-ankle-lock', 'scissor-sweep', 'gone'].map(techniqueFamilyOf)).toEqual([
      ...['chokes', 'arm-locks', 'leg-locks', 'sweeps', undefined],
    ]);
  });

  it('leaves the rounds that a filter names, and none of which it is not known', () => {
    const heavy = figures({ roundId: '1', weightGap: -0.2, partnerId: 'p', uniform: 'gi', heldOn: '2026-11-01' });
    const light = figures({ roundId: '2', weightGap: 0.2, heightGap: -10, uniform: 'no-gi', heldOn: '2026-11-09' });
    const unknown = figures({ roundId: '3', weightGap: undefined, beltGap: undefined });
    const left = (filter: RoundFilter) => filterRounds([heavy, light, unknown], filter).map((one) => one.roundId);
    expect(left({})).toEqual(['1', '2', '3']);
    expect(left({ against: 'heavier' })).toEqual(['1']);
    expect(left({ against: 'taller' })).toEqual(['2']);
    expect(left({ partnerId: 'p' })).toEqual(['1']);
    expect(left({ uniform: 'no-gi', fromDay: '2026-11-09' })).toEqual(['2']);
    expect(left({ toDay: '2026-11-01' })).toEqual(['1']);
    expect([narrows({}), narrows({ uniform: 'gi' })]).toEqual([false, true]);
  });

  it('compares errors against heavier partners with belts held equal, from eight on', () => {
    const with_ = (count: number, patch: Partial<RoundFigures>) =>
      figures({
        occurrences: new Map([['err-half-flat', Array.from({ length: count }, () => ({}) as never)]]),
        ...patch,
      });
    const rounds = [
      with_(6, { weightGap: -0.2, beltGap: 0 }),
      with_(3, { weightGap: 0, beltGap: 0 }),
      with_(6, { weightGap: -0.2, beltGap: -1 }),
      with_(3, { weightGap: 0, beltGap: -1 }),
    ];
    const [heavier] = errorsAgainst(rounds);
    expect(heavier).toMatchObject({ group: 'heavier', count: 12, others: 6 });
    expect(heavier?.ratio).toBeCloseTo(2, 9);
    expect(errorsAgainst(rounds.slice(0, 1))).toEqual([]);
  });

  it('compares later rounds of a session with the first two, from eight errors on', () => {
    const with_ = (count: number, numberInSession: number) =>
      figures({
        numberInSession,
        occurrences: new Map([['err-half-flat', Array.from({ length: count }, () => ({}) as never)]]),
      });
    // Six times as often in as many minutes; the conditional exact test of 3 against 18 (p about 0.0015).
    const later = laterRounds([with_(1, 1), with_(2, 2), with_(9, 3), with_(9, 5)]);
    expect(later?.ratio).toBeCloseTo(6, 9);
    expect(later).toMatchObject({ isFlagged: true });
    expect(later?.p).toBeCloseTo(0.0015, 4);
    expect(laterRounds([with_(4, 1), with_(3, 3)])).toBeUndefined();
    expect(laterRounds([with_(9, 1)])).toBeUndefined();
  });

  it('has every month between, also over the turn of a year', () => {
    const round = (heldOn: string, count: number) => ({
      roundId: heldOn,
      heldOn,
      count,
      exposure: 2,
      afterDose: false,
    });
    expect(monthsOf([round('2025-11-30', 1), round('2026-01-01', 2), round('2026-01-31', 1)])).toEqual([
      { month: '2025-11', count: 1, exposure: 2 },
      { month: '2025-12', count: 0, exposure: 0 },
      { month: '2026-01', count: 3, exposure: 4 },
    ]);
    expect(monthsOf([])).toEqual([]);
  });
});
