import { present } from '../kernel';
import type { AsTold } from '../resemblance/asTold';
import {
  type CatalogueFamily,
  type CatalogueKind,
  conceptName,
  findError,
  findGrip,
  findOwnWord,
  findPosition,
  findStrength,
  findTechnique,
  followMerges,
  type HouseWords,
  heardAsOf,
  houseNameOf,
  kindOf,
  listConceptIds,
  plainHouse,
  type UniformNeed,
  unnamedErrors,
  unnamedGrips,
  unnamedPositions,
  unnamedStrengths,
  unnamedTechniques,
  wordsForConcept,
} from '../vocabulary';
import { ordinaryWords } from './ordinaryWords';
import { phoneticKey, stemOf, wordsOf } from './words';

/** What a call can name: every kind of entry but drills. */
export type ConceptKind = Exclude<CatalogueKind, 'drill'>;

export interface Concept {
  readonly id: string;
  readonly kind: ConceptKind;
  /** What the academy calls it. */
  readonly name: string;
  readonly families: readonly CatalogueFamily[];
  readonly uniform: UniformNeed;
}

export interface IndexedPhrase {
  readonly concept: Concept;
  /** Numbers of its words, in order. */
  readonly wordNumbers: readonly number[];
  /** First letters of its words, for names of two words and more: "ks" for knee slice. */
  readonly initials?: string;
  /** 1 for the name, less for aliases and for how speech programs mishear it. */
  readonly trust: number;
}

export interface IndexedWord {
  readonly word: string;
  readonly stem: string;
  readonly sound: string;
  readonly phraseNumbers: readonly number[];
}

/** The vocabulary ready to match: phrases, their different words, and for each word the phrases that hold it. */
export interface VocabularyIndex {
  readonly phrases: readonly IndexedPhrase[];
  readonly words: readonly IndexedWord[];
  /** Every entry that may be called, by its id. */
  readonly concepts: ReadonlyMap<string, Concept>;
  /** Names as they stand, by the stems of their words (`nameKey`); what several entries are called is the position's, then the technique's. */
  readonly names: ReadonlyMap<string, Concept>;
  /** How often the academy marked each concept; breaks ties between words that may mean several things. */
  readonly uses: ReadonlyMap<string, number>;
  /** What a sentence resembles, where the reader knows how things are told at length. */
  readonly resembles?: AsTold['resembles'];
}

const HOUSE_TRUST = 1.01;
/** An entry's own name, and what this academy has chosen to call it. */
export const NAME_TRUST = 1;
const ALIAS_TRUST = 0.98;
const HEARD_TRUST = 0.9;
const UNNAMED_TRUST = 0.9;
/** A mark in own words is opened with this title, and read back as itself. */
const WHOLE_TITLE_TRUST = 0.96;

/** No words at all: nothing is understood by it. */
export const emptyVocabularyIndex: VocabularyIndex = {
  ...{ phrases: [], words: [], concepts: new Map() },
  ...{ names: new Map(), uses: new Map() },
};

