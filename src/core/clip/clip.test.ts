import fc from 'fast-check';
import { type CaptionsFileFormat, parseText } from 'media-captions';
import { describe, expect, it } from 'vitest';
import { framesPerSecond } from '../clock';
import { captionsOf, toWebVtt } from './clipCaptions';
import { overlayScript } from './clipOverlay';
import { placeIn, rateOfClip, sizeOfClip } from './clipPicture';
import { boundedPiece, type ClipPiece, secondsOfPiece, secondsOfRecipe } from './clipRecipe';
import { framesOf, placesOfPieces, timelineOf } from './clipTimeline';

const plain: ClipPiece = {
  ...{
    footageId: 'f',
    startSeconds: 10,
    endSeconds: 18,
    speed: 1,
    freezes: [],
    caption: '',
    sound: true,
    readings: [],
  },
};
const rates = [
  { numerator: 24_000, denominator: 1001 },
  { numerator: 25, denominator: 1 },
  { numerator: 30, denominator: 1 },
  { numerator: 60_000, denominator: 1001 },
];
const piece: fc.Arbitrary<ClipPiece> = fc.record({
  footageId: fc.constant('f'),
  startSeconds: fc.double({ min: 0, max: 500, noNaN: true }),
  endSeconds: fc.double({ min: 0, max: 500, noNaN: true }),
  speed: fc.double({ min: 0, max: 5, noNaN: true }),
  freezes: fc.array(
    fc.record({
      atSeconds: fc.double({ min: 0, max: 500, noNaN: true }),
      forSeconds: fc.double({ min: -1, max: 60, noNaN: true }),
      drawing: fc.constant([]),
    }),
    { maxLength: 12 },
  ),
  caption: fc.string(),
  sound: fc.boolean(),
  readings: fc.constant([]),
});

describe('a clip', () => {
  it('is as long as its pieces together, within half a picture, without a gap', () => {
    fc.assert(
      fc.property(fc.array(piece, { maxLength: 30 }), fc.constantFrom(...rates), (pieces, rate) => {
        const recipe = { pieces, captions: 'beside' as const };
        const segments = timelineOf(recipe, rate);
        let next = 0;
        for (const one of segments) {
          expect(one.firstFrame).toBe(next);
          expect(one.frames).toBeGreaterThan(0);
          next += one.frames;
        }
        expect(Math.abs(framesOf(segments) - secondsOfRecipe(recipe) * framesPerSecond(rate))).toBeLessThanOrEqual(
          0.501,
        );
        for (const { piece: at, freeze, fromSeconds } of segments) {
          const { startSeconds, endSeconds } = pieces[at]!;
          expect(fromSeconds).toBeGreaterThanOrEqual(startSeconds);
          if (!freeze) expect(fromSeconds).toBeLessThan(endSeconds);
        }
      }),
    );
  });
  it('stops where it is told to, and goes on from there', () => {
    const stopped = { ...plain, freezes: [{ atSeconds: 13, forSeconds: 2, drawing: [] }] };
    const segments = timelineOf({ pieces: [stopped], captions: 'beside' }, { numerator: 25, denominator: 1 });
    expect(segments.map(({ fromSeconds, frames, freeze }) => [fromSeconds, frames, freeze !== undefined])).toEqual([
      [10, 75, false],
      [13, 50, true],
      [13, 125, false],
    ]);
    expect(secondsOfPiece({ ...stopped, speed: 0.5 })).toBe(18);
  });
  it('takes what lies outside of its bounds for the nearest that is inside', () => {
    const freezes = [
      { atSeconds: 12, forSeconds: 99, drawing: [] },
      { atSeconds: 12, forSeconds: 1, drawing: [] },
      { atSeconds: 30, forSeconds: 1, drawing: [] },
    ];
    expect(boundedPiece({ ...plain, speed: 0, freezes })).toMatchObject({ speed: 0.1, freezes: [{ forSeconds: 20 }] });
    expect(secondsOfPiece({ ...plain, endSeconds: 3 })).toBe(0);
    expect(timelineOf({ pieces: [{ ...plain, endSeconds: 10 }], captions: 'beside' }, rates[1]!)).toEqual([]);
  });
  it('has the size of its first film, of 720 lines at most, and letterboxes others', () => {
    expect(sizeOfClip({ width: 1920, height: 1080 })).toEqual({ width: 1280, height: 720 });
    expect(sizeOfClip({ width: 1080, height: 1920 })).toEqual({ width: 720, height: 1280 });
    expect(sizeOfClip({ width: 641, height: 361 })).toEqual({ width: 640, height: 360 });
    expect(placeIn({ width: 1280, height: 720 }, { width: 720, height: 1280 })).toEqual({
      ...{ width: 404, height: 720, left: 438, top: 0 },
    });
    expect(rateOfClip(rates)).toEqual(rates[3]);
  });
});

