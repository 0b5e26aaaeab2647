import type { CalendarDate } from '../kernel';
import type { AnyBelt } from '../vocabulary';
import type { WeightSource } from './gap';

/**
 * What held on a day: the latest entry not after it; before the first entry, the first one, which is the nearest that is known.
 * Undefined for an empty history. Order of `history` does not matter.
 */
export function heldOnDay<Entry extends { readonly sinceDay: CalendarDate }>(
  history: readonly Entry[],
  day: CalendarDate,
): Entry | undefined {
  const ordered = [...history].sort((one, other) => (one.sinceDay < other.sinceDay ? -1 : 1));
  return ordered.findLast((entry) => entry.sinceDay <= day) ?? ordered[0];
}

/** A person with what is known of earlier days; both histories may be empty. */
export interface PersonOverTime {
  readonly belt?: AnyBelt;
  readonly stripes: number;
  readonly weightKg?: number;
  readonly belts: readonly { readonly sinceDay: CalendarDate; readonly belt: AnyBelt; readonly stripes: number }[];
  readonly weights: readonly {
    readonly sinceDay: CalendarDate;
    readonly weightKg: number;
    readonly source: WeightSource;
  }[];
}

/** Belt and weight on a day: from the histories, else as they are now. The source is absent when no weighing is known. */
export function personOnDay(person: PersonOverTime, day: CalendarDate) {
  const { belt, stripes } = heldOnDay(person.belts, day) ?? person;
  const weighing = heldOnDay(person.weights, day);
  return { belt, stripes, weightKg: weighing?.weightKg ?? person.weightKg, weightSource: weighing?.source };
}
