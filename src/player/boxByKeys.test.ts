import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { boxAfterKey, firstBox } from './boxByKeys';

describe('a box placed by keys', () => {
  it('moves with the arrows and grows with Shift', () => {
    expect(boxAfterKey(firstBox, 'ArrowRight', false)!.x).toBeCloseTo(0.42);
    expect(boxAfterKey(firstBox, 'ArrowUp', false)!.y).toBeCloseTo(0.28);
    expect(boxAfterKey(firstBox, 'ArrowDown', true)!.height).toBeCloseTo(0.52);
    expect(boxAfterKey(firstBox, 'ArrowLeft', true)!.width).toBeCloseTo(0.18);
    expect(boxAfterKey(firstBox, 'q', false)).toBeUndefined();
  });
  it('never leaves the picture, and never shrinks to nothing', () => {
    const key = fc.constantFrom('ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown');
    fc.assert(
      fc.property(fc.array(fc.tuple(key, fc.boolean()), { maxLength: 200 }), (presses) => {
        const box = presses.reduce((now, [one, shift]) => boxAfterKey(now, one, shift)!, firstBox);
        expect(box.x).toBeGreaterThanOrEqual(0);
        expect(box.y).toBeGreaterThanOrEqual(0);
        expect(box.x + box.width).toBeLessThanOrEqual(1 + 1e-9);
        expect(box.y + box.height).toBeLessThanOrEqual(1 + 1e-9);
        expect(Math.min(box.width, box.height)).toBeGreaterThanOrEqual(0.04 - 1e-9);
      }),
    );
  });
});
