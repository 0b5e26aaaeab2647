import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseRange } from '@/core/footage/byteRange';
import { safeFileName } from './fileNames';

describe('byte ranges (RFC 9110, section 14)', () => {
  it('follow the examples of the standard on 10,000 bytes', () => {
    expect(parseRange('bytes=0-499', 10_000)).toEqual({ first: 0, last: 499 });
    expect(parseRange('bytes=500-999', 10_000)).toEqual({ first: 500, last: 999 });
    expect(parseRange('bytes=-500', 10_000)).toEqual({ first: 9500, last: 9999 });
    expect(parseRange('bytes=9500-', 10_000)).toEqual({ first: 9500, last: 9999 });
    expect(parseRange('bytes=9500-20000', 10_000)).toEqual({ first: 9500, last: 9999 });
    expect(parseRange('bytes=-20000', 10_000)).toEqual({ first: 0, last: 9999 });
  });
  it('are unsatisfiable past the end, and ignored when they make no sense', () => {
    expect(parseRange('bytes=10000-', 10_000)).toBe('unsatisfiable');
    expect(parseRange('bytes=-0', 10_000)).toBe('unsatisfiable');
    for (const header of [
      null,
      '',
      'bytes=',
      'bytes=-',
      'bytes=5-2',
      'items=0-5',
      'bytes=0-1,5-9',
      'bytes=a-b',
      'bytes=1-2-3',
    ])
      expect(parseRange(header, 10_000)).toBe('whole');
  });
  it('never leave the file', () => {
    fc.assert(
      fc.property(
        fc.option(fc.nat()),
        fc.option(fc.nat()),
        fc.integer({ min: 1, max: 1_000_000 }),
        (first, last, size) => {
          const range = parseRange(`bytes=${first ?? ''}-${last ?? ''}`, size);
          if (typeof range === 'string') return;
          expect(range.first).toBeGreaterThanOrEqual(0);
          expect(range.first).toBeLessThanOrEqual(range.last);
          expect(range.last).toBeLessThan(size);
        },
      ),
    );
  });
});

describe('file names', () => {
  it('lose folders, control and direction characters, and are never empty', () => {
    expect(safeFileName('../../etc/passwd')).toBe('passwd');
    expect(safeFileName('C:\\films\\round 3.mp4')).toBe('round 3.mp4');
    expect(safeFileName('<script>alert(1)</script>.mp4')).toBe('script_.mp4');
    expect(safeFileName('a\u202egpj.mp4\u0000')).toBe('agpj.mp4');
    expect(safeFileName('...')).toBe('footage');
    expect(safeFileName('')).toBe('footage');
    expect(safeFileName('Łódź sparring – 5. runda 🥋.mp4')).toBe('Łódź sparring – 5. runda 🥋.mp4');
    // By bytes, not by letters: a disk counts bytes, and half a letter is none.
    expect(safeFileName('x'.repeat(500)).length).toBe(180);
    expect(safeFileName(`${'ü'.repeat(400)}.mov`)).toBe(`${'ü'.repeat(88)}.mov`);
  });
});
