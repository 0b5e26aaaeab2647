import { formatClockTenths, spanSeconds } from '@/core/clock';
import { type Athlete, type NoteMark, opponentOf, type TurnMark } from '@/core/round';
import {
  type AnnouncedAgainst,
  type Needed,
  type OfficialDifference,
  type OvertimeProblem,
  type OvertimeReading,
  type OvertimeRecord,
  type TotalDifference,
  type TurnClocks,
  toTenth,
} from '@/core/scoring';
import type { Names } from '../../reviewView';

/** "0:19.4" */
export const secondsWords = (seconds: number): string => formatClockTenths(Math.max(0, seconds));

export const startWords = { back: 'back control', arm: 'the arm-lock start' } as const;

/** How a turn ended, and what it counts. */
export function turnEndWords(turn: OvertimeReading['turns'][number]): string {
  if (turn.end === 'unknown') return 'its end is not marked yet';
  const lasted = secondsWords(toTenth(turn.endSeconds - turn.startSeconds));
  if (turn.end === 'tapped') return `tapped after ${lasted}`;
  return turn.end === 'ran-out' ? `no escape: ${secondsWords(turn.countedSeconds)} count` : `escaped after ${lasted}`;
}

/** What the athlete whose turn comes next has to do. */
export function neededWords(needed: Needed, names: Names, missingTurn?: number): string {
  const name = names[needed.escaper];
  const escapes =
    missingTurn === undefined ? `${name} escapes next` : `Turn ${missingTurn + 1} has no end yet: ${name} escapes`;
  const { wonByLasting, winCertainBelow, winPossibleBelow, levelUpTo, alwaysWins, cannotWin } = needed;
  if (wonByLasting !== undefined)
    return `${escapes} and wins by escaping, or by lasting longer than ${secondsWords(wonByLasting)}: that is when ${names[opponentOf(needed.escaper)]} was tapped.`;
  if (alwaysWins) return `${escapes} and wins on time even without an escape.`;
  if (cannotWin) return `${escapes} and cannot win on time any more: only a submission helps.`;
  if (winCertainBelow !== undefined && winCertainBelow === winPossibleBelow) {
    const level =
      levelUpTo === undefined || levelUpTo <= winCertainBelow
        ? 'exactly that is level'
        : `up to ${secondsWords(levelUpTo)} is level`;
    return `${escapes}: under ${secondsWords(winCertainBelow)} wins, ${level}, longer loses.`;
  }
  const parts = [
    winCertainBelow !== undefined && `under ${secondsWords(winCertainBelow)} wins whatever comes`,
    winPossibleBelow !== undefined
      ? `from ${secondsWords(winPossibleBelow)} on the win is gone`
      : 'any escape time can still win',
  ];
  return `${escapes}: ${parts.filter(Boolean).join('; ')}.`;
}

/** How the overtime stands. */
export function standingWords(reading: OvertimeReading, names: Names): string {
  if (reading.winner)
    return `${names[reading.winner]} wins by ${reading.decidedBy === 'submission' ? 'submission' : `escape time, by ${(reading.lead?.seconds ?? 0).toFixed(1)} s`}.`;
  if (reading.undecided) return 'Level: the event’s rules or the referee decide.';
  return reading.lead
    ? `${names[reading.lead.athlete]} leads by ${reading.lead.seconds.toFixed(1)} s.`
    : 'Level so far.';
}

export function overtimeProblemWords(problem: OvertimeProblem): string {
  const turn = `Turn ${problem.turn + 1}`;
  switch (problem.code) {
    case 'ends-before-start':
      return `${turn} ends before it begins. Rewrite its end.`;
    case 'out-of-order':
      return `${turn} begins before the turn ahead of it is over. Delete it, or move it with E.`;
    case 'same-athlete-again':
      return `${turn} is the same athlete’s again: in a round of turns each escapes once. Exchange who escapes.`;
    case 'too-many-turns':
      return `${turn} is one too many under this rule set. Delete it, or choose another rule set on the card.`;
    case 'after-the-end':
      return `${turn} comes after a submission has decided the overtime. Delete it, or correct how the one before ended.`;
  }
}

export const officialWords = (
  { turn, measuredSeconds, officialSeconds }: OfficialDifference,
  names: Names,
  who: Athlete,
) =>
  `Turn ${turn + 1}: the officials gave ${names[who]} ${secondsWords(officialSeconds)}, the footage gives ${secondsWords(measuredSeconds)} (${differenceOf(officialSeconds - measuredSeconds)}).`;

