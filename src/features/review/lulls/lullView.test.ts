import { describe, expect, it } from 'vitest';
import type { Mark } from '@/core/round';
import { lullWords, openLulls, skippable } from './lullView';

const lulls = [
  { startSeconds: 70, endSeconds: 80 },
  { startSeconds: 130, endSeconds: 140 },
];
const stoppage: Mark = { kind: 'stoppage', id: 's', atSeconds: 72, endSeconds: 90 };

describe('lulls', () => {
  it('are asked about until a stoppage lies over them or they are waved away', () => {
    expect(openLulls(lulls, [], [])).toEqual(lulls);
    expect(openLulls(lulls, [stoppage], [])).toEqual([lulls[1]]);
    expect(openLulls(lulls, [stoppage], [130])).toEqual([]);
    expect(lullWords(lulls[0]!, 10)).toBe('From 1:00 to 1:10 hardly anything moves.');
  });
  it('are none where something is marked', () => {
    const hold: Mark = { kind: 'position', id: 'p', atSeconds: 135, positionId: 'mount', holder: 'a' };
    expect(openLulls(lulls, [hold], [])).toEqual([lulls[0]]);
  });
  it('are passed over with the stoppages, but not those in which something happened', () => {
    expect(skippable(lulls, [stoppage], [])).toEqual([{ startSeconds: 72, endSeconds: 90 }, lulls[1]]);
    expect(skippable(lulls, [], [130])).toEqual([lulls[0]]);
  });
});
