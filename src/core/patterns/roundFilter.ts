import type { RoundFigures } from '../figures';
import type { CalendarDate } from '../kernel';
import type { Uniform } from '../vocabulary';
import { isAgainst, type PartnerGroup } from './againstWhom';

/** Which of somebody's rounds are looked at; what is absent does not narrow. */
export interface RoundFilter {
  readonly partnerId?: string;
  readonly against?: PartnerGroup;
  readonly uniform?: Uniform;
  /** Both included. */
  readonly fromDay?: CalendarDate;
  readonly toDay?: CalendarDate;
}

export const narrows = (filter: RoundFilter): boolean => Object.values(filter).some((one) => one !== undefined);

/** The rounds that a filter leaves, in their order. A gap that is not known is nobody's heavier or higher. */
export const filterRounds = (rounds: readonly RoundFigures[], filter: RoundFilter): RoundFigures[] =>
  rounds.filter(
    (round) =>
      (filter.partnerId === undefined || round.partnerId === filter.partnerId) &&
      (filter.against === undefined || isAgainst(round, filter.against)) &&
      (filter.uniform === undefined || round.uniform === filter.uniform) &&
      (filter.fromDay === undefined || round.heldOn >= filter.fromDay) &&
      (filter.toDay === undefined || round.heldOn <= filter.toDay),
  );
