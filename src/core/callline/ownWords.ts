import { findStrength } from '../vocabulary';
import type { MarkDraft } from './draftOf';
import type { Judged } from './judgement';
import type { Modifiers } from './modifiers';
import { principleOf } from './principleOf';
import type { Who } from './who';

/** What a coach says in words of their own that no entry holds: the verdict and what it is about, with the words as its remark. */
export function draftInOwnWords(
  said: {
    readonly who: Who;
    readonly judged: Judged;
    readonly modifiers: Modifiers;
    readonly text: string;
    readonly about: readonly string[];
  },
  atSeconds: number,
): MarkDraft {
  const { who, judged, modifiers, text } = said;
  const { athlete } = who;
  const principle = principleOf(said.about);
  const { verdict, unsure, side } = modifiers;
  const base = { atSeconds, verdict, unsure, note: text };
  if (judged.judgement === 'good') {
    const id = `good-unnamed${principle ? `-${principle}` : ''}`;
    return { ...base, kind: 'strength', strengthId: findStrength(id) ? id : 'good-unnamed', athlete };
  }
  if (judged.judgement === 'chance') return { ...base, kind: 'chance', techniqueId: 'unnamed-chance', athlete, side };
  return {
    ...base,
    kind: 'error',
    errorId: `err-unnamed${principle ? `-${principle}` : ''}`,
    athlete,
    punished: modifiers.punished,
    punishedFrom: modifiers.punishedFrom,
    side,
    ledTo: [],
  };
}

/** What hands take hold of, and the grip that is usually meant. @source common practice */
const gripParts: readonly (readonly [RegExp, string])[] = [
  [/\b(?:two|both) (?:hands )?on one\b/, 'two-on-one'],
  [/\bunder ?hooks?\b/, 'underhook'],
  [/\bover ?hooks?\b/, 'overhook'],
  [/\bcross ?face\b/, 'crossface'],
  [/\bseat ?belt\b/, 'seat-belt'],
  [/\bbody lock\b/, 'body-lock'],
  [/\bcollar tie\b/, 'collar-tie'],
  [/\bsleeves?\b/, 'sleeve-grip'],
  [/\b(?:cross|far|opposite) collar\b/, 'cross-collar-grip'],
  [/\bcollar\b/, 'lapel-grip-high'],
  [/\b(?:lapel|skirt|tail)\b/, 'lapel-feed'],
  [/\bbelt\b/, 'belt-grip'],
  [/\b(?:cuff|hem)\b/, 'pant-grip-cuff'],
  [/\b(?:pants?|trousers?|knee cloth)\b/, 'pant-grip-knee'],
  [/\bankles?|heel\b/, 'ankle-grip'],
  [/\bwrists?\b/, 'wrist-control'],
  [/\b(?:biceps?)\b/, 'bicep-tie'],
  [/\b(?:head|neck)\b/, 'collar-tie'],
];
const gripVerbs =
  /^(?:grips|gripped|grabs|grabbed|grab|gets|got|get|has|have|catches|caught|takes|took|holds|held|controls|keeps|wins|finds|feeds|reaches|pulls|hangs on to|latches on to|digs for|has you by|has him by|has her by|has me by|holding|got hold of|gets hold of|fed|secures|snatches|establishes|pummels|digs|clamps|hugs)(?: hold of| a hold of| hold| onto| on to)?(?: (?:on|in|for))? (.+)$/;
const gripBreaks =
  /^(?:breaks|broke|strips|stripped|peels|peeled|rips|clears|kicks off|shakes off|pops)(?: off| out of)? (.+)$/;

/** "gets hold of the far sleeve", "strips the cuff": a grip told as a verb and what the hand holds; undefined for anything else. */
export function readGripByPart(
  words: readonly string[],
): { readonly gripId: string; readonly outcome: 'got' | 'broken' } | undefined {
  const text = words.join(' ');
  const broken = gripBreaks.exec(text);
  const held = broken ?? gripVerbs.exec(text);
  if (!held) return undefined;
  const part = gripParts.find(([pattern]) => pattern.test(held[1] ?? ''));
  return part && { gripId: part[1], outcome: broken ? 'broken' : 'got' };
}
