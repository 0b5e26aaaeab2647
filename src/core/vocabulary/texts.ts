import { standardIdOf } from './catalogue';
import { drills } from './drills';
import { hazards } from './hazards';
import { schools } from './schools';
import type { Drill, Hazard, School } from './types';

// The long texts of the catalogue, apart from its names: only pages that show them carry them.
const drillById = new Map(drills.map((one) => [one.id, one]));
const hazardById = new Map(hazards.map((one) => [one.id, one]));
const schoolById = new Map(schools.map((one) => [one.id, one]));

export const findDrill = (id: string): Drill | undefined => drillById.get(standardIdOf(id));
export const findHazard = (id: string): Hazard | undefined => hazardById.get(id);
export const findSchool = (id: string): School | undefined => schoolById.get(id);
