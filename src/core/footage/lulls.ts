import type { Span } from '../clock';
import { type MotionCurve, stillStretches } from './motion';

const LEAST_LULL_SECONDS = 6;

/**
 * Stretches inside a round in which hardly anything moves for six seconds or longer: a stoppage, or two athletes lying still.
 * The picture cannot tell which; the coach says.
 * @source own decision: shorter rests are part of any hold
 */
export function findLulls(motion: MotionCurve, round: Span): Span[] {
  return stillStretches(motion, LEAST_LULL_SECONDS)
    .map((one) => ({
      startSeconds: Math.max(one.startSeconds, round.startSeconds),
      endSeconds: Math.min(one.endSeconds, round.endSeconds),
    }))
    .filter((one) => one.endSeconds - one.startSeconds >= LEAST_LULL_SECONDS);
}
