import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryMarks } from '../../../tests/support/arbitraryRound';
import { findLikelySwap, gapInWords, type Mark, ordinaryCircumstances, reasonApart, swapFrom } from './index';

const round = { startSeconds: 0, endSeconds: 300 };
const mount = (id: string, atSeconds: number, holder: 'a' | 'b'): Mark => ({
  kind: 'position',
  id,
  atSeconds,
  positionId: 'mount',
  holder,
});
const pass = (id: string, atSeconds: number, athlete: 'a' | 'b'): Mark => ({
  kind: 'attempt',
  id,
  atSeconds,
  techniqueId: 'knee-slice',
  athlete,
  stage: 'entry',
});
const sweep = (id: string, atSeconds: number, athlete: 'a' | 'b'): Mark => ({
  kind: 'attempt',
  id,
  atSeconds,
  techniqueId: 'scissor-sweep',
  athlete,
  stage: 'entry',
});

describe('athletes taken for each other', () => {
  it('are noticed where a mark contradicts the position', () => {
    // From 100 s on the coach followed the wrong one: Marek holds the mount, then "Ana" passes and "Marek" sweeps.
    const marks = [mount('1', 20, 'a'), mount('2', 100, 'a'), pass('3', 120, 'a'), sweep('4', 140, 'a')];
    const swap = findLikelySwap(round, marks);
    expect(swap).toMatchObject({ contradictionsNow: 2, contradictionsAfter: 0 });
    expect(swap!.fromSeconds).toBe(120);
  });
  it('are not suspected where nothing contradicts', () => {
    expect(findLikelySwap(round, [mount('1', 20, 'a')])).toBeUndefined();
    expect(findLikelySwap(round, [])).toBeUndefined();
  });
  it('are never proposed to be exchanged for more contradictions, and touch nothing before the moment', () => {
    fc.assert(
      fc.property(arbitraryMarks, (marks) => {
        const swap = findLikelySwap(round, marks);
        if (!swap) return;
        expect(swap.contradictionsAfter).toBeLessThan(swap.contradictionsNow);
        const swapped = swapFrom(marks, swap.fromSeconds);
        for (const [index, mark] of marks.entries())
          if (mark.atSeconds < swap.fromSeconds) expect(swapped[index]).toBe(mark);
        expect(swapFrom(swapped, swap.fromSeconds)).toEqual(marks);
      }),
      { numRuns: 60 },
    );
  });
  it('keep left and right, which belong to the body that was seen', () => {
    const grip: Mark = {
      kind: 'grip',
      id: 'g',
      atSeconds: 10,
      gripId: 'cross-sleeve',
      athlete: 'a',
      side: 'left',
      outcome: 'got',
    };
    expect(swapFrom([grip], 0)[0]).toMatchObject({ athlete: 'b', side: 'left' });
  });
});

describe('circumstances', () => {
  it('keep a round that was played for the camera out of what counts', () => {
    expect(reasonApart(ordinaryCircumstances)).toBeUndefined();
    expect(reasonApart({ audience: 'watched', intensity: 'hard' })).toBeUndefined();
    expect(reasonApart({ audience: 'for-the-camera' })).toBe('for-the-camera');
    expect(reasonApart({ audience: 'ordinary', intensity: 'flow' })).toBe('flow');
    expect(gapInWords({ size: 'b-bigger' })).toBeLessThan(-0.1);
    expect(gapInWords({})).toBeUndefined();
  });
});
