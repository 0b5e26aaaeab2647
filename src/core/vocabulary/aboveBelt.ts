import { type AnyBelt, adultEquivalent, beltRank, isChildBelt } from './belts';
import { findTechnique } from './catalogue';
import { hazards } from './hazards';
import type { Uniform } from './types';

/**
 * The caution that belongs to a submission when one of the two is below the belt from which it is commonly allowed, or wears a child's belt and it is not for
 * children; undefined for everything else. Belts that are not known forbid nothing.
 * @source the main gi federation's rule book, from memory; the academy's and the event's own rules come first
 */
export function cautionAboveBelt(
  techniqueId: string,
  belts: readonly (AnyBelt | undefined)[],
  uniform: Uniform,
): string | undefined {
  const technique = findTechnique(techniqueId);
  if (technique?.class !== 'submissions') return undefined;
  const lowest = uniform === 'gi' ? technique.lowestBeltGi : technique.lowestBeltNoGi;
  const isBelow = belts.some(
    (belt) =>
      belt !== undefined &&
      ((isChildBelt(belt) && technique.under16 === 'not-allowed') ||
        lowest === 'never' ||
        beltRank(adultEquivalent(belt)) < beltRank(lowest)),
  );
  if (!isBelow) return undefined;
  return hazards.find(({ id }) => id === technique.hazardId)?.caution;
}
