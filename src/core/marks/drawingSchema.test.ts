import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { moveStroke, type PicturePoint, strokeKinds, strokeOf } from '../drawing';
import { drawingSchema } from './drawingSchema';

const share = fc.double({ min: 0, max: 1, noNaN: true });
const drag = fc.array(fc.tuple(share, share), { minLength: 2, maxLength: 500 });
const side = fc.integer({ min: 40, max: 4000 });

describe('what is drawn on a page', () => {
  it('is taken by the server, however small, moved wherever', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...strokeKinds),
        drag,
        side,
        side,
        fc.double(),
        fc.double(),
        (kind, points, width, height, x, y) => {
          const stroke = strokeOf(kind, points as PicturePoint[], { width, height });
          if (!stroke) return;
          expect(drawingSchema.safeParse([stroke]).success).toBe(true);
          expect(drawingSchema.safeParse([moveStroke(stroke, x || 0, y || 0)]).success).toBe(true);
        },
      ),
    );
  });

  it('may be a ring of six pixels on a wide picture', () => {
    const ring = strokeOf(
      'ring',
      [
        [0.5, 0.5],
        [0.5 + 6 / 1900, 0.5],
      ],
      { width: 1900, height: 1000 },
    );
    expect(ring).toMatchObject({ kind: 'ring' });
    expect(drawingSchema.safeParse([ring]).success).toBe(true);
  });
});
