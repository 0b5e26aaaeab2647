import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { measureReactionLead } from './reactionLead';

const moments = [2, 4, 7, 9, 11, 14, 16, 19, 21, 24];

describe('the reaction lead', () => {
  it('is the median delay, whatever else was pressed', () => {
    const presses = moments.map((moment, at) => moment + [0.2, 0.25, 0.3][at % 3]!);
    expect(measureReactionLead(moments, presses)).toEqual({
      ok: true,
      value: { leadSeconds: 0.25, spreadSeconds: 0.05, used: 10 },
    });
    const withGuesses = measureReactionLead(moments, [...presses, 1.9, 6.95, 30]);
    expect(withGuesses.ok && withGuesses.value.leadSeconds).toBe(0.25);
  });

  it('has no answer from fewer than six', () => {
    expect(measureReactionLead(moments, [2.3, 4.3, 7.3, 9.3, 11.3])).toEqual({
      ok: false,
      problem: { code: 'too-few', used: 5, needed: 6 },
    });
    expect(measureReactionLead([], []).ok).toBe(false);
  });

  it('finds any constant delay again', () => {
    fc.assert(
      fc.property(fc.integer({ min: 10, max: 140 }), (hundredths) => {
        const measured = measureReactionLead(
          moments,
          moments.map((moment) => moment + hundredths / 100 + 1e-9),
        );
        return measured.ok && measured.value.leadSeconds === hundredths / 100 && measured.value.spreadSeconds === 0;
      }),
    );
  });
});
