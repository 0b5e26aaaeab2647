import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  compareClocks,
  type DisplayedClock,
  driftPerMinute,
  elapsedOn,
  formatClock,
  formatClockTenths,
  formatDropFrameLabel,
  frameAt,
  liveSecondsBetween,
  liveSpans,
  mergeSpans,
  parseClock,
  parseDisplayedClock,
  readClock,
  roundTimeAt,
  seekTimeOfFrame,
  spanSeconds,
  tiedOver,
} from './index';

const rates = [
  { numerator: 25, denominator: 1 },
  { numerator: 30_000, denominator: 1001 },
  { numerator: 60_000, denominator: 1001 },
];

describe('frames', () => {
  it('labels drop frames as the standard does', () => {
    // SMPTE ST 12-1 (from memory): ;00 and ;01 are left out each minute but every tenth.
    expect(formatDropFrameLabel(1799)).toBe('00:00:59;29');
    expect(formatDropFrameLabel(1800)).toBe('00:01:00;02');
    expect(formatDropFrameLabel(17_981)).toBe('00:09:59;29');
    expect(formatDropFrameLabel(17_982)).toBe('00:10:00;00');
    expect(formatDropFrameLabel(107_892)).toBe('01:00:00;00');
  });

  it('seeks to the middle of the frame it names', () => {
    fc.assert(
      fc.property(fc.nat({ max: 500_000 }), fc.constantFrom(...rates), (frame, rate) => {
        expect(frameAt(seekTimeOfFrame(frame, rate), rate)).toBe(frame);
        expect(frameAt((frame * rate.denominator) / rate.numerator, rate)).toBe(frame);
      }),
    );
  });
});

describe('durations', () => {
  it('shows and reads clock times', () => {
    expect(formatClock(161.9)).toBe('2:41');
    expect(formatClock(3661)).toBe('1:01:01');
    expect(formatClock(-5)).toBe('−0:05');
    expect(formatClockTenths(59.96)).toBe('0:59.9');
    expect(parseClock('2:41')).toBe(161);
    expect(parseClock('1:02:03.5')).toBe(3723.5);
    for (const text of ['', '2:61', 'abc', '1:2:3:4', '-3']) expect(parseClock(text)).toBeUndefined();
  });

  it('reads back what it shows', () => {
    fc.assert(
      fc.property(fc.nat({ max: 86_399 }), (seconds) => void expect(parseClock(formatClock(seconds))).toBe(seconds)),
    );
  });
});

describe('live time', () => {
  const whole = { startSeconds: 10, endSeconds: 310 };
  const spans = fc.array(
    fc
      .tuple(fc.integer({ min: 0, max: 330 }), fc.integer({ min: 0, max: 40 }))
      .map(([startSeconds, length]) => ({ startSeconds, endSeconds: startSeconds + length })),
    { maxLength: 8 },
  );

  it('is what the stoppages leave, without overlap', () => {
    fc.assert(
      fc.property(spans, (stoppages) => {
        const live = liveSpans(whole, stoppages);
        const stopped = mergeSpans(stoppages).reduce(
          (sum, one) => sum + Math.max(0, Math.min(one.endSeconds, 310) - Math.max(one.startSeconds, 10)),
          0,
        );
        expect(live.reduce((sum, one) => sum + spanSeconds(one), 0)).toBeCloseTo(300 - stopped, 9);
        expect(liveSecondsBetween(live, 10, 310)).toBeCloseTo(300 - stopped, 9);
        for (let index = 1; index < live.length; index += 1)
          expect(live[index]!.startSeconds).toBeGreaterThan(live[index - 1]!.endSeconds);
      }),
    );
  });

  it('keeps round time within the round', () => {
    expect(roundTimeAt(whole, 5)).toBe(0);
    expect(roundTimeAt(whole, 70)).toBe(60);
    expect(roundTimeAt(whole, 999)).toBe(300);
  });
});

