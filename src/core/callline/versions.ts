import { findTechnique } from '../vocabulary';
import { type Modifiers, splitModifiers } from './modifiers';
import { nameKey, takePlaces } from './places';
import { plainNoun } from './plainCalls';
import type { Concept, VocabularyIndex } from './vocabularyIndex';
import { wordsOf } from './words';

/** One way to take the words around a name off a call. */
export interface Version {
  readonly words: readonly string[];
  readonly modifiers?: Modifiers;
  /** Words that only say more about it: they stay as the mark's remark. */
  readonly tail?: readonly string[];
  /** Where it went, when a place was named beside it. */
  readonly to?: Concept;
  /** How much less likely this is than the words as they stand. @source own decision */
  readonly cost: number;
}

const PLACE_COST = 0.04;
const LEAD_COST = 0.01;
const TAIL_COST = 0.02;

const moves =
  'goes|go|going|gets|moves|switches|switching|transitions|steps|stepping|rolls|rolling|climbs|slides|sliding|sits|sitting|settles|lands|ends up|comes|falls|drops|jumps|dives|diving|hops|turns|spins|spinning|works|shifts|swims|scoots|walks|circles|stands|reaches|throws|swings|shoots|enters|catches|locks up|locks|sets up|digs|pummels|flops|belly flops|collapses|fires|rotates|inverts|threatens|baits|chains|counters|looks|looking|hunts|hunting|fishing|fishes|tries|tried|trying|plays|playing|holds|keeps|stays';
const ways =
  'back|over|up|down|in|out|through|under|around|straight|again|right|quickly|off|forward|backwards|fast|just|immediately';
const leadIn = new RegExp(
  `^(?:(?:then|now|again|just|is|was|and|quickly|finally) )*(?:(?:${moves})(?: (?:${ways}))*(?: and )?)+ (?:for|on|onto|into|in|to|after|with|at) (?:(?:the|a|an|his|her|some) )*(.+)$`,
);
const bareLead =
  /^(?:(?:then|now|again|just|is|was|and|quickly|finally) )*(?:plays|playing|goes|does|uses|shoots|threatens|chains|counters|catches|locks up|sets up|hits|lands|holds|fires|throws in|tries|keeps|enters)(?: (?:the|a|an|his|her|some))* (.+)$/;
const available =
  /^(?:had|has|have)(?: (?:the|a|an))* (.+?) (?:there|available|open|wide open|right there|on a plate)$/;
const CLASS_COST = 0.02;

/** "elevator sweep", "head and arm choke": the name without the noun of its class, where the two together are no name. */
function withoutClass(words: readonly string[], index: VocabularyIndex): readonly string[] | undefined {
  const noun = plainNoun(words.at(-1) ?? '', { kind: 'unmarked' });
  if (noun === undefined || words.length < 2 || namesWhole(words, index)) return undefined;
  const name = words.slice(0, -1);
  const concept = index.names.get(nameKey(name));
  return concept && findTechnique(concept.id)?.class === findTechnique(noun)?.class ? name : undefined;
}

/** "again standing", "has an underhook", "a strong crossface": words before a name that change nothing of it. */
const smallLead =
  /^(?:(?:then|now|again|still|and|also|finally|has|have|had|got|gets|back to|in|into|the|a|an|another|strong|hard|deep|tight|blast|big|huge|fast|heavy|sneaky|proper|solid|explosive|far side|near side) )+(.+)$/;
/** "retains with a granby": the technique by which it is done. */
const byMeansOf = /^\w+(?: \w+){0,3}? (?:with|using|by) (?:(?:a|an|the|his|her) )?(.+)$/;
const smallTail =
  /^(.+?)(?: (?:again|now|here|instead|finally|too|as well|at last|already|then|this time|once more|(?:right )?off (?:it|that|the \w+)|(?:for|on|with|from|after) (?:it|that)|in (?:the )?gi|(?:straight )?from there|right away))+$/;
/** "the kimura was right there": open, and not taken. */
const wasThere =
  /^(?:(?:the|a|an|his|her) )?(.+?) (?:was|is|were|are)(?: (?:just|right|wide|all|still))* (?:there|open|available|on)(?: .*)?$/;
const tailWords: ReadonlySet<string> = new Set(
  'with using when while as because by against until till so where who which without'.split(' '),
);

/** Words behind which stands from where or after what something was done. */
const originWords: ReadonlySet<string> = new Set('from off after on over under behind'.split(' '));

/** Whether words are a name as they stand, whatever small words stand around it. */
const namesWhole = (words: readonly string[], index: VocabularyIndex): boolean =>
  splitModifiers(words).some((split) => index.names.has(nameKey(withoutArticle(split.words))));

const withoutArticle = (words: readonly string[]): readonly string[] =>
  words.length > 1 && /^(?:the|a|an|his|her|my)$/.test(words[0] ?? '') ? words.slice(1) : words;

/** Every way to read the words without what stands around the name, the words as they are first. */
export function versionsOf(words: readonly string[], index: VocabularyIndex): Version[] {
  const text = words.join(' ');
  const found: Version[] = [{ words, cost: 0 }];
  const places = takePlaces(words, index);
  if (places.words !== words) found.push({ words: places.words, to: places.to, cost: PLACE_COST });
  // "sits to butterfly", "reaps to outside ashi": what they came to, when how is no name.
  if (places.to?.kind === 'position')
    found.push({ words: wordsOf(places.to.name), tail: places.words, to: places.to, cost: PLACE_COST });
  const open = available.exec(text)?.[1];
  if (open) found.push({ words: open.split(' '), modifiers: { missed: true }, cost: 0 });
  const there = wasThere.exec(text)?.[1]?.split(' ');
  if (there && index.names.get(nameKey(there))?.kind === 'attempt')
    found.push({ words: there, modifiers: { missed: true }, cost: 0 });
  const led = leadIn.exec(text)?.[1] ?? bareLead.exec(text)?.[1];
  if (led && /\w{4}/.test(led.replace(/\b(?:them|over|down|away|back)\b/g, '')))
    found.push({ words: led.split(' '), cost: LEAD_COST });
  const bare = withoutClass(words, index);
  if (bare) found.push({ words: bare, cost: CLASS_COST });
  const means = byMeansOf.exec(text)?.[1]?.split(' ');
  if (means && index.names.get(nameKey(means))?.kind === 'attempt') found.push({ words: means, cost: PLACE_COST });
  for (const around of [smallLead, smallTail]) {
    const name = around.exec(text)?.[1]?.split(' ');
    if (name && namesWhole(name, index)) found.push({ words: name, cost: LEAD_COST });
  }
  return found.flatMap((version) => {
    const name = nameBeforeTail(version.words, index, places.words === words);
    if (!name) return [version];
    const tail = version.words.slice(name.length);
    return [version, { ...version, words: name, tail, cost: version.cost + TAIL_COST }];
  });
}

/** The name before the first word behind which only more is said about it. Where it was done counts when it is no place and all that is left: how it ended may stand behind it. */
function nameBeforeTail(
  words: readonly string[],
  index: VocabularyIndex,
  hasNoPlace: boolean,
): readonly string[] | undefined {
  const at = words.findIndex((word, place) => place > 0 && (tailWords.has(word) || originWords.has(word)));
  const name = words.slice(0, at);
  if (at < 1 || !namesWhole(name, index)) return undefined;
  if (tailWords.has(words[at] ?? '')) return name;
  const kind = index.names.get(nameKey(withoutArticle(name)))?.kind;
  return (kind === 'attempt' || kind === 'grip') && hasNoPlace && splitModifiers(words).length === 1 ? name : undefined;
}
