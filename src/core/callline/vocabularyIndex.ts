import { type CatalogueFamily, errors, grips, positions, strengths, techniques, type UniformNeed } from '../vocabulary';
import { stemOf, wordsOf } from './words';

export type ConceptKind = 'position' | 'grip' | 'attempt' | 'error' | 'strength';

export interface Concept {
  readonly id: string;
  readonly kind: ConceptKind;
  readonly name: string;
  readonly families: readonly CatalogueFamily[];
  readonly uniform: UniformNeed;
}

export interface IndexedPhrase {
  readonly concept: Concept;
  /** Numbers of its words, in order. */
  readonly wordNumbers: readonly number[];
  /** 1 for the name, less for aliases and for how speech programs mishear it. */
  readonly trust: number;
}

/** The vocabulary ready to match: phrases, their different words, and for each word the phrases that hold it. */
export interface VocabularyIndex {
  readonly phrases: readonly IndexedPhrase[];
  readonly words: readonly {
    readonly word: string;
    readonly stem: string;
    readonly phraseNumbers: readonly number[];
  }[];
}

/** Every name, alias and mishearing of the catalogue as words, ready to match. Build it once. */
export function buildVocabularyIndex(): VocabularyIndex {
  const phrases: IndexedPhrase[] = [];
  const words: { word: string; stem: string; phraseNumbers: number[] }[] = [];
  const numbers = new Map<string, number>();
  const numberOf = (word: string): number => {
    const known = numbers.get(word);
    if (known !== undefined) return known;
    numbers.set(word, words.length);
    return words.push({ word, stem: stemOf(word), phraseNumbers: [] }) - 1;
  };
  const add = (concept: Concept, text: string, trust: number) => {
    const wordNumbers = wordsOf(text).map(numberOf);
    if (wordNumbers.length === 0) return;
    for (const number of new Set(wordNumbers)) words[number]!.phraseNumbers.push(phrases.length);
    phrases.push({ concept, wordNumbers, trust });
  };
  const addNamed = (concept: Concept, aliases: readonly string[], heardAs: readonly string[]) => {
    add(concept, concept.name, 1);
    for (const alias of aliases) add(concept, alias, 0.98);
    for (const heard of heardAs) add(concept, heard, 0.9);
  };
  for (const one of positions)
    addNamed(
      { id: one.id, kind: 'position', name: one.name, families: [one.family], uniform: one.uniform },
      one.aliases,
      one.heardAs,
    );
  for (const one of grips)
    addNamed(
      { id: one.id, kind: 'grip', name: one.name, families: ['any'], uniform: one.uniform },
      one.aliases,
      one.heardAs,
    );
  for (const one of techniques)
    addNamed(
      { id: one.id, kind: 'attempt', name: one.name, families: one.fromFamilies, uniform: one.uniform },
      one.aliases,
      one.heardAs,
    );
  for (const one of errors)
    addNamed(
      { id: one.id, kind: 'error', name: one.title, families: [one.family], uniform: 'both' },
      one.aliases ?? [],
      [],
    );
  for (const one of strengths)
    addNamed({ id: one.id, kind: 'strength', name: one.title, families: [one.family], uniform: 'both' }, [], []);
  return { phrases, words };
}
