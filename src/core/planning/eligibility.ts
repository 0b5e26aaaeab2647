import { beltRank, type Drill, type Uniform } from '../vocabulary';
import { type Attendee, isUnder16 } from './attendee';

export type ExclusionReason = 'belt' | 'under-16' | 'sore';

/** Why a drill leaves somebody out; undefined when it does not. */
export function findExclusion(drill: Drill, attendee: Attendee): ExclusionReason | undefined {
  if (beltRank(attendee.belt) < beltRank(drill.lowestBelt)) return 'belt';
  if (!drill.under16 && isUnder16(attendee)) return 'under-16';
  return drill.loads.some((joint) => attendee.sore?.includes(joint)) ? 'sore' : undefined;
}

export const fitsUniform = (drill: Drill, uniform: Uniform): boolean =>
  drill.uniform === 'both' || drill.uniform === uniform;

/** A drill that may run, with whom it leaves out and what they do meanwhile. */
export interface Candidate {
  readonly drill: Drill;
  readonly excludedIds: readonly string[];
  /** What the excluded do meanwhile: a drill of the catalogue that fits all of them. */
  readonly alternativeId?: string;
}

/**
 * The drills that may run for these people: right uniform, enough people, not drilled in the class before, and nobody left idle.
 * A drill that leaves people out runs only if at least two stay and something fits the others; one alone is left out for a sore joint only, and then works
 * with a partner who changes at half time.
 */
export function listCandidates(
  drills: readonly Drill[],
  attendees: readonly Attendee[],
  uniform: Uniform,
  restingDrillIds: ReadonlySet<string>,
): Candidate[] {
  return drills.flatMap((drill): Candidate[] => {
    if (!fitsUniform(drill, uniform) || restingDrillIds.has(drill.id) || attendees.length < drill.groupSize) return [];
    const excluded = attendees.filter((attendee) => findExclusion(drill, attendee));
    if (excluded.length === 0) return [{ drill, excludedIds: [] }];
    const isAlone = excluded.length === 1 && excluded.some((one) => findExclusion(drill, one) !== 'sore');
    if (isAlone || attendees.length - excluded.length < 2) return [];
    const alternative = findAlternative(drill, drills, excluded, uniform);
    return alternative
      ? [{ drill, excludedIds: excluded.map((one) => one.personId), alternativeId: alternative.id }]
      : [];
  });
}

function findAlternative(
  drill: Drill,
  drills: readonly Drill[],
  excluded: readonly Attendee[],
  uniform: Uniform,
): Drill | undefined {
  const worth = (other: Drill) =>
    excluded.reduce(
      (sum, one) =>
        sum +
        one.needs
          .filter((need) => other.targetErrorIds.includes(need.errorId))
          .reduce((all, need) => all + need.priority, 0),
      0,
    );
  return drills
    .filter(
      (other) =>
        other.id !== drill.id &&
        fitsUniform(other, uniform) &&
        other.groupSize <= 2 &&
        excluded.every((one) => !findExclusion(other, one)),
    )
    .map((other) => ({ other, worth: worth(other) + (other.family === drill.family ? 1e-3 : 0) }))
    .sort((one, another) => another.worth - one.worth || (one.other.id < another.other.id ? -1 : 1))[0]?.other;
}
