import { ordinaryWords } from './ordinaryWords';
import { stemOf, wordsOf } from './words';

/** Share of their telling words that two texts must have in common to be about the same. @source own decision */
const ALIKE = 0.5;

/** Telling words of a remark: those that are not everyday English, or all of them where nothing else was said. */
function tellingStems(text: string): ReadonlySet<string> {
  const words = wordsOf(text);
  const telling = words.filter((word) => !ordinaryWords.has(word));
  return new Set((telling.length > 0 ? telling : words).map(stemOf));
}

/** Puts things together whose words are alike, in the order of their first; each thing is in one group. Pure. */
export function groupAlike<Item>(items: readonly Item[], textOf: (item: Item) => string): readonly (readonly Item[])[] {
  const groups: { readonly items: Item[]; readonly stems: ReadonlySet<string> }[] = [];
  for (const item of items) {
    const stems = tellingStems(textOf(item));
    const group = groups.find((one) => likeness(one.stems, stems) >= ALIKE);
    if (group) group.items.push(item);
    else groups.push({ items: [item], stems });
  }
  return groups.map((group) => group.items);
}

/** Jaccard's index of two sets of words, 0 to 1. @source Jaccard 1901 */
function likeness(one: ReadonlySet<string>, other: ReadonlySet<string>): number {
  if (one.size === 0 || other.size === 0) return 0;
  const shared = [...one].filter((word) => other.has(word)).length;
  return shared / (one.size + other.size - shared);
}
