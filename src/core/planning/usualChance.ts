import { type PlanNumbers, usualNumbers } from './numbers';

/** The chance that somebody comes, from how often they came to the latest classes of that day: a beta prior (two in three by itself). 0 for whoever is not to be expected. */
export function usualChance(
  { came, held }: { readonly came: number; readonly held: number },
  { priorCame, priorHeld, expectedPercent }: PlanNumbers = usualNumbers,
): number {
  const chance = Math.min(1, (came + priorCame) / (held + priorHeld));
  return came > 0 && chance * 100 >= expectedPercent ? Math.round(chance * 100) / 100 : 0;
}
