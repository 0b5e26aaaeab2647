import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Cut, type CutAction, createCutReducer, firstCuts, whyWords } from './cutReducer';

const limits = { durationSeconds: 1500, kept: [{ startSeconds: 1200, endSeconds: 1400 }] };
const reduce = createCutReducer(limits);
const proposal = (startSeconds: number, endSeconds: number) => ({
  startSeconds,
  endSeconds,
  reason: 'bell-to-bell' as const,
  confidenceRatio: 0.95,
  plannedSeconds: 300,
});
const start = firstCuts([proposal(20, 320), proposal(380, 680), proposal(1190, 1390)], limits.kept);
const spans = (cuts: readonly Cut[]) => cuts.map((one) => [one.startSeconds, one.endSeconds]);
const run = (...actions: CutAction[]) => actions.reduce(reduce, start);

describe('cutting', () => {
  it('opens with what is proposed and not cut out yet', () => {
    expect(spans(start.cuts)).toEqual([
      [20, 320],
      [380, 680],
    ]);
    expect(start.cuts.every((one) => one.state === 'proposed')).toBe(true);
    expect(whyWords(start.cuts[0]!)).toBe('from bell to bell · sure');
  });
  it('confirms one and goes on to the next, or all at once', () => {
    const one = run({ kind: 'confirm' });
    expect(one.cuts.map((cut) => cut.state)).toEqual(['confirmed', 'proposed']);
    expect(one.chosenKey).toBe(start.cuts[1]!.key);
    expect(run({ kind: 'confirm-all' }).cuts.every((cut) => cut.state === 'confirmed')).toBe(true);
  });
  it('moves ends, cuts by hand, splits, merges and drops', () => {
    expect(spans(run({ kind: 'end-here', atSeconds: 300, newKey: 'x' }).cuts)[0]).toEqual([20, 300]);
    expect(spans(run({ kind: 'begin-here', atSeconds: 25, newKey: 'x' }).cuts)[0]).toEqual([25, 320]);
    const third = run({ kind: 'choose', key: undefined }, { kind: 'begin-here', atSeconds: 700, newKey: 'x' });
    expect(spans(third.cuts)[2]).toEqual([700, 1000]);
    expect(whyWords(third.cuts[2]!)).toBe('cut by hand');
    const split = run({ kind: 'split', atSeconds: 500, newKey: 'x' });
    expect(spans(split.cuts)).toEqual([
      [20, 320],
      [380, 500],
      [500, 680],
    ]);
    expect(spans(run({ kind: 'merge' }).cuts)).toEqual([[20, 680]]);
    expect(spans(run({ kind: 'drop' }).cuts)).toEqual([[380, 680]]);
  });
  it('refuses with a reason and changes nothing', () => {
    for (const action of [
      { kind: 'end-here', atSeconds: 10, newKey: 'x' },
      { kind: 'end-here', atSeconds: 25, newKey: 'x' },
      { kind: 'end-here', atSeconds: 400, newKey: 'x' },
      { kind: 'move', key: start.cuts[0]!.key, span: { startSeconds: -5, endSeconds: 200 } },
      { kind: 'move', key: start.cuts[0]!.key, span: { startSeconds: 1100, endSeconds: 1300 } },
      { kind: 'split', atSeconds: 350, newKey: 'x' },
      { kind: 'split', atSeconds: 25, newKey: 'x' },
    ] as CutAction[]) {
      const next = reduce(start, action);
      expect(next.said).toBeTruthy();
      expect(next.cuts).toBe(start.cuts);
    }
  });
  it('goes back over every step, and never lets rounds overlap', () => {
    const at = fc.integer({ min: -20, max: 1550 });
    const action = fc.oneof(
      at.map((atSeconds): CutAction => ({ kind: 'begin-here', atSeconds, newKey: `k${atSeconds}` })),
      at.map((atSeconds): CutAction => ({ kind: 'end-here', atSeconds, newKey: `k${atSeconds}` })),
      at.map((atSeconds): CutAction => ({ kind: 'split', atSeconds, newKey: `s${atSeconds}` })),
      fc.constantFrom<CutAction>(
        { kind: 'merge' },
        { kind: 'drop' },
        { kind: 'confirm' },
        { kind: 'step-choice', by: 1 },
        { kind: 'step-choice', by: -1 },
        { kind: 'choose', key: undefined },
      ),
    );
    fc.assert(
      fc.property(fc.array(action, { maxLength: 30 }), (actions) => {
        const end = actions.reduce(reduce, start);
        for (const [index, cut] of end.cuts.entries()) {
          expect(cut.endSeconds - cut.startSeconds).toBeGreaterThanOrEqual(10);
          if (index > 0) expect(cut.startSeconds).toBeGreaterThanOrEqual(end.cuts[index - 1]!.endSeconds - 0.01);
          expect(cut.startSeconds >= 1400 || cut.endSeconds <= 1200.01).toBe(true);
        }
        let back = end;
        while (back.past.length > 0) back = reduce(back, { kind: 'undo' });
        expect(spans(back.cuts)).toEqual(spans(start.cuts));
        while (back.future.length > 0) back = reduce(back, { kind: 'redo' });
        expect(spans(back.cuts)).toEqual(spans(end.cuts));
      }),
    );
  });
});
