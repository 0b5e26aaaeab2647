import { liveSecondsBetween, liveSpans } from '../clock';
import { present } from '../kernel';
import { type Athlete, type Mark, opponentOf, type RoundReading, stoppageSpans } from '../round';
import { quantile } from '../statistics';

/** An answer later than this is not an answer to that start. @source own decision */
const LONGEST_ANSWER_SECONDS = 15;
/** Figures are shown from this many answers on. @source own decision: quartiles of fewer say nothing */
export const LEAST_REACTIONS = 4;

export interface ReactionLimits {
  /** An answer that took longer was slow. @source common practice */
  readonly slowSeconds: number;
  /** From here on it was no answer but waiting. @source common practice: a slow count of three */
  readonly passiveSeconds: number;
}
export const usualLimits: ReactionLimits = { slowSeconds: 1.5, passiveSeconds: 3 };

/** How long an athlete took to answer something that the opponent began. */
export interface Reaction {
  readonly athlete: Athlete;
  readonly atSeconds: number;
  /** Live time. */
  readonly seconds: number;
  /** Read off the marks, or taken with the stopwatch. */
  readonly from: 'marks' | 'stopwatch';
}

const isAction = (mark: Mark): mark is Extract<Mark, { kind: 'attempt' | 'grip' }> =>
  mark.kind === 'attempt' || (mark.kind === 'grip' && mark.outcome !== 'lost');

/**
 * The answers of one athlete, in order of time: for each attempt of the opponent, the athlete's next attempt or grip; further starts before the answer are
 * answered with it. Times taken with the stopwatch count as they are. Nothing is paired across a stoppage.
 */
export function listReactions({ marks, round }: RoundReading, athlete: Athlete): Reaction[] {
  const live = liveSpans(round, stoppageSpans(marks));
  const found: Reaction[] = [];
  let startedAt: number | undefined;
  for (const mark of marks) {
    if (mark.kind === 'stoppage') startedAt = undefined;
    if (mark.kind === 'measure' && mark.athlete === athlete)
      found.push({ athlete, atSeconds: mark.atSeconds, seconds: mark.endSeconds - mark.atSeconds, from: 'stopwatch' });
    if (!isAction(mark)) continue;
    if (mark.athlete === opponentOf(athlete)) {
      if (mark.kind === 'attempt') startedAt ??= mark.atSeconds;
      continue;
    }
    if (startedAt === undefined) continue;
    const seconds = liveSecondsBetween(live, startedAt, mark.atSeconds);
    if (seconds <= LONGEST_ANSWER_SECONDS) found.push({ athlete, atSeconds: startedAt, seconds, from: 'marks' });
    startedAt = undefined;
  }
  return found;
}

export interface ReactionFigures {
  readonly count: number;
  readonly medianSeconds: number;
  readonly quartiles: readonly [number, number];
  /** Shares of all answers, 0 to 1. */
  readonly slowRatio: number;
  readonly passiveRatio: number;
}

/** What the answers say together; undefined from fewer than four. */
export function reactionFigures(
  reactions: readonly Reaction[],
  { slowSeconds, passiveSeconds } = usualLimits,
): ReactionFigures | undefined {
  const count = reactions.length;
  if (count < LEAST_REACTIONS) return undefined;
  const seconds = reactions.map((one) => one.seconds);
  const share = (test: (value: number) => boolean) => seconds.filter(test).length / count;
  return {
    count,
    medianSeconds: present(quantile(seconds, 0.5)),
    quartiles: [present(quantile(seconds, 0.25)), present(quantile(seconds, 0.75))],
    slowRatio: share((value) => value > slowSeconds),
    passiveRatio: share((value) => value >= passiveSeconds),
  };
}
