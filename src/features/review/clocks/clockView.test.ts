import { describe, expect, it } from 'vitest';
import type { Mark } from '@/core/round';
import { driftWords, nextFace, type RoundClock, readable, readingWords, spreadWords, stoppagesOf } from './clockView';

const wall: RoundClock = {
  id: 'w',
  name: 'wall',
  counts: 'down',
  pauses: true,
  version: 1,
  ties: [
    { mediaSeconds: 110, readingSeconds: 200 },
    { mediaSeconds: 10, readingSeconds: 290 },
  ],
};
const stream: RoundClock = {
  ...wall,
  id: 's',
  name: 'stream',
  pauses: false,
  ties: [
    { mediaSeconds: 10, readingSeconds: 300 },
    { mediaSeconds: 70, readingSeconds: 241 },
  ],
};
const marks: Mark[] = [
  { kind: 'stoppage', id: '1', atSeconds: 40, endSeconds: 50 },
  { kind: 'stoppage', id: '2', atSeconds: 80, endSeconds: 90, offCamera: true },
];

describe('clocks in the footage', () => {
  it('stand still in stoppages only, not where the camera saw nothing', () => {
    const stoppages = stoppagesOf(marks);
    expect(stoppages).toEqual([{ startSeconds: 40, endSeconds: 50 }]);
    const clock = readable(wall, stoppages)!;
    expect(readingWords(clock, 45)).toBe('wall 4:20.0');
    expect(readingWords(clock, 85)).toBe('wall 3:45.0');
    expect(readingWords(clock, 0)).toBe('wall about 5:00.0');
    expect(driftWords(clock)).toBe('keeps time with the footage');
    expect(driftWords(readable(stream, stoppages)!)).toBe('loses 1.0 s a minute on the footage');
    expect(readable({ ...wall, ties: wall.ties.slice(0, 1) }, stoppages)).toBeUndefined();
  });
  it('are compared over what they have in common', () => {
    const clocks = [readable(wall, [])!, readable(stream, [])!];
    expect(spreadWords(clocks.slice(0, 1))).toBeUndefined();
    expect(spreadWords(clocks)).toBe('Over 1:00 of footage in common they differ by 5.0 s.');
    const later = {
      ...clocks[1]!,
      ties: clocks[1]!.ties.map((tie) => ({ ...tie, mediaSeconds: tie.mediaSeconds + 500 })),
    };
    expect(spreadWords([clocks[0]!, later])).toContain('not tied');
  });
  it('give the ledger its faces one after the other', () => {
    const ids = ['w', 's'];
    const faces = [{ kind: 'round' as const }];
    const names = ['round'];
    let face: ReturnType<typeof nextFace> = faces[0]!;
    for (let press = 0; press < 4; press += 1) {
      face = nextFace(face, ids);
      names.push(face.kind === 'clock' ? face.id : face.kind);
    }
    expect(names).toEqual(['round', 'file', 'w', 's', 'round']);
    expect(nextFace({ kind: 'clock', id: 'gone' }, ids)).toEqual({ kind: 'round' });
  });
});
