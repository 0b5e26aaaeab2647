import type { Athlete } from '../round';
import type { PointsClass } from '../vocabulary';
import type { PointsRules } from './rules';
import { leaderOf, type Score } from './scoreRound';

/** From this many seconds before the end on, whoever is behind has to risk something. @source common practice: the last minute and a quarter */
export const LATE_SECONDS = 75;

/** What the score and the clock ask for at one moment. */
export interface Asked {
  readonly secondsLeft: number;
  readonly late: boolean;
  /** Nothing counts yet under these rules. */
  readonly pointless: boolean;
  readonly ahead?: Athlete;
  readonly leadPoints: number;
  /** Single actions by whoever is behind that would take the lead, the cheapest first, and those that would only level it. */
  readonly turns: readonly PointsClass[];
  readonly levels: readonly PointsClass[];
  /** Whether an action that scores can still be held long enough. */
  readonly timeToHold: boolean;
}

/** What is asked at a moment, from the score there and the time that is left. `elapsedSeconds` and `plannedSeconds` are of the round. */
export function whatIsAsked(score: Score, rules: PointsRules, elapsedSeconds: number, plannedSeconds: number): Asked {
  const secondsLeft = Math.max(0, plannedSeconds - elapsedSeconds);
  const ahead = leaderOf(score);
  const behind = ahead === 'a' ? 'b' : 'a';
  const leadPoints = ahead ? score[ahead].points - score[behind].points : 0;
  const actions = (Object.entries(rules.points) as [PointsClass, number][])
    .filter(([, points]) => points > 0)
    .sort((one, other) => one[1] - other[1] || (one[0] < other[0] ? -1 : 1));
  return {
    secondsLeft,
    late: secondsLeft <= LATE_SECONDS,
    pointless: elapsedSeconds < rules.pointlessRatio * plannedSeconds,
    ahead,
    leadPoints,
    turns: ahead ? actions.filter(([, points]) => points > leadPoints).map(([what]) => what) : [],
    levels: ahead && leadPoints > 0 ? actions.filter(([, points]) => points === leadPoints).map(([what]) => what) : [],
    timeToHold: secondsLeft >= rules.holdSeconds,
  };
}
