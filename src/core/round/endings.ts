import type { Mark } from '../marks';
import { findTechnique } from '../vocabulary';
import type { RoundReading, StateInterval } from './readRound';

/**
 * The moments, in order, at which play ended and what followed began anew: taps by technique, and stoppages after which the athletes were placed otherwise than before.
 * A stoppage after which they go on where they were is a pause. @source common practice: after a tap, and after most stoppages, sparring starts from neutral
 */
export function listEndings({ marks, intervals }: RoundReading): number[] {
  return [...marks.flatMap(tapOf), ...restartsOf(intervals)].sort((one, other) => one - other);
}

function tapOf(mark: Mark): number[] {
  if (mark.kind !== 'attempt' || findTechnique(mark.techniqueId)?.class !== 'submissions') return [];
  const isFinished = mark.end === 'finished' || (mark.stage === 'finished' && mark.end === undefined);
  return isFinished ? [mark.endSeconds ?? mark.atSeconds] : [];
}

function restartsOf(intervals: readonly StateInterval[]): number[] {
  return intervals.flatMap((interval, at) => {
    const [before, after] = [intervals[at - 1], intervals[at + 1]];
    if (interval.state.kind !== 'stopped' || !before || !after) return [];
    return JSON.stringify(before.state) === JSON.stringify(after.state) ? [] : [interval.startSeconds];
  });
}
