import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  activeShare,
  canShowOriginal,
  createToneListener,
  findLulls,
  goertzelShare,
  LISTENING_RATE,
  type PictureFacts,
  proposeRounds,
  proxyRate,
  proxyReasons,
  recordedAtOf,
  smoothMotion,
  stillnessThreshold,
  stillStretches,
  type ToneBurst,
  timerSignals,
} from './index';

/** A repeatable noise in −1 … 1. */
function noiseFrom(seed: number): () => number {
  let state = seed;
  return () => {
    state = (Math.imul(state, 1_103_515_245) + 12_345) & 0x7fffffff;
    return state / 0x3fffffff - 1;
  };
}

function soundOf(
  seconds: number,
  rings: readonly { at: number; lasts: number; hertz: number; loud?: number }[],
  hiss = 0.02,
) {
  const noise = noiseFrom(7);
  const samples = Float32Array.from({ length: seconds * LISTENING_RATE }, () => noise() * hiss);
  for (const { at, lasts, hertz, loud = 0.3 } of rings)
    for (let index = 0; index < lasts * LISTENING_RATE; index += 1)
      samples[Math.round(at * LISTENING_RATE) + index]! +=
        loud * Math.sin((2 * Math.PI * hertz * index) / LISTENING_RATE);
  return samples;
}

function hear(samples: Float32Array, piece = 1000): readonly ToneBurst[] {
  const listener = createToneListener();
  for (let at = 0; at < samples.length; at += piece) listener.hear(samples.subarray(at, at + piece));
  return listener.finish();
}

describe('tones', () => {
  it('gives a pure tone its whole energy, and equals the discrete Fourier transform', () => {
    const window = Float32Array.from({ length: 200 }, (_, index) => Math.sin((2 * Math.PI * 1000 * index) / 8000));
    const energy = window.reduce((sum, value) => sum + value * value, 0);
    const at = (hertz: number) => goertzelShare(window, 2 * Math.cos((2 * Math.PI * hertz) / 8000), energy);
    expect(at(1000)).toBeCloseTo(1, 4);
    expect(at(2000)).toBeCloseTo(0, 4);
    const noise = noiseFrom(3);
    const mixed = Float32Array.from({ length: 200 }, noise);
    const mixedEnergy = mixed.reduce((sum, value) => sum + value * value, 0);
    for (const hertz of [520, 1000, 2120, 3800]) {
      let real = 0;
      let imaginary = 0;
      for (const [index, value] of mixed.entries()) {
        real += value * Math.cos((2 * Math.PI * hertz * index) / 8000);
        imaginary -= value * Math.sin((2 * Math.PI * hertz * index) / 8000);
      }
      const direct = (2 * (real * real + imaginary * imaginary)) / (200 * mixedEnergy);
      expect(goertzelShare(mixed, 2 * Math.cos((2 * Math.PI * hertz) / 8000), mixedEnergy)).toBeCloseTo(direct, 4);
    }
  });

  it('finds bells and buzzers to within a window, whatever their tone', () => {
    for (const hertz of [500, 777, 1015, 2100, 2941, 3500]) {
      const [burst, ...more] = hear(soundOf(6, [{ at: 2, lasts: 1, hertz }]));
      expect(more).toEqual([]);
      expect(burst?.startSeconds).toBeCloseTo(2, 1);
      expect(burst?.endSeconds).toBeCloseTo(3, 1);
      expect(Math.abs((burst?.hertz ?? 0) - hertz)).toBeLessThanOrEqual(40);
    }
  });

  it('hears nothing in silence, noise, thuds and short clacks', () => {
    expect(hear(new Float32Array(80_000))).toEqual([]);
    expect(hear(soundOf(20, [], 0.5))).toEqual([]);
    expect(
      hear(
        soundOf(20, [
          { at: 3, lasts: 0.2, hertz: 2000 },
          { at: 8, lasts: 1, hertz: 70 },
        ]),
      ),
    ).toEqual([]);
    expect(hear(new Float32Array(0))).toEqual([]);
  });

  it('does not depend on how the sound is cut into pieces', () => {
    const samples = soundOf(8, [
      { at: 1, lasts: 0.6, hertz: 1800 },
      { at: 4.3, lasts: 1.2, hertz: 900 },
    ]);
    const whole = hear(samples, samples.length);
    expect(whole).toHaveLength(2);
    for (const piece of [1, 199, 200, 201, 4096]) expect(hear(samples, piece)).toEqual(whole);
  });
});

