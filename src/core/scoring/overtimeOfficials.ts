import type { Athlete } from '../round';
import type { OvertimeReading } from './overtime';
import type { OvertimeRules } from './rules';

/** Two readings of one escape time that are so far apart disagree. @source own decision: a press and a blinking clock are each good to half a second */
export const SAME_TIME_SECONDS = 1;

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
  tolerance = SAME_TIME_SECONDS,
): { readonly differences: readonly OfficialDifference[]; readonly officialTotals: Readonly<Record<Athlete, number>> } {
  const totals = { a: 0, b: 0 };
  const differences: OfficialDifference[] = [];
  for (const [index, turn] of reading.turns.entries()) {
    const official = officialSeconds[index];
    if (official === undefined || turn.end === 'unknown') continue;
    totals[turn.escaper] += official;
    if (Math.abs(official - turn.countedSeconds) >= tolerance - 1e-9)
      differences.push({ turn: index, measuredSeconds: turn.countedSeconds, officialSeconds: official });
  }
  return { differences, officialTotals: totals };
}

/** What the officials announced at the end, as far as it was heard. */
export interface Announced {
  readonly winner?: Athlete;
  readonly marginSeconds?: number;
}

/** The announced result beside the measured one. */
export interface AnnouncedAgainst {
  readonly announced: Announced;
  /** Who wins by the footage; absent while it is not decided, or level. */
  readonly winner?: Athlete;
  /** By how much; absent where a submission decided, or nothing has. */
  readonly marginSeconds?: number;
  /** Whether the footage decides nothing yet: then there is nothing to hold against it. */
  readonly isOpen: boolean;
  readonly winnerDiffers: boolean;
  readonly marginDiffers: boolean;
}

/** Holds an announced winner or margin against the sums. A margin is compared only where escape times decide or stand level. */
export function compareAnnounced(
  reading: OvertimeReading,
  announced: Announced,
  tolerance = SAME_TIME_SECONDS,
): AnnouncedAgainst {
  const isOver = reading.winner !== undefined || reading.undecided;
  const bySum = isOver && reading.decidedBy !== 'submission';
  const marginSeconds = bySum ? (reading.lead?.seconds ?? 0) : undefined;
  return {
    announced,
    winner: reading.winner,
    isOpen: !isOver,
    marginSeconds,
    winnerDiffers: isOver && announced.winner !== undefined && announced.winner !== reading.winner,
    marginDiffers:
      marginSeconds !== undefined &&
      announced.marginSeconds !== undefined &&
      Math.abs(announced.marginSeconds - marginSeconds) >= tolerance - 1e-9,
  };
}
