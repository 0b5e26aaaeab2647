import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { clampToPicture, MOST_LINE_POINTS, type PicturePoint, strokeKinds, strokeOf } from './index';

const size = { width: 400, height: 200 };

describe('a drag over a picture', () => {
  it('becomes an arrow, a ring or the line itself', () => {
    const drag: PicturePoint[] = [
      [0.1, 0.5],
      [0.2, 0.5],
      [0.4, 0.5],
    ];
    expect(strokeOf('arrow', drag, size)).toEqual({ kind: 'arrow', from: [0.1, 0.5], to: [0.4, 0.5] });
    const ring = strokeOf('ring', drag, size);
    expect(ring).toMatchObject({ kind: 'ring', centre: [0.1, 0.5] });
    expect(ring?.kind === 'ring' && ring.radius).toBeCloseTo(0.3, 9);
    expect(strokeOf('line', drag, size)).toEqual({ kind: 'line', points: drag });
  });

  it('is nothing when it went nowhere', () => {
    for (const kind of strokeKinds) {
      expect(strokeOf(kind, [], size)).toBeUndefined();
      expect(strokeOf(kind, [[0.5, 0.5]], size)).toBeUndefined();
    }
    expect(
      strokeOf(
        'arrow',
        [
          [0.5, 0.5],
          [0.505, 0.5],
        ],
        size,
      ),
    ).toBeUndefined();
  });

  it('keeps a closed free line, and never too many points', () => {
    const loop: PicturePoint[] = [
      [0.5, 0.5],
      [0.9, 0.5],
      [0.5, 0.5],
    ];
    expect(strokeOf('line', loop, size)).toEqual({ kind: 'line', points: loop });
    const long = Array.from({ length: 900 }, (_, at): PicturePoint => [at / 900, 0.5]);
    const line = strokeOf('line', long, size);
    expect(line?.kind === 'line' && line.points.length).toBe(MOST_LINE_POINTS);
  });

  it('stays in the picture wherever the pointer goes', () => {
    fc.assert(
      fc.property(fc.double({ noNaN: true }), fc.double({ noNaN: true }), (x, y) =>
        clampToPicture(x, y).every((share) => share >= 0 && share <= 1),
      ),
    );
  });
});
