import { type Athlete, opponentOf, type RoundState } from '../round';
import { findPosition } from '../vocabulary';
import { type BestReading, bestReading } from './bestReading';
import type { CallContext } from './callContext';
import { fitsModifiers, type Modifiers, mergeModifiers, splitModifiers } from './modifiers';
import { takeNames } from './sentenceNames';
import { standingInGuard } from './standing';
import type { VocabularyIndex } from './vocabularyIndex';

/** A sentence about where somebody is, every word of it explained. */
export interface PositionSentence {
  readonly athlete: Athlete | undefined;
  readonly best: BestReading;
  readonly modifiers: Modifiers;
}

const articles = /^(?:the|a|an|his|her|my|their|that|this) /;
const opening = /^(?:now|then|and|again|finally|still|is|am|was|stays|back|im|quickly|immediately|just|already) /;
const tails = / (?:again|now|here|instead|finally|too|once more|this time|for now|for a (?:moment|second|while))$/;

/** Where the subject is, by what is said before the position. Pins and the back are held from above, guards are played from below. @source common practice */
const frames: readonly (readonly [pattern: RegExp, place: 'over' | 'under' | 'usual' | 'held' | 'inside'])[] = [
  [
    /^(?:on top(?: now| again| still| there)? in|on top of|on top from|on top with|from the top in|over in|top in|attacking from|passing) (.+)$/,
    'over',
  ],
  [
    /^(?:from the bottom in|from the bottom of|on the bottom in|on the bottom of|on bottom in|bottom in|below in|underneath in|from below in) (.+)$/,
    'under',
  ],
  [
    /^(?:(?:is |gets |got |stays |now |still )*(?:stuck|caught|trapped|pinned|held|flat) (?:in|under)|under|underneath|beneath|defending(?: from)?|defends(?: from)?|surviving(?: in)?|survives(?: in)?|struggling in|suffering in|bottom of) (.+)$/,
    'held',
  ],
  [/^(?:inside|kneeling in|standing in|postured in|trapped inside|sits inside|stands inside) (.+)$/, 'inside'],
  [
    /^(?:in|into|at|from|has|had|holds|held|keeps|kept|maintains|settles (?:in|into|on)|settled (?:in|into|on)|sits (?:in|into)|stays in|lands (?:in|on)|landed (?:in|on)|ends? up (?:in|on)|ended up (?:in|on)|goes(?: (?:in|into|to|for))?|went (?:in|into|to)|moves (?:in|into|to)|moved (?:in|into|to)|transitions (?:in|into|to)|transitioned (?:in|into|to)|steps (?:in|into|to|over to)|slides (?:in|into|to)|climbs (?:into|to|up to)|switches (?:in|into|to)|comes (?:in|into|to|up to)|came (?:in|into|to)|arrives (?:in|at)|gets (?:into|in)|got (?:into|in)|gets|got|gets to|got to|reaches|reached|establishes|established|secures|secured|consolidates|consolidated|stabilises|stabilised|stabilizes|stabilized|solidifies|achieves|finds|found|works from|working from|attacks from|controls from|controlling from|plays|played|playing|takes|took|returns to|floats to|walks to|rides|locks(?: in| up| on)?|locked(?: in| up| on)?|wraps(?: up)?|to) (.+)$/,
    'usual',
  ],
];

const stuckIn = /^(?:is |gets |got |still |now )*(?:stuck|caught|trapped) in /;

/** How sure the name must be: nothing else is left. @source own decision */
const NAMED = 0.93;
/** Guards and backs that are got are won by a move of their own. */
const isWon =
  /^(?:gets|got|takes|took|gets to|got to|moves to|comes to|goes to|went to|climbs to|to|recovers|goes for) /;

