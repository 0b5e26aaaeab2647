import type { Athlete, Mark } from '../round';
import type { ScoreEvent } from './scoreRound';

/** Points that the referee gave, and what of the marks explains them. */
export interface RefereePoints {
  readonly markId: string;
  readonly athlete: Athlete;
  readonly points: number;
  readonly atSeconds: number;
  readonly note?: string;
  /** The event that the same points are for; undefined where the marks give none. */
  readonly event?: ScoreEvent;
}

/** A referee shows points once what gives them was held, and seldom later than this. @source common practice: three seconds of hold, then the hand */
const GIVEN_WITHIN_SECONDS = 10;

/**
 * What the referee gave, one by one, each beside the event of the marks that gives the same athlete as much, the nearest within ten seconds; every event explains
 * one. These points are compared, never added: the marks are counted by the rules already.
 */
export function refereePoints(marks: readonly Mark[], events: readonly ScoreEvent[]): RefereePoints[] {
  const free = new Set(events.filter((event) => event.points > 0));
  return marks.flatMap((mark): RefereePoints[] => {
    if (mark.kind !== 'ruling' || mark.ruling !== 'points' || mark.unsure) return [];
    const { id, athlete, points = 0, atSeconds, note } = mark;
    const away = (event: ScoreEvent) => Math.abs(event.atSeconds - atSeconds);
    const [event] = [...free]
      .filter((one) => one.athlete === athlete && one.points === points && away(one) <= GIVEN_WITHIN_SECONDS)
      .sort((one, other) => away(one) - away(other));
    if (event) free.delete(event);
    return [{ markId: id, athlete, points, atSeconds, ...(note ? { note } : {}), ...(event ? { event } : {}) }];
  });
}
