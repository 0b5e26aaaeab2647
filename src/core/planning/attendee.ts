import type { Belt, BodyPart } from '../vocabulary';
import { type PlanNumbers, usualNumbers } from './numbers';

/** How much one student stands to gain from work on one error. */
export interface Need {
  readonly errorId: string;
  /** Priority of the error for this student: expected damage per ten live minutes that teaching can reach. */
  readonly priority: number;
  readonly count: number;
  readonly lastSeenOn?: string;
  readonly markIds: readonly string[];
  /** The day of a signed review whose first point it is: it comes before what was worked out. */
  readonly signedOn?: string;
  /** The drill that review named for it. */
  readonly namedDrillId?: string;
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
  /** The joints that are sore: nothing that loads them is done. */
  readonly sore?: readonly BodyPart[];
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

/** Words for each joint, as coaches write them. */
const jointWords: readonly (readonly [BodyPart, RegExp])[] = [
  ['neck', /\b(?:neck|cervical)\b/i],
  ['shoulder', /\b(?:shoulder|collarbone|clavicle|rotator)s?\b/i],
  ['elbow', /\belbows?\b/i],
  ['wrist', /\b(?:wrist|hand|finger|thumb)s?\b/i],
  ['back', /\b(?:back|spine|ribs?|lumbar|disc)\b/i],
  ['hip', /\b(?:hip|groin|hamstring)s?\b/i],
  ['knee', /\b(?:knee|meniscus|acl|mcl)s?\b/i],
  ['ankle', /\b(?:ankle|foot|feet|toe|heel)s?\b/i],
];

/** The joints that a remark about an injury names: "left knee, twisted" is the knee. Empty where none is named. */
export const soreJointsIn = (text: string): BodyPart[] =>
  jointWords.filter(([, words]) => words.test(text)).map(([joint]) => joint);

/**
 * Needs with the first points of signed reviews put before what was worked out: each weighs so many times the most pressing at least; one that is no need
 * yet becomes one.
 */
export function withSigned(
  needs: readonly Need[],
  signed: readonly { readonly errorId: string; readonly drillId?: string; readonly day: string }[],
  { signedPercent }: PlanNumbers = usualNumbers,
): Need[] {
  const most = Math.max(1, ...needs.map((need) => need.priority));
  const first = new Map(signed.map((one) => [one.errorId, one]));
  const named = [...first.values()].map(({ errorId, drillId, day }): Need => {
    const known = needs.find((need) => need.errorId === errorId) ?? { errorId, count: 0, priority: 0, markIds: [] };
    return {
      ...known,
      priority: Math.max(known.priority, (most * signedPercent) / 100),
      signedOn: day,
      namedDrillId: drillId,
    };
  });
  return [...named, ...needs.filter((need) => !first.has(need.errorId))];
}
