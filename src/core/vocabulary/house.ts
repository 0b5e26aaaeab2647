import { aliasesOf, conceptName, kindOf, OWN_WORD_SEPARATOR, standardIdOf } from './catalogue';
import { drillNames } from './drills/names';
import { errors } from './errors';
import { grips } from './grips';
import { positions } from './positions';
import { strengths } from './strengths';
import { techniques } from './techniques';
import type { CatalogueError, CatalogueKind, OwnCourse } from './types';

/** A word of the academy's own: always a kind of a standard entry, whose exposure, worth and drills it shares. */
export interface OwnWord {
  /** `<standard id>~<slug>` */
  readonly id: string;
  readonly name: string;
  readonly aliases: readonly string[];
  /** What to say about it: the cue of an error, how a drill starts; empty takes the standard entry's. */
  readonly text: string;
  /** Of a drill that is run otherwise than the standard one. */
  readonly course?: OwnCourse;
  /** Another entry that it was merged into; its marks count there until the merge is undone. */
  readonly mergedIntoId?: string;
}

/** How one academy speaks: its own words, its names and aliases for standard ones, what it hides, and the schools it follows. */
export interface HouseWords {
  readonly own: readonly OwnWord[];
  readonly names: Readonly<Record<string, string>>;
  readonly aliases: Readonly<Record<string, readonly string[]>>;
  readonly hiddenIds: readonly string[];
  /** Option key by school id; a school that is absent follows its default. */
  readonly schools: Readonly<Record<string, string>>;
}

export const plainHouse: HouseWords = { own: [], names: {}, aliases: {}, hiddenIds: [], schools: {} };

export const findOwnWord = (house: HouseWords, id: string): OwnWord | undefined =>
  house.own.find((word) => word.id === id);

/** The id under which a concept counts today: merges are followed to their end; a ring of merges stops where it began. */
export function followMerges(house: HouseWords, id: string): string {
  const seen = new Set<string>();
  let current = id;
  while (!seen.has(current)) {
    seen.add(current);
    const next = findOwnWord(house, current)?.mergedIntoId;
    if (!next) return current;
    current = next;
  }
  return id;
}

/** What this academy calls an entry. */
export function houseNameOf(house: HouseWords, id: string): string {
  const counted = followMerges(house, id);
  return findOwnWord(house, counted)?.name ?? house.names[counted] ?? conceptName(counted);
}

/** The names that differ from the catalogue's, by id: all that a screen needs to speak as the academy does. */
export function renamedByHouse(house: HouseWords): Record<string, string> {
  const renamed: Record<string, string> = { ...house.names };
  for (const word of house.own) renamed[word.id] = houseNameOf(house, word.id);
  return renamed;
}

/** Every word by which an entry may be called here, its name first. */
export function wordsForConcept(house: HouseWords, id: string): string[] {
  const own = findOwnWord(house, id);
  const standard = own ? own.aliases : [conceptName(id), ...aliasesOf(id)];
  return [...new Set([houseNameOf(house, id), ...standard, ...(house.aliases[id] ?? [])])];
}

/** All entries of a kind that the academy uses: standard ones that are not hidden, and own ones that are not merged. */
export function listConceptIds(house: HouseWords, kind: CatalogueKind): string[] {
  const hidden = new Set(house.hiddenIds);
  const standard: Record<CatalogueKind, readonly { readonly id: string }[]> = {
    position: positions,
    grip: grips,
    attempt: techniques,
    error: errors,
    strength: strengths,
    drill: Object.keys(drillNames).map((id) => ({ id })),
  };
  const own = house.own.filter((word) => !word.mergedIntoId && kindOf(word.id) === kind);
  return [...standard[kind], ...own].map((entry) => entry.id).filter((id) => !hidden.has(id));
}

/** The drills that answer an error here: the catalogue's and the academy's own. */
export function drillIdsFor(house: HouseWords, error: CatalogueError): string[] {
  return listConceptIds(house, 'drill').filter(
    (id) =>
      findOwnWord(house, id)?.course?.targetErrorIds.includes(error.id) ?? error.drillIds.includes(standardIdOf(id)),
  );
}

/** The part of an own id after the separator: lower-case letters and digits of the name; `taken` ids get a number. */
export function makeOwnId(likeId: string, name: string, taken: ReadonlySet<string>): string {
  const slug =
    name
      .normalize('NFD')
      .replace(/\p{M}/gu, '')
      .toLowerCase()
      .match(/[a-z0-9]+/g)
      ?.join('-')
      .slice(0, 40) ?? 'own';
  const base = `${standardIdOf(likeId)}${OWN_WORD_SEPARATOR}${slug}`;
  for (let number = 1; ; number += 1) {
    const id = number === 1 ? base : `${base}-${number}`;
    if (!taken.has(id)) return id;
  }
}
