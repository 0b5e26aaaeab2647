import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { boxBetween, pointOfFrame, pointOfPicture } from './pictureArea';
import { panBy, wholePicture, zoomAt } from './zoom';

const frame = { width: 800, height: 500 };
const share = fc.double({ min: 0.01, max: 0.99, noNaN: true });

describe('points of the picture', () => {
  it('are found under the pointer and back, however close the picture is looked at', () => {
    const sizes = fc.constantFrom(
      { width: 1280, height: 720 },
      { width: 720, height: 1280 },
      { width: 640, height: 400 },
    );
    fc.assert(
      fc.property(
        sizes,
        share,
        share,
        fc.double({ min: 1, max: 6, noNaN: true }),
        share,
        share,
        (size, x, y, scale, px, py) => {
          const zoom = panBy(zoomAt(wholePicture, scale), px - 0.5, py - 0.5);
          const there = pointOfFrame(frame, size, zoom, { x, y });
          const back = pointOfPicture(frame, size, zoom, there);
          expect(back.x).toBeCloseTo(x, 9);
          expect(back.y).toBeCloseTo(y, 9);
        },
      ),
    );
  });
  it('know the empty stripes beside an upright picture', () => {
    const upright = { width: 720, height: 1280 };
    expect(pointOfPicture(frame, upright, wholePicture, { x: 400, y: 250 })).toEqual({ x: 0.5, y: 0.5 });
    expect(pointOfPicture(frame, upright, wholePicture, { x: 10, y: 250 }).x).toBe(0);
    expect(pointOfFrame(frame, upright, wholePicture, { x: 0, y: 0 }).x).toBeCloseTo(400 - (500 * 720) / 1280 / 2, 9);
  });
  it('make the same box from either pair of corners', () => {
    const one = { x: 0.2, y: 0.6 };
    const other = { x: 0.5, y: 0.1 };
    expect(boxBetween(one, other)).toEqual(boxBetween(other, one));
    expect(boxBetween(one, other)).toEqual({ x: 0.2, y: 0.1, width: 0.3, height: 0.5 });
  });
});
