import type { WeightUnit } from '@/core/kernel';
import type { KnownPerson } from '@/core/roster';

/** What a list of students is compared with and read by. */
export interface RosterKnows {
  readonly known: readonly KnownPerson[];
  readonly today: string;
  readonly unit: WeightUnit;
}
