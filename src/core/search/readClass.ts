import { matchConcepts, TAKEN_CONFIDENCE, type VocabularyIndex } from '../callline';
import {
  type CatalogueFamily,
  findPosition,
  findTechnique,
  type HouseWords,
  listConceptIds,
  techniqueIsOf,
  unnamedTechniques,
} from '../vocabulary';

/** A whole kind of techniques, as a search names it: "passed from half guard", "arm locks", "swept". */
export interface SearchedClass {
  /** Every technique of it, an academy's own ones included. */
  readonly techniqueIds: readonly string[];
  /** Words that only end well: "passed", "swept", "tapped". */
  readonly isFinished: boolean;
  /** It happened to whoever is named: "gets passed", "taps to". */
  readonly isPassive: boolean;
  /** Chances of it that were let pass. */
  readonly isMissed: boolean;
  readonly side?: 'left' | 'right';
}

/** What is meant by a word, and whether the word itself says that it worked. */
const kindsByWord: Readonly<Record<string, readonly [of: string, finished?: true]>> = Object.fromEntries([
  ...['pass', 'passes', 'passing'].map((word) => [word, ['passes']]),
  ['passed', ['passes', true]],
  ...['sweep', 'sweeps', 'sweeping'].map((word) => [word, ['sweeps']]),
  ['swept', ['sweeps', true]],
  ...['takedown', 'takedowns'].map((word) => [word, ['takedowns']]),
  ...['submission', 'submissions'].map((word) => [word, ['submissions']]),
  ...['submitted', 'tap', 'taps', 'tapped', 'tapping', 'finishes'].map((word) => [word, ['submissions', true]]),
  ...['choke', 'chokes'].map((word) => [word, ['chokes']]),
  ['choked', ['chokes', true]],
  ...['escape', 'escapes'].map((word) => [word, ['escapes']]),
]);
/** Kinds of two words. */
const kindsByPair: Readonly<Record<string, readonly [of: string, finished?: true, passive?: true]>> = {
  'back take': ['back-takes'],
  'back takes': ['back-takes'],
  'back taken': ['back-takes', true, true],
  'taken down': ['takedowns', true, true],
  'arm lock': ['arm-locks'],
  'arm locks': ['arm-locks'],
  'leg lock': ['leg-locks'],
  'leg locks': ['leg-locks'],
  'guard pass': ['passes'],
  'guard passes': ['passes'],
  'guard passed': ['passes', true, true],
  'guard pulls': ['guard-pulls'],
};
/** Whoever taps is the one to whom it happened. */
const tapping = new Set(['tap', 'taps', 'tapped', 'tapping']);
const passiveHelpers = new Set(['gets', 'get', 'got', 'is', 'was', 'being', 'been', 'by', 'are', 'were']);
const endings = new Set(['finished', 'finishes', 'works', 'worked', 'succeeded']);
const missing = new Set(['missed', 'misses', 'miss']);
const smallWords = new Set([
  'to',
  'out',
  'from',
  'the',
  'a',
  'on',
  'in',
  'of',
  'and',
  'that',
  'with',
  'her',
  'his',
  'their',
]);

/** Words that say how, and do not name. */
const said = new Set([...smallWords, ...passiveHelpers, ...endings, ...missing]);

/**
 * Reads words that name a whole kind of techniques, where the kind comes from and its side: nothing where any word says more than that, so that "knee
 * slice passes" stays the knee slice.
 */
export function readClass(
  words: readonly string[],
  { index, house }: { readonly index: VocabularyIndex; readonly house: HouseWords },
): SearchedClass | undefined {
  const left = [...words];
  const take = (at: number, count: number) => left.splice(at, count);
  const kinds: string[] = [];
  let isFinished = false;
  let isPassive = words.some((word) => tapping.has(word));
  for (let at = 0; at < left.length; ) {
    const pair = kindsByPair[`${left[at]} ${left[at + 1]}`];
    const found = pair ?? kindsByWord[left[at] ?? ''];
    if (!found) {
      at += 1;
      continue;
    }
    // Done to somebody where "gets" or "was" stands with it, or where it is their guard or back.
    if (found[1] && (pair?.[2] || words.some((word) => passiveHelpers.has(word)))) isPassive = true;
    if (found[1]) isFinished = true;
    kinds.push(found[0]);
    take(at, pair ? 2 : 1);
  }
  if (kinds.length === 0) return undefined;
  // "taps to arm locks": the narrower kind is the one that is meant.
  const of = kinds.find((one) => one.endsWith('-locks') || one === 'chokes') ?? kinds[0] ?? '';
  const sides = left.filter((word): word is 'left' | 'right' => word === 'left' || word === 'right');
  if (left.some((word) => endings.has(word))) isFinished = true;
  const rest = left.filter((word) => word !== 'left' && word !== 'right' && !said.has(word));
  const from = rest.length > 0 ? familyNamed(rest, index) : undefined;
  if (rest.length > 0 && !from) return undefined;
  const techniqueIds = [...listConceptIds(house, 'attempt'), ...unnamedTechniques.map((one) => one.id)].filter((id) => {
    const technique = findTechnique(id);
    const comes = from === undefined || technique?.fromFamilies.some((one) => one === from || one === 'any');
    return technique !== undefined && comes && techniqueIsOf(id, of);
  });
  return techniqueIds.length === 0
    ? undefined
    : { techniqueIds, isFinished, isPassive, isMissed: words.some((word) => missing.has(word)), side: sides[0] };
}

/** The family of the position that words name, where they name one and nothing else. */
function familyNamed(words: readonly string[], index: VocabularyIndex): CatalogueFamily | undefined {
  const [best] = (['gi', 'no-gi'] as const)
    .flatMap((uniform) => matchConcepts(words, index, { uniform }, 5))
    .filter((match) => match.confidence >= TAKEN_CONFIDENCE)
    .sort((one, other) => other.confidence - one.confidence);
  return best && findPosition(best.concept.id)?.family;
}
