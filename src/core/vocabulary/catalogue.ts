import { drillNames } from './drills/names';
import { errors } from './errors';
import { grips } from './grips';
import { positions } from './positions';
import { errorSayings, heardSayings, strengthSayings } from './sayings';
import { strengths } from './strengths';
import { techniques } from './techniques';
import {
  type CatalogueError,
  type CatalogueKind,
  type Grip,
  type Position,
  type Strength,
  type Technique,
  techniqueClasses,
} from './types';
import { unnamedErrors, unnamedGrips, unnamedPositions, unnamedStrengths, unnamedTechniques } from './unnamed';

const byId = <Item extends { readonly id: string }>(items: readonly Item[]): ReadonlyMap<string, Item> =>
  new Map(items.map((item) => [item.id, item]));

const positionById = byId([...positions, ...unnamedPositions]);
const gripById = byId([...grips, ...unnamedGrips]);
const techniqueById = byId([...techniques, ...unnamedTechniques]);
const errorById = byId([...errors, ...unnamedErrors]);
const strengthById = byId([...strengths, ...unnamedStrengths]);

/** Between a standard id and the academy's own word for a kind of it: `half-guard~long-shin`. */
export const OWN_WORD_SEPARATOR = '~';

/** The standard entry that an id counts as: an academy's own word is always a kind of one, and its figures follow that one. */
export const standardIdOf = (id: string): string => {
  const at = id.indexOf(OWN_WORD_SEPARATOR);
  return at < 0 ? id : id.slice(0, at);
};

export const findPosition = (id: string): Position | undefined => positionById.get(standardIdOf(id));
export const findGrip = (id: string): Grip | undefined => gripById.get(standardIdOf(id));
export const findTechnique = (id: string): Technique | undefined => techniqueById.get(standardIdOf(id));
export const findError = (id: string): CatalogueError | undefined => errorById.get(standardIdOf(id));
export const findStrength = (id: string): Strength | undefined => strengthById.get(standardIdOf(id));

/** What kind of entry an id names; undefined when the catalogue does not know it. */
export function kindOf(id: string): CatalogueKind | undefined {
  if (findPosition(id)) return 'position';
  if (findGrip(id)) return 'grip';
  if (findTechnique(id)) return 'attempt';
  if (findError(id)) return 'error';
  if (findStrength(id)) return 'strength';
  return drillNames[standardIdOf(id)] ? 'drill' : undefined;
}

/** Other words for an entry, as coaches say them; without the damage that speech programs do. */
export function aliasesOf(id: string): readonly string[] {
  const named = findPosition(id) ?? findGrip(id) ?? findTechnique(id);
  return named?.aliases ?? errorSayings[standardIdOf(id)] ?? strengthSayings[standardIdOf(id)] ?? [];
}

/** How speech-to-text programs mishear an entry. */
export function heardAsOf(id: string): readonly string[] {
  const named = findPosition(id) ?? findGrip(id) ?? findTechnique(id);
  return [...(named?.heardAs ?? []), ...(heardSayings[standardIdOf(id)] ?? [])];
}

/** The entry's words for people, whatever its kind; the id itself when the catalogue no longer knows it. */
export function conceptName(id: string): string {
  const named = findPosition(id) ?? findGrip(id) ?? findTechnique(id);
  if (named) return named.name;
  return findError(id)?.title ?? findStrength(id)?.title ?? drillNames[standardIdOf(id)] ?? id;
}

/**
 * Whether a technique id belongs to a named group: its own id, its class, or for submissions `chokes`, `arm-locks`, `leg-locks`.
 * Biceps slicers count as arm locks and calf slicers as leg locks.
 */
export function techniqueIsOf(techniqueId: string, group: string): boolean {
  if (standardIdOf(techniqueId) === group) return true;
  const technique = findTechnique(techniqueId);
  if (!technique) return false;
  if (technique.class === group) return true;
  return technique.class === 'submissions' && submissionGroup(technique.lock, technique.id) === group;
}

/** Families of techniques under which attempts are counted together: classes, submissions by what they attack. */
export const techniqueFamilies = [
  ...techniqueClasses.filter((one) => one !== 'submissions'),
  ...(['chokes', 'arm-locks', 'leg-locks', 'other-submissions'] as const),
] as const;
export type TechniqueFamily = (typeof techniqueFamilies)[number];

/** The family of a technique; undefined when the catalogue no longer knows it. */
export function techniqueFamilyOf(techniqueId: string): TechniqueFamily | undefined {
  const technique = findTechnique(techniqueId);
  if (technique?.class !== 'submissions') return technique?.class;
  const group = submissionGroup(technique.lock, standardIdOf(techniqueId));
  return group === 'other' ? 'other-submissions' : group;
}

function submissionGroup(lock: string, id: string): 'chokes' | 'arm-locks' | 'leg-locks' | 'other' {
  if (lock === 'blood' || lock === 'air' || lock === 'neck-mixed') return 'chokes';
  if (lock === 'elbow' || lock === 'shoulder' || lock === 'wrist' || id === 'bicep-slicer') return 'arm-locks';
  if (lock === 'ankle' || lock === 'knee' || lock === 'hip' || id === 'calf-slicer') return 'leg-locks';
  return 'other';
}
