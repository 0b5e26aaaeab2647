import { fail, type Result, succeed } from '../kernel';
import { type Athlete, opponentOf } from '../round';
import type { OvertimeRules } from './rules';

/** One turn of an overtime: who escapes (or is tapped), from which start, and how it ended. */
export interface OvertimeTurn {
  readonly escaper: Athlete;
  readonly from: 'back' | 'arm';
  readonly startSeconds: number;
  /** When they were free, or tapped, or the turn ran out. */
  readonly endSeconds: number;
  readonly end: 'escaped' | 'tapped' | 'ran-out';
}

export type OvertimeProblem =
  | { readonly code: 'ends-before-start'; readonly turn: number }
  | { readonly code: 'out-of-order'; readonly turn: number }
  | { readonly code: 'same-athlete-again'; readonly turn: number }
  | { readonly code: 'too-many-turns'; readonly turn: number }
  | { readonly code: 'after-the-end'; readonly turn: number };

/** What the athlete whose turn comes next has to do, in seconds of escape time. */
export interface Needed {
  readonly escaper: Athlete;
  /** How long the other lasted before they were tapped in this round of turns: then an escape wins, and so does a tap that comes later than that. */
  readonly wonByLasting?: number;
  /** The longest escape time with which the win is certain whatever comes; undefined when none is. */
  readonly winCertainBelow?: number;
  /** The escape time from which on it cannot be won any more; absent when any time may still do. */
  readonly winPossibleBelow?: number;
  /** Whether even no escape wins for certain. */
  readonly alwaysWins: boolean;
  readonly cannotWin: boolean;
}

export interface OvertimeReading {
  readonly turns: readonly (OvertimeTurn & {
    readonly countedSeconds: number;
    readonly totals: Readonly<Record<Athlete, number>>;
  })[];
  readonly totals: Readonly<Record<Athlete, number>>;
  /** Who has the smaller total so far, and by how much. */
  readonly lead?: { readonly athlete: Athlete; readonly seconds: number };
  readonly winner?: Athlete;
  readonly decidedBy?: 'submission' | 'escape-time';
  /** Equal totals or equal submission times: the academy or the referee has to say. */
  readonly undecided: boolean;
  readonly next?: Needed;
}

/** A turn's length as it counts: the escape time, the full length when nobody escaped, nothing for a tap. */
export function countedSeconds(turn: OvertimeTurn, rules: OvertimeRules): number {
  if (turn.end === 'tapped') return 0;
  return turn.end === 'ran-out' ? rules.turnSeconds : Math.min(turn.endSeconds - turn.startSeconds, rules.turnSeconds);
}

/**
 * An overtime by escape time, turn by turn: the sums after each, who leads, who has won, and what the next athlete needs. Turns come in rounds of two, one
 * each; in a round either may begin.
 * @source common practice; the arithmetic of what is needed is an own derivation from it
 */
export function readOvertime(
  turns: readonly OvertimeTurn[],
  rules: OvertimeRules,
): Result<OvertimeReading, OvertimeProblem> {
  const totals = { a: 0, b: 0 };
  const read: OvertimeReading['turns'][number][] = [];
  let decided: { readonly winner?: Athlete; readonly by?: 'submission' } | undefined;
  for (const [index, turn] of turns.entries()) {
    const problem =
      problemOf(turns, index, rules) ?? (decided ? { code: 'after-the-end' as const, turn: index } : undefined);
    if (problem) return fail(problem);
    const counted = countedSeconds(turn, rules);
    totals[turn.escaper] += counted;
    read.push({ ...turn, countedSeconds: counted, totals: { ...totals } });
    decided = decideBySubmission(turns, index);
  }
  const all = turns.length === rules.turnsEach * 2;
  const level = Math.abs(totals.a - totals.b) < 1e-9;
  const ahead = totals.a < totals.b ? 'a' : 'b';
  const byTime = all && !decided && !level;
  return succeed({
    turns: read,
    totals,
    lead: level ? undefined : { athlete: ahead, seconds: Math.abs(totals.a - totals.b) },
    winner: decided?.winner ?? (byTime ? ahead : undefined),
    decidedBy: decided?.winner ? 'submission' : byTime ? 'escape-time' : undefined,
    undecided: decided ? decided.winner === undefined : all && level,
    next: decided || all ? undefined : neededNext(turns, totals, rules),
  });
}

