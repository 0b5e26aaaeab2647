import { parse } from 'csv-parse/sync';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { toCsv } from './csv';

// RFC 4180, section 2; read by another parser than the one that is written with.
describe('a table as CSV', () => {
  it('is read back by another program as it was, formulas defused', () => {
    const text = fc.oneof(
      fc.string({ unit: 'grapheme', maxLength: 30 }),
      fc.constantFrom('"', 'a,b', 'a\r\nb', '=1+1', '-5 kg', '@x', '', ' '),
    );
    fc.assert(
      fc.property(
        fc.array(fc.tuple(text, text, fc.integer()), { minLength: 1, maxLength: 10 }),
        fc.boolean(),
        (rows, mark) => {
          const csv = toCsv(['one', 'two', 'three'], rows, mark);
          expect(csv.startsWith('\uFEFF')).toBe(mark);
          const read = parse(csv, { bom: true, record_delimiter: '\r\n', relax_column_count: false }) as string[][];
          expect(read[0]).toEqual(['one', 'two', 'three']);
          expect(read.slice(1)).toEqual(
            rows.map((row) =>
              row.map((cell) => (typeof cell === 'string' && /^\s*[=+\-@\t\r]/.test(cell) ? `'${cell}` : String(cell))),
            ),
          );
        },
      ),
    );
  });
  it('keeps numbers below zero numbers', () => {
    expect(toCsv(['x', 'y'], [[-3.5, undefined]])).toBe('x,y\r\n-3.5,\r\n');
    expect(toCsv([], [['2:41']])).toBe('2:41\r\n');
  });
});
