import type { PointsClass } from '../vocabulary';

/** How a rule set gives points. All of it can be edited by the academy. */
export interface PointsRules {
  readonly points: Readonly<Record<PointsClass, number>>;
  /** For a takedown or sweep that ends past the guard, in place of its own points and those of a pass; absent where there is no such rule. */
  readonly pastGuardPoints?: number;
  /** Points of the athlete who pulls guard, where that is judged; usually below 0. */
  readonly guardPullPoints?: number;
  readonly holdSeconds: number;
  /** Share of the planned time in which nothing scores. */
  readonly pointlessRatio: number;
  /** Whether back control with a body triangle counts as with hooks. */
  readonly bodyTriangleCounts: boolean;
  /** What the other athlete gets for each penalty, in order; after the last one, disqualification. */
  readonly penalties: readonly ('warning' | 'advantage' | 'two-points')[];
}

/** Overtime in which turns alternate and escape times are added up. */
export interface OvertimeRules {
  readonly turnsEach: number;
  readonly turnSeconds: number;
  /** Totals, and times to a tap, that lie at most this far apart are level; 0 where absent: then the tenth decides. */
  readonly equalWithinSeconds?: number;
}
