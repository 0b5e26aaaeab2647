import type { Answer, RoundFigures } from '../figures';
import { type ReactionFigures, reactionFigures, usualLimits } from '../reaction';
import { type Interval, wilsonInterval } from '../statistics';
import type { Moment } from './habits';

/** More often than this is waiting a habit. @source own decision */
const USUAL_WAITING = 0.25;

export interface Answers extends ReactionFigures {
  /** Of the share that was waited through or never answered, 95 %. */
  readonly waitedInterval?: Interval;
  /** Plainly more than one in four. */
  readonly isFlagged: boolean;
  /** What was waited through or never answered, in order of time. */
  readonly waited: readonly Moment[];
}

/**
 * How somebody answers what partners begin, over all rounds together; undefined from fewer than four. Times taken with the stopwatch say how fast
 * somebody is; times between marks say only when the next thing was marked, which is as dense as the coach marks.
 */
export function answersOf(rounds: readonly RoundFigures[], from: Answer['from']): Answers | undefined {
  const all = rounds.flatMap(({ roundId, heldOn, answers }) =>
    answers.filter((one) => one.from === from).map((one) => ({ ...one, roundId, heldOn })),
  );
  const figures = reactionFigures(all);
  if (!figures) return undefined;
  const waited = all.filter(isWaiting);
  const waitedInterval = wilsonInterval(waited.length, figures.count);
  return {
    ...figures,
    waitedInterval,
    isFlagged: (waitedInterval?.low ?? 0) > USUAL_WAITING,
    waited: waited.map(({ markId, roundId, heldOn, atSeconds }) => ({ markId, roundId, heldOn, atSeconds })),
  };
}

const isWaiting = (one: Answer): boolean => one.seconds >= usualLimits.passiveSeconds;