describe('displayed clocks', () => {
  const down = {
    name: 'wall',
    counts: 'down' as const,
    ties: [
      { mediaSeconds: 3, readingSeconds: 300 },
      { mediaSeconds: 153, readingSeconds: 150 },
      { mediaSeconds: 303, readingSeconds: 3 },
    ],
  };

  it('reads between ties and marks what lies outside', () => {
    expect(readClock(down, 78)).toEqual({ seconds: 225, extrapolated: false });
    expect(readClock(down, 0)).toEqual({ seconds: 303, extrapolated: true });
    expect(readClock(down, 304).extrapolated).toBe(true);
    expect(readClock(down, 228).seconds).toBeCloseTo(76.5, 9);
  });

  it('tells drift, and how two clocks differ where both are tied', () => {
    // 297 s on the clock in 300 s of footage: 0.6 s slow a minute.
    expect(driftPerMinute(down)).toBeCloseTo(-0.6, 9);
    const stream = {
      name: 'stream',
      counts: 'up' as const,
      ties: [
        { mediaSeconds: 0, readingSeconds: 0 },
        { mediaSeconds: 300, readingSeconds: 300 },
      ],
    };
    const [pair] = compareClocks([down, stream], { startSeconds: 0, endSeconds: 400 });
    expect(pair).toMatchObject({ names: ['wall', 'stream'], over: { startSeconds: 3, endSeconds: 300 } });
    expect(pair?.elapsedSeconds[0]).toBeCloseTo(297 * 0.99, 1);
    expect(pair?.elapsedSeconds[1]).toBeCloseTo(297, 9);
    expect(compareClocks([stream], { startSeconds: 0, endSeconds: 100 })).toEqual([]);
    // A third clock that is tied elsewhere takes nothing from the two.
    const elsewhere = {
      ...stream,
      name: 'far',
      ties: stream.ties.map((tie) => ({ ...tie, mediaSeconds: tie.mediaSeconds + 900 })),
    };
    expect(compareClocks([down, stream, elsewhere], { startSeconds: 0, endSeconds: 2000 })).toHaveLength(1);
  });

  it('refuses one tie and a clock that runs backwards', () => {
    expect(parseDisplayedClock({ ...down, ties: down.ties.slice(0, 1) })).toEqual({
      ok: false,
      problem: { code: 'too-few-ties' },
    });
    expect(parseDisplayedClock({ ...down, counts: 'up' })).toEqual({
      ok: false,
      problem: { code: 'runs-backwards', atSeconds: 153 },
    });
    expect(parseDisplayedClock({ ...down, ties: [...down.ties].reverse() }).ok).toBe(true);
  });
  it('stands still in stoppages, when the coach says that it does', () => {
    const paused = {
      name: 'table',
      counts: 'down' as const,
      ties: [
        { mediaSeconds: 10, readingSeconds: 300 },
        { mediaSeconds: 130, readingSeconds: 200 },
      ],
      standsStill: [
        { startSeconds: 50, endSeconds: 65 },
        { startSeconds: 60, endSeconds: 70 },
      ],
    };
    expect(readClock(paused, 50).seconds).toBeCloseTo(260, 9);
    expect(readClock(paused, 60).seconds).toBeCloseTo(260, 9);
    expect(readClock(paused, 70).seconds).toBeCloseTo(260, 9);
    expect(readClock(paused, 71).seconds).toBeCloseTo(259, 9);
    expect(readClock(paused, 0)).toEqual({ seconds: 310, extrapolated: true });
    expect(driftPerMinute(paused)).toBeCloseTo(0, 9);
    const within = { ...paused, ties: paused.ties.map((tie, index) => ({ ...tie, mediaSeconds: 52 + index })) };
    expect(readClock(within, 53).seconds).toBe(300);
    expect(driftPerMinute(within)).toBe(0);
  });
});

describe('a clock that is set anew for each turn', () => {
  // From two minutes down: 100–130 and 200–245; the second run loses a second in ten.
  const clock: DisplayedClock = {
    name: 'table',
    counts: 'down',
    setAnewAt: [100, 200],
    ties: [
      { mediaSeconds: 110, readingSeconds: 110 },
      { mediaSeconds: 210, readingSeconds: 111 },
      { mediaSeconds: 240, readingSeconds: 84 },
    ],
  };
  it('is read in the run that a moment lies in', () => {
    expect(readClock(clock, 100).seconds).toBe(120);
    expect(readClock(clock, 130).seconds).toBe(90);
    expect(readClock(clock, 110)).toEqual({ seconds: 110, extrapolated: false });
    expect(readClock(clock, 200).seconds).toBeCloseTo(120, 9);
    expect(readClock(clock, 225).seconds).toBeCloseTo(97.5, 9);
    expect(driftPerMinute(clock)).toBeCloseTo(-6, 9);
  });
  it('is tied over a whole turn by one reading in it, and not at all over a turn without one', () => {
    expect(tiedOver(clock, { startSeconds: 100, endSeconds: 130 })).toEqual({ startSeconds: 100, endSeconds: 130 });
    expect(elapsedOn(clock, { startSeconds: 100, endSeconds: 130 })).toBe(30);
    expect(elapsedOn(clock, { startSeconds: 200, endSeconds: 240 })).toBeCloseTo(36, 9);
    const third = { ...clock, setAnewAt: [100, 200, 300] };
    expect(tiedOver(third, { startSeconds: 300, endSeconds: 320 })).toBeUndefined();
  });
  it('may jump between ties, but not at one moment; a reading against its way shows that it was set anew', () => {
    const jumping = { ...clock, setAnewAt: [] };
    expect(parseDisplayedClock(jumping).ok).toBe(true);
    expect(readClock(jumping, 215).seconds).toBeCloseTo(106.5, 9);
    expect(
      parseDisplayedClock({ ...jumping, ties: [...clock.ties, { mediaSeconds: 240, readingSeconds: 3 }] }).ok,
    ).toBe(false);
    expect(parseDisplayedClock({ name: 'table', counts: 'down', ties: clock.ties }).ok).toBe(false);
  });
});
