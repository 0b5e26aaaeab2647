import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compareKeys } from './compareKeys';
import { tiedMoment } from './tie';

describe('two tied clips', () => {
  const tie = { left: 62, right: 8.5 };
  it('meet where they are tied, each running at its own speed', () => {
    const speeds = { left: 1, right: 0.5 };
    expect(tiedMoment(tie, 'left', 62, speeds)).toBe(8.5);
    expect(tiedMoment(tie, 'left', 64, speeds)).toBe(9.5);
    expect(tiedMoment(tie, 'right', 7.5, speeds)).toBe(60);
  });
  it('lead there and back', () => {
    const speed = fc.constantFrom(0.1, 0.25, 0.5, 1, 2);
    fc.assert(
      fc.property(fc.double({ min: 0, max: 5000, noNaN: true }), speed, speed, (seconds, left, right) => {
        const speeds = { left, right };
        expect(tiedMoment(tie, 'right', tiedMoment(tie, 'left', seconds, speeds), speeds)).toBeCloseTo(seconds, 6);
      }),
    );
  });
  it('have one key for each command', () => {
    expect(new Set(compareKeys.map((one) => one.command)).size).toBe(compareKeys.length);
    expect(new Set(compareKeys.map((one) => one.shown)).size).toBe(compareKeys.length);
  });
});
