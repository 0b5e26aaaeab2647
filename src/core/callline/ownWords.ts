import { findStrength } from '../vocabulary';
import type { MarkDraft } from './draftOf';
import type { Judged } from './judgement';
import type { Modifiers } from './modifiers';
import { principleOf } from './principleOf';
import { phraseForms } from './verbForms';
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
  [/\b(?:cross|across|opposite|far)\b.*\bsleeve|\bsleeve\b.*\bacross\b/, 'cross-sleeve-grip'],
  [/\bsleeves?\b/, 'sleeve-grip'],
  [/\b(?:cross|far|opposite) collar\b/, 'cross-collar-grip'],
  [/\b(?:both|two|double)\b.*\b(?:lapels?|labels?|collars?)\b/, 'double-lapel-grip'],
  [/\b(?:high|deep|up)\b.*\b(?:lapel|label)\b/, 'lapel-grip-high'],
  [/\bcollar\b/, 'lapel-grip-high'],
  [/\b(?:lapels?|labels?|skirt|tail)\b/, 'lapel-feed'],
  [/\bchin\b/, 'chin-strap'],
  [/\bbelt\b/, 'belt-grip'],
  [/\b(?:cuffs?|hem)\b/, 'pant-grip-cuff'],
  [/\b(?:pants?|trousers?|knee cloth)\b/, 'pant-grip-knee'],
  [/\bankles?|heel\b/, 'ankle-grip'],
  [/\bwrists?\b/, 'wrist-control'],
  [/\b(?:biceps?)\b/, 'bicep-tie'],
  [/\b(?:head|neck)\b/, 'collar-tie'],
];
const forms = (phrases: string): string => phrases.split(' | ').map(phraseForms).join('|');
const holding = forms(
  'grip | grab | get | have got | have | catch | take | hold on to | hold | control | keep | win | find | feed | reach for | reach | pull on | pull | hang on to | latch on to | latch onto | dig for | dig out | dig in | dig | secure | snatch | establish | pummel for | pummel | clamp | hug | hook | clasp | tie up',
);
const aux = '(?:(?:is|was|are|ve|still|just|now|also|already|finally|again|quickly|then|been) )*';
const gripVerbs = new RegExp(
  `^${aux}(?:${holding}|has (?:you|him|her|me|them) by|have (?:you|him|her|me|them) by|got (?:him|her|me|you|them) by|on (?:my|his|her|the|your))(?: hold of| a hold of| hold| onto| on to| (?:a|the|his|her|my|your) (?:good |strong |deep )?(?:grip|hand|fingers|left hand|right hand))?(?: (?:on|in|for|into|around|to|of))? (.+)$`,
);
const gripBreaks = new RegExp(
  `^${aux}(?:${forms('break | strip | peel | rip | clear | kick off | shake off | pop | tear off | yank off')})(?: off| out of)? (.+)$`,
);
const gripLosses = new RegExp(
  `^${aux}(?:${forms('lose | let go of | release | give up')})(?: (?:the|his|her|my|your))? (.+)$`,
);
const ownBody =
  /^(?:keeps?|kept|gets?|got|has|have|had|pulls?|pulled|takes?|took|holds?|held|clears?|loses|lost|puts?|gives? up|gave up|offers?|leaves?|left) (?:his|her|my|your|their|the) (?:head|neck|chin)\b/;
/** Grips that are verbs themselves. */
const gripActs: readonly (readonly [RegExp, string])[] = [
  [/^(?:whizzers?|whizzered|whizzering)\b/, 'whizzer'],
  [/^(?:underhooks|underhooked)\b/, 'underhook'],
  [/^(?:overhooks|overhooked)\b/, 'overhook'],
  [/^(?:crossfaces|crossfaced)\b/, 'crossface'],
  [/^(?:seatbelts|seat belts)\b/, 'seat-belt'],
  [
    new RegExp(
      `^(?:${forms('drive | put | push | press | dig | jam | grind | plant | get')}) (?:the |his |her |my )?(?:shoulder|forearm|bicep|head) (?:in|into|across|on|onto|under|against) (?:the |his |her |my )?(?:face|jaw|cheek|chin|neck|throat)\\b`,
    ),
    'crossface',
  ],
  [/^(?:collar ties|collar tied)\b/, 'collar-tie'],
];

/** "gets hold of the far sleeve", "strips the cuff": a grip told as a verb and what the hand holds; undefined for anything else. */
export function readGripByPart(
  words: readonly string[],
): { readonly gripId: string; readonly outcome: 'got' | 'broken' | 'lost' } | undefined {
  const text = words.join(' ');
  const act = gripActs.find(([pattern]) => pattern.test(text));
  if (act) return { gripId: act[1], outcome: 'got' };
  const broken = gripBreaks.exec(text);
  const lost = broken ? undefined : gripLosses.exec(text);
  const held = broken ?? lost ?? gripVerbs.exec(text);
  if (!held) return undefined;
  // "keeps his head up" is one's own head.
  if (ownBody.test(text)) return undefined;
  const part = gripParts.find(([pattern]) => pattern.test(held[1] ?? ''));
  return part && { gripId: part[1], outcome: broken ? 'broken' : lost ? 'lost' : 'got' };
}
