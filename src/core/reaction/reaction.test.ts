import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryMarks, span as wideSpan } from '../../../tests/support/arbitraryRound';
import { type Athlete, type Mark, readRound, swapAthletes } from '../round';
import { findPassiveStretches, listReactions, reactionFigures } from './index';

const span = { startSeconds: 0, endSeconds: 300 };
let count = 0;
const nextId = () => {
  count += 1;
  return `m${count}`;
};
const attempt = (athlete: Athlete, atSeconds: number): Mark => ({
  kind: 'attempt',
  id: nextId(),
  atSeconds,
  techniqueId: 'knee-slice',
  athlete,
  stage: 'entry',
});
const stop = (atSeconds: number, endSeconds: number): Mark => ({
  kind: 'stoppage',
  id: nextId(),
  atSeconds,
  endSeconds,
});
const seconds = (marks: readonly Mark[], athlete: Athlete = 'a') =>
  listReactions(readRound(span, marks), athlete).map((one) => one.seconds);

describe('answers', () => {
  it('are the time from what the opponent began to the next thing done', () => {
    expect(seconds([attempt('b', 10), attempt('a', 11.5)])).toEqual([1.5]);
    expect(seconds([attempt('b', 10), attempt('a', 11.5)], 'b')).toEqual([]);
  });
  it('answer the first of several starts, and nothing after fifteen seconds or a stoppage', () => {
    expect(seconds([attempt('b', 10), attempt('b', 12), attempt('a', 13)])).toEqual([3]);
    expect(seconds([attempt('b', 10), attempt('a', 26)])).toEqual([]);
    expect(seconds([attempt('b', 10), stop(11, 20), attempt('a', 21)])).toEqual([]);
  });
  it('that never came to something that worked are there, as longer than the time there was; what failed by itself is none', () => {
    const worked = (atSeconds: number): Mark => ({ ...attempt('b', atSeconds), stage: 'finished' }) as Mark;
    const failed = (atSeconds: number): Mark =>
      ({ ...attempt('b', atSeconds), stage: 'control', end: 'abandoned' }) as Mark;
    const all = listReactions(
      readRound(span, [worked(10), attempt('a', 60), failed(80), attempt('a', 120), worked(200), stop(206, 220)]),
      'a',
    );
    expect(all.map(({ atSeconds, seconds: took, isUnanswered }) => [atSeconds, took, isUnanswered])).toEqual([
      [10, 15, true],
      [200, 6, true],
    ]);
    // Six of ten starts were never answered: the middle one, too.
    const ten = [
      ...[1, 1.2, 2, 4].map((took) => ({
        athlete: 'a' as const,
        markId: 'm',
        atSeconds: 0,
        seconds: took,
        from: 'marks' as const,
      })),
      ...Array.from({ length: 6 }, () => ({
        athlete: 'a' as const,
        markId: 'm',
        atSeconds: 0,
        seconds: 15,
        isUnanswered: true as const,
        from: 'marks' as const,
      })),
    ];
    expect(reactionFigures(ten)).toMatchObject({
      count: 10,
      unanswered: 6,
      medianIsOver: true,
      slowRatio: 0.8,
      passiveRatio: 0.7,
    });
    const cutOff = {
      athlete: 'a' as const,
      markId: 'm',
      atSeconds: 0,
      seconds: 1,
      isUnanswered: true as const,
      from: 'marks' as const,
    };
    expect(reactionFigures([...ten, cutOff])?.count).toBe(10);
  });
  it('taken with the stopwatch count as they are', () => {
    const measured: Mark = { kind: 'measure', id: 'w', atSeconds: 40, endSeconds: 43, athlete: 'a' };
    expect(seconds([measured])).toEqual([3]);
    expect(seconds([{ ...measured, athlete: undefined }])).toEqual([]);
  });
  it('have figures from four on: median, quartiles, slow over 1.5 s, waiting from 3 s (common practice)', () => {
    const of = (...values: number[]) =>
      values.map((value) => ({
        athlete: 'a' as const,
        markId: 'm',
        atSeconds: 0,
        seconds: value,
        from: 'marks' as const,
      }));
    expect(reactionFigures(of(1, 2, 3))).toBeUndefined();
    expect(reactionFigures(of(1, 1.5, 2, 3))).toEqual({
      count: 4,
      unanswered: 0,
      medianIsOver: false,
      medianSeconds: 1.75,
      quartiles: [1.375, 2.25],
      slowRatio: 0.5,
      passiveRatio: 0.25,
    });
  });
});

describe('waiting', () => {
  it('is a stretch in which only the opponent did something', () => {
    const marks = [attempt('a', 10), attempt('b', 15), attempt('b', 25), attempt('a', 40)];
    const [first, ...rest] = findPassiveStretches(readRound(span, marks), 'a', 20);
    expect(first).toMatchObject({ startSeconds: 10, endSeconds: 40, liveSeconds: 30 });
    expect(first!.opponentMarkIds).toHaveLength(2);
    expect(rest).toEqual([]);
  });
  it('is none when both were idle, when it was short, or when play was stopped', () => {
    const found = (marks: readonly Mark[]) => findPassiveStretches(readRound(span, marks), 'a', 20).length;
    expect(found([attempt('a', 10), attempt('a', 90)])).toBe(0);
    expect(found([attempt('a', 10), attempt('b', 15), attempt('a', 29), attempt('a', 299)])).toBe(0);
    expect(found([attempt('a', 10), attempt('b', 15), stop(20, 60), attempt('a', 61), attempt('a', 299)])).toBe(0);
  });
  it('and answers change hands with the athletes', () => {
    fc.assert(
      fc.property(arbitraryMarks, (marks) => {
        const [round, swapped] = [readRound(wideSpan, marks), readRound(wideSpan, marks.map(swapAthletes))];
        expect(findPassiveStretches(round, 'a').map((one) => one.startSeconds)).toEqual(
          findPassiveStretches(swapped, 'b').map((one) => one.startSeconds),
        );
        expect(listReactions(round, 'a').map((one) => one.seconds)).toEqual(
          listReactions(swapped, 'b').map((one) => one.seconds),
        );
      }),
      { numRuns: 60 },
    );
  });
});