/** Every word by which this academy may call an entry, and how things are told at length (`asTold`), ready to match. Build it once for a page. */
export function buildVocabularyIndex(
  house: HouseWords = plainHouse,
  uses: Readonly<Record<string, number>> = {},
  asTold?: AsTold,
): VocabularyIndex {
  const phrases: IndexedPhrase[] = [];
  const words: { word: string; stem: string; sound: string; phraseNumbers: number[] }[] = [];
  const numbers = new Map<string, number>();
  const names = new Map<string, Concept>();
  const concepts = new Map<string, Concept>();
  const numberOf = (word: string): number => {
    const known = numbers.get(word);
    if (known !== undefined) return known;
    numbers.set(word, words.length);
    return words.push({ word, stem: stemOf(word), sound: phoneticKey(word), phraseNumbers: [] }) - 1;
  };
  const add = (concept: Concept, text: string, trust: number) => {
    const spoken = wordsOf(text);
    const wordNumbers = spoken.map(numberOf);
    if (wordNumbers.length === 0) return;
    if (!concepts.has(concept.id)) concepts.set(concept.id, concept);
    const key = spoken.map(stemOf).join(' ');
    if (!names.has(key)) names.set(key, concept);
    for (const number of new Set(wordNumbers)) present(words[number]).phraseNumbers.push(phrases.length);
    const first = spoken.map((word) => word[0]).join('');
    // "it" is no inside tie.
    const initials = trust >= ALIAS_TRUST && spoken.length > 1 && !ordinaryWords.has(first) ? first : undefined;
    phrases.push({ concept, wordNumbers, initials, trust });
  };
  for (const kind of ['position', 'grip', 'attempt', 'error', 'strength'] as const) {
    for (const id of listConceptIds(house, kind)) {
      const concept = describeConcept(house, kind, id);
      const [name = '', ...others] = wordsForConcept(house, id);
      add(concept, name, house.names[id] ? HOUSE_TRUST : NAME_TRUST);
      // "ashi garami, inside foot on the hip": what stands before the comma is the name that people say.
      const [short = ''] = name.split(',');
      if (short !== name) add(concept, short, ALIAS_TRUST);
      const chosen = new Set([
        conceptName(id),
        ...(findOwnWord(house, id)?.aliases ?? []),
        ...(house.aliases[id] ?? []),
      ]);
      for (const alias of others) add(concept, alias, chosen.has(alias) ? NAME_TRUST : ALIAS_TRUST);
      for (const told of asTold?.sayings[id] ?? []) add(concept, told, ALIAS_TRUST);
      // The id of a position, grip or technique is plain English, but nobody chose it to be spoken.
      if (!/^(err|good)-|~/.test(id)) add(concept, id, HEARD_TRUST);
      for (const heard of heardAsOf(id)) add(concept, heard, HEARD_TRUST);
    }
  }
  // A merged word is still understood, and means what it was merged into.
  for (const word of house.own.filter((one) => one.mergedIntoId)) {
    const id = followMerges(house, word.id);
    const kind = kindOfCall(id);
    if (kind) for (const name of [word.name, ...word.aliases]) add(describeConcept(house, kind, id), name, ALIAS_TRUST);
  }
  for (const entry of [...unnamedPositions, ...unnamedGrips, ...unnamedTechniques]) {
    const concept = describeConcept(house, present(kindOfCall(entry.id)), entry.id);
    for (const alias of entry.aliases) add(concept, alias, UNNAMED_TRUST);
  }
  add(describeConcept(house, 'error', present(unnamedErrors[0]).id), 'unnamed error', UNNAMED_TRUST);
  add(describeConcept(house, 'strength', present(unnamedStrengths[0]).id), 'good unnamed', UNNAMED_TRUST);
  for (const one of unnamedErrors) add(describeConcept(house, 'error', one.id), one.title, WHOLE_TITLE_TRUST);
  for (const one of unnamedStrengths) add(describeConcept(house, 'strength', one.id), one.title, WHOLE_TITLE_TRUST);
  return { phrases, words, concepts, names, uses: new Map(Object.entries(uses)), resembles: asTold?.resembles };
}

const kindOfCall = (id: string): ConceptKind | undefined => {
  const kind = kindOf(id);
  return kind === 'drill' ? undefined : kind;
};

function describeConcept(house: HouseWords, kind: ConceptKind, id: string): Concept {
  const name = houseNameOf(house, id);
  const technique = findTechnique(id);
  const single = findPosition(id) ?? findError(id) ?? findStrength(id);
  return {
    id,
    kind,
    name,
    families: technique ? technique.fromFamilies : [single?.family ?? 'any'],
    uniform: findPosition(id)?.uniform ?? findGrip(id)?.uniform ?? technique?.uniform ?? 'both',
  };
}
