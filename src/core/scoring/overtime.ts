import { fail, type Result, succeed } from '../kernel';
import { type Athlete, opponentOf } from '../round';
import { type Needed, neededFor } from './overtimeNeeded';
import { countedSeconds, equalSeconds, type OvertimeTurn, toTenth } from './overtimeTurn';
import type { OvertimeRules } from './rules';

export type OvertimeProblem =
  | { readonly code: 'ends-before-start'; readonly turn: number }
  | { readonly code: 'out-of-order'; readonly turn: number }
  | { readonly code: 'same-athlete-again'; readonly turn: number }
  | { readonly code: 'too-many-turns'; readonly turn: number }
  | { readonly code: 'after-the-end'; readonly turn: number };

export interface OvertimeReading {
  readonly turns: readonly (OvertimeTurn & {
    readonly countedSeconds: number;
    readonly totals: Readonly<Record<Athlete, number>>;
    /** What this athlete needed by what was known before the turn began; absent for the first turn. */
    readonly needed?: Needed;
  })[];
  readonly totals: Readonly<Record<Athlete, number>>;
  /** Who has the smaller total so far, and by how much. */
  readonly lead?: { readonly athlete: Athlete; readonly seconds: number };
  readonly winner?: Athlete;
  readonly decidedBy?: 'submission' | 'escape-time';
  /** Level totals or level submission times: the academy or the referee has to say. */
  readonly undecided: boolean;
  /** What is needed in the first turn whose end is not known, or else in the one that comes next: later turns that are known count. */
  readonly next?: Needed;
  /** Which turn that is, from 0, where it is one before the last that was marked: its end is not known. */
  readonly missingTurn?: number;
}

/**
 * An overtime by escape time, turn by turn: the sums after each, who leads, who has won, and what the next athlete needs. Turns come in rounds of two, one
 * each; in a round either may begin. Times count to the tenth of a second, so that the turns of a sheet add up to its sums.
 * @source common practice; the arithmetic of what is needed is an own derivation from it
 */
export function readOvertime(
  turns: readonly OvertimeTurn[],
  rules: OvertimeRules,
): Result<OvertimeReading, OvertimeProblem> {
  const totals = { a: 0, b: 0 };
  const read: OvertimeReading['turns'][number][] = [];
  let decided: Decision | undefined;
  for (const [index, turn] of turns.entries()) {
    const problem =
      problemOf(turns, index, rules) ?? (decided ? { code: 'after-the-end' as const, turn: index } : undefined);
    if (problem) return fail(problem);
    const counted = countedSeconds(turn, rules);
    totals[turn.escaper] = toTenth(totals[turn.escaper] + counted);
    const needed = index > 0 ? neededFor(turn.escaper, turns.slice(0, index), index, rules) : undefined;
    read.push({ ...turn, countedSeconds: counted, totals: { ...totals }, needed });
    decided = decideBySubmission(turns, index, rules);
  }
  const unknown = turns.findIndex((turn) => turn.end === 'unknown');
  const all = turns.length === rules.turnsEach * 2 && unknown < 0;
  const level = Math.abs(totals.a - totals.b) <= equalSeconds(rules);
  const ahead = totals.a < totals.b ? 'a' : 'b';
  const byTime = all && !decided && !level;
  return succeed({
    turns: read,
    totals,
    lead: level ? undefined : { athlete: ahead, seconds: toTenth(Math.abs(totals.a - totals.b)) },
    winner: decided?.winner ?? (byTime ? ahead : undefined),
    decidedBy: decided?.winner ? 'submission' : byTime ? 'escape-time' : undefined,
    undecided: decided ? decided.winner === undefined : all && level,
    next: decided || all ? undefined : neededNext(turns, unknown, rules),
    missingTurn: !decided && unknown >= 0 && unknown < turns.length - 1 ? unknown : undefined,
  });
}

interface Decision {
  /** Absent when both were tapped equally fast. */
  readonly winner?: Athlete;
}

function problemOf(turns: readonly OvertimeTurn[], index: number, rules: OvertimeRules): OvertimeProblem | undefined {
  const turn = turns[index];
  const before = turns[index - 1];
  if (!turn) return undefined;
  if (index >= rules.turnsEach * 2) return { code: 'too-many-turns', turn: index };
  if (turn.endSeconds < turn.startSeconds) return { code: 'ends-before-start', turn: index };
  if (before && turn.startSeconds < before.endSeconds) return { code: 'out-of-order', turn: index };
  if (index % 2 === 1 && before?.escaper === turn.escaper) return { code: 'same-athlete-again', turn: index };
  return undefined;
}

/** Whether the round of turns that a turn ends is settled by a tap. */
function decideBySubmission(turns: readonly OvertimeTurn[], index: number, rules: OvertimeRules): Decision | undefined {
  const turn = turns[index];
  const first = turns[index - 1];
  if (index % 2 === 0 || !turn || !first || first.end === 'unknown' || turn.end === 'unknown') return undefined;
  const firstTapped = first.end === 'tapped';
  const thenTapped = turn.end === 'tapped';
  if (!firstTapped && !thenTapped) return undefined;
  // The one who escaped wins when the other is tapped; when both were, whoever tapped the other faster.
  if (firstTapped !== thenTapped) return { winner: firstTapped ? turn.escaper : first.escaper };
  const lasted = (one: OvertimeTurn) => toTenth(one.endSeconds - one.startSeconds);
  const difference = lasted(first) - lasted(turn);
  if (Math.abs(difference) <= equalSeconds(rules)) return {};
  return { winner: difference > 0 ? first.escaper : turn.escaper };
}

/** Within a round of turns it is the other's turn; a new round is begun by whoever began the one before. */
function neededNext(turns: readonly OvertimeTurn[], unknown: number, rules: OvertimeRules): Needed | undefined {
  const asked = turns[unknown];
  if (asked) return turns.length > 1 ? neededFor(asked.escaper, turns, unknown, rules) : undefined;
  const previous = turns.at(-1);
  if (!previous) return undefined;
  const escaper = turns.length % 2 === 1 ? opponentOf(previous.escaper) : (turns.at(-2)?.escaper ?? previous.escaper);
  return neededFor(escaper, turns, turns.length, rules);
}
