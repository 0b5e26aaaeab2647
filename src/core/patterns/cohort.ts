import type { RoundFigures } from '../figures';
import { type CalendarDate, daysBetween } from '../kernel';
import type { CountOver } from '../statistics';
import { type Belt, standardIdOf } from '../vocabulary';
import { ageWeight, momentsOf, type RateMoments } from './shrunkRate';
import type { StudentRecord } from './studentRecord';
import { addVerdicts, type Verdicts, verdictsOf } from './verdicts';

/** What one person's rounds say about one error, added up: all that others need to know of it. */
export interface ErrorSums {
  readonly count: number;
  /** Of the standard error that an academy's own is a kind of; 0 in the sums of an own one. */
  readonly exposure: number;
  /** The same with weights that halve every 60 days. */
  readonly weightedCount: number;
  readonly weightedExposure: number;
  readonly verdicts: Verdicts;
  /** First causes that cost something, and what they cost together. */
  readonly damaged: number;
  readonly damage: number;
}
export type SumsByError = ReadonlyMap<string, ErrorSums>;

/** Somebody to compare with: the belt they wear today, and the sums of their rounds in the window. */
export interface CohortMember {
  readonly personId: string;
  readonly belt: Belt;
  readonly sums: SumsByError;
}

const nothing: ErrorSums = {
  ...{ count: 0, exposure: 0, weightedCount: 0, weightedExposure: 0 },
  ...{ verdicts: {}, damaged: 0, damage: 0 },
};

/** The sums of somebody's rounds as of a day, by error; errors without exposure and occurrence are absent. */
export function sumsOf(rounds: readonly RoundFigures[], asOf: CalendarDate): SumsByError {
  const sums = new Map<string, { -readonly [Name in keyof ErrorSums]: ErrorSums[Name] }>();
  const of = (errorId: string) => {
    const known = sums.get(errorId) ?? { ...nothing };
    sums.set(errorId, known);
    return known;
  };
  for (const round of rounds) {
    const weight = ageWeight(daysBetween(round.heldOn, asOf));
    for (const [errorId, exposure] of round.exposures) {
      const sum = of(errorId);
      sum.exposure += exposure;
      sum.weightedExposure += exposure * weight;
    }
    for (const [errorId, occurrences] of round.occurrences) {
      const sum = of(errorId);
      sum.count += occurrences.length;
      sum.weightedCount += occurrences.length * weight;
      for (const { damage = 0 } of occurrences) {
        if (damage <= 0) continue;
        sum.damaged += 1;
        sum.damage += damage;
      }
      sum.verdicts = addVerdicts(sum.verdicts, verdictsOf(round, occurrences));
    }
  }
  return sums;
}

export const memberOf = ({ personId, belt, rounds }: StudentRecord, asOf: CalendarDate): CohortMember => ({
  personId,
  belt,
  sums: sumsOf(rounds, asOf),
});

/** Whole count and exposure of one error in somebody's sums: what others are compared with. */
export const countOverOf = (sums: SumsByError, errorId: string): CountOver => ({
  count: sums.get(errorId)?.count ?? 0,
  exposure: sums.get(standardIdOf(errorId))?.exposure ?? 0,
});

/** The same, what is long ago counting for less: what they are ranked by. */
export const weightedCountOverOf = (sums: SumsByError, errorId: string): CountOver => ({
  count: sums.get(errorId)?.weightedCount ?? 0,
  exposure: sums.get(standardIdOf(errorId))?.weightedExposure ?? 0,
});

/** What a group of people's rounds say about one error, together: all that somebody is compared with. */
export interface GroupSums extends RateMoments {
  readonly verdicts: Verdicts;
  readonly damaged: number;
  readonly damage: number;
}
/** The sums of nobody. */
export const noGroup: GroupSums = {
  ...momentsOf({ count: 0, exposure: 0 }),
  ...{ verdicts: {}, damaged: 0, damage: 0 },
};

/** Two groups as one. */
export const addGroups = (one: GroupSums, other: GroupSums): GroupSums => ({
  people: one.people + other.people,
  events: one.events + other.events,
  exposure: one.exposure + other.exposure,
  squares: one.squares + other.squares,
  eventSquares: one.eventSquares + other.eventSquares,
  verdicts: addVerdicts(one.verdicts, other.verdicts),
  damaged: one.damaged + other.damaged,
  damage: one.damage + other.damage,
});

/** The people with whom somebody is compared, that somebody left out: by error, then by the belt that they wear today. */
export type Cohort = ReadonlyMap<string, ReadonlyMap<Belt, GroupSums>>;

/** What all of a cohort, or those of one belt, say about an error. */
export function groupOf(cohort: Cohort, errorId: string, belt?: Belt): GroupSums {
  const byBelt = cohort.get(errorId);
  if (!byBelt) return noGroup;
  return belt === undefined ? [...byBelt.values()].reduce(addGroups, noGroup) : (byBelt.get(belt) ?? noGroup);
}

/** A cohort from its members, for the errors that are asked for. */
export function cohortOf(members: readonly CohortMember[], errorIds: readonly string[]): Cohort {
  return new Map(
    errorIds.map((errorId) => {
      const byBelt = new Map<Belt, GroupSums>();
      for (const { belt, sums } of members) {
        const { verdicts, damaged, damage } = sums.get(errorId) ?? nothing;
        const own = { ...momentsOf(countOverOf(sums, errorId)), verdicts, damaged, damage };
        byBelt.set(belt, addGroups(byBelt.get(belt) ?? noGroup, own));
      }
      return [errorId, byBelt];
    }),
  );
}
