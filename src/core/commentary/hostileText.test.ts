import { describe, expect, it } from 'vitest';
import { buildVocabularyIndex, MOST_CALL_CHARACTERS, readCall } from '../callline';
import { plainHouse } from '../vocabulary';
import { decodeCommentary, MOST_COMMENTARY_BYTES, parseTimedText, readCommentary } from './index';

const index = buildVocabularyIndex(plainHouse, {});
const context = { uniform: 'gi', calledBy: { a: ['ana'], b: ['iris'] } } as const;
const call = { ...context, state: { kind: 'unmarked' }, atSeconds: 5, roundStartSeconds: 0 } as const;
const cuesOf = (text: string) => {
  const parsed = parseTimedText(text);
  return 'cues' in parsed ? parsed.cues : [];
};
describe('a talk that was made to stop the reader', () => {
  it('ends its lines also where editors put their own separators', () => {
    expect(
      cuesOf('0:01 ana passes\u2028 0:05 iris sweeps\u2029\u000b0:09 reset').map((cue) => [cue.startSeconds, cue.text]),
    ).toEqual([
      [1, 'ana passes'],
      [5, 'iris sweeps'],
      [9, 'reset'],
    ]);
    // A pattern that runs over white space twice never came to the end of this.
    expect(cuesOf(`0:01${' '.repeat(200_000)}\u2028${' '.repeat(200_000)}x`)).toHaveLength(1);
  });

  it('knows which times exist, and says which do not', () => {
    for (const line of ['2:75 passes', '99:99 passes', '1:60:00 passes', '0:60 passes']) {
      const parsed = parseTimedText(`0:01 begins\n${line}`);
      expect(parsed, line).toMatchObject({ cues: [{ startSeconds: 1 }], remarks: [{ code: 'no-such-time', line: 2 }] });
    }
    expect(cuesOf('125:00 late\n1:59:59.5 later').map((cue) => cue.startSeconds)).toEqual([7199.5, 7500]);
    expect(parseTimedText('WEBVTT\n\n00:75.000 --> 00:80.000\nhello\n\n00:01.000 --> 00:02.000\nok')).toMatchObject({
      cues: [{ startSeconds: 1, text: 'ok' }],
    });
  });

  it('is no text when NUL or half a pair is in it, in any encoding', () => {
    const wide = (text: string, mark: number[]) =>
      new Uint8Array([...mark, ...[...text].flatMap((sign) => [sign.charCodeAt(0) & 0xff, sign.charCodeAt(0) >> 8])]);
    expect(decodeCommentary(wide('0:01 a\0b', [0xff, 0xfe]))).toEqual({ code: 'binary' });
    expect(decodeCommentary(wide('0:01 ab', [0xff, 0xfe]))).toEqual({ text: '0:01 ab' });
    expect(decodeCommentary(new Uint8Array(MOST_COMMENTARY_BYTES + 1))).toMatchObject({ code: 'too-large' });
  });

  it('as long as may be is read to its end, also when all of it bears one time (how fast: bench/)', () => {
    const line = 'ana goes for the knee slice and iris frames well then the half guard is flat';
    const lines = Math.floor(MOST_COMMENTARY_BYTES / 10 / line.length);
    const sameMoment = Array.from({ length: lines }, (_, at) => `0:01 ${line} ${at}`).join('\n');
    expect(readCommentary(cuesOf(sameMoment), index, context).length).toBeLessThan(20);
    const oneTime = cuesOf(`0:01 begins\n${`${line}\n`.repeat(lines * 10)}`);
    expect(oneTime.reduce((sum, cue) => sum + cue.text.length, 0)).toBeGreaterThan(lines * 10 * line.length);
  });
});

describe('a call that was pasted by mistake', () => {
  it('of thousands of characters is a remark with all its text, at once', () => {
    for (const text of [
      'x'.repeat(20_000),
      'ana armbar '.repeat(2000),
      `${' '.repeat(9000)}a${' '.repeat(9000)}`,
      '- '.repeat(9000),
    ]) {
      const reading = readCall(text, index, call);
      expect(reading.understood).toBe(false);
      if (text.length - text.trim().length < 100) expect(reading.draft).toMatchObject({ kind: 'note' });
    }
    expect(MOST_CALL_CHARACTERS).toBeGreaterThan(300);
  });

  it('keeps its remark behind the dash, however it is spaced', () => {
    expect(readCall('ana armbar finished  -  slow and tidy', index, call).draft).toMatchObject({
      kind: 'attempt',
      note: 'slow and tidy',
    });
    expect(readCall('ana armbar finished -', index, call).draft).toMatchObject({ kind: 'attempt' });
    expect(readCall('ana knee-slice', index, call).draft).toMatchObject({ kind: 'attempt' });
  });
});
