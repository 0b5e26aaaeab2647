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
  readonly weightKg?: number;
  /** Chance of coming, 0 to 1. */
  readonly chance: number;
  /** Kept out of live work. */
  readonly injured: boolean;
  readonly needs: readonly Need[];
}

export const isMinor = (attendee: Attendee): boolean => attendee.age !== undefined && attendee.age < 18;
export const isUnder16 = (attendee: Attendee): boolean => attendee.age !== undefined && attendee.age < 16;

/** The academy's own limits for class work. */
export interface PlanLimits {
  /** Largest weight gap in live work as a share of the lighter partner, included. Default 0.2 (house estimate). */
  readonly liveWeightGapRatio: number;
  readonly minorsWithAdults: boolean;
  /** Pairs of person ids who never train together. */
  readonly doNotPair: readonly (readonly [string, string])[];
}

export const defaultLimits: PlanLimits = { liveWeightGapRatio: 0.2, minorsWithAdults: false, doNotPair: [] };