export function totalWords(difference: TotalDifference, names: Names): string {
  const { turn, athlete, measuredSeconds, officialSeconds, ownFiguresSeconds } = difference;
  const own =
    ownFiguresSeconds === undefined
      ? ''
      : Math.abs(ownFiguresSeconds - officialSeconds) > 0.05
        ? ` Their own figures add up to ${secondsWords(ownFiguresSeconds)}: the sum itself is wrong.`
        : ' Their own figures add up to it: the difference lies in a turn.';
  return `After turn ${turn + 1} the officials’ sum for ${names[athlete]} was ${secondsWords(officialSeconds)}, measured ${secondsWords(measuredSeconds)} (${differenceOf(officialSeconds - measuredSeconds)}).${own}`;
}

/** In what the announced result differs from the footage. */
function announcedWords(
  { announced, winner, marginSeconds, winnerDiffers, marginDiffers }: AnnouncedAgainst,
  names: Names,
): string[] {
  const said = announced.winner ? `They announced ${names[announced.winner]}` : 'They announced a margin';
  const given = announced.marginSeconds === undefined ? '' : ` by ${secondsWords(announced.marginSeconds)}`;
  const margin = marginSeconds === undefined ? '' : ` by ${marginSeconds.toFixed(1)} s`;
  const measured = winner ? `by the footage ${names[winner]} wins${margin}` : 'by the footage it is level';
  if (winnerDiffers) return [`${said}${given}; ${measured}.`];
  if (!marginDiffers || announced.marginSeconds === undefined || marginSeconds === undefined) return [];
  return [
    `They gave ${announced.marginSeconds.toFixed(1)} s between the two, the footage says ${marginSeconds.toFixed(1)} s.`,
  ];
}

/** What displayed clocks say about a turn: each beside the presses, and each two beside each other. */
export function turnClockWords({ alone, pairs }: TurnClocks): { words: string; isDoubt: boolean }[] {
  return [
    ...alone.map(({ name, over, elapsedSeconds, differs }) => ({
      words: `“${name}” gives ${secondsWords(toTenth(elapsedSeconds))} where the presses give ${secondsWords(
        toTenth(spanSeconds(over)),
      )}${differs ? ': look at both ends again' : ''}.`,
      isDoubt: differs,
    })),
    ...pairs.map(({ names, over, elapsedSeconds: [one, other], differs }) => ({
      words: `Over ${secondsWords(toTenth(spanSeconds(over)))} of this turn ${names.map((name) => `“${name}”`).join(' and ')} ${
        differs ? `differ by ${Math.abs(one - other).toFixed(1)} s` : 'agree'
      }.`,
      isDoubt: differs,
    })),
  ];
}

/** What was remarked about a turn: its own remark, and every note until the next turn begins. */
export function remarksOn(turn: TurnMark, nextStartSeconds: number | undefined, notes: readonly NoteMark[]): string[] {
  const until = nextStartSeconds ?? Number.POSITIVE_INFINITY;
  const within = notes.filter((one) => one.atSeconds >= turn.atSeconds && one.atSeconds < until);
  return [turn.note, ...within.map((one) => one.note)].flatMap((one) => one?.trim() || []);
}

/** Everything in which the officials' figures differ, and what it changed. */
export function findingWords(
  { reading, differences, totalDifferences, announced, wrongWinner }: OvertimeRecord,
  names: Names,
): string[] {
  return [
    ...differences.map((one) => officialWords(one, names, reading.turns[one.turn]!.escaper)),
    ...totalDifferences.map((one) => totalWords(one, names)),
    ...(announced ? announcedWords(announced, names) : []),
    ...(wrongWinner
      ? [
          `By the officials’ last sums ${names[wrongWinner]} wins; by the footage ${names[opponentOf(wrongWinner)]} does.`,
        ]
      : []),
  ];
}

const differenceOf = (seconds: number): string =>
  `${Math.abs(seconds).toFixed(1)} s too ${seconds > 0 ? 'long' : 'short'}`;

/** The same turn as the other athlete's. */
export const withOtherEscaper = (turn: TurnMark): TurnMark => ({ ...turn, athlete: opponentOf(turn.athlete) });

/** The turn with another way of having ended; a turn that ran out lasts its full length. */
export function withEnd(turn: TurnMark, end: NonNullable<TurnMark['end']>, turnSeconds: number): TurnMark {
  const ranOut = turn.atSeconds + turnSeconds;
  return { ...turn, end, endSeconds: end === 'ran-out' ? ranOut : (turn.endSeconds ?? ranOut) };
}
