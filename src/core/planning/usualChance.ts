/** Classes of a day of the week by which a chance of coming is learned. @source own decision: two months of a weekly class */
export const LEARNED_FROM = 8;
/** Before anything is known somebody comes two times in three, as if that had been seen three times. @source house estimate */
const PRIOR = { came: 2, of: 3 };
/** Who comes less often is not expected by themselves. @source own decision */
const LEAST_EXPECTED = 0.35;

/** The chance that somebody comes, from how often they came to the latest classes of that day: a beta prior of two in three. 0 for whoever is not to be expected. */
export function usualChance({ came, held }: { readonly came: number; readonly held: number }): number {
  const chance = (came + PRIOR.came) / (held + PRIOR.of);
  return came > 0 && chance >= LEAST_EXPECTED ? Math.round(chance * 100) / 100 : 0;
}
