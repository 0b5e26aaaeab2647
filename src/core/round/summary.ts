import { spanSeconds } from '../clock';
import { present } from '../kernel';
import type { Athlete } from '../marks';
import { findPosition, type Role } from '../vocabulary';
import type { RoundReading } from './readRound';
import { placeOfRole, roleIn } from './state';

/** Time of one athlete in one position and role. */
export interface PositionTime {
  readonly positionId: string;
  readonly role: Role;
  readonly liveSeconds: number;
  readonly entries: number;
  readonly longestSeconds: number;
}

export interface AthleteSummary {
  readonly positions: readonly PositionTime[];
  /** Shares of the live time whose position is marked, 0 to 1; 0 when none is. */
  readonly onTopRatio: number;
  readonly inferiorRatio: number;
  readonly markedSeconds: number;
}

/**
 * Live seconds, entries and longest hold per position and role of one athlete, most time first. Neighbouring intervals with the same
 * position and role are one hold and one entry. "Inferior" is the worse role of a position with a house value of 1 or more.
 */
export function summariseAthlete(reading: RoundReading, athlete: Athlete): AthleteSummary {
  const byKey = new Map<
    string,
    { positionId: string; role: Role; liveSeconds: number; entries: number; longestSeconds: number }
  >();
  let previousKey = '';
  let holdSeconds = 0;
  let onTop = 0;
  let inferior = 0;
  let marked = 0;
  for (const interval of reading.intervals) {
    if (interval.state.kind !== 'position') {
      previousKey = '';
      continue;
    }
    const { positionId, holder } = interval.state;
    const role = roleIn(positionId, holder, athlete);
    const seconds = spanSeconds(interval);
    const key = `${positionId}/${role}`;
    const total = byKey.get(key) ?? { positionId, role, liveSeconds: 0, entries: 0, longestSeconds: 0 };
    if (key !== previousKey) {
      total.entries += 1;
      holdSeconds = 0;
    }
    holdSeconds += seconds;
    total.liveSeconds += seconds;
    total.longestSeconds = Math.max(total.longestSeconds, holdSeconds);
    byKey.set(key, total);
    previousKey = key;
    marked += seconds;
    if (placeOfRole(role) === 'over') onTop += seconds;
    if (holder !== undefined && holder !== athlete && (findPosition(positionId)?.houseValue ?? 0) >= 1)
      inferior += seconds;
  }
  const positions = [...byKey.values()].sort(
    (one, other) => other.liveSeconds - one.liveSeconds || (one.positionId < other.positionId ? -1 : 1),
  );
  const share = (seconds: number) => (marked > 0 ? seconds / marked : 0);
  return { positions, onTopRatio: share(onTop), inferiorRatio: share(inferior), markedSeconds: marked };
}

export interface Transition {
  readonly fromPositionId: string;
  readonly toPositionId: string;
  readonly count: number;
}

/** How often one position followed another, without a stoppage between, most frequent first. */
export function countTransitions(reading: RoundReading): Transition[] {
  const counts = new Map<string, number>();
  for (let index = 1; index < reading.intervals.length; index += 1) {
    const from = present(reading.intervals[index - 1]).state;
    const to = present(reading.intervals[index]).state;
    if (from.kind !== 'position' || to.kind !== 'position' || from.positionId === to.positionId) continue;
    const key = `${from.positionId} ${to.positionId}`;
    counts.set(key, (counts.get(key) ?? 0) + 1);
  }
  return [...counts]
    .map(([key, count]) => ({
      fromPositionId: present(key.split(' ')[0]),
      toPositionId: present(key.split(' ')[1]),
      count,
    }))
    .sort(
      (one, other) =>
        other.count - one.count ||
        (`${one.fromPositionId}${one.toPositionId}` < `${other.fromPositionId}${other.toPositionId}` ? -1 : 1),
    );
}
