import type { Occurrence } from '../figures';
import type { Belt, CatalogueError } from '../vocabulary';
import { chanceOneUpPunishes, punishmentWeight, type Verdicts } from './verdicts';

/** Share of occurrences that were punished, among those with a verdict; `partly` counts half. Undefined without any verdict. */
export function punishedShare(occurrences: readonly Occurrence[]): number | undefined {
  const judged = occurrences.filter((one) => one.punished !== undefined);
  if (judged.length === 0) return undefined;
  return judged.reduce((sum, one) => sum + (one.punished ? punishmentWeight[one.punished] : 0), 0) / judged.length;
}

export interface OccurrenceCost {
  readonly punishedShare: number;
  readonly damageWhenPunished: number;
  readonly latentDamage: number;
  /** Expected cost of one more occurrence. */
  readonly perOccurrence: number;
}

/**
 * What one more occurrence is expected to cost: punished share × mean damage when punished + the rest × latent damage.
 * Damage comes from the athlete's own linked chains, else from those of the whole academy, else from the catalogue's severity. The punished share starts at one in two (two
 * pseudo-counts, a house estimate); latent damage is what somebody one belt up would have made of it (`chanceOneUpPunishes`).
 */
export function occurrenceCost(
  error: CatalogueError,
  own: readonly Occurrence[],
  verdicts: Verdicts = {},
  others: { readonly damaged: number; readonly damage: number } = { damaged: 0, damage: 0 },
): OccurrenceCost {
  const known = own.filter((one) => one.punished !== undefined);
  const share = ((punishedShare(own) ?? 0) * known.length + 1) / (known.length + 2);
  const damages = own.flatMap(({ damage }) => (damage !== undefined && damage > 0 ? damage : []));
  const usual = others.damaged > 0 ? others.damage / others.damaged : error.severity;
  const mean = damages.length > 0 ? damages.reduce((sum, one) => sum + one, 0) / damages.length : usual;
  const latentDamage = mean * chanceOneUpPunishes(verdicts);
  return {
    punishedShare: share,
    damageWhenPunished: mean,
    latentDamage,
    perOccurrence: share * mean + (1 - share) * latentDamage,
  };
}

/** How much a lesson now is likely to change an error at this belt, 0 to 1. */
export function teachableAt(error: CatalogueError, belt: Belt): number {
  if (belt === 'white') return error.teachable.white;
  return belt === 'blue' ? error.teachable.blue : error.teachable.purpleAndAbove;
}
