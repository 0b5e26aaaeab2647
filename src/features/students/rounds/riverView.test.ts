import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Flows } from '@/core/patterns';
import { overWords } from './AgainstWhom';
import { drawRiver } from './riverView';

const node = (key: string, seconds: number, tide: number) => {
  const [family = 'mount', place = 'over'] = key.split('/');
  return { key, family, place, seconds, stays: 1, tide } as Flows['nodes'][number];
};
const stream = (from: string, to: string, count: number) => ({ from, to, count, share: 0.5, gain: 0, moments: [] });

describe('the river of positions', () => {
  const flows: Flows = {
    nodes: [node('mount/over', 30, 4), node('half-guard/under', 90, -1), node('side-pin/under', 60, -3)],
    streams: [
      stream('half-guard/under', 'side-pin/under', 3),
      stream('half-guard/under', 'mount/over', 1),
      stream('side-pin/under', 'half-guard/under', 2),
    ],
  };
  it('has the best place above, as tall as its time, and streams as wide as how often', () => {
    const { left, right, streams } = drawRiver(flows, 300);
    expect(left.map((bank) => bank.node.key)).toEqual(['mount/over', 'half-guard/under', 'side-pin/under']);
    expect((left[1]?.height ?? 0) / (left[2]?.height ?? 1)).toBeCloseTo(1.5, 9);
    expect(right.map((bank) => bank.node.key)).toEqual(['mount/over', 'half-guard/under', 'side-pin/under']);
    expect(streams.map((one) => one.stream.to)).toEqual(['mount/over', 'side-pin/under', 'half-guard/under']);
    expect(drawRiver({ nodes: [], streams: [] }, 300)).toEqual({ left: [], right: [], streams: [], height: 0 });
  });

  it('keeps every stream within its banks, whatever flows', () => {
    const keys = ['mount/over', 'half-guard/under', 'side-pin/under', 'turtle/over', 'standing/level'];
    const streams = fc.array(
      fc.tuple(fc.constantFrom(...keys), fc.constantFrom(...keys), fc.integer({ min: 1, max: 30 })),
      { maxLength: 12 },
    );
    fc.assert(
      fc.property(
        streams,
        fc.array(fc.integer({ min: 1, max: 900 }), { minLength: 5, maxLength: 5 }),
        (all, seconds) => {
          const unique = new Map(all.filter(([from, to]) => from !== to).map((one) => [`${one[0]} ${one[1]}`, one]));
          const river = drawRiver(
            {
              nodes: keys.map((key, at) => node(key, seconds[at] ?? 1, -at)),
              streams: [...unique.values()].map(([from, to, count]) => stream(from, to, count)),
            },
            400,
          );
          for (const { stream: one, fromY, toY, width } of river.streams) {
            const from = river.left.find((bank) => bank.node.key === one.from);
            const to = river.right.find((bank) => bank.node.key === one.to);
            expect(fromY).toBeGreaterThanOrEqual((from?.y ?? 0) - 1e-6);
            expect(fromY).toBeLessThanOrEqual((from?.y ?? 0) + (from?.height ?? 0) + 1e-6);
            expect(toY).toBeLessThanOrEqual((to?.y ?? 0) + (to?.height ?? 0) + 1e-6);
            expect(width).toBeGreaterThan(0);
          }
          expect(river.streams.length).toBe(unique.size);
        },
      ),
    );
  });
});

describe('against whom, in words', () => {
  it('claims only what the interval says', () => {
    const over = (low: number, high: number) => ({ over: { mean: (low + high) / 2, interval: { low, high } } });
    expect(overWords({ over: undefined })).toBe('too few rounds to say');
    expect(overWords(over(0.02, 0.3))).toBe('better than expected');
    expect(overWords(over(-0.3, -0.02))).toBe('worse than expected');
    expect(overWords(over(-0.1, 0.2))).toBe('about as expected');
  });
});
