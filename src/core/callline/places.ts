import type { Concept, VocabularyIndex } from './vocabularyIndex';
import { stemOf } from './words';

/** A position or a technique that only says where something begins or ends: "from half guard", "to side control", "off the bridge". */
export interface Places {
  /** The words without the places. */
  readonly words: readonly string[];
  readonly from?: Concept;
  readonly to?: Concept;
}

const origins: ReadonlySet<string> = new Set(['from', 'off', 'in', 'inside', 'under', 'against', 'out', 'during']);
const destinations: ReadonlySet<string> = new Set(['to', 'into', 'through', 'onto']);
const between: ReadonlySet<string> = new Set(['the', 'a', 'his', 'her', 'their', 'my', 'of', 'to']);
const MOST_NAME_WORDS = 5;

/** Takes places off a call; a call that begins with one, or is nothing else, keeps it. */
export function takePlaces(words: readonly string[], index: VocabularyIndex): Places {
  let places: Places = { words };
  for (let at = words.length - 2; at >= 1; at -= 1) {
    const word = words[at] ?? '';
    const isOrigin = origins.has(word);
    if (!isOrigin && !destinations.has(word)) continue;
    let start = at + 1;
    while (start < places.words.length - 1 && between.has(places.words[start] ?? '')) start += 1;
    const found = nameAt(places.words, start, index);
    if (!found && isOrigin && somewhere.has(places.words[start] ?? '') && start === places.words.length - 1) {
      places = { ...places, words: places.words.slice(0, at) };
      continue;
    }
    if (!found) continue;
    // Where something goes is a position; a technique behind "to" is what is meant: "late to the triangle".
    if (!isOrigin && found.concept.kind !== 'position') continue;
    const rest = [...places.words.slice(0, at), ...places.words.slice(found.end)];
    if (rest.length === 0) continue;
    places = { ...places, words: rest, ...(isOrigin ? { from: found.concept } : { to: found.concept }) };
  }
  return places;
}

/** Places that say where and not which: "in the guard", "under the pin". */
const somewhere: ReadonlySet<string> = new Set([
  'guard',
  'pin',
  'bottom',
  'top',
  'scramble',
  'transition',
  'clinch',
  'pass',
  'seated',
  'sitting',
  'standing',
  'feet',
  'knees',
  'distance',
  'outside',
]);

/** Positions that are called by one word where something goes: "to side", "into half". */
const shortPlaces: Readonly<Record<string, string>> = {
  side: 'side control',
  half: 'half guard',
  back: 'back control',
  knee: 'knee on belly',
};

/** The position that words name and nothing else, also by one word: "side", "half". */
export function positionCalled(words: readonly string[], index: VocabularyIndex): Concept | undefined {
  const found = nameAt(words, 0, index);
  return found?.end === words.length && found.concept.kind === 'position' ? found.concept : undefined;
}

/** The longest name of a position or technique that begins at a word. */
function nameAt(
  words: readonly string[],
  start: number,
  index: VocabularyIndex,
): { concept: Concept; end: number } | undefined {
  for (let end = Math.min(words.length, start + MOST_NAME_WORDS); end > start; end -= 1) {
    const concept = index.names.get(nameKey(words.slice(start, end)));
    if (concept && (concept.kind === 'position' || concept.kind === 'attempt')) return { concept, end };
  }
  const short = start === words.length - 1 ? shortPlaces[words[start] ?? ''] : undefined;
  const concept = short ? index.names.get(nameKey(short.split(' '))) : undefined;
  return concept && { concept, end: words.length };
}

/** The key under which the vocabulary keeps a name: the stems of its words. */
export const nameKey = (words: readonly string[]): string => words.map(stemOf).join(' ');
