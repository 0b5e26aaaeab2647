import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryMarks, span } from '../../../tests/support/arbitraryRound';
import { type Mark, readRound } from '../round';
import { agreementOfStates, listDifferences, matchEvents } from './index';

const position = (id: string, atSeconds: number, positionId: string, holder?: 'a' | 'b'): Mark => ({
  kind: 'position',
  id,
  atSeconds,
  positionId,
  holder,
});
const minute = { startSeconds: 0, endSeconds: 60 };

describe('two readings of a round, second by second', () => {
  it('agree wholly with themselves, and where only one position was seen no disagreement was possible', () => {
    const reading = readRound(minute, [position('1', 0, 'mount', 'a'), position('2', 30, 'closed-guard', 'b')]);
    expect(agreementOfStates(reading, reading)).toMatchObject({ observed: 1, kappa: 1, count: 60 });
    const still = readRound(minute, [position('1', 0, 'mount', 'a')]);
    expect(agreementOfStates(still, still).kappa).toBeUndefined();
  });
  it('give the kappa of the table of their seconds (Cohen 1960)', () => {
    // Mount and guard: both mount for 20 s, then only the first for 5, only the second for 10, both guard for 15: the textbook table, kappa 0.40.
    const fifty = { startSeconds: 0, endSeconds: 50 };
    const one = [position('1', 0, 'mount', 'a'), position('2', 25, 'closed-guard', 'b')];
    const other = [
      position('3', 0, 'mount', 'a'),
      position('4', 20, 'closed-guard', 'b'),
      position('5', 25, 'mount', 'a'),
      position('6', 35, 'closed-guard', 'b'),
    ];
    const { kappa, count } = agreementOfStates(readRound(fifty, one), readRound(fifty, other));
    expect(count).toBe(50);
    expect(kappa).toBeCloseTo(0.4, 9);
  });
  it('leave out what either saw stopped', () => {
    const stop: Mark = { kind: 'stoppage', id: 's', atSeconds: 10, endSeconds: 25 };
    const one = readRound(minute, [position('1', 0, 'mount', 'a')]);
    const other = readRound(minute, [position('2', 0, 'mount', 'a'), stop]);
    expect(agreementOfStates(one, other).count).toBe(45);
  });
});

describe('differences to settle', () => {
  const error: Mark = { kind: 'error', id: 'e', atSeconds: 20, errorId: 'err-half-flat', athlete: 'a', ledTo: [] };
  it('are what only one marked, and what both judged otherwise', () => {
    const first: Mark[] = [
      { ...error, punished: 'yes' },
      { ...error, id: 'only', atSeconds: 60 },
    ];
    const second: Mark[] = [{ ...error, id: 'f', atSeconds: 21, punished: 'no' }];
    expect(listDifferences(matchEvents(first, second))).toMatchObject([
      { key: 'e f', in: ['punished'] },
      { key: 'only', in: ['presence'] },
    ]);
  });
  it('are none between a review and itself', () => {
    fc.assert(
      fc.property(arbitraryMarks, (marks) => {
        const distinct = marks.filter((mark, at) => marks.findIndex((one) => one.id === mark.id) === at);
        const copy = distinct.map((mark) => ({ ...mark, id: `second ${mark.id}` }) as Mark);
        const { onlyOne, onlyOther } = matchEvents(distinct, copy);
        expect([onlyOne, onlyOther]).toEqual([[], []]);
        const reading = readRound(span, distinct);
        expect(agreementOfStates(reading, readRound(span, copy)).observed).toBe(1);
      }),
      { numRuns: 40 },
    );
  });
});