const PER_SECOND = 4;
/** Movement of a session: lively inside the spans, faint outside. */
function motionOf(durationSeconds: number, active: readonly (readonly [number, number])[]) {
  const noise = noiseFrom(11);
  const values = Array.from({ length: durationSeconds * PER_SECOND }, (_, index) => {
    const at = index / PER_SECOND;
    const lively = active.some(([from, to]) => at >= from && at < to);
    return Math.max(0, lively ? 24 + 14 * noise() : 2 + 1.5 * noise());
  });
  return { perSecond: PER_SECOND, values };
}
const ring = (at: number, rings = 1): ToneBurst[] =>
  Array.from({ length: rings }, (_, index) => ({
    startSeconds: at + index * 0.8,
    endSeconds: at + index * 0.8 + 0.6,
    hertz: 2080,
    tonality: 0.8,
  }));

describe('stillness', () => {
  it('is told from movement to a quarter of a second, and only when both are there', () => {
    const motion = motionOf(200, [[20, 140]]);
    const still = stillStretches(motion, 10);
    expect(still).toHaveLength(2);
    expect(still[0]!.startSeconds).toBe(0);
    expect(still[0]!.endSeconds).toBeCloseTo(20, 0);
    expect(Math.abs(still[1]!.startSeconds - 140)).toBeLessThanOrEqual(0.5);
    expect(stillnessThreshold(motionOf(200, [[0, 200]]))).toBeUndefined();
    expect(stillStretches(motionOf(200, []), 5)).toEqual([]);
    expect(stillStretches({ perSecond: 4, values: [] }, 5)).toEqual([]);
  });

  it('is not changed by how bright the film is, and smooth values stay within the curve', () => {
    const motion = motionOf(120, [[30, 90]]);
    const brighter = { perSecond: 4, values: motion.values.map((value) => value * 4 + 1.5) };
    expect(stillStretches(brighter, 10).length).toBe(stillStretches(motion, 10).length);
    fc.assert(
      fc.property(fc.array(fc.nat({ max: 255 }), { minLength: 1, maxLength: 60 }), (values) => {
        const smooth = smoothMotion({ perSecond: 4, values });
        for (const value of smooth) {
          expect(value).toBeGreaterThanOrEqual(Math.min(...values) - 1e-9);
          expect(value).toBeLessThanOrEqual(Math.max(...values) + 1e-9);
        }
      }),
    );
    expect(activeShare([{ startSeconds: 5, endSeconds: 10 }], { startSeconds: 0, endSeconds: 10 })).toBe(0.5);
  });

  it('is not seen in slow holds: two people at work are quieter than a scramble, never as quiet as a rest', () => {
    const noise = noiseFrom(3);
    const level = (second: number) => (second < 60 || second >= 160 ? 2 : second % 40 < 6 ? 26 : 5);
    const values = Array.from({ length: 220 * 4 }, (_, index) => level(index / 4) + Math.abs(noise()) * 0.6);
    const rests = stillStretches({ perSecond: 4, values }, 6);
    expect(rests.map((one) => [Math.round(one.startSeconds), Math.round(one.endSeconds)])).toEqual([
      [0, 60],
      [160, 220],
    ]);
  });

  it('inside a round is a lull, cut to the round', () => {
    const motion = motionOf(300, [
      [10, 100],
      [112, 200],
    ]);
    const lulls = findLulls(motion, { startSeconds: 10, endSeconds: 205 });
    expect(lulls).toHaveLength(1);
    expect(lulls[0]!.startSeconds).toBeCloseTo(100, 0);
    expect(lulls[0]!.endSeconds).toBeCloseTo(112, 0);
  });
});

