import { present } from '../kernel';
import { beltRank } from './belts';
import { standardIdOf } from './catalogue';
import { errorCues } from './errors/cues';
import { findOwnWord, type HouseWords, houseNameOf, listConceptIds } from './house';
import { schools } from './schools';
import { findDrill } from './texts';
import type { Drill, OwnCourse, School } from './types';

export interface SchoolChoice {
  readonly school: School;
  readonly option: School['options'][number];
  readonly isDefault: boolean;
}

/** The option that the academy follows; an unknown key follows the default. */
export function chosenOption(house: HouseWords, school: School): SchoolChoice {
  const key = house.schools[school.id] ?? school.defaultKey;
  const option =
    school.options.find((one) => one.key === key) ??
    present(school.options.find((one) => one.key === school.defaultKey));
  return { school, option, isDefault: option.key === school.defaultKey };
}

/** The points of difference that touch an error or a drill. */
export const schoolsTouching = (id: string): School[] =>
  schools.filter((school) => [...school.errorIds, ...school.drillIds].includes(standardIdOf(id)));

/** A cue as this academy says it: the entry's own words, then what its school adds where the choice is not the default. */
export function cueOf(house: HouseWords, id: string): string {
  const own = findOwnWord(house, id)?.text;
  const cue = own || (errorCues[standardIdOf(id)] ?? findDrill(id)?.cue ?? '');
  const added = schoolsTouching(id)
    .map((school) => chosenOption(house, school))
    .filter((choice) => !choice.isDefault)
    .map(({ option }) => `Here: ${lowerFirst(option.name)}. ${option.reason}`);
  return [cue, ...added].filter(Boolean).join(' ');
}

const lowerFirst = (text: string): string => `${text.charAt(0).toLowerCase()}${text.slice(1)}`;

/** The drills that a plan may choose from: not hidden, own ones with their own name and start, and cues by school. */
export function drillsOf(house: HouseWords): Drill[] {
  return listConceptIds(house, 'drill').flatMap((id) => {
    const drill = drillOf(house, id);
    return drill ? [drill] : [];
  });
}

/** One drill as this academy runs it. */
export function drillOf(house: HouseWords, id: string): Drill | undefined {
  const standard = findDrill(id);
  if (!standard) return undefined;
  const own = findOwnWord(house, id);
  const course = own?.course ? asCareful(own.course, standard) : standard;
  return {
    ...standard,
    ...course,
    parts: course.parts,
    // Absent where nothing of it is played here, also when the standard one is.
    game: course.game,
    id,
    name: houseNameOf(house, id),
    start: own?.text || standard.start,
    cue: own ? course.cue : cueOf(house, id),
  };
}

/** A course of the academy's own is never less careful than the standard one that it is a kind of: not for lower belts, not for children where that one is not, and it loads no fewer joints. */
const asCareful = (course: OwnCourse, standard: Drill): OwnCourse => ({
  ...course,
  lowestBelt: beltRank(course.lowestBelt) < beltRank(standard.lowestBelt) ? standard.lowestBelt : course.lowestBelt,
  under16: course.under16 && standard.under16,
  loads: [...new Set([...standard.loads, ...course.loads])],
});
