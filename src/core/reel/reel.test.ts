import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { MOST_MOMENTS, packReel, type ReelMoment, spanOfMoment, unpackReel } from './reel';

const moment: fc.Arbitrary<ReelMoment> = fc.oneof(
  fc.record({ markId: fc.uuid() }),
  fc.record({ roundId: fc.uuid(), atSeconds: fc.integer({ min: 0, max: 864_000 }).map((tenths) => tenths / 10) }),
);
const keyOf = (one: ReelMoment) => JSON.stringify(one);

describe('a reel as an address', () => {
  it('comes back as it was, in its order', () => {
    fc.assert(
      fc.property(fc.uniqueArray(moment, { selector: keyOf, maxLength: MOST_MOMENTS }), (moments) => {
        const text = packReel(moments);
        expect(unpackReel(text)).toEqual(moments);
        expect(encodeURIComponent(text)).toBe(text);
      }),
    );
  });
  it('names each moment once, and no more than can be looked at', () => {
    const one = { markId: '00000000-0000-4000-8000-000000000001' };
    expect(unpackReel(packReel([one, one]))).toEqual([one]);
    const many = Array.from({ length: 200 }, (_, at) => ({ roundId: one.markId, atSeconds: at }));
    expect(unpackReel(packReel(many))).toHaveLength(MOST_MOMENTS);
    expect(packReel(many).length).toBeLessThan(4000);
  });
  it('leaves out what is no moment', () => {
    for (const text of [
      '',
      '~',
      'm123',
      'x'.repeat(100_000),
      'r00000000000040008000000000000001',
      `m${'0'.repeat(32)}.5`,
    ])
      expect(unpackReel(text)).toEqual([]);
    fc.assert(
      fc.property(fc.string(), (text) => {
        expect(unpackReel(text).length).toBeLessThanOrEqual(MOST_MOMENTS);
      }),
    );
  });
});

it('a moment is seen coming, and what it cost, within its round', () => {
  const round = { startSeconds: 10, endSeconds: 100 };
  expect(spanOfMoment(50, round)).toEqual({ startSeconds: 47, endSeconds: 55 });
  expect(spanOfMoment(11, round)).toEqual({ startSeconds: 10, endSeconds: 16 });
  expect(spanOfMoment(400, round)).toEqual({ startSeconds: 97, endSeconds: 100 });
});
