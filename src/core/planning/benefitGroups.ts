import { present } from '../kernel';
import type { Attendee } from './attendee';
import { filledBy, type Work, workOn } from './benefit';
import type { Candidate } from './eligibility';
import type { PlanNumbers } from './numbers';

// Doses, as shares of the one that brings 63 %, between which the benefit is drawn straight; denser where it bends.
const DOSE_KNOTS = [0, 2, 4, 6, 8, 10, 12, 15, 18, 22, 28, 40].map((dose) => dose / 12);

/** Errors by the same drills for the same people share one dose: one concave piece chain instead of one per student. */
export interface BenefitGroup {
  readonly name: string;
  readonly weight: number;
  /** `strength`: dose of a working minute, weighed by κ against the strongest. */
  readonly members: readonly { readonly candidate: Candidate; readonly strength: number }[];
}

export function benefitGroups(candidates: readonly Candidate[], attendees: readonly Attendee[]): BenefitGroup[] {
  const groups = new Map<string, { weight: number; members: BenefitGroup['members'] }>();
  for (const attendee of attendees) {
    for (const need of attendee.needs) {
      if (need.priority <= 0 || attendee.chance <= 0) continue;
      const fitting = candidates.flatMap((candidate): { candidate: Candidate; work: Work }[] => {
        const work = candidate.excludedIds.includes(attendee.personId) ? undefined : workOn(candidate.drill, need);
        return work ? [{ candidate, work }] : [];
      });
      const best = Math.max(0, ...fitting.map((one) => one.work.kappa));
      if (best === 0) continue;
      const key = [need.namedDrillId ?? '', ...fitting.map((one) => `${one.candidate.drill.id}/${one.work.as}`)].join(
        ' ',
      );
      const group = groups.get(key) ?? {
        weight: 0,
        members: fitting.map(({ candidate, work }) => ({
          candidate,
          strength: (work.resistance * work.kappa) / best,
        })),
      };
      group.weight += need.priority * attendee.chance * best;
      groups.set(key, group);
    }
  }
  return [...groups.values()].map((group, index) => ({ name: `y${index}`, ...group }));
}

/** A straight piece of the benefit over the dose. */
export interface Piece {
  readonly slope: number;
  readonly width: number;
}

/** Straight pieces of 1 − e^(−d/τ), steepest first: the curve is concave, so that a piece is only used when those before it are full. The last one ends at 1. */
export function piecesOf(numbers: PlanNumbers): Piece[] {
  const height = (dose: number) => filledBy(dose, numbers);
  const knots = DOSE_KNOTS.map((share) => share * numbers.doseMinutes);
  return knots.slice(1).map((to, index) => {
    const from = present(knots[index]);
    const slope = (height(to) - height(from)) / (to - from);
    const isLast = index === knots.length - 2;
    return { slope, width: isLast ? (1 - height(from)) / slope : to - from };
  });
}
