import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { panBy, transformOf, wholePicture, zoomAt } from './zoom';

const share = fc.double({ min: 0, max: 1, noNaN: true });
const factor = fc.double({ min: 0.3, max: 3, noNaN: true });

describe('looking closer', () => {
  it('never leaves the picture, whatever is done', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.boolean(), factor, share, share), { maxLength: 20 }), (steps) => {
        const end = steps.reduce(
          (zoom, [pans, by, x, y]) => (pans ? panBy(zoom, x - 0.5, y - 0.5) : zoomAt(zoom, by, x, y)),
          wholePicture,
        );
        expect(end.scale).toBeGreaterThanOrEqual(1);
        expect(end.scale).toBeLessThanOrEqual(6);
        for (const middle of [end.x, end.y]) {
          expect(middle - 0.5 / end.scale).toBeGreaterThanOrEqual(-1e-9);
          expect(middle + 0.5 / end.scale).toBeLessThanOrEqual(1 + 1e-9);
        }
      }),
    );
  });
  it('keeps the point under the pointer, and comes back to the whole', () => {
    const at = (zoom: typeof wholePicture, frame: number) => zoom.x + (frame - 0.5) / zoom.scale;
    const close = zoomAt(wholePicture, 2.5, 0.7, 0.4);
    expect(at(close, 0.7)).toBeCloseTo(0.7, 9);
    const closer = zoomAt(close, 1.4, 0.2, 0.5);
    expect(at(closer, 0.2)).toBeCloseTo(at(close, 0.2), 9);
    expect(zoomAt(closer, 0.01)).toEqual(wholePicture);
    expect(transformOf(wholePicture)).toBe('none');
    expect(transformOf({ scale: 2, x: 0.75, y: 0.5 })).toBe('scale(2) translate(-25%, 0%)');
  });
});
