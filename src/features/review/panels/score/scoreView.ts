import { formatClock, formatClockTenths } from '@/core/clock';
import type { Athlete } from '@/core/round';
import type { Asked, BoardDifference, LostHold, RefereePoints, ScoreEvent, ScoreReading, Tally } from '@/core/scoring';
import type { Names } from '../../reviewView';

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
    case 'not-seen':
      return 'nobody marked where they were after it: mark the position';
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

/** What explains the points that a referee gave, or that nothing does. */
export function refereeWords({ event, note }: RefereePoints, startSeconds: number): string {
  const why = event
    ? `${whatWords[event.what]} at ${formatClock(event.atSeconds - startSeconds)}`
    : 'nothing is marked that gives as much: is a position missing?';
  return [note, why].filter(Boolean).join('; ');
}

/** How the round stands or ended. */
export function outcomeWords(reading: ScoreReading, winner: Athlete | undefined, names: Names): string {
  if (reading.submission) return `${names[reading.submission.winner]} by submission`;
  if (reading.disqualified) return `${names[reading.disqualified]} disqualified by penalties`;
  return winner ? `${names[winner]} ahead` : 'level: the referee would decide';
}

const listed = (whats: Asked['turns']): string => whats.map((what) => whatWords[what]).join(' or ');
/** Actions from the cheapest on. */
const fromOn = (whats: Asked['turns']): string =>
  whats.length > 2 ? `${whatWords[whats[0]!]} or anything above` : listed(whats);

/** What the score and the clock ask for at a moment. @source common practice: hold a lead without stalling, risk when behind and late */
export function askedWords(asked: Asked, names: Names): string {
  const { ahead, leadPoints, secondsLeft, late, pointless, turns, levels, timeToHold } = asked;
  const left = `${formatClock(secondsLeft)} left`;
  if (secondsLeft <= 0) return 'Time.';
  if (pointless) return `${left}; nothing counts yet: room to try for the submission.`;
  if (!ahead) return late ? `${left}, level: the next thing that scores may decide.` : `${left}, level.`;
  const [leader, other] = [names[ahead], names[ahead === 'a' ? 'b' : 'a']];
  if (!timeToHold) return `${left}: too late for ${other} to hold anything; only a submission helps.`;
  const lead = leadPoints > 0 ? `by ${leadPoints}` : 'by an advantage or a penalty';
  const chance =
    turns.length > 0
      ? `${fromOn(turns)} turns it${levels.length > 0 ? `, ${listed(levels)} levels it` : ''}`
      : levels.length > 0
        ? `no single action turns it, ${listed(levels)} levels it`
        : 'no single action is enough';
  const asks = late ? `${leader} may hold without stalling, ${other} has to risk` : `${leader} leads ${lead}`;
  return `${left}: ${asks}; for ${other} ${chance}.`;
}

/** Only what is worth a glance while the footage runs: near the end, with somebody ahead. */
export const urgentWords = (asked: Asked, names: Names): string | undefined =>
  asked.late && asked.ahead && asked.secondsLeft > 0
    ? `${formatClock(asked.secondsLeft)} left: ${names[asked.ahead]} may hold, ${names[asked.ahead === 'a' ? 'b' : 'a']} has to risk.`
    : undefined;
