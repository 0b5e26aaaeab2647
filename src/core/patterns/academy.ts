import jstat from 'jstat';
import {
  type AnyBelt,
  adultEquivalent,
  type Belt,
  belts,
  type CatalogueFamily,
  findError,
  standardIdOf,
} from '../vocabulary';

/** What the students of one belt showed of one error in their windows, added up. */
export interface ErrorOfBelt {
  readonly errorId: string;
  readonly belt: AnyBelt | undefined;
  readonly count: number;
  /** People who showed it at all. */
  readonly people: number;
}
/** How long the students of one belt were seen sparring. */
export interface BeltFootage {
  readonly belt: AnyBelt | undefined;
  readonly people: number;
  readonly liveMinutes: number;
}

export interface AcademyCell {
  readonly family: CatalogueFamily;
  readonly belt: Belt;
  readonly count: number;
  /** Errors in ten live minutes, drawn towards all belts where there is little footage. */
  readonly perTenMinutes: number;
  /** The same, each error with its severity: what decides where to look. */
  readonly harm: number;
  /** That this belt makes more of them than the others do, 0 to 1. */
  readonly chanceMore: number;
}
export interface AcademyTable {
  readonly families: readonly CatalogueFamily[];
  readonly belts: readonly (BeltFootage & { readonly belt: Belt })[];
  readonly cells: readonly AcademyCell[];
}

/** Errors of all belts that a cell begins with. @source own decision: so many that one bad round makes no belt look bad */
const PRIOR_EVENTS = 4;

/** Which kinds of errors which belts make: families by belts, the worst family first. Belts without footage are absent. */
export function academyTable(errors: readonly ErrorOfBelt[], footage: readonly BeltFootage[]): AcademyTable {
  const beltsSeen = belts.flatMap((belt) => {
    const own = footage.filter((one) => adultEquivalent(one.belt) === belt);
    const liveMinutes = own.reduce((sum, one) => sum + one.liveMinutes, 0);
    return liveMinutes > 0 ? [{ belt, people: own.reduce((sum, one) => sum + one.people, 0), liveMinutes }] : [];
  });
  const known = errors.flatMap((one) => {
    const error = findError(one.errorId);
    return error
      ? [{ family: error.family, severity: error.severity, belt: adultEquivalent(one.belt), count: one.count }]
      : [];
  });
  const allMinutes = beltsSeen.reduce((sum, one) => sum + one.liveMinutes, 0);
  const families = [...new Set(known.map((one) => one.family))];
  const cells = families.flatMap((family) => {
    const all = known.filter((one) => one.family === family);
    const total = all.reduce((sum, one) => sum + one.count, 0);
    const severity = all.reduce((sum, one) => sum + one.count * one.severity, 0) / Math.max(total, 1);
    const prior = { shape: PRIOR_EVENTS, rate: (PRIOR_EVENTS * allMinutes) / Math.max(total, 1) };
    return beltsSeen.map(({ belt, liveMinutes }): AcademyCell => {
      const own = all.filter((one) => one.belt === belt);
      const count = own.reduce((sum, one) => sum + one.count, 0);
      const ownSeverity = count > 0 ? own.reduce((sum, one) => sum + one.count * one.severity, 0) / count : severity;
      const posterior = { shape: prior.shape + count, rate: prior.rate + liveMinutes };
      const others = { shape: prior.shape + total - count, rate: prior.rate + allMinutes - liveMinutes };
      const perTenMinutes = (10 * posterior.shape) / posterior.rate;
      return {
        family,
        belt,
        count,
        perTenMinutes,
        harm: perTenMinutes * ownSeverity,
        chanceMore: chanceOfMore(posterior, others),
      };
    });
  });
  const harmOf = (family: CatalogueFamily) =>
    cells.reduce((sum, one) => sum + (one.family === family ? one.harm : 0), 0);
  return { families: families.sort((one, other) => harmOf(other) - harmOf(one)), belts: beltsSeen, cells };
}

interface Gamma {
  readonly shape: number;
  readonly rate: number;
}
/**
 * The chance that one gamma-distributed rate is over another.
 * @source with U, V gamma of these shapes and rate 1, U ÷ (U + V) is beta (textbook, from memory)
 */
export const chanceOfMore = (one: Gamma, other: Gamma): number =>
  1 - jstat.beta.cdf(one.rate / (one.rate + other.rate), one.shape, other.shape);

/** An error as the academy makes it: how many people, how often, how much a lesson on it would be worth. */
export interface SharedError {
  readonly errorId: string;
  readonly count: number;
  readonly people: number;
  /** Times, severity and how teachable it is at the belts that make it. */
  readonly worth: number;
}

/** Errors that more than one person makes, most worth a lesson first. @source own decision: expected harm that teaching may take away */
export function listShared(errors: readonly ErrorOfBelt[]): SharedError[] {
  const byError = new Map<string, SharedError>();
  for (const { errorId, belt, count, people } of errors) {
    const error = findError(errorId);
    if (!error || standardIdOf(errorId).startsWith('err-unnamed-')) continue;
    const worn = adultEquivalent(belt);
    const teachable = worn === 'white' || worn === 'blue' ? error.teachable[worn] : error.teachable.purpleAndAbove;
    const before = byError.get(errorId) ?? { errorId, count: 0, people: 0, worth: 0 };
    byError.set(errorId, {
      ...{ errorId, count: before.count + count, people: before.people + people },
      worth: before.worth + count * error.severity * teachable,
    });
  }
  return [...byError.values()]
    .filter((one) => one.people > 1)
    .sort((one, other) => other.worth - one.worth || (one.errorId < other.errorId ? -1 : 1));
}
