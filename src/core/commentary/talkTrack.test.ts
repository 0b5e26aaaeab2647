import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cuesOfTalk, mediaOfTalk, type TalkTrack, withBeat } from './index';

/** Ten seconds of footage, five of standing still, back by eight, then at half its speed. */
const track: TalkTrack = [
  { talkSeconds: 0, mediaSeconds: 30, rate: 1 },
  { talkSeconds: 10, mediaSeconds: 40, rate: 0 },
  { talkSeconds: 15, mediaSeconds: 32, rate: 0.5 },
];

describe('a talk over the footage', () => {
  it('knows what was shown when something was said', () => {
    expect([0, 4, 10, 14.9, 15, 19].map((at) => mediaOfTalk(track, at))).toEqual([30, 34, 40, 40, 32, 34]);
    expect(mediaOfTalk([], 7)).toBe(7);
  });
  it('lays its text on the footage, in the order of the footage', () => {
    const cue = (startSeconds: number, text: string) => ({ startSeconds, endSeconds: startSeconds + 2, text, line: 1 });
    const laid = cuesOfTalk([cue(4, 'sweep'), cue(11, 'standing'), cue(17, 'again')], track);
    expect(laid.map(({ text, startSeconds, endSeconds }) => [text, startSeconds, endSeconds])).toEqual([
      ['again', 33, 34],
      ['sweep', 34, 36],
      ['standing', 40, 40],
    ]);
  });
  it('takes down only what is news', () => {
    const played = [0, 0.1, 0.2, 5, 9.9].reduce<TalkTrack>(
      (so, at) => withBeat(so, { talkSeconds: at, mediaSeconds: 30 + at + 0.05, rate: 1 }),
      [],
    );
    expect(played).toHaveLength(1);
    expect(withBeat(played, { talkSeconds: 10, mediaSeconds: 40, rate: 0 })).toHaveLength(2);
    expect(withBeat(played, { talkSeconds: 10, mediaSeconds: 33, rate: 1 })).toHaveLength(2);
  });
  it('is never before where its footage began to run, whatever was done', () => {
    const beat = fc.record({
      talkSeconds: fc.double({ min: 0, max: 600, noNaN: true }),
      mediaSeconds: fc.double({ min: 0, max: 600, noNaN: true }),
      rate: fc.constantFrom(0, 0.25, 0.5, 1, 2),
    });
    fc.assert(
      fc.property(fc.array(beat, { minLength: 1 }), fc.double({ min: 0, max: 700, noNaN: true }), (beats, at) => {
        const ordered = [...beats].sort((one, other) => one.talkSeconds - other.talkSeconds);
        expect(mediaOfTalk(ordered, at)).toBeGreaterThanOrEqual(
          Math.min(...ordered.map((one) => one.mediaSeconds)) - 1e-9,
        );
      }),
    );
  });
});
