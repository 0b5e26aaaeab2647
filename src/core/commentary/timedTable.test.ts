import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseTimedText, timedLinesOf } from '.';

const read = (rows: readonly (readonly string[])[]) => {
  const lines = timedLinesOf(rows);
  if (!('text' in lines)) return lines.code;
  const parsed = parseTimedText(lines.text);
  return {
    columns: lines.remark.code === 'from-columns' ? [lines.remark.time, lines.remark.words] : [],
    cues: 'cues' in parsed ? parsed.cues.map((one) => [one.startSeconds, one.text]) : parsed.code,
  };
};

// Invented tables in the shapes that common programs write: this hand's.
describe('a table of times and words', () => {
  it('is read by what its columns are called, wherever they stand', () => {
    expect(
      read([
        ['no', 'Comment', 'Start time', 'coach'],
        ['1', 'ana passes', '0:41', 'Ludo'],
        ['2', 'marek half guard', '1:02:03.5', 'Ludo'],
      ]),
    ).toEqual({
      columns: ['Start time', 'Comment'],
      cues: [
        [41, 'ana passes'],
        [3723.5, 'marek half guard'],
      ],
    });
    // As this product itself writes a round: the first of two columns of times, the words of the call.
    expect(
      read([
        ['id', 'round_seconds', 'film_seconds', 'kind', 'words', 'note'],
        ['a8', '12.04', '42.04', 'position', 'ana top half guard', ''],
        ['a9', '19', '49', 'attempt', 'marek scissor sweep finished', 'well timed'],
      ]),
    ).toMatchObject({
      columns: ['round_seconds', 'words'],
      cues: [
        [12.04, 'ana top half guard'],
        [19, expect.any(String)],
      ],
    });
  });

  it('is read by what stands in its columns where nothing names them', () => {
    expect(
      read([
        ['2:05', 'ana passes'],
        ['2:40', 'marek mount'],
      ]),
    ).toMatchObject({
      columns: ['column 1', 'column 2'],
      cues: [
        [125, 'ana passes'],
        [160, 'marek mount'],
      ],
    });
    // Numbers of rows are no times.
    expect(
      read([
        ['1', '12,5', 'ana passes'],
        ['2', '31', 'marek mount'],
        ['3', '44', 'tap'],
      ]),
    ).toMatchObject({
      columns: ['column 2', 'column 3'],
      cues: [
        [12.5, 'ana passes'],
        [31, 'marek mount'],
        [44, 'tap'],
      ],
    });
  });

  it('says what is missing, and leaves rows aside that say nothing', () => {
    expect(read([])).toBe('empty');
    expect(
      read([
        ['who', 'what'],
        ['ana', 'passes'],
      ]),
    ).toBe('no-columns');
    expect(read([['time'], ['1:02']])).toBe('no-columns');
    expect(
      read([
        ['time', 'words'],
        ['', 'a heading'],
        ['0:10', ''],
        ['0:12', 'ana mount'],
        ['0:75', 'no time'],
      ]),
    ).toMatchObject({
      cues: [[12, 'ana mount']],
    });
  });

  it('never fails, whatever stands in it', () => {
    fc.assert(
      fc.property(fc.array(fc.array(fc.string({ unit: 'binary' }), { maxLength: 6 }), { maxLength: 12 }), (rows) => {
        expect(() => read(rows)).not.toThrow();
      }),
    );
  });
});
