import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { columnsOf, decodeBytes, ticksOf, windowWith, zoomWindow } from './stripView';

describe('the strip', () => {
  it('stays within the file at every turn of the wheel', () => {
    const turns = fc.array(
      fc.tuple(fc.double({ min: 0.2, max: 5, noNaN: true }), fc.double({ min: 0, max: 1, noNaN: true })),
      { maxLength: 15 },
    );
    fc.assert(
      fc.property(fc.integer({ min: 3, max: 10_800 }), turns, (duration, steps) => {
        let window = { startSeconds: 0, endSeconds: duration };
        for (const [factor, share] of steps) {
          const held = window.startSeconds + share * (window.endSeconds - window.startSeconds);
          window = zoomWindow(window, factor, held, duration);
          expect(window.startSeconds).toBeGreaterThanOrEqual(0);
          expect(window.endSeconds).toBeLessThanOrEqual(duration + 1e-6);
          expect(window.endSeconds - window.startSeconds).toBeGreaterThanOrEqual(Math.min(20, duration) - 1e-6);
        }
        const moved = windowWith(window, duration * 0.9, duration);
        expect(moved.startSeconds).toBeLessThanOrEqual(duration * 0.9 + 1e-6);
        expect(moved.endSeconds).toBeGreaterThanOrEqual(duration * 0.9 - 1e-6);
      }),
    );
  });
  it('keeps the highest value of each column, and knows silence past the end', () => {
    const values = Uint8Array.from([0, 10, 255, 0, 0, 128]);
    expect([...columnsOf(values, 1, { startSeconds: 0, endSeconds: 6 }, 3, 255)]).toEqual([10 / 255, 1, 128 / 255]);
    expect([...columnsOf(values, 1, { startSeconds: 6, endSeconds: 12 }, 2, 255)]).toEqual([0, 0]);
    expect([...decodeBytes(Buffer.from(values).toString('base64'))]).toEqual([...values]);
  });
  it('labels a handful of moments', () => {
    for (const length of [20, 90, 600, 1500, 10_800]) {
      const ticks = ticksOf({ startSeconds: 13, endSeconds: 13 + length });
      expect(ticks.length).toBeGreaterThan(2);
      expect(ticks.length).toBeLessThanOrEqual(16);
    }
  });
});
