import fc from 'fast-check';
import { parseText } from 'media-captions';
import { describe, expect, it } from 'vitest';
import { arbitraryMarks, span } from '../../../tests/support/arbitraryRound';
import { readRound } from '../round';
import { captionCues, chapterCues, markLinesOf, toSrt, toVtt, webAnnotationsOf } from '.';

const names = { a: 'Ana', b: 'Marek' };
const nasty = fc.oneof(
  fc.string({ unit: 'grapheme', maxLength: 60 }),
  fc.constantFrom('a --> b', 'WEBVTT', '<b>x</b> & "y"', '1\n\n00:00:00.000 --> 00:00:01.000\nin', '\u202Eabc', '0:10'),
);
const cues = fc.array(
  fc.record({
    text: nasty,
    startSeconds: fc.double({ min: 0, max: 40_000, noNaN: true }),
    lasts: fc.double({ min: 0.05, max: 90, noNaN: true }),
  }),
  { maxLength: 20 },
);
const spaced = (text: string) => text.replace(/\s+/g, ' ').replaceAll('-->', '→').trim();

describe('timed text, read by a reader of the registry', () => {
  // WebVTT: W3C, https://www.w3.org/TR/webvtt1/; SubRip has no standard (common practice).
  for (const [type, write] of [
    ['vtt', toVtt],
    ['srt', toSrt],
  ] as const)
    it(`${type} has every cue at its time with its words`, async () => {
      await fc.assert(
        fc.asyncProperty(cues, async (given) => {
          const whole = given.map(({ lasts, ...one }) => ({ ...one, endSeconds: one.startSeconds + lasts }));
          const read = await parseText(write(whole), { type, strict: false });
          expect(read.errors).toEqual([]);
          const expected = whole
            .filter((one) => spaced(one.text) !== '')
            .sort((one, other) => one.startSeconds - other.startSeconds || one.endSeconds - other.endSeconds);
          expect(read.cues).toHaveLength(expected.length);
          for (const [at, cue] of read.cues.entries()) {
            expect(cue.startTime).toBeCloseTo(expected[at]?.startSeconds ?? 0, 2);
            expect(cue.endTime).toBeCloseTo(expected[at]?.endSeconds ?? 0, 2);
            if (type === 'vtt') expect(unescaped(cue.text)).toBe(spaced(expected[at]?.text ?? ''));
          }
        }),
        { numRuns: 60 },
      );
    });
});
const unescaped = (text: string) => text.replaceAll('&lt;', '<').replaceAll('&gt;', '>').replaceAll('&amp;', '&');

describe('a round', () => {
  it('has one line and one caption a mark, and chapters that tile it', () => {
    fc.assert(
      fc.property(arbitraryMarks, (marks) => {
        const round = span;
        const reading = readRound(round, marks);
        const lines = markLinesOf(reading.marks, round, names);
        expect(lines.map((one) => one.id)).toEqual(reading.marks.map((one) => one.id));
        for (const line of lines) expect(line.words).not.toBe('');
        for (const cue of captionCues(reading.marks, round, names)) {
          expect(cue.startSeconds).toBeGreaterThanOrEqual(round.startSeconds);
          expect(cue.endSeconds).toBeLessThanOrEqual(round.endSeconds);
          expect(cue.endSeconds).toBeGreaterThan(cue.startSeconds);
        }
        const chapters = chapterCues(reading, names);
        expect(chapters[0]?.startSeconds).toBe(round.startSeconds);
        expect(chapters.at(-1)?.endSeconds).toBe(round.endSeconds);
        for (const [at, chapter] of chapters.slice(1).entries())
          expect(chapter.startSeconds).toBe(chapters[at]?.endSeconds);
      }),
    );
  });
});

describe('Web Annotations', () => {
  // Web Annotation Data Model, W3C Recommendation of 23 February 2017: sections 3.1 (required keys), 4.2.1 (fragment selector), 5 (pages).
  it('carry what the recommendation requires', () => {
    const [line] = markLinesOf(
      [
        {
          kind: 'error',
          id: '11111111-1111-4111-8111-111111111111',
          atSeconds: 22.5,
          errorId: 'err-half-flat',
          athlete: 'a',
          ledTo: [],
          note: 'again',
        },
      ],
      { startSeconds: 10, endSeconds: 310 },
      names,
    );
    const page = webAnnotationsOf(line ? [line] : [], { roundId: 'r', film: 'a.mp4', label: 'x', startSeconds: 10 });
    expect(page['@context']).toBe('http://www.w3.org/ns/anno.jsonld');
    expect([page.type, page.partOf.type, page.partOf.total, page.startIndex]).toEqual([
      'AnnotationPage',
      'AnnotationCollection',
      1,
      0,
    ]);
    const [one] = page.items;
    expect(one).toMatchObject({ type: 'Annotation', id: 'urn:uuid:11111111-1111-4111-8111-111111111111' });
    expect(one?.target.selector).toEqual({
      ...{ type: 'FragmentSelector', conformsTo: 'http://www.w3.org/TR/media-frags/' },
      // Media Fragments URI 1.0, section 4.2.1: normal play time, begin and end parted by a comma.
      value: 't=22.5,25.5',
    });
    expect(one?.body.map((body) => [body.type, body.purpose, body.value])).toEqual([
      ['TextualBody', 'describing', expect.stringContaining('Ana')],
      ['TextualBody', 'tagging', 'err-half-flat'],
      ['TextualBody', 'commenting', 'again'],
    ]);
  });
});