describe('captions beside a clip', () => {
  it('are read back by another program as they were written, at their pieces', async () => {
    const words = ['Elbow home <first> & then', '', '-->', 'שלום 😀\nsecond line'];
    const pieces = words.map((caption) => ({ ...plain, caption }));
    const rate = rates[1]!;
    const captions = captionsOf({ pieces, captions: 'beside' }, rate);
    const { cues, errors } = await parseText(toWebVtt(captions), { type: 'vtt' as CaptionsFileFormat, strict: true });
    expect(errors).toEqual([]);
    expect(cues.map((cue) => [cue.startTime, cue.endTime])).toEqual([
      [0, 8],
      [16, 24],
      [24, 32],
    ]);
    expect(cues[0]!.text).toBe('Elbow home &lt;first&gt; &amp; then');
    expect(placesOfPieces(timelineOf({ pieces, captions: 'beside' }, rate)).size).toBe(4);
  });
});

describe('what lies over a picture', () => {
  const size = { width: 1280, height: 720 };
  const base = { size, seconds: 3, picture: placeIn(size, size), strokes: [], caption: '', readings: [] };
  it('is nothing where there is nothing', () => {
    expect(overlayScript(base)).toBeUndefined();
    expect(overlayScript({ ...base, caption: '  ' })).toBeUndefined();
  });
  it('takes words for words, whatever they look like', () => {
    const script = overlayScript({ ...base, caption: '{\\pos(0,0)}a\nb' })!;
    expect(script.split('\n').filter((line) => line.startsWith('Dialogue'))).toHaveLength(1);
    expect(script).toContain('\\{\\\u2060pos(0,0)\\}a\\Nb');
  });
  it('shows each reading until the next', () => {
    const readings = [
      { fromSeconds: 0, text: '0–0' },
      { fromSeconds: 1.5, text: '2–0' },
    ];
    const lines = overlayScript({ ...base, readings })!
      .split('\n')
      .filter((line) => line.startsWith('Dialogue'));
    expect(lines[0]).toContain('0:00:00.00,0:00:01.50,Read');
    expect(lines[1]).toContain('0:00:01.50,0:00:04.00,Read');
  });
  it('draws every kind of stroke where it lies in the picture', () => {
    const script = overlayScript({
      ...base,
      picture: placeIn(size, { width: 720, height: 720 }),
      strokes: [
        { kind: 'ring', centre: [0.5, 0.5], radius: 0.1 },
        { kind: 'arrow', from: [0, 0], to: [1, 1] },
        { kind: 'straight', from: [0.2, 0.2], to: [0.2, 0.2] },
        {
          kind: 'line',
          points: [
            [0, 0],
            [0.5, 0],
            [0.5, 0.5],
          ],
        },
        { kind: 'angle', from: [0, 0], corner: [0, 1], to: [1, 1], degrees: 90.4 },
        { kind: 'label', at: [0.5, 0.5], text: 'elbow' },
      ],
    })!;
    expect(script).toContain('m 712.0 360.0 b');
    expect(script).toContain('90°');
    expect(script).toContain('\\pos(640.0,360.0)');
    expect(script).not.toMatch(/NaN|undefined|Infinity/);
  });
});
