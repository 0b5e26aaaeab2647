import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Athlete, type Mark, readRound, tideOf } from '../round';
import { findRuleSet, scoreRound } from './index';

const rules = findRuleSet('points-gi')?.points;
if (!rules) throw new Error('the points rules are gone');
const round = { startSeconds: 0, endSeconds: 120 };

type Call = readonly [seconds: number, what: string, athlete?: Athlete];
/** Positions by who is over in them; techniques as finished. */
const marksOf = (calls: readonly Call[]): Mark[] =>
  calls.map(([atSeconds, what, athlete], index): Mark => {
    const id = `m${index}`;
    if (what.startsWith('+'))
      return {
        kind: 'attempt',
        id,
        atSeconds,
        techniqueId: what.slice(1),
        athlete: athlete ?? 'a',
        stage: 'finished',
        end: 'finished',
      };
    return { kind: 'position', id, atSeconds, positionId: what, ...(athlete ? { holder: athlete } : {}) };
  });
const read = (calls: readonly Call[]) => readRound(round, marksOf(calls));
const points = (...calls: Call[]) => {
  const { final } = scoreRound(read(calls), rules, 120);
  return [final.a.points, final.b.points];
};
const lost = (...calls: Call[]) => scoreRound(read(calls), rules, 120).lost.map((one) => `${one.what} ${one.why}`);

describe('a guess yields to what was seen', () => {
  it('a takedown that ends past the guard is a takedown', () => {
    expect(points([0, 'standing-neutral'], [12, '+single-leg', 'a'], [12.8, 'side-control', 'a'])).toEqual([2, 0]);
    // Also where the position comes later than a slow hand: the half guard between them was only guessed.
    expect(points([0, 'standing-neutral'], [12, '+single-leg', 'a'], [24, 'side-control', 'a'])).toEqual([2, 0]);
  });

  it('a sweep that ends past the guard is a sweep, and one that ends short of the mount is no mount', () => {
    expect(points([0, 'open-guard', 'b'], [20, '+tripod-sweep', 'a'], [21, 'side-control', 'a'])).toEqual([2, 0]);
    expect(points([40, '+scissor-sweep', 'a'], [44, 'half-guard', 'a'])).toEqual([2, 0]);
    expect(points([40, '+unnamed-sweep', 'a'], [41.5, 'half-guard', 'a'])).toEqual([2, 0]);
  });

  it('a pass that was called counts where no guard was marked, and one out of a guard that was marked counts once', () => {
    expect(points([20, '+knee-slice', 'a'], [22, 'side-control', 'a'])).toEqual([3, 0]);
    expect(points([0, 'half-guard', 'a'], [20, '+knee-slice', 'a'], [22, 'side-control', 'a'])).toEqual([3, 0]);
    // Half guard again: it was no pass.
    expect(points([0, 'half-guard', 'a'], [20, '+knee-slice', 'a'], [22, 'half-guard', 'a'])).toEqual([0, 0]);
  });

  it('what a technique says by itself counts, and nothing beyond it: a line says what to mark', () => {
    expect(points([0, 'standing-neutral'], [12, '+single-leg', 'a'])).toEqual([2, 0]);
    expect(points([0, 'closed-guard', 'a'], [12, '+scissor-sweep', 'a'])).toEqual([2, 0]);
    expect(lost([0, 'closed-guard', 'a'], [12, '+scissor-sweep', 'a'])).toEqual(['mount not-seen']);
    // The first position that was seen proves or disproves the hold.
    expect(points([0, 'standing-neutral'], [12, '+single-leg', 'a'], [60, 'half-guard', 'a'])).toEqual([2, 0]);
    expect(points([0, 'standing-neutral'], [12, '+single-leg', 'a'], [60, 'mount', 'b'])).toEqual([0, 4]);
    expect(points([0, 'closed-guard', 'a'], [12, '+scissor-sweep', 'a'], [30, 'mount', 'a'])).toEqual([6, 0]);
  });

  it('unsure marks count as nothing', () => {
    const unsure = (calls: readonly Call[], which: number) =>
      marksOf(calls).map((mark, index) => (index === which ? ({ ...mark, unsure: true } as Mark) : mark));
    const mount: Call[] = [
      [0, 'half-guard', 'a'],
      [20, 'mount', 'a'],
    ];
    expect(points(...mount)).toEqual([7, 0]);
    expect(scoreRound(readRound(round, unsure(mount, 1)), rules, 120).final.a.points).toBe(0);
    expect(readRound(round, unsure(mount, 1)).intervals).toHaveLength(1);
  });
});

/** Moves with the guard or stand from which they start, and positions in which they may end, their actor over. */
const moves = fc.constantFrom(
  {
    from: ['standing-neutral'] as const,
    move: '+single-leg',
    ends: ['half-guard', 'side-control', 'mount', 'open-guard'],
  },
  { from: ['closed-guard', 'a'] as const, move: '+scissor-sweep', ends: ['mount', 'half-guard', 'side-control'] },
  { from: ['half-guard', 'a'] as const, move: '+knee-slice', ends: ['side-control', 'mount', 'knee-on-belly'] },
);

describe('the law of late calls', () => {
  it('the same calls in either order, and up to eight seconds apart, give the same score and the same tide', () => {
    fc.assert(
      fc.property(
        moves,
        fc.integer({ min: 0, max: 3 }),
        fc.integer({ min: 0, max: 80 }),
        fc.integer({ min: 200, max: 900 }),
        ({ from, move, ends }, pick, lateTenths, nextTenths) => {
          const end = ends[pick % ends.length] ?? 'mount';
          const [at, later] = [20, 20 + lateTenths / 10];
          const start: Call = [0, from[0], from[1]];
          const after: Call = [20 + nextTenths / 10, 'standing-neutral'];
          const both = (moveAt: number, positionAt: number): Call[] => [
            start,
            [moveAt, move, 'a'],
            [positionAt, end, 'a'],
            after,
          ];
          const [together, positionLate, moveLate] = [both(at, at), both(at, later), both(later, at)].map(read);
          for (const reading of [positionLate, moveLate]) {
            if (!reading || !together) throw new Error('nothing was read');
            expect(scoreRound(reading, rules, 120).final).toEqual(scoreRound(together, rules, 120).final);
            expect(tideOf(reading).area).toBeCloseTo(tideOf(together).area, 9);
            expect(reading.moments).toEqual(together.moments);
          }
        },
      ),
      { numRuns: 400 },
    );
  });
});
