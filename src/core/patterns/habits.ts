import type { RoundFigures } from '../figures';
import type { CalendarDate } from '../kernel';
import type { Role } from '../vocabulary';

export interface PositionShare {
  readonly positionId: string;
  readonly role: Role;
  readonly minutes: number;
  readonly entries: number;
  /** Of all live minutes, 0 to 1. */
  readonly ratio: number;
}

/** A mark in a round of a day. */
export interface Moment {
  readonly markId: string;
  readonly roundId: string;
  readonly heldOn: CalendarDate;
  readonly atSeconds: number;
}

export interface Habits {
  readonly rounds: number;
  readonly liveMinutes: number;
  /** Tide area over live time of all rounds, from the student's view; undefined without footage. */
  readonly meanTide?: number;
  readonly positions: readonly PositionShare[];
  /** What was done well, most often first. */
  readonly strengths: readonly { readonly strengthId: string; readonly moments: readonly Moment[] }[];
}

/** Where a student spends the time, how they stand on average, and what goes well, over several rounds. */
export function habitsOf(rounds: readonly RoundFigures[]): Habits {
  const liveMinutes = rounds.reduce((sum, round) => sum + round.liveMinutes, 0);
  const area = rounds.reduce((sum, round) => sum + round.tideArea, 0);
  const positions = new Map<string, { positionId: string; role: Role; minutes: number; entries: number }>();
  const strengths = new Map<string, Moment[]>();
  for (const round of rounds) {
    for (const one of round.positions) {
      const key = `${one.positionId}/${one.role}`;
      const total = positions.get(key) ?? { positionId: one.positionId, role: one.role, minutes: 0, entries: 0 };
      total.minutes += one.liveSeconds / 60;
      total.entries += one.entries;
      positions.set(key, total);
    }
    for (const { strengthId, markId, atSeconds } of round.goods)
      strengths.set(strengthId, [
        ...(strengths.get(strengthId) ?? []),
        { markId, atSeconds, roundId: round.roundId, heldOn: round.heldOn },
      ]);
  }
  return {
    rounds: rounds.length,
    liveMinutes,
    meanTide: liveMinutes > 0 ? area / (liveMinutes * 60) : undefined,
    positions: [...positions.values()]
      .map((one) => ({ ...one, ratio: liveMinutes > 0 ? one.minutes / liveMinutes : 0 }))
      .sort((one, other) => other.minutes - one.minutes || (one.positionId < other.positionId ? -1 : 1)),
    strengths: [...strengths]
      .map(([strengthId, moments]) => ({ strengthId, moments }))
      .sort((one, other) => other.moments.length - one.moments.length || (one.strengthId < other.strengthId ? -1 : 1)),
  };
}
