import { type Athlete, opponentOf } from '../round';
import { countedSeconds, type OvertimeTurn, toTenth } from './overtimeTurn';
import type { OvertimeRules } from './rules';

/** What the athlete whose turn comes next has to do, in seconds of escape time. */
export interface Needed {
  readonly escaper: Athlete;
  /** How long the other lasted before they were tapped in this round of turns: then an escape wins, and so does a tap that comes later than that. */
  readonly wonByLasting?: number;
  /** The escape time below which the win is certain whatever comes; undefined when none is. */
  readonly winCertainBelow?: number;
  /** The escape time from which on it cannot be won any more; absent when any time may still do. */
  readonly winPossibleBelow?: number;
  /** In the last turn whose end is open: the longest escape time that is still level. */
  readonly levelUpTo?: number;
  /** Whether even no escape wins for certain. */
  readonly alwaysWins: boolean;
  readonly cannotWin: boolean;
}

/**
 * What an athlete needs in the turn at `index`, from every other turn that is known, earlier or later. With T the sum of own known turns, U that of
 * the other's, r own and s other turns that are not known besides this one, L the length of a turn and e what counts as level: a time x wins for
 * certain when T + x + L·r < U − e, and may still win when T + x < U + L·s − e.
 * @source own derivation from common practice
 */
export function neededFor(
  escaper: Athlete,
  turns: readonly OvertimeTurn[],
  index: number,
  rules: OvertimeRules,
): Needed {
  const other = opponentOf(escaper);
  const partner = turns[index % 2 === 0 ? index + 1 : index - 1];
  if (partner?.end === 'tapped')
    return {
      escaper,
      wonByLasting: toTenth(partner.endSeconds - partner.startSeconds),
      alwaysWins: false,
      cannotWin: false,
    };
  const known = turns.filter((turn, at) => at !== index && turn.end !== 'unknown');
  const sumOf = (athlete: Athlete) =>
    known.reduce((sum, turn) => (turn.escaper === athlete ? sum + countedSeconds(turn, rules) : sum), 0);
  const open = (athlete: Athlete) => rules.turnsEach - known.filter((turn) => turn.escaper === athlete).length;
  const ahead = sumOf(other) - sumOf(escaper);
  const equal = rules.equalWithinSeconds ?? 0;
  const [ownOpen, otherOpen] = [open(escaper) - 1, open(other)];
  const certain = toTenth(ahead - equal - rules.turnSeconds * ownOpen);
  const possible = toTenth(ahead - equal + rules.turnSeconds * otherOpen);
  const isLast = ownOpen === 0 && otherOpen === 0;
  return {
    escaper,
    winCertainBelow: certain > 0 ? Math.min(certain, rules.turnSeconds) : undefined,
    winPossibleBelow: possible <= rules.turnSeconds ? Math.max(0, possible) : undefined,
    levelUpTo: isLast && ahead + equal >= 0 ? toTenth(ahead + equal) : undefined,
    alwaysWins: certain > rules.turnSeconds,
    cannotWin: possible <= 0,
  };
}
