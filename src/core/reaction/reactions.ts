import { liveSecondsBetween, liveSpans } from '../clock';
import { present } from '../kernel';
import { type Athlete, type AttemptMark, type Mark, opponentOf, type RoundReading, stoppageSpans } from '../round';
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

/** How long an athlete took to answer something that the opponent began, or waited without an answer. */
export interface Reaction {
  readonly athlete: Athlete;
  /** What is answered, or the time taken with the stopwatch. */
  readonly markId: string;
  readonly atSeconds: number;
  /** Live time. */
  readonly seconds: number;
  /** Nothing was done against something that worked: it took longer than `seconds`. */
  readonly isUnanswered?: true;
  /** Read off the marks, or taken with the stopwatch. */
  readonly from: 'marks' | 'stopwatch';
}

const isAction = (mark: Mark): mark is Extract<Mark, { kind: 'attempt' | 'grip' }> =>
  mark.kind === 'attempt' || (mark.kind === 'grip' && mark.outcome !== 'lost');

/** A start that came to something without being answered was let happen; of one that failed or was given up nobody knows what stopped it. */
const workedAlone = (mark: AttemptMark): boolean =>
  mark.stage !== 'entry' && (mark.end === undefined || mark.end === 'finished');

const startOf = ({ id, atSeconds }: Mark) => ({ markId: id, atSeconds });

/**
 * The answers of one athlete, in order of time: for each attempt of the opponent, the athlete's next attempt or grip; further starts before the answer are
 * answered with it. What worked without an answer is there as unanswered: it took longer than the time until play stopped, at most fifteen seconds. Times
 * taken with the stopwatch count as they are. Nothing is paired across a stoppage.
 */
export function listReactions({ marks, round }: RoundReading, athlete: Athlete): Reaction[] {
  const live = liveSpans(round, stoppageSpans(marks));
  const found: Reaction[] = [];
  let open: AttemptMark | undefined;
  const waitedUntil = (atSeconds: number) => {
    if (open && workedAlone(open)) {
      const seconds = Math.min(LONGEST_ANSWER_SECONDS, liveSecondsBetween(live, open.atSeconds, atSeconds));
      found.push({ ...startOf(open), athlete, seconds, isUnanswered: true, from: 'marks' });
    }
    open = undefined;
  };
  for (const mark of marks) {
    if (mark.kind === 'stoppage') waitedUntil(mark.atSeconds);
    if (mark.kind === 'measure' && mark.athlete === athlete)
      found.push({ ...startOf(mark), athlete, seconds: mark.endSeconds - mark.atSeconds, from: 'stopwatch' });
    if (!isAction(mark)) continue;
    if (mark.athlete === opponentOf(athlete)) {
      if (mark.kind === 'attempt') open ??= mark;
      continue;
    }
    if (open === undefined) continue;
    const seconds = liveSecondsBetween(live, open.atSeconds, mark.atSeconds);
    if (seconds > LONGEST_ANSWER_SECONDS) waitedUntil(mark.atSeconds);
    else found.push({ ...startOf(open), athlete, seconds, from: 'marks' });
    open = undefined;
  }
  waitedUntil(round.endSeconds);
  return found.sort((one, other) => one.atSeconds - other.atSeconds);
}

export interface ReactionFigures {
  readonly count: number;
  /** Of them, those that were never answered. */
  readonly unanswered: number;
  /** With `medianIsOver` it took longer than that: the middle one was never answered. */
  readonly medianSeconds: number;
  readonly medianIsOver: boolean;
  readonly quartiles: readonly [number, number];
  /** Shares of all answers, 0 to 1. */
  readonly slowRatio: number;
  readonly passiveRatio: number;
}

/**
 * What the answers say together; undefined from fewer than four. What was never answered is not within a limit that it outlasted; one that was cut off
 * before the limit for slow says nothing and is left out.
 * @source censored observations: a time of which only a lower bound is known (common practice of survival statistics)
 */
export function reactionFigures(
  reactions: readonly Pick<Reaction, 'seconds' | 'isUnanswered'>[],
  { slowSeconds, passiveSeconds } = usualLimits,
): ReactionFigures | undefined {
  const known = reactions.filter((one) => !one.isUnanswered || one.seconds > slowSeconds);
  const count = known.length;
  if (count < LEAST_REACTIONS) return undefined;
  const seconds = known.map((one) => one.seconds);
  const unanswered = known.filter((one) => one.isUnanswered).length;
  const share = (test: (value: number) => boolean) => seconds.filter(test).length / count;
  return {
    ...{ count, unanswered, medianIsOver: unanswered * 2 >= count },
    medianSeconds: present(quantile(seconds, 0.5)),
    quartiles: [present(quantile(seconds, 0.25)), present(quantile(seconds, 0.75))],
    slowRatio: share((value) => value > slowSeconds),
    passiveRatio: share((value) => value >= passiveSeconds),
  };
}
