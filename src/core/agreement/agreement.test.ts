import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Mark } from '../round';
import { agreementByKind, cohenKappa, matchEvents } from './index';

const error = (id: string, atSeconds: number, athlete: 'a' | 'b' = 'a'): Mark => ({
  kind: 'error',
  id,
  atSeconds,
  errorId: 'err-half-flat',
  athlete,
  ledTo: [],
});

describe('Cohen’s kappa (Cohen 1960)', () => {
  /** Two raters' lists from the counts of a table: yes/yes, yes/no, no/yes, no/no. */
  const table = (...counts: readonly [number, number, number, number]) => {
    const cells = [
      ['yes', 'yes'],
      ['yes', 'no'],
      ['no', 'yes'],
      ['no', 'no'],
    ] as const;
    const rows = cells.flatMap((cell, index) => Array.from({ length: counts[index]! }, () => cell));
    return cohenKappa(
      rows.map(([one]) => one),
      rows.map(([, other]) => other),
    );
  };
  it('is 0.40 for the table 20, 5, 10, 15 (a textbook example, from memory)', () => {
    const { observed, expected, kappa } = table(20, 5, 10, 15);
    expect(observed).toBeCloseTo(0.7, 9);
    expect(expected).toBeCloseTo(0.5, 9);
    expect(kappa).toBeCloseTo(0.4, 9);
  });
  it('is what a statistics package computes (scikit-learn 1.2.1, cohen_kappa_score, over 180 seconds)', () => {
    const seconds = (runs: string) =>
      runs.match(/\d+./g)!.flatMap((run) => Array(Number.parseInt(run, 10)).fill(run.at(-1)));
    const one = seconds('14m11s20m16s18h17m9h11m57h7m');
    const other = [
      ...'msmgmmmmgmmmmgssssssssmhhmmgmmmmmmmmmsmmmmmmmsssssssmssssmgssghhshshshhmmhhhhghmmhmmmmmmmm',
      ...'msshmmghhhghhhsmmmmhmmmmgmhhshmhhhhmhhhhhhhmhhhhhhhhhmhhhhhhhhhshhmhhhhhhhghhhhhhhhmmgmmmm',
    ];
    expect(one).toHaveLength(180);
    expect(cohenKappa(one, other).kappa).toBeCloseTo(0.6835352815395581, 12);
  });
  it('is 1 for perfect agreement, 0 for that of chance, and undefined for one category', () => {
    expect(table(10, 0, 0, 10).kappa).toBe(1);
    expect(table(25, 25, 25, 25).kappa).toBeCloseTo(0, 9);
    expect(table(12, 0, 0, 0).kappa).toBeUndefined();
    expect(() => cohenKappa(['yes'], [])).toThrow('same units');
  });
  it('does not mind which rater is the first', () => {
    const categories = fc.array(fc.tuple(fc.constantFrom('x', 'y', 'z'), fc.constantFrom('x', 'y', 'z')), {
      minLength: 1,
    });
    fc.assert(
      fc.property(categories, (rows) => {
        const [one, other] = [rows.map(([first]) => first), rows.map(([, second]) => second)];
        expect(cohenKappa(one, other).kappa ?? 2).toBeCloseTo(cohenKappa(other, one).kappa ?? 2, 9);
      }),
    );
  });
});

describe('marks of two reviewers', () => {
  it('are the same within 2.0 s, included, and of the same kind and athlete', () => {
    const matched = (other: Mark) => matchEvents([error('1', 10)], [other]).pairs.length;
    expect(matched(error('2', 12))).toBe(1);
    expect(matched(error('2', 12.01))).toBe(0);
    expect(matched(error('2', 10, 'b'))).toBe(0);
    expect(matched({ kind: 'note', id: '2', atSeconds: 10, note: 'x', athlete: 'a' })).toBe(0);
  });
  it('are matched so that there are most pairs, then the least distance', () => {
    // Nearest first would pair 11 with 11.5 and leave both others alone.
    const { pairs } = matchEvents([error('1', 9.5), error('2', 11)], [error('3', 11.5), error('4', 12.9)]);
    expect(pairs.map((pair) => [pair.one.id, pair.other.id])).toEqual([
      ['1', '3'],
      ['2', '4'],
    ]);
    const close = matchEvents([error('1', 10)], [error('2', 11.5), error('3', 10.2)]);
    expect(close.pairs[0]!.other.id).toBe('3');
  });
  it('are as many pairs as the best of all assignments finds', () => {
    const times = fc.array(fc.integer({ min: 0, max: 24 }), { maxLength: 6 });
    fc.assert(
      fc.property(times, times, (one, other) => {
        const marks = (list: readonly number[], name: string) =>
          list.map((half, at) => error(`${name}${at}`, half / 2));
        const [first, second] = [marks(one, 'x'), marks(other, 'y')];
        const { pairs } = matchEvents(first, second);
        const slow = bestAssignment(first, second);
        expect(pairs.length).toBe(slow.count);
        const distance = pairs.reduce((sum, pair) => sum + Math.abs(pair.one.atSeconds - pair.other.atSeconds), 0);
        expect(distance).toBeCloseTo(slow.distance, 9);
      }),
      { numRuns: 80 },
    );
  });
  it('give precision, recall and F1, and no figure for nothing', () => {
    const matched = matchEvents([error('1', 10), error('2', 20), error('3', 30)], [error('4', 10), error('5', 50)]);
    expect(agreementByKind(matched)).toEqual([
      { kind: 'error', matched: 1, precision: 1 / 2, recall: 1 / 3, f1: 2 / 5 },
    ]);
    expect(agreementByKind(matchEvents([error('1', 10)], []))).toMatchObject([
      { precision: undefined, recall: 0, f1: 0 },
    ]);
    expect(agreementByKind(matchEvents([], []))).toEqual([]);
  });
});

/** Every assignment, the slow and certain way. */
function bestAssignment(one: readonly Mark[], other: readonly Mark[]): { count: number; distance: number } {
  const [first, ...rest] = one;
  if (!first) return { count: 0, distance: 0 };
  let best = bestAssignment(rest, other);
  for (const [index, mark] of other.entries()) {
    const gap = Math.abs(mark.atSeconds - first.atSeconds);
    if (gap > 2) continue;
    const below = bestAssignment(rest, [...other.slice(0, index), ...other.slice(index + 1)]);
    const here = { count: below.count + 1, distance: below.distance + gap };
    if (here.count > best.count || (here.count === best.count && here.distance < best.distance - 1e-9)) best = here;
  }
  return best;
}
