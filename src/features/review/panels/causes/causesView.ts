import { occurrenceCost } from '@/core/patterns/cost';
import {
  type Athlete,
  type ChainReading,
  chainOf,
  countsAsError,
  type Damage,
  type ErrorMark,
  linksOf,
  type Mark,
  type RoundReading,
} from '@/core/round';
import { findError } from '@/core/vocabulary';

/** A first cause with everything that hangs from it. */
export interface Cause {
  readonly mark: ErrorMark;
  /** What it led to, in order of time. */
  readonly chain: readonly Mark[];
  readonly damage: Damage;
}

/** An error that nobody punished: what it would have cost against somebody one belt up. */
export interface Waiting {
  readonly mark: ErrorMark;
  readonly latentDamage: number;
}

/** Something that led to something else and cost nobody anything that can be counted: a threat to a pass, a bait to a choke. */
export interface Lead {
  readonly mark: Mark;
  readonly chain: readonly Mark[];
}

export interface Causes {
  readonly causes: readonly Cause[];
  readonly leads: readonly Lead[];
  readonly waiting: readonly Waiting[];
}

/** Latent damage by error, per athlete, where the academy's own rounds tell; elsewhere the catalogue's severity stands for it. */
export type LatentDamage = Readonly<Record<Athlete, Readonly<Record<string, number>>>>;

/** The first causes of a round, the costliest first, and apart from them the errors that waited for somebody better. */
export function listCauses(reading: RoundReading, chains: ChainReading, latent: LatentDamage): Causes {
  const errors = reading.marks.filter((mark): mark is ErrorMark => mark.kind === 'error' && countsAsError(mark));
  const causes = errors.flatMap((mark): Cause[] => {
    const damage = chains.damageByRoot.get(mark.id);
    if (!damage || damage.total < 0.05) return [];
    return [{ mark, damage, chain: chainOf(reading.marks, mark.id).slice(1) }];
  });
  const led = new Set(reading.marks.flatMap(linksOf));
  const priced = new Set(causes.map(({ mark }) => mark.id));
  const leads = reading.marks
    .filter((mark) => linksOf(mark).length > 0 && !led.has(mark.id) && !priced.has(mark.id))
    .map((mark): Lead => ({ mark, chain: chainOf(reading.marks, mark.id).slice(1) }))
    .filter(({ chain }) => chain.length > 0);
  const waiting = errors.flatMap((mark): Waiting[] => {
    if (mark.punished !== 'no' && mark.punished !== 'spared') return [];
    const entry = findError(mark.errorId);
    const known = latent[mark.athlete][mark.errorId] ?? (entry && occurrenceCost(entry, []).latentDamage);
    return known === undefined ? [] : [{ mark, latentDamage: known }];
  });
  return {
    causes: causes.sort((one, other) => other.damage.total - one.damage.total),
    leads,
    waiting: waiting.sort((one, other) => other.latentDamage - one.latentDamage),
  };
}

/** What a chain cost, in words: "3 points given away, a tap, worse placed for 1.2 minutes' worth". */
export function damageWords({ points, tideLoss, tapped }: Damage): string {
  const parts = [
    points >= 0.05 && `${tidy(points)} ${points === 1 ? 'point' : 'points'} given away`,
    tideLoss >= 0.05 && `${tidy(tideLoss)} in placement lost`,
    tapped && 'ended in a tap',
  ].filter((part): part is string => typeof part === 'string');
  return parts.length > 0 ? parts.join(', ') : 'nothing lost yet';
}

export const tidy = (value: number): string => value.toFixed(1).replace(/\.0$/, '');
