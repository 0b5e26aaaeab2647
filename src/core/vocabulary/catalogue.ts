import { drills } from './drills';
import { errors } from './errors';
import { grips } from './grips';
import { hazards } from './hazards';
import { positions } from './positions';
import { strengths } from './strengths';
import { techniques } from './techniques';
import type { CatalogueError, Drill, Grip, Hazard, Position, Strength, Technique } from './types';

const byId = <Item extends { readonly id: string }>(items: readonly Item[]): ReadonlyMap<string, Item> =>
  new Map(items.map((item) => [item.id, item]));

const positionById = byId(positions);
const gripById = byId(grips);
const techniqueById = byId(techniques);
const errorById = byId(errors);
const strengthById = byId(strengths);
const drillById = byId(drills);
const hazardById = byId(hazards);

export const findPosition = (id: string): Position | undefined => positionById.get(id);
export const findGrip = (id: string): Grip | undefined => gripById.get(id);
export const findTechnique = (id: string): Technique | undefined => techniqueById.get(id);
export const findError = (id: string): CatalogueError | undefined => errorById.get(id);
export const findStrength = (id: string): Strength | undefined => strengthById.get(id);
export const findDrill = (id: string): Drill | undefined => drillById.get(id);
export const findHazard = (id: string): Hazard | undefined => hazardById.get(id);

/** The entry's words for people, whatever its kind; the id itself when the catalogue no longer knows it. */
export function conceptName(id: string): string {
  const named = positionById.get(id) ?? gripById.get(id) ?? techniqueById.get(id);
  if (named) return named.name;
  return errorById.get(id)?.title ?? strengthById.get(id)?.title ?? drillById.get(id)?.name ?? id;
}

/**
 * Whether a technique id belongs to a named group: its own id, its class, or for submissions `chokes`, `arm-locks`, `leg-locks`.
 * Biceps slicers count as arm locks and calf slicers as leg locks.
 */
export function techniqueIsOf(techniqueId: string, group: string): boolean {
  if (techniqueId === group) return true;
  const technique = techniqueById.get(techniqueId);
  if (!technique) return false;
  if (technique.class === group) return true;
  return technique.class === 'submissions' && submissionGroup(technique.lock, technique.id) === group;
}

function submissionGroup(lock: string, id: string): 'chokes' | 'arm-locks' | 'leg-locks' | 'other' {
  if (lock === 'blood' || lock === 'air' || lock === 'neck-mixed') return 'chokes';
  if (lock === 'elbow' || lock === 'shoulder' || lock === 'wrist' || id === 'bicep-slicer') return 'arm-locks';
  if (lock === 'ankle' || lock === 'knee' || lock === 'hip' || id === 'calf-slicer') return 'leg-locks';
  return 'other';
}
