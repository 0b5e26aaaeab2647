import { meanResistance, type RunLesson, type RunProblem } from '@/core/planning';
import { type Drill, findDrill, findError } from '@/core/vocabulary';

/** Dose of one working minute, by hand: for a learner over all parts; for the partner half of what is answered and played; 0 where it does nothing. */
export function doseOfMinute(drill: Drill, errorId: string): number {
  const error = findError(errorId)!;
  const isBelow = (role: string) => ['bottom', 'defender'].includes(role);
  const isAbove = (role: string) => ['top', 'attacker'].includes(role);
  const isOtherSide = (isBelow(drill.role) && isAbove(error.role)) || (isAbove(drill.role) && isBelow(error.role));
  if (drill.targetErrorIds.includes(errorId)) return meanResistance(drill);
  if (!isOtherSide || error.family !== drill.family || drill.family === 'any') return 0;
  // One part shown, two each of what follows.
  const has = (stage: (typeof drill.stages)[number]) => drill.stages.includes(stage);
  const all = 1 + (has('cooperative') ? 2 : 0) + (has('progressive') ? 2 : 0) + (has('live') ? 2 : 0);
  return (0.5 * ((has('progressive') ? 2 * 0.75 : 0) + (has('live') ? 2 : 0))) / all;
}

/** The objective written down once more, from the definition: doses of all classes, weighted κ, 1 − e^(−D/τ). */
export function benefitByHand(problem: RunProblem, chosen: readonly (readonly RunLesson[])[]): number {
  const cells = new Map<string, { worth: number; dose: number; weighted: number }>();
  for (const [at, one] of problem.classes.entries())
    for (const attendee of one.attendees)
      for (const { errorId, priority } of attendee.needs) {
        if (priority <= 0) continue;
        const key = `${attendee.personId} ${errorId}`;
        const cell = cells.get(key) ?? { worth: priority, dose: 0, weighted: 0 };
        cells.set(key, cell);
        for (const { drillId, minutes, excludedIds } of chosen[at] ?? []) {
          const drill = findDrill(drillId)!;
          const each = doseOfMinute(drill, errorId);
          if (each === 0 || excludedIds.includes(attendee.personId)) continue;
          const share = Math.min(1, one.pairsOnMats / Math.max(1, Math.floor(one.attendees.length / 2)));
          const dose = (minutes - 1) * each * share * attendee.chance;
          cell.dose += dose;
          cell.weighted += dose * drill.kappa;
        }
      }
  return [...cells.values()].reduce(
    (sum, { worth, dose, weighted }) => sum + (dose > 0 ? worth * (weighted / dose) * (1 - Math.exp(-dose / 12)) : 0),
    0,
  );
}
