import { describe, expect, it } from 'vitest';
import type { Athlete, Mark, TurnMark } from '../round';
import { clocksOverTurn, endTurn, nextTurn, readOvertimeRecord } from './index';

const rules = { turnsEach: 3, turnSeconds: 120 };
const turn = (athlete: Athlete, atSeconds: number, lasted: number, more: Partial<TurnMark> = {}): TurnMark => ({
  kind: 'turn',
  id: `${athlete}${atSeconds}`,
  athlete,
  from: 'back',
  atSeconds,
  endSeconds: atSeconds + lasted,
  end: 'escaped',
  ...more,
});

describe('the overtime of a round', () => {
  it('is read from its marks, whatever their order, and is absent where there are none', () => {
    expect(readOvertimeRecord([{ kind: 'note', id: 'n', atSeconds: 1, note: 'x' }], rules)).toBeUndefined();
    const record = readOvertimeRecord([turn('b', 200, 31), turn('a', 100, 19)], rules)!;
    expect(record.reading.totals).toEqual({ a: 19, b: 31 });
    expect(record.reading.lead).toEqual({ athlete: 'a', seconds: 12 });
    expect(record.problem).toBeUndefined();
  });
  it('leaves the turn that runs out of the sums', () => {
    const open: Mark = { kind: 'turn', id: 'open', athlete: 'b', from: 'arm', atSeconds: 200 };
    const record = readOvertimeRecord([turn('a', 100, 19), open], rules)!;
    expect(record.open?.id).toBe('open');
    expect(record.reading.totals).toEqual({ a: 19, b: 0 });
  });
  it('keeps the sums before a problem and names the turn', () => {
    const record = readOvertimeRecord([turn('a', 100, 19), turn('a', 200, 31), turn('b', 300, 5)], rules)!;
    expect(record.problem).toEqual({ code: 'same-athlete-again', turn: 1 });
    expect(record.reading.totals).toEqual({ a: 19, b: 0 });
    const overlapping = readOvertimeRecord([turn('a', 100, 60), turn('b', 130, 10)], rules)!;
    expect(overlapping.problem).toEqual({ code: 'out-of-order', turn: 1 });
  });
  it('takes a second figure off a clock that counts down: 1:41 on a clock from 2:00 is 19 s (common practice)', () => {
    const read = (clockSeconds: number) =>
      readOvertimeRecord([turn('a', 100, 19.4, { clockSeconds })], rules)!.turns[0]!;
    expect(read(101)).toMatchObject({ clockSeconds: 19, clockDiffers: false });
    expect(read(95)).toMatchObject({ clockSeconds: 25, clockDiffers: true });
  });
  it('says when the officials’ sums give it to the wrong athlete', () => {
    const six = (last: Partial<TurnMark>) => [
      turn('a', 100, 19),
      turn('b', 200, 31),
      turn('a', 300, 40),
      turn('b', 400, 22),
      turn('a', 500, 15),
      turn('b', 600, 28, last),
    ];
    const wrong = (marks: readonly Mark[]) => readOvertimeRecord(marks, rules)!.wrongWinner;
    expect(wrong(six({ officialTotals: { a: 84, b: 81 } }))).toBe('b');
    expect(wrong(six({ officialTotals: { a: 74, b: 81 } }))).toBeUndefined();
    expect(wrong(six({ officialTotals: { a: 81, b: 81 } }))).toBeUndefined();
    expect(wrong(six({}))).toBeUndefined();
    // Not decided yet, or decided by a tap: sums decide nothing.
    expect(wrong(six({ officialTotals: { a: 84, b: 81 } }).slice(0, 5))).toBeUndefined();
    expect(
      wrong([turn('a', 100, 19), turn('b', 200, 31, { end: 'tapped', officialTotals: { a: 50, b: 31 } })]),
    ).toBeUndefined();
  });
  it('proves a sum wrong that the officials’ own figures do not add up to', () => {
    const marks = [
      turn('a', 100, 19, { officialSeconds: 19 }),
      turn('b', 200, 31, { officialSeconds: 31 }),
      turn('a', 300, 40, { officialSeconds: 40 }),
      turn('b', 400, 22, { officialSeconds: 22, officialTotals: { a: 69, b: 53 } }),
    ];
    const record = readOvertimeRecord(marks, rules)!;
    expect(record.differences).toEqual([]);
    expect(record.totalDifferences).toEqual([
      { turn: 3, athlete: 'a', measuredSeconds: 59, officialSeconds: 69, ownFiguresSeconds: 59 },
    ]);
    const { officialSeconds: _, ...first } = marks[0]!;
    expect(readOvertimeRecord([first, ...marks.slice(1)], rules)!.totalDifferences[0]!.ownFiguresSeconds).toBe(
      undefined,
    );
  });
});

describe('displayed clocks over a turn', () => {
  const marked = turn('a', 100, 30);
  const wall = (readingSeconds: number, mediaSeconds = 130) => ({
    name: 'wall',
    counts: 'down' as const,
    setAnewAt: [100, 200],
    ties: [
      { mediaSeconds: 100, readingSeconds: 120 },
      { mediaSeconds, readingSeconds },
    ],
  });
  it('are held against the presses, and against each other where both are tied', () => {
    expect(clocksOverTurn(marked, [wall(90)])).toMatchObject({
      alone: [{ elapsedSeconds: 30, differs: false }],
      pairs: [],
    });
    expect(clocksOverTurn(marked, [wall(88)]).alone[0]).toMatchObject({ elapsedSeconds: 32, differs: true });
    const stream = {
      name: 'stream',
      counts: 'up' as const,
      ties: [
        { mediaSeconds: 0, readingSeconds: 0 },
        { mediaSeconds: 110, readingSeconds: 121 },
      ],
    };
    const { pairs } = clocksOverTurn(marked, [wall(90), stream]);
    // The stream is tied to the first ten seconds of the turn only: 11 s pass on it.
    expect(pairs).toMatchObject([{ over: { startSeconds: 100, endSeconds: 110 }, differs: true }]);
  });
  it('say nothing about a turn that runs, or that they are not tied to', () => {
    const { end: _, endSeconds: __, ...open } = marked;
    expect(clocksOverTurn(open, [wall(90)])).toEqual({ alone: [], pairs: [] });
    expect(clocksOverTurn(turn('b', 500, 10), [{ ...wall(90), setAnewAt: [100, 200, 500] }]).alone).toEqual([]);
  });
});

describe('a press', () => {
  it('begins the turn of whoever comes next, from where the round of turns began', () => {
    expect(nextTurn([])).toEqual({ athlete: 'a', from: 'back' });
    const arm = { from: 'arm' } as const;
    expect(nextTurn([turn('b', 100, 5, arm)])).toEqual({ athlete: 'a', from: 'arm' });
    expect(nextTurn([turn('b', 100, 5, arm), turn('a', 200, 5, arm)])).toEqual({ athlete: 'b', from: 'arm' });
  });
  it('ends it as an escape, or as run out when the full length is over', () => {
    const { end: _, endSeconds: __, ...open } = turn('a', 100, 0);
    expect(endTurn(open, 119.4, rules)).toMatchObject({ end: 'escaped', endSeconds: 119.4 });
    expect(endTurn(open, 231, rules)).toMatchObject({ end: 'ran-out', endSeconds: 220 });
    expect(endTurn(open, 99, rules)).toBeUndefined();
  });
});
