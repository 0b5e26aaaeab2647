import type { Occurrence } from '../figures';
import { findError, type Principle } from '../vocabulary';
import { punishedShare } from './cost';
import type { RecurringError } from './recurring';

/** From so many times, in so many different errors, a principle is worth a line. @source own decision: one error has its own line */
const FEWEST_TIMES = 3;
const FEWEST_ERRORS = 2;

/** Several errors of one principle, added up: elbows given in three positions are one thing to work on. */
export interface PrincipleSum {
  readonly principle: Principle;
  /** Most often first. */
  readonly errorIds: readonly string[];
  /** In order of time. */
  readonly occurrences: readonly Occurrence[];
  readonly punishedShare?: number;
}

/** Principles behind two and more errors of somebody, most often first. An error counts under each of its principles. */
export function principlesOf(errors: readonly RecurringError[]): PrincipleSum[] {
  const byPrinciple = new Map<Principle, RecurringError[]>();
  for (const one of errors) {
    if (one.count === 0) continue;
    for (const principle of findError(one.errorId)?.principles ?? [])
      byPrinciple.set(principle, [...(byPrinciple.get(principle) ?? []), one]);
  }
  return [...byPrinciple]
    .map(([principle, own]): PrincipleSum => {
      const occurrences = own.flatMap((one) => one.occurrences).sort(byTime);
      const often = [...own].sort((one, other) => other.count - one.count);
      return {
        principle,
        errorIds: often.map((one) => one.errorId),
        occurrences,
        punishedShare: punishedShare(occurrences),
      };
    })
    .filter((one) => one.errorIds.length >= FEWEST_ERRORS && one.occurrences.length >= FEWEST_TIMES)
    .sort(
      (one, other) => other.occurrences.length - one.occurrences.length || (one.principle < other.principle ? -1 : 1),
    );
}

const byTime = (one: Occurrence, other: Occurrence): number =>
  one.heldOn === other.heldOn ? one.atSeconds - other.atSeconds : one.heldOn < other.heldOn ? -1 : 1;