describe('proposed rounds', () => {
  const near = (span: { startSeconds: number; endSeconds: number }, from: number, to: number) => {
    expect(Math.abs(span.startSeconds - from)).toBeLessThanOrEqual(0.5);
    expect(Math.abs(span.endSeconds - to)).toBeLessThanOrEqual(0.5);
  };

  it('go from bell to bell, not over the rests', () => {
    const bursts = [20, 380, 740].flatMap((at) => [...ring(at), ...ring(at + 300, 3)]);
    const motion = motionOf(1100, [
      [20, 320],
      [380, 680],
      [740, 1040],
    ]);
    const rounds = proposeRounds(bursts, motion, 1100);
    expect(rounds).toHaveLength(3);
    for (const [index, from] of [20, 380, 740].entries()) near(rounds[index]!, from, from + 300);
    for (const one of rounds) {
      expect(one.reason).toBe('bell-to-bell');
      expect(one.plannedSeconds).toBe(300);
      expect(one.confidenceRatio).toBeGreaterThan(0.9);
    }
  });

  it('survive a warning before the end, an early bell, a silent stop, and a clock that rings on', () => {
    const bursts = [
      ...ring(10),
      ...ring(300),
      ...ring(310, 3), // with a warning ten seconds before the end
      ...ring(370),
      ...ring(541, 3), // stopped by hand after 171 s
      ...ring(600), // the clock is silenced: no end bell; they stop at 790
      ...ring(960),
      ...ring(1260, 3), // they stop at 1150, the clock rings on
    ];
    const motion = motionOf(1300, [
      [10, 310],
      [370, 541],
      [600, 790],
      [960, 1150],
    ]);
    const rounds = proposeRounds(bursts, motion, 1300);
    expect(rounds.map((one) => one.reason)).toEqual([
      'bell-to-bell',
      'bell-to-early-bell',
      'bell-to-stillness',
      'bell-to-stillness',
    ]);
    near(rounds[0]!, 10, 310);
    near(rounds[1]!, 370, 541);
    near(rounds[2]!, 600, 790);
    near(rounds[3]!, 960, 1150);
    expect(rounds[3]!.plannedSeconds).toBe(300);
    expect(rounds[3]!.confidenceRatio).toBeLessThan(rounds[0]!.confidenceRatio);
  });

  it('of a usual length may end in a slow hold, and are still told from the rests', () => {
    const bursts = [...ring(10), ...ring(250, 3), ...ring(310), ...ring(550, 3)];
    const motion = motionOf(600, [
      [10, 215],
      [310, 550],
    ]);
    const rounds = proposeRounds(bursts, motion, 600);
    expect(rounds.map((one) => [one.reason, one.plannedSeconds])).toEqual([
      ['bell-to-bell', 240],
      ['bell-to-bell', 240],
    ]);
    expect(rounds[0]!.confidenceRatio).toBeLessThan(rounds[1]!.confidenceRatio);
  });

  it('come from movement alone where nothing rings, with less confidence', () => {
    const rounds = proposeRounds(
      [],
      motionOf(900, [
        [30, 330],
        [400, 640],
      ]),
      900,
    );
    expect(rounds).toHaveLength(2);
    near(rounds[0]!, 30, 330);
    near(rounds[1]!, 400, 640);
    expect(rounds.every((one) => one.reason === 'movement-only' && one.confidenceRatio < 0.5)).toBe(true);
  });

  it('say nothing of an empty film, and never overlap or leave the file', () => {
    expect(proposeRounds([], { perSecond: 4, values: [] }, 0)).toEqual([]);
    const at = fc.integer({ min: 0, max: 1700 });
    fc.assert(
      fc.property(
        fc.array(at, { maxLength: 25 }),
        fc.array(fc.tuple(at, fc.nat({ max: 300 })), { maxLength: 6 }),
        (bells, spans) => {
          const rounds = proposeRounds(
            bells.flatMap((one) => ring(one)),
            motionOf(
              1800,
              spans.map(([from, length]) => [from, from + length] as const),
            ),
            1800,
          );
          for (const [index, one] of rounds.entries()) {
            expect(one.endSeconds).toBeGreaterThan(one.startSeconds);
            expect(one.endSeconds).toBeLessThanOrEqual(1800);
            expect(one.confidenceRatio).toBeGreaterThan(0);
            expect(one.confidenceRatio).toBeLessThanOrEqual(1);
            if (index > 0) expect(one.startSeconds).toBeGreaterThanOrEqual(rounds[index - 1]!.endSeconds - 1e-6);
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  it('do not drown in music: hundreds of tones are weighed in a moment', () => {
    const noise = noiseFrom(5);
    const bursts = Array.from({ length: 600 }, (_, index) => ({
      ...ring(index * 6)[0]!,
      hertz: 600 + Math.round(Math.abs(noise()) * 70) * 40,
    }));
    expect(timerSignals(bursts).length).toBeGreaterThan(300);
    expect(proposeRounds(bursts, motionOf(3600, [[0, 3600]]), 3600).length).toBeLessThan(60);
  });
});

describe('looking at the original', () => {
  const phone: PictureFacts = {
    videoCodec: 'h264',
    container: 'mov,mp4,m4a,3gp,3g2,mj2',
    pixelFormat: 'yuv420p',
    width: 1280,
    height: 720,
    frameRate: { numerator: 30, denominator: 1 },
    variableRate: false,
    mostKeyDistance: 30,
  };
  it('needs a copy only for a reason', () => {
    expect(proxyReasons(phone)).toEqual([]);
    expect(canShowOriginal(phone)).toBe(true);
    expect(proxyReasons({ ...phone, videoCodec: 'hevc', pixelFormat: 'yuv420p10le' })).toEqual([
      'codec-not-shown',
      'deep-colour',
    ]);
    expect(canShowOriginal({ ...phone, videoCodec: 'hevc' })).toBe(false);
    expect(proxyReasons({ ...phone, mostKeyDistance: 250 })).toEqual(['slow-steps']);
    expect(canShowOriginal({ ...phone, mostKeyDistance: 250 })).toBe(true);
    expect(proxyReasons({ ...phone, width: 2160, height: 3840, variableRate: true })).toContain('uneven-rate');
    expect(proxyReasons({ ...phone, container: 'mpegts' })).toEqual(['container-not-shown']);
    expect(proxyReasons({ ...phone, frameRate: { numerator: 240, denominator: 1 } })).toContain('fast-picture');
  });
  it('takes the usual rate next to the mean', () => {
    expect(proxyRate({ numerator: 2997, denominator: 100 })).toEqual({ numerator: 30_000, denominator: 1001 });
    expect(proxyRate({ numerator: 59_94, denominator: 100 })).toEqual({ numerator: 60_000, denominator: 1001 });
    expect(proxyRate({ numerator: 240, denominator: 1 })).toEqual({ numerator: 60, denominator: 1 });
    expect(proxyRate({ numerator: 25, denominator: 1 })).toEqual({ numerator: 25, denominator: 1 });
  });
});

describe('the moment of recording', () => {
  it('is read from the names that phones and cameras give', () => {
    expect(recordedAtOf('20261124_183005.mp4')).toBe('2026-11-24T18:30:05');
    expect(recordedAtOf('VID_20261124_183005123.mov')).toBe('2026-11-24T18:30:05');
    expect(recordedAtOf('mat-2 2026-11-24 18.30.05.mp4')).toBe('2026-11-24T18:30:05');
    expect(recordedAtOf('mat-1_2026-11-24T07-05-09.mp4')).toBe('2026-11-24T07:05:09');
    for (const name of ['round 3.mp4', '20261399_183005.mp4', '20261124_256199.mp4', ''])
      expect(recordedAtOf(name)).toBeUndefined();
  });
});
