import { distance } from 'fastest-levenshtein';
import { type Concept, ordinaryWords, phoneticKey, type VocabularyIndex } from '../callline';
import { present } from '../kernel';

/** Names of techniques, positions and grips by how they sound when their words run together; what several entries sound like is left out. */
export type NamesBySound = ReadonlyMap<string, NameOfSound>;

interface NameOfSound {
  readonly concept: Concept;
  /** In which ways it is written. */
  readonly written: readonly string[];
  /** Words of its shortest form. */
  readonly words: number;
}

/** With fewer sounds a name sounds like everyday words. @source own decision */
const LEAST_NAME_SOUNDS = 4;
/** Speech programs break a name into so many words at most. @source own decision */
export const MOST_HEARD_WORDS = 4;

export function namesBySound({ phrases, words }: VocabularyIndex): NamesBySound {
  const names = new Map<string, NameOfSound>();
  const shared = new Set<string>();
  for (const { concept, wordNumbers } of phrases) {
    if (concept.kind === 'error' || concept.kind === 'strength' || wordNumbers.length > MOST_HEARD_WORDS) continue;
    const spoken = wordNumbers.map((number) => present(words[number]).word);
    if (spoken.every((word) => ordinaryWords.has(word))) continue;
    const sound = phoneticKey(spoken.join(''));
    if (sound.length < LEAST_NAME_SOUNDS) continue;
    const known = names.get(sound);
    if (known && known.concept.id !== concept.id) shared.add(sound);
    names.set(sound, {
      concept,
      written: [...(known?.written ?? []), spoken.join(' ')],
      words: Math.min(known?.words ?? MOST_HEARD_WORDS, spoken.length),
    });
  }
  for (const sound of shared) names.delete(sound);
  return names;
}

export interface HeardName {
  readonly concept: Concept;
  readonly from: number;
  readonly to: number;
  /** Words of the name itself. */
  readonly words: number;
}

/** A name neither begins nor ends with these. */
const joints: ReadonlySet<string> = new Set(
  'the a an and or but so it he she they i you we me him her his my your our us their is are was were be to of in on at for with as like that this there here just do does did by if not now then one id hes shes'.split(
    ' ',
  ),
);
/** How far the spelling may be off, as a share of the longer one: less where every word stands for itself as well. @source own decision: what talks by other hands show */
const OFF = 0.35;
const OFF_WHERE_KNOWN = 0.15;

/** Where words run together sound like a name, however they were broken: "try angle", "new shield", "tory ando". Names as they are written are left to others. */
export function findNamesBySound(
  words: readonly string[],
  names: NamesBySound,
  isKnown: (word: string) => boolean,
): HeardName[] {
  const found: HeardName[] = [];
  for (let from = 0; from < words.length; from += 1) {
    if (joints.has(present(words[from]))) continue;
    let joined = '';
    for (let to = from; to < Math.min(words.length, from + MOST_HEARD_WORDS); to += 1) {
      joined += words[to];
      if (joined.length < LEAST_NAME_SOUNDS || joints.has(present(words[to]))) continue;
      const name = names.get(phoneticKey(joined));
      if (name && isNear(words.slice(from, to + 1), name, isKnown)) found.push({ ...name, from, to });
    }
  }
  return found;
}

function isNear(heard: readonly string[], { written }: NameOfSound, isKnown: (word: string) => boolean): boolean {
  if (written.includes(heard.join(' '))) return false;
  const joined = heard.join('');
  const most = heard.every(isKnown) ? OFF_WHERE_KNOWN : OFF;
  return written.some((one) => {
    const spelled = one.replaceAll(' ', '');
    return distance(joined, spelled) <= most * Math.max(joined.length, spelled.length);
  });
}
