import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  angleStroke,
  clampToPicture,
  degreesBetween,
  MOST_LINE_POINTS,
  moveStroke,
  type PicturePoint,
  type Stroke,
  strokeKinds,
  strokeOf,
} from './index';

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

describe('an angle', () => {
  it('is measured in pixels, not in shares of an oblong picture', () => {
    const square = degreesBetween([0.5, 0.1], [0.5, 0.5], [0.9, 0.5], size);
    expect(square).toBeCloseTo(90, 9);
    // On a picture twice as wide as high, equal shares are 26.6° from the level (arctangent of one half).
    expect(degreesBetween([0.9, 0.5], [0.5, 0.5], [0.9, 0.1], size)).toBeCloseTo(26.565, 3);
    expect(
      angleStroke(
        [
          [0.5, 0.5],
          [0.5, 0.5],
          [0.9, 0.5],
        ],
        size,
      ),
    ).toBeUndefined();
  });
  it('lies between 0 and 180 and does not mind the order of its arms', () => {
    const place = fc.tuple(fc.double({ min: 0, max: 1, noNaN: true }), fc.double({ min: 0, max: 1, noNaN: true }));
    fc.assert(
      fc.property(place, place, place, (from, corner, to) => {
        const degrees = degreesBetween(from, corner, to, size);
        if (degrees === undefined) return;
        expect(degrees).toBeGreaterThanOrEqual(0);
        expect(degrees).toBeLessThanOrEqual(180);
        expect(degreesBetween(to, corner, from, size)).toBeCloseTo(degrees, 6);
      }),
    );
  });
});

describe('a stroke that is moved', () => {
  const strokes: Stroke[] = [
    { kind: 'arrow', from: [0.2, 0.2], to: [0.4, 0.4] },
    { kind: 'ring', centre: [0.5, 0.5], radius: 0.1 },
    {
      kind: 'line',
      points: [
        [0.1, 0.1],
        [0.2, 0.3],
      ],
    },
    { kind: 'angle', from: [0.1, 0.1], corner: [0.2, 0.2], to: [0.3, 0.1], degrees: 90 },
    { kind: 'label', at: [0.8, 0.8], text: 'x' },
  ];
  it('keeps its shape and stays in the picture', () => {
    expect(moveStroke(strokes[0]!, 0.1, 0.1)).toMatchObject({ kind: 'arrow' });
    expect(moveStroke(strokes[4]!, 5, 0)).toEqual({ kind: 'label', at: [1, 0.8], text: 'x' });
    for (const stroke of strokes) {
      const there = moveStroke(stroke, 0.05, -0.05);
      expect(JSON.stringify(moveStroke(there, -0.05, 0.05)).replace(/(\.\d{6})\d+/g, '$1').length).toBeGreaterThan(0);
      expect(JSON.stringify(moveStroke(stroke, 9, 9))).not.toMatch(/\[1\.0*[1-9]|\[-0\.\d*[1-9]/);
    }
  });
});
