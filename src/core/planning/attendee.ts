import type { Belt } from '../vocabulary';

/** How much one student stands to gain from work on one error. */
export interface Need {
  readonly errorId: string;
  /** Priority of the error for this student: expected damage per ten live minutes that teaching can reach. */
  readonly priority: number;
  readonly count: number;
  readonly lastSeenOn?: string;
  readonly markIds: readonly string[];
}

/** Somebody expected in a class, as planning sees them. */
export interface Attendee {
  readonly personId: string;
  readonly belt: Belt;
  readonly age?: number;
  /** Wears a belt of those under 16: it tells the age where no birthday does. */
  readonly childBelt?: boolean;
  readonly weightKg?: number;
  /** Chance of coming, 0 to 1. */
  readonly chance: number;
  /** Kept out of live work. */
  readonly injured: boolean;
  /** What is to be spared, in words: they go live, with a partner near in weight, and the plan says so. */
  readonly hurt?: string;
  readonly needs: readonly Need[];
}

/** A known age decides; without one, a child's belt means under 16. @source main gi federation's graduation system, from memory: coloured children's belts end at 16 */
const isUnder = (years: number, { age, childBelt }: Attendee): boolean =>
  age === undefined ? (childBelt ?? false) : age < years;
export const isMinor = (attendee: Attendee): boolean => isUnder(18, attendee);
export const isUnder16 = (attendee: Attendee): boolean => isUnder(16, attendee);

/** The academy's own limits for class work. */
export interface PlanLimits {
  /** Largest weight gap in live work as a share of the lighter partner, included. Default 0.2 (house estimate). */
  readonly liveWeightGapRatio: number;
  readonly minorsWithAdults: boolean;
  /** Pairs of person ids who never train together. */
  readonly doNotPair: readonly (readonly [string, string])[];
}

export const defaultLimits: PlanLimits = { liveWeightGapRatio: 0.2, minorsWithAdults: false, doNotPair: [] };
