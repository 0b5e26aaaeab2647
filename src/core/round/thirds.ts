import { intersectSpans, type Span, spanSeconds } from '../clock';
import { type Athlete, countsAsError } from '../marks';
import type { RoundReading } from './readRound';
import type { Tide } from './tide';

/** One third of a round by its clock. */
export interface Third extends Span {
  readonly liveSeconds: number;
  /** From athlete a's view; undefined when nothing was live. */
  readonly meanTide?: number;
  readonly errors: Readonly<Record<Athlete, number>>;
  readonly attempts: Readonly<Record<Athlete, number>>;
}

/** The early, the middle and the late third of a round: who was better placed, who erred, who tried. A mark on a border belongs to the later third. */
export function thirdsOf({ round, marks }: RoundReading, tide: Tide): readonly [Third, Third, Third] {
  const length = spanSeconds(round) / 3;
  const third = (index: number): Third => {
    const span = {
      startSeconds: round.startSeconds + index * length,
      endSeconds: index === 2 ? round.endSeconds : round.startSeconds + (index + 1) * length,
    };
    let area = 0;
    let liveSeconds = 0;
    for (const step of tide.steps) {
      const inside = step.live ? intersectSpans(step, span) : undefined;
      if (!inside) continue;
      liveSeconds += spanSeconds(inside);
      area += step.value * spanSeconds(inside);
    }
    const within = marks.filter(
      (mark) =>
        mark.atSeconds >= span.startSeconds &&
        (mark.atSeconds < span.endSeconds || (index === 2 && mark.atSeconds <= span.endSeconds)),
    );
    const count = (athlete: Athlete, kind: 'error' | 'attempt') =>
      within.filter(
        (mark) =>
          mark.kind === kind &&
          'athlete' in mark &&
          mark.athlete === athlete &&
          (mark.kind !== 'error' || countsAsError(mark)),
      ).length;
    return {
      ...span,
      liveSeconds,
      meanTide: liveSeconds > 0 ? area / liveSeconds : undefined,
      errors: { a: count('a', 'error'), b: count('b', 'error') },
      attempts: { a: count('a', 'attempt'), b: count('b', 'attempt') },
    };
  };
  return [third(0), third(1), third(2)];
}
