import { type Athlete, type Mark, opponentOf, type TurnMark } from '../round';
import { type OvertimeProblem, type OvertimeReading, readOvertime } from './overtime';
import {
  type AnnouncedAgainst,
  compareAnnounced,
  compareOfficial,
  escapeTimeFromClock,
  type OfficialDifference,
  SAME_TIME_SECONDS,
} from './overtimeOfficials';
import type { OvertimeTurn } from './overtimeTurn';
import type { OvertimeRules } from './rules';

export interface RecordedTurn {
  readonly mark: TurnMark;
  /** The escape time that the displayed clock gives, where it was read. */
  readonly clockSeconds?: number;
  /** Whether the clock disagrees with the presses. */
  readonly clockDiffers: boolean;
}

/** The overtime of a round as its marks tell it, in order of time. */
export interface OvertimeRecord {
  readonly turns: readonly RecordedTurn[];
  /** The arithmetic of the turns; the ones from a problem on are left out. */
  readonly reading: OvertimeReading;
  readonly problem?: OvertimeProblem;
  /** The turn that runs: the last one, while it has no end. */
  readonly open?: TurnMark;
  readonly differences: readonly OfficialDifference[];
  readonly totalDifferences: readonly TotalDifference[];
  /** What was announced at the end, beside what was measured. */
  readonly announced?: AnnouncedAgainst;
  /** Who would have won by the officials' last sums, where the measured ones give it to the other. */
  readonly wrongWinner?: Athlete;
}

/** A sum given out by the officials that is not the measured one. */
export interface TotalDifference {
  /** After which turn, from 0. */
  readonly turn: number;
  readonly athlete: Athlete;
  readonly measuredSeconds: number;
  readonly officialSeconds: number;
  /** What the officials' own figures add up to; undefined where they gave none for some turn. */
  readonly ownFiguresSeconds?: number;
}

/** The turns among the marks of a round, summed, checked, and compared with the clock and the officials. Undefined when there are none. */
export function readOvertimeRecord(marks: readonly Mark[], rules: OvertimeRules): OvertimeRecord | undefined {
  const found = marks
    .filter((mark): mark is TurnMark => mark.kind === 'turn')
    .sort((one, other) => one.atSeconds - other.atSeconds);
  if (found.length === 0) return undefined;
  const turns = found.map(asTurn);
  const whole = readOvertime(turns, rules);
  const readable = whole.ok ? turns.length : whole.problem.turn;
  const readings = whole.ok ? whole : readOvertime(turns.slice(0, readable), rules);
  if (!readings.ok) throw new Error('readOvertimeRecord: the turns before a problem are without one');
  const sums = readings.value;
  const summed = found.slice(0, readable);
  const last = summed.at(-1);
  const official = summed.map((mark) => mark.officialSeconds);
  return {
    turns: found.map((mark) => withClock(mark, rules)),
    reading: sums,
    problem: whole.ok ? undefined : whole.problem,
    open: found.at(-1)?.end ? undefined : found.at(-1),
    differences: compareOfficial(sums, official).differences,
    totalDifferences: summed.flatMap((mark, turn) => differingTotals(mark, turn, sums, summed)),
    announced: last?.announced && compareAnnounced(sums, last.announced),
    wrongWinner: winnerBySums(sums, last?.officialTotals),
  };
}

function asTurn({ athlete: escaper, from, atSeconds: startSeconds, end, endSeconds }: TurnMark): OvertimeTurn {
  return end && endSeconds !== undefined
    ? { escaper, from, startSeconds, endSeconds, end }
    : { escaper, from, startSeconds, endSeconds: startSeconds, end: 'unknown' };
}

function winnerBySums(
  { winner, decidedBy }: OvertimeReading,
  official: TurnMark['officialTotals'],
): Athlete | undefined {
  if (!official || decidedBy !== 'escape-time' || official.a === official.b) return undefined;
  const theirs = official.a < official.b ? 'a' : 'b';
  return theirs === winner ? undefined : theirs;
}

function differingTotals(
  { officialTotals }: TurnMark,
  turn: number,
  sums: OvertimeReading,
  closed: readonly TurnMark[],
): TotalDifference[] {
  const measured = sums.turns[turn];
  if (!officialTotals || !measured || measured.end === 'unknown') return [];
  return (['a', 'b'] as const).flatMap((athlete) => {
    const measuredSeconds = measured.totals[athlete];
    const officialSeconds = officialTotals[athlete];
    if (Math.abs(measuredSeconds - officialSeconds) < SAME_TIME_SECONDS - 1e-9) return [];
    const own = closed.slice(0, turn + 1).filter((mark) => mark.athlete === athlete);
    const given = own.flatMap((mark) => mark.officialSeconds ?? []);
    const ownFiguresSeconds = given.length === own.length ? given.reduce((sum, one) => sum + one, 0) : undefined;
    return [{ turn, athlete, measuredSeconds, officialSeconds, ownFiguresSeconds }];
  });
}

function withClock(mark: TurnMark, rules: OvertimeRules): RecordedTurn {
  if (mark.clockSeconds === undefined) return { mark, clockDiffers: false };
  const clockSeconds = escapeTimeFromClock(mark.clockSeconds, rules);
  const pressed = mark.endSeconds === undefined ? undefined : mark.endSeconds - mark.atSeconds;
  return {
    mark,
    clockSeconds,
    clockDiffers: pressed !== undefined && Math.abs(pressed - clockSeconds) >= SAME_TIME_SECONDS - 1e-9,
  };
}

/**
 * The turn that a press begins now: within a round of turns it is the other athlete's, and a round is begun by whoever began the one before;
 * it starts from where the round of turns started.
 */
export function nextTurn(turns: readonly TurnMark[]): Pick<TurnMark, 'athlete' | 'from'> {
  const last = turns.at(-1);
  if (!last) return { athlete: 'a', from: 'back' };
  if (turns.length % 2 === 1) return { athlete: opponentOf(last.athlete), from: last.from };
  return { athlete: turns.at(-2)?.athlete ?? last.athlete, from: last.from };
}

/** The turn ended by a press at a moment: escaped, or run out when its full length was over by then. Undefined before its start. */
export function endTurn(turn: TurnMark, seconds: number, rules: OvertimeRules): TurnMark | undefined {
  if (seconds < turn.atSeconds) return undefined;
  const full = turn.atSeconds + rules.turnSeconds;
  return seconds >= full - 1e-9
    ? { ...turn, endSeconds: full, end: 'ran-out' }
    : { ...turn, endSeconds: seconds, end: 'escaped' };
}
