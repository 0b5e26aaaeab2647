import { errors, grips, positions, strengths, techniques, type CatalogueFamily, type UniformNeed } from '../vocabulary';
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
  readonly words: readonly string[];
  readonly stems: readonly string[];
  /** 1 for the name, less for aliases and for how speech programs mishear it. */
  readonly trust: number;
}

export type VocabularyIndex = readonly IndexedPhrase[];

/** Every name, alias and mishearing of the catalogue as words, ready to match. Build it once. */
export function buildVocabularyIndex(): VocabularyIndex {
  const phrases: IndexedPhrase[] = [];
  const add = (concept: Concept, text: string, trust: number) => {
    const words = wordsOf(text);
    if (words.length > 0) phrases.push({ concept, words, stems: words.map(stemOf), trust });
  };
  const addNamed = (concept: Concept, aliases: readonly string[], heardAs: readonly string[]) => {
    add(concept, concept.name, 1);
    for (const alias of aliases) add(concept, alias, 0.98);
    for (const heard of heardAs) add(concept, heard, 0.9);
  };
  for (const one of positions) addNamed({ id: one.id, kind: 'position', name: one.name, families: [one.family], uniform: one.uniform }, one.aliases, one.heardAs);
  for (const one of grips) addNamed({ id: one.id, kind: 'grip', name: one.name, families: ['any'], uniform: one.uniform }, one.aliases, one.heardAs);
  for (const one of techniques) addNamed({ id: one.id, kind: 'attempt', name: one.name, families: one.fromFamilies, uniform: one.uniform }, one.aliases, one.heardAs);
  for (const one of errors) addNamed({ id: one.id, kind: 'error', name: one.title, families: [one.family], uniform: 'both' }, one.aliases ?? [], []);
  for (const one of strengths) addNamed({ id: one.id, kind: 'strength', name: one.title, families: [one.family], uniform: 'both' }, [], []);
  return phrases;
}
