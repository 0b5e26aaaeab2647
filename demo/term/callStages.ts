import type { Mark } from '../../src/core/marks';
import type { Draws } from './draws';

/** Of so many failed attempts that came further than their entry the coach calls when. */
const CALLED = 0.7;
/** Between an attempt and what is marked next. */
const MARGIN = 0.5;

/** Marks in order of time, with the moments at which failed attempts held, were locked and ended: between their beginning and what is marked next. */
export function callStages(marks: readonly Mark[], endSeconds: number, draws: Draws): Mark[] {
  const round = (seconds: number) => Math.round(seconds * 10) / 10;
  return marks.map((mark, place) => {
    if (mark.kind !== 'attempt' || mark.stage === 'entry' || mark.stage === 'finished') return mark;
    const until = (marks[place + 1]?.atSeconds ?? endSeconds) - MARGIN;
    const room = Math.min(until - mark.atSeconds, 3 + draws.gamma(3, 0.7));
    if (!draws.chance(CALLED) || room < 2) return mark;
    const control = mark.atSeconds + draws.between(0.2, 0.4) * room;
    const locked = mark.atSeconds + draws.between(0.5, 0.8) * room;
    return {
      ...mark,
      controlSeconds: round(control),
      ...(mark.stage === 'locked' ? { lockedSeconds: round(locked) } : {}),
      endSeconds: round(mark.atSeconds + room),
    };
  });
}
