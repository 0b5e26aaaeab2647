import fc from 'fast-check';
import { parseText } from 'media-captions';
import { describe, expect, it } from 'vitest';
import { commentaries, readFile } from '../../../tests/language/commentaries/evaluate';
import { decodeCommentary, MOST_COMMENTARY_BYTES, mediaTimeOf, parseTimedText, type TimedText } from './index';

const bytes = (text: string) => new TextEncoder().encode(text);
const parse = (text: string): TimedText => {
  const parsed = parseTimedText(text);
  if (!('cues' in parsed)) throw new Error(`not read: ${parsed.code}`);
  return parsed;
};
const times = (text: string) => parse(text).cues.map((cue) => [cue.startSeconds, cue.endSeconds, cue.text]);

describe('timed text', () => {
  it('reads WebVTT with notes, names of cues, settings and tags', () => {
    const vtt = [
      'WEBVTT - round two',
      '',
      'NOTE spoken in one go',
      'over two lines',
      '',
      'first',
      '00:02.500 --> 00:05.000 align:start position:10%',
      '<v Coach>ana <b>half guard</b>',
      'on the bottom',
      '',
      '01:00:01.250 --> 01:00:03.000',
      'late &amp; tired',
    ].join('\r\n');
    expect(times(vtt)).toEqual([
      [2.5, 5, 'ana half guard on the bottom'],
      [3601.25, 3603, 'late & tired'],
    ]);
  });

  it('reads plain lines with or without hours and fractions, and goes on where a line has no time', () => {
    expect(times('[2:05] ana passes\nwith the knee\n(0:02:09.5) good\n2:20 - mount\n1:00:00 done')).toEqual([
      [125, 129, 'ana passes with the knee'],
      [129.5, 133.5, 'good'],
      [140, 144, 'mount'],
      [3600, 3604, 'done'],
    ]);
  });

  it('agrees with a general caption library on well-formed files (media-captions)', async () => {
    for (const one of commentaries.filter(({ file }) => !file.endsWith('.txt'))) {
      const text = new TextDecoder().decode(readFile(one.file));
      const { cues } = await parseText(text, { type: one.file.endsWith('.srt') ? 'srt' : 'vtt' });
      expect(times(text), one.key).toEqual(
        cues.map((cue) => [cue.startTime, cue.endTime, cue.text.replace(/\n/g, ' ')]),
      );
    }
  });

  it('puts times in order, keeps overlaps, and says what was strange', () => {
    const { cues, remarks } = parse(
      '1\n00:00:09,000 --> 00:00:05,000\nlate\n\n2\n00:00:02,000 --> 00:00:08,000\nearly\n\nlost line\n\nanother lost',
    );
    expect(cues.map((cue) => cue.text)).toEqual(['early', 'late']);
    expect(cues[1]).toMatchObject({ startSeconds: 9, endSeconds: 9 });
    expect(remarks.map((one) => one.code)).toEqual([
      'ends-before-start',
      'without-time',
      'without-time',
      'out-of-order',
    ]);
  });

  it('reads what it writes, whatever the times', () => {
    const clock = (ms: number) =>
      `${String(Math.floor(ms / 3_600_000)).padStart(2, '0')}:${String(Math.floor(ms / 60_000) % 60).padStart(2, '0')}:${String(Math.floor(ms / 1000) % 60).padStart(2, '0')}.${String(ms % 1000).padStart(3, '0')}`;
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.nat(7_000_000), fc.nat(9000)), { minLength: 1, maxLength: 20 }), (spans) => {
        const ordered = [...spans].sort((one, other) => one[0] - other[0]);
        const text = `WEBVTT\n\n${ordered.map(([start, length], at) => `${clock(start)} --> ${clock(start + length)}\nwords ${at}`).join('\n\n')}\n`;
        expect(times(text)).toEqual(
          ordered.map(([start, length], at) => [start / 1000, (start + length) / 1000, `words ${at}`]),
        );
      }),
    );
  });

  it('refuses what is no commentary, each with its reason', () => {
    expect(parseTimedText('just some words\nwithout any time')).toEqual({ code: 'no-times' });
    expect(parseTimedText('')).toEqual({ code: 'empty' });
    expect(parseTimedText('x'.repeat(4_900_000))).toEqual({ code: 'no-times' });
    expect(parseTimedText(`00:00.000 --> 00:02.000\n${'word '.repeat(10_000)}`)).toMatchObject({
      cues: { length: 13 },
    });
  });
});

describe('the letters of a file', () => {
  const textOf = (file: Uint8Array) => {
    const decoded = decodeCommentary(file);
    return 'text' in decoded ? decoded : decoded.code;
  };

  it('are UTF-8, UTF-16 or Latin 1', () => {
    expect(textOf(bytes('[0:01] José'))).toEqual({ text: '[0:01] José' });
    expect(textOf(new Uint8Array([0xff, 0xfe, 0x41, 0]))).toEqual({ text: 'A' });
    expect(textOf(new Uint8Array([0xfe, 0xff, 0, 0x41]))).toEqual({ text: 'A' });
    expect(textOf(new Uint8Array([...bytes('[0:01] Jos'), 0xe9]))).toMatchObject({
      text: '[0:01] José',
      remark: { code: 'guessed-encoding' },
    });
  });

  it('and nothing else', () => {
    expect(textOf(new Uint8Array())).toBe('empty');
    expect(textOf(new Uint8Array([0, 0, 0, 24, 102, 116, 121, 112]))).toBe('binary');
    expect(textOf(new Uint8Array(2000).map((_, at) => 128 + (at % 32)))).toBe('binary');
    expect(textOf(new Uint8Array(MOST_COMMENTARY_BYTES + 1))).toBe('too-large');
  });
});

describe('tying a commentary to the footage', () => {
  it('shifts, and stands still while the footage stood', () => {
    const tie = { offsetSeconds: 3, pauses: [{ atSeconds: 20, seconds: 10 }] };
    expect([0, 20, 25, 30, 40].map((at) => mediaTimeOf(at, tie))).toEqual([3, 23, 23, 23, 33]);
    expect(mediaTimeOf(5, { offsetSeconds: -2, pauses: [] })).toBe(3);
  });

  it('never runs backwards', () => {
    const pause = fc.record({ atSeconds: fc.nat(100), seconds: fc.nat(30) });
    fc.assert(
      fc.property(fc.array(pause, { maxLength: 5 }), fc.nat(200), fc.nat(20), (pauses, at, later) => {
        // Pauses that overlap would count twice; talk cannot pause while it pauses.
        const apart = pauses.map((one, index) => ({ ...one, atSeconds: one.atSeconds + index * 200 }));
        const tie = { offsetSeconds: 0, pauses: apart };
        return mediaTimeOf(at + later, tie) >= mediaTimeOf(at, tie);
      }),
    );
  });
});
