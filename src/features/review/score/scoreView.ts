import { formatClock, formatClockTenths } from '@/core/clock';
import type { Athlete } from '@/core/round';
import type { BoardDifference, LostHold, ScoreEvent, ScoreReading, Tally } from '@/core/scoring';
import type { Names } from '../reviewView';

export const whatWords: Readonly<Record<ScoreEvent['what'], string>> = {
  takedown: 'takedown',
  sweep: 'sweep',
  pass: 'guard pass',
  mount: 'mount',
  back: 'back with hooks',
  'knee-on-belly': 'knee on belly',
  'past-guard': 'ended past the guard',
  'guard-pull': 'pulled guard',
  advantage: 'advantage',
  penalty: 'penalty',
  'points-given': 'for the penalties',
};

/** "4", with advantages and penalties behind it where there are any. */
export function tallyWords({ points, advantages, penalties }: Tally): string {
  const more = [advantages > 0 ? `${advantages} adv` : '', penalties > 0 ? `${penalties} pen` : ''].filter(Boolean);
  return more.length > 0 ? `${points} (${more.join(', ')})` : String(points);
}

const signed = (points: number): string => (points < 0 ? `−${Math.abs(points)}` : `+${points}`);

/** What an event gave: points, or the referee's. */
export function givenWords(event: ScoreEvent): string {
  if (event.advantages > 0) return 'advantage';
  if (event.penalties > 0) return 'penalty';
  return signed(event.points);
}

/** Why something did not score, in a referee's words. */
export function lostWords({ why, heldSeconds }: LostHold): string {
  switch (why) {
    case 'too-short':
      return `held ${heldSeconds.toFixed(1)} s of 3`;
    case 'threatened':
      return `under a threat, free for ${heldSeconds.toFixed(1)} s at most`;
    case 'already-scored':
      return 'scored before, no guard in between';
    case 'before-points':
      return 'before points count';
  }
}

/** "0:10 to 0:13", the stretch that was held. */
export const holdWords = (event: ScoreEvent, startSeconds: number): string | undefined =>
  event.hold &&
  `held ${formatClockTenths(event.hold.startSeconds - startSeconds)} to ${formatClockTenths(event.hold.endSeconds - startSeconds)}`;

const fieldNames = { points: 'points', advantages: 'advantages', penalties: 'penalties' } as const;

/** One difference between the board and the marks, and what may explain it. */
export function differenceWords(difference: BoardDifference, names: Names, startSeconds: number): string {
  const { athlete, field, onBoard, computed, events, lost, atSeconds } = difference;
  const board = `By ${formatClock(atSeconds - startSeconds)} the board gave ${names[athlete]} ${onBoard} ${fieldNames[field]}, the marks give ${computed}`;
  const reasons = [
    ...events.map(
      (event) => `${whatWords[event.what]} at ${formatClock(event.atSeconds - startSeconds)} (${givenWords(event)})`,
    ),
    ...lost.map((one) => `${whatWords[one.what]} at ${formatClock(one.atSeconds - startSeconds)}: ${lostWords(one)}`),
  ];
  return reasons.length > 0 ? `${board}: ${reasons.join('; ')}.` : `${board}. Nothing is marked that explains it.`;
}

/** How the round stands or ended. */
export function outcomeWords(reading: ScoreReading, winner: Athlete | undefined, names: Names): string {
  if (reading.submission) return `${names[reading.submission.winner]} by submission`;
  if (reading.disqualified) return `${names[reading.disqualified]} disqualified by penalties`;
  return winner ? `${names[winner]} ahead` : 'level: the referee would decide';
}

/** What the score and the clock ask for: only near the end, and only what usually holds. @source common practice */
export function askedWords(lead: number, secondsLeft: number, names: Names): string | undefined {
  if (secondsLeft > 75 || secondsLeft <= 0 || lead === 0) return undefined;
  const [ahead, behind] = lead > 0 ? [names.a, names.b] : [names.b, names.a];
  return `${formatClock(secondsLeft)} left: ${ahead} may hold without stalling, ${behind} has to risk.`;
}
