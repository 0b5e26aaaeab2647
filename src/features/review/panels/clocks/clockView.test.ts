import { describe, expect, it } from 'vitest';
import type { Mark } from '@/core/round';
import {
  clockGroundOf,
  driftWords,
  needsWords,
  nextFace,
  type RoundClock,
  readable,
  readingWords,
  spreadWords,
} from './clockView';

const wall: RoundClock = {
  id: 'w',
  name: 'wall',
  counts: 'down',
  pauses: true,
  restarts: false,
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

const round = { startSeconds: 0, endSeconds: 1000 };

describe('clocks in the footage', () => {
  it('that are set anew for each turn are tied turn by turn, once in each', () => {
    const turns = clockGroundOf([
      { kind: 'turn', id: 't1', atSeconds: 100, athlete: 'a', from: 'back', end: 'escaped', endSeconds: 130 },
      { kind: 'turn', id: 't2', atSeconds: 200, athlete: 'b', from: 'back' },
    ]);
    const bare = { ...wall, pauses: false, restarts: true, ties: [] };
    expect(needsWords(bare)).toBe('needs a tie in each turn');
    expect(needsWords({ ...bare, restarts: false })).toBe('needs two ties');
    expect(readable(bare, turns)).toBeUndefined();
    const clock = readable(
      {
        ...bare,
        ties: [
          { mediaSeconds: 110, readingSeconds: 110 },
          { mediaSeconds: 220, readingSeconds: 101 },
        ],
      },
      turns,
    )!;
    expect(readingWords(clock, 130)).toBe('wall about 1:30.0');
    expect(readingWords(clock, 200)).toBe('wall about 2:01.0');
  });

  it('stand still in stoppages only, not where the camera saw nothing', () => {
    const stoppages = clockGroundOf(marks);
    expect(stoppages).toEqual({ stoppages: [{ startSeconds: 40, endSeconds: 50 }], turnStarts: [] });
    const clock = readable(wall, stoppages)!;
    expect(readingWords(clock, 45)).toBe('wall 4:20.0');
    expect(readingWords(clock, 85)).toBe('wall 3:45.0');
    expect(readingWords(clock, 0)).toBe('wall about 5:00.0');
    expect(driftWords(clock)).toBe('keeps time with the footage');
    expect(driftWords(readable(stream, stoppages)!)).toBe('loses 1.0 s a minute on the footage');
    expect(readable({ ...wall, ties: wall.ties.slice(0, 1) }, stoppages)).toBeUndefined();
  });
  it('are compared over what they have in common', () => {
    const clocks = [readable(wall, clockGroundOf([]))!, readable(stream, clockGroundOf([]))!];
    expect(spreadWords(clocks.slice(0, 1), round)).toEqual([]);
    expect(spreadWords(clocks, round)).toEqual(['Over 1:00 of footage in common wall and stream differ by 5.0 s.']);
    const later = {
      ...clocks[1]!,
      ties: clocks[1]!.ties.map((tie) => ({ ...tie, mediaSeconds: tie.mediaSeconds + 500 })),
    };
    expect(spreadWords([clocks[0]!, later], round)[0]).toContain('No two clocks');
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