function problemOf(turns: readonly OvertimeTurn[], index: number, rules: OvertimeRules): OvertimeProblem | undefined {
  const turn = turns[index]!;
  const before = turns[index - 1];
  if (index >= rules.turnsEach * 2) return { code: 'too-many-turns', turn: index };
  if (turn.endSeconds < turn.startSeconds) return { code: 'ends-before-start', turn: index };
  if (before && turn.startSeconds < before.endSeconds) return { code: 'out-of-order', turn: index };
  if (index % 2 === 1 && before?.escaper === turn.escaper) return { code: 'same-athlete-again', turn: index };
  return undefined;
}

/** Whether the round of turns that a turn belongs to is settled by a tap. */
function decideBySubmission(
  turns: readonly OvertimeTurn[],
  index: number,
): { winner?: Athlete; by?: 'submission' } | undefined {
  const turn = turns[index]!;
  if (index % 2 === 0) return undefined;
  const first = turns[index - 1]!;
  const taps = [first, turn].filter((one) => one.end === 'tapped');
  if (taps.length === 0) return undefined;
  // The one who escaped wins when the other is tapped; when both were, whoever tapped the other faster.
  if (taps.length === 1) return { winner: opponentOf(taps[0]!.escaper), by: 'submission' };
  const lasted = (one: OvertimeTurn) => one.endSeconds - one.startSeconds;
  const difference = lasted(first) - lasted(turn);
  if (Math.abs(difference) < 1e-9) return {};
  return { winner: difference > 0 ? first.escaper : turn.escaper, by: 'submission' };
}

/**
 * With T own total, U the other's, r own turns after this one, s the other's turns still to come, L the length of a turn: a time x wins for certain
 * when T + x + L·r < U, and may still win when T + x < U + L·s.
 */
function neededNext(
  turns: readonly OvertimeTurn[],
  totals: Readonly<Record<Athlete, number>>,
  rules: OvertimeRules,
): Needed | undefined {
  const previous = turns.at(-1);
  if (!previous) return undefined;
  // Within a round it is the other's turn; a new round is begun by whoever began the one before.
  const escaper = turns.length % 2 === 1 ? opponentOf(previous.escaper) : turns[turns.length - 2]!.escaper;
  const other = opponentOf(escaper);
  if (turns.length % 2 === 1 && previous.end === 'tapped')
    return {
      escaper,
      wonByLasting: previous.endSeconds - previous.startSeconds,
      alwaysWins: false,
      cannotWin: false,
    };
  const left = (athlete: Athlete) => rules.turnsEach - turns.filter((turn) => turn.escaper === athlete).length;
  const afterThis = left(escaper) - 1;
  const lead = totals[other] - totals[escaper];
  const certain = lead - rules.turnSeconds * afterThis;
  const possible = lead + rules.turnSeconds * left(other);
  return {
    escaper,
    winCertainBelow: certain > 0 ? Math.min(certain, rules.turnSeconds) : undefined,
    winPossibleBelow: possible <= rules.turnSeconds ? Math.max(0, possible) : undefined,
    alwaysWins: certain > rules.turnSeconds,
    cannotWin: possible <= 0,
  };
}

/** The escape time that a clock counting down from the turn's length shows. @source common practice: 1:41 on a clock from 2:00 is 19 s */
export const escapeTimeFromClock = (readingSeconds: number, rules: OvertimeRules): number =>
  rules.turnSeconds - readingSeconds;

export interface OfficialDifference {
  readonly turn: number;
  readonly measuredSeconds: number;
  readonly officialSeconds: number;
}

/** Where the officials' escape times differ from the measured ones by `tolerance` and more, turn by turn, and what their sum should be. */
export function compareOfficial(
  reading: OvertimeReading,
  officialSeconds: readonly (number | undefined)[],
  tolerance = 1,
): { readonly differences: readonly OfficialDifference[]; readonly officialTotals: Readonly<Record<Athlete, number>> } {
  const totals = { a: 0, b: 0 };
  const differences: OfficialDifference[] = [];
  for (const [index, turn] of reading.turns.entries()) {
    const official = officialSeconds[index];
    if (official === undefined) continue;
    totals[turn.escaper] += official;
    if (Math.abs(official - turn.countedSeconds) >= tolerance - 1e-9)
      differences.push({ turn: index, measuredSeconds: turn.countedSeconds, officialSeconds: official });
  }
  return { differences, officialTotals: totals };
}