/** Reads a call as a sentence about a position; undefined unless every word has its place in it. */
export function readPositionSentence(
  words: readonly string[],
  index: VocabularyIndex,
  context: CallContext,
): PositionSentence | undefined {
  const owner = ownerOf(words, context);
  const { subject, rest } = takeNames(owner?.words ?? words, context);
  let text = rest;
  while (opening.test(text)) text = text.replace(opening, '');
  // "on ana's back": whose it is, is no part of the name.
  const back = subject && /^on (?:the )?back$/.test(text) ? named('on the back', index, context) : undefined;
  if (back) return { athlete: subject, best: back, modifiers: back.modifiers };
  const stander = / up$|^stands$/.test(text) ? standingInGuard(text, subject, context.state) : undefined;
  const standing = stander && named('stands in guard', index, context);
  if (standing) return { athlete: stander, best: standing, modifiers: { place: 'over' } };
  // "mount again" finds no fault.
  if (tails.test(text)) {
    const best = named(text.replace(tails, ''), index, context);
    if (best) return { athlete: subject, best, modifiers: best.modifiers };
  }
  for (const [pattern, place] of frames) {
    let core = pattern.exec(text)?.[1];
    if (core === undefined) continue;
    while (tails.test(core)) core = core.replace(tails, '');
    while (articles.test(core)) core = core.replace(articles, '');
    if (core === 'guard' && inGuard.test(text)) core = guardOf(context.state);
    const best = named(core, index, context);
    const position = best && findPosition(best.match.concept.id);
    if (!best || !position) continue;
    const isPlayed = /guard/.test(position.family);
    if (isWon.test(text) && (isPlayed || position.family === 'back')) return undefined;
    const athlete = owner?.athlete ?? subject;
    // Who is in somebody else's guard is the other one there, as who is under somebody's mount.
    if (place === 'inside' && !owner)
      return isPlayed && athlete ? { athlete, best, modifiers: { place: 'over' } } : undefined;
    if (place === 'held' && !owner) {
      if (!athlete) return undefined;
      // Who is stuck in a guard is in it, not the one who plays it.
      if (isPlayed) return stuckIn.test(text) ? { athlete, best, modifiers: { place: 'over' } } : undefined;
      return { athlete: opponentOf(athlete), best, modifiers: { ...best.modifiers, place: 'over' } };
    }
    // Whose guard it is plays it, whoever is on top in it.
    const told = !owner && (place === 'over' || place === 'under') ? { place } : {};
    return { athlete, best, modifiers: { ...best.modifiers, ...told } };
  }
  return undefined;
}

/** "marek in ana's half guard": whose guard it is. */
function ownerOf(words: readonly string[], context: CallContext) {
  const at = words.findIndex(
    (word, place) =>
      place > 1 &&
      word.length > 3 &&
      word.endsWith('s') &&
      context.calledBy.a.concat(context.calledBy.b).includes(word.slice(0, -1)),
  );
  const before = words[at - 1];
  if (at < 2 || (before !== 'in' && before !== 'inside')) return undefined;
  const name = (words[at] ?? '').slice(0, -1);
  const athlete: Athlete = context.calledBy.a.includes(name) ? 'a' : 'b';
  return { athlete, words: [...words.slice(0, at), ...words.slice(at + 1)] };
}

const inGuard = /(?:^| )in(?:side|to)? (?:\w+ )?guard$/;

/** "in the guard": the one that is played, else the closed one. @source common practice */
function guardOf(state: RoundState): string {
  const position = state.kind === 'position' ? findPosition(state.positionId) : undefined;
  return position && /-guard$/.test(position.id) ? position.name.toLowerCase() : 'closed guard';
}

/** The position that is named and nothing else, but for how it is held: "body triangle on the right". */
function named(core: string, index: VocabularyIndex, context: CallContext): BestReading | undefined {
  for (const { words, modifiers } of splitModifiers(core.split(' '))) {
    if (!fitsModifiers('position', modifiers)) continue;
    const best = bestReading(words, index, context);
    const isWhole = best && best.words.length === words.length && !best.tail && !best.to;
    if (isWhole && best.match.concept.kind === 'position' && best.match.confidence >= NAMED)
      return { ...best, modifiers: mergeModifiers(modifiers, best.modifiers) };
  }
  return undefined;
}
