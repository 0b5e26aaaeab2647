import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  addToMatClock,
  bellsBetween,
  type MatClock,
  minutesDone,
  moveMatClock,
  pauseMatClock,
  readMatClock,
  resumeMatClock,
  secondsTaken,
  startMatClock,
} from './index';

const lengths = [60, 120, 300];
const T = 1_800_000_000_000;
const at = (seconds: number) => T + seconds * 1000;

describe('the clock of a class', () => {
  it('goes from block to block by itself, and is over at the end of the last', () => {
    const clock = startMatClock(T);
    expect(readMatClock(clock, lengths, at(0))).toMatchObject({ at: 0, secondsLeft: 60, isPaused: false });
    expect(readMatClock(clock, lengths, at(59))).toMatchObject({ at: 0, secondsLeft: 1 });
    expect(readMatClock(clock, lengths, at(60))).toMatchObject({ at: 1, secondsIn: 0, secondsLeft: 120 });
    expect(readMatClock(clock, lengths, at(481))).toMatchObject({ at: 2, secondsLeft: 0, isOver: true });
    // A device whose clock is behind shows the beginning, never less than nothing.
    expect(readMatClock(clock, lengths, at(-600))).toMatchObject({ at: 0, secondsLeft: 60 });
  });

  it('stands still while it is paused, and goes on where it was', () => {
    const paused = pauseMatClock(startMatClock(T), lengths, at(100));
    expect(readMatClock(paused, lengths, at(5000))).toMatchObject({ at: 1, secondsIn: 40, isPaused: true });
    const again = resumeMatClock(paused, at(700));
    expect(readMatClock(again, lengths, at(710))).toMatchObject({ at: 1, secondsIn: 50, isPaused: false });
    expect(secondsTaken(again, lengths, at(710))).toEqual([60, 50, 0]);
    expect(pauseMatClock(paused, lengths, at(900))).toBe(paused);
    expect(resumeMatClock(again, at(900))).toBe(again);
  });

  it('is moved on and back, and given two more minutes; what blocks really took is known', () => {
    let clock = moveMatClock(startMatClock(T), lengths, 1, at(30));
    expect(readMatClock(clock, lengths, at(30))).toMatchObject({ at: 1, secondsLeft: 120 });
    clock = addToMatClock(clock, lengths, 120, at(40));
    expect(readMatClock(clock, lengths, at(40))).toMatchObject({ at: 1, secondsLeft: 230 });
    clock = moveMatClock(clock, lengths, -1, at(50));
    expect(readMatClock(clock, lengths, at(50))).toMatchObject({ at: 0, secondsLeft: 60 });
    expect(secondsTaken(clock, lengths, at(60))).toEqual([40, 20, 0]);
    expect(moveMatClock(clock, lengths, -1, at(60))).toBe(clock);
    const last = moveMatClock(moveMatClock(clock, lengths, 1, at(70)), lengths, 1, at(80));
    expect(moveMatClock(last, lengths, 1, at(90))).toBe(last);
  });

  it('never loses a second: what blocks took is what went by less the pauses', () => {
    const act = fc.record({
      kind: fc.constantFrom('pause', 'resume', 'next', 'back', 'more'),
      wait: fc.integer({ min: 0, max: 90 }),
    });
    fc.assert(
      fc.property(fc.array(act, { maxLength: 12 }), (acts) => {
        let clock: MatClock = startMatClock(T);
        let now = 0;
        let running = 0;
        const goOn = (wait: number) => {
          // After the end of the last block nothing is worked on any more.
          const left = readMatClock(clock, lengths, at(now));
          const rest =
            left.secondsLeft +
            lengths
              .slice(left.at + 1)
              .reduce((sum, one, place) => sum + one + (clock.added[left.at + 1 + place] ?? 0), 0);
          if (!left.isPaused) running += Math.min(wait, rest);
          now += wait;
        };
        for (const { kind, wait } of acts) {
          goOn(wait);
          if (kind === 'pause') clock = pauseMatClock(clock, lengths, at(now));
          if (kind === 'resume') clock = resumeMatClock(clock, at(now));
          if (kind === 'next') clock = moveMatClock(clock, lengths, 1, at(now));
          if (kind === 'back') clock = moveMatClock(clock, lengths, -1, at(now));
          if (kind === 'more') clock = addToMatClock(clock, lengths, 120, at(now));
        }
        goOn(7);
        const taken = secondsTaken(clock, lengths, at(now)).reduce((sum, one) => sum + one, 0);
        expect(taken).toBeCloseTo(running, 6);
      }),
    );
  });

  it('says how many minutes each drill really had', () => {
    const blocks = [
      { minutes: 1 },
      { minutes: 2, drillId: 'a' },
      { minutes: 5, drillId: 'a' },
      { minutes: 3, drillId: 'b' },
      { minutes: 3, drillId: 'c' },
    ];
    const clock = startMatClock(T);
    expect([...minutesDone(clock, blocks, at(60 + 420 + 100))]).toEqual([
      ['a', 7],
      ['b', 2],
    ]);
    expect([...minutesDone(clock, blocks, at(70))]).toEqual([]);
  });

  it('rings long when a block is over, short when a game begins anew, and not while it is paused', () => {
    const clock = startMatClock(T);
    const bell = (from: number, to: number, every?: number, one = clock) =>
      bellsBetween(readMatClock(one, lengths, at(from)), readMatClock(one, lengths, at(to)), every);
    expect(bell(10, 11)).toBeUndefined();
    expect(bell(59.5, 60.5)).toBe('long');
    expect(bell(479.5, 480.5)).toBe('long');
    expect(bell(481, 482)).toBeUndefined();
    expect(bell(99.5, 100.5, 40)).toBe('short');
    expect(bell(99.5, 100.5)).toBeUndefined();
    const paused = pauseMatClock(clock, lengths, at(99.5));
    expect(bell(99.5, 100.5, 40, paused)).toBeUndefined();
  });
});
