import { present } from '../kernel';
import {
  type AttemptEnd,
  type GripOutcome,
  type Held,
  type LuckyEnd,
  type Punishment,
  type Side,
  type Stage,
  type Surrounding,
  type TapCause,
  type Target,
  targets,
  type Verdict,
} from '../round';
import { type Belt, belts } from '../vocabulary';
import type { ConceptKind } from './vocabularyIndex';

/** What the small words of a call add to its mark. */
export interface Modifiers {
  readonly side?: Side;
  readonly target?: Target;
  readonly stage?: Stage;
  readonly end?: AttemptEnd;
  readonly punished?: Punishment;
  readonly punishedFrom?: Belt;
  readonly verdict?: Verdict;
  readonly unsure?: true;
  readonly outcome?: GripOutcome;
  readonly place?: 'over' | 'under';
  readonly tapCause?: TapCause;
  readonly came?: LuckyEnd;
  /** What was the matter at the moment. */
  readonly amid?: readonly Surrounding[];
  /** How a position is held. */
  readonly held?: Held;
  /** An opening that was not taken. */
  readonly missed?: true;
  readonly praised?: true;
}

const amidWords: readonly (readonly [Surrounding, readonly string[]])[] = [
  ['wall', ['at the wall', 'on the wall', 'against the wall', 'by the wall', 'off the wall', 'near the wall']],
  ['edge', ['at the edge', 'on the edge', 'near the edge', 'over the edge', 'off the mat', 'out of bounds']],
  ['crowd', ['with others in the way', 'another pair in the way', 'into another pair', 'in a crowd', 'on a full mat']],
  ['tired', ['while tired', 'when tired', 'tired', 'out of breath', 'exhausted', 'gassed']],
  ['hurt', ['while hurt', 'when hurt', 'hurt']],
  ['ill', ['while ill', 'while sick']],
  ['reset', ['after a reset', 'after the reset', 'from a reset']],
];

/** "on the left side", "right arm": ways to tell a side behind a name, longer ones first. */
const sidePhrases = (['left', 'right'] as const).flatMap((side) =>
  [
    'on the _ side',
    'to the _ side',
    'on his _',
    'on her _',
    'on the _',
    'to the _',
    'from the _',
    'on _',
    '_ side',
    '_ arm',
    '_ leg',
  ].map((phrase) => [phrase.replace('_', side), { side }] as const),
);

/** Words after the concept; a longer phrase comes before its own ending. */
const trailing: readonly (readonly [phrase: string, modifier: Modifiers])[] = [
  ...belts.map((belt) => [`punished from ${belt}`, { punishedFrom: belt }] as const),
  ['not punished', { punished: 'no' }],
  ['partly punished', { punished: 'partly' }],
  ['by injury', { tapCause: 'injury' }],
  ['by illness', { tapCause: 'illness' }],
  ['by courtesy', { tapCause: 'courtesy' }],
  ['given lightly', { tapCause: 'courtesy' }],
  ['light tap', { stage: 'finished', end: 'finished', tapCause: 'courtesy' }],
  ['taps lightly', { stage: 'finished', end: 'finished', tapCause: 'courtesy' }],
  ['by luck', { came: 'luck' }],
  ['lucky', { came: 'luck' }],
  ['as a gift', { came: 'gift' }],
  ['gifted', { came: 'gift' }],
  ['not got', { outcome: 'missed' }],
  ['head inside', { held: { head: 'inside' } }],
  ['head outside', { held: { head: 'outside' } }],
  ['head up', { held: { head: 'up' } }],
  ['head down', { held: { head: 'down' } }],
  ['posture broken', { held: { posture: 'broken' } }],
  ['posture kept', { held: { posture: 'kept' } }],
  ['posture good', { held: { posture: 'kept' } }],
  ['high', { held: { height: 'high' } }],
  ['low', { held: { height: 'low' } }],
  ...amidWords.flatMap(([one, phrases]) => phrases.map((phrase) => [phrase, { amid: [one] }] as const)),
  ['side unseen', { side: 'not-seen' }],
  ['on purpose', { verdict: 'concession' }],
  ['as bait', { verdict: 'bait' }],
  ['as agreed', { verdict: 'agreed' }],
  ['nothing to fault', { verdict: 'no-fault' }],
  ['no fault', { verdict: 'no-fault' }],
  ['not sure', { unsure: true }],
  ['ask about it', { unsure: true }],
  ['missed chance', { missed: true }],
  ['was open', { missed: true }],
  ['was there', { missed: true }],
  ...sidePhrases,
  ['left', { side: 'left' }],
  ['right', { side: 'right' }],
  ['punished', { punished: 'yes' }],
  ['unpunished', { punished: 'no' }],
  ['partly', { punished: 'partly' }],
  ['spared', { punished: 'spared' }],
  ['bait', { verdict: 'bait' }],
  ['feint', { verdict: 'bait' }],
  ['deliberate', { verdict: 'concession' }],
  ['conceded', { verdict: 'concession' }],
  ['excused', { verdict: 'no-fault' }],
  ['unsure', { unsure: true }],
  ['maybe', { unsure: true }],
  ['ask', { unsure: true }],
  ['missed', { missed: true }],
  ['entry', { stage: 'entry' }],
  ['tried', { stage: 'entry' }],
  ['attempt', { stage: 'entry' }],
  ['attempted', { stage: 'entry' }],
  ['almost in', { stage: 'control' }],
  ['nearly in', { stage: 'control' }],
  ['almost', { stage: 'control' }],
  ['nearly', { stage: 'control' }],
  ['control', { stage: 'control' }],
  ['controlled', { stage: 'control' }],
  ['locked', { stage: 'locked' }],
  ['tight', { stage: 'locked' }],
  ['finished', { stage: 'finished', end: 'finished' }],
  ['finishes', { stage: 'finished', end: 'finished' }],
  ['done', { stage: 'finished', end: 'finished' }],
  ['tap', { stage: 'finished', end: 'finished' }],
  ['taps', { stage: 'finished', end: 'finished' }],
  ['lands', { stage: 'finished', end: 'finished' }],
  ['works', { stage: 'finished', end: 'finished' }],
  ['completed', { stage: 'finished', end: 'finished' }],
  ['countered', { end: 'escaped' }],
  ['blocked', { end: 'escaped' }],
  ['stuffed', { end: 'escaped' }],
  ['defended', { end: 'escaped' }],
  ['stopped', { end: 'escaped' }],
  ['bails', { end: 'abandoned' }],
  ['bailed', { end: 'abandoned' }],
  ['just playing', { verdict: 'concession' }],
  ['time', { end: 'interrupted' }],
  ['escapes', { end: 'escaped' }],
  ['escaped', { end: 'escaped' }],
  ['abandoned', { end: 'abandoned' }],
  ['fails', { end: 'abandoned' }],
  ['failed', { end: 'abandoned' }],
  ['declined', { end: 'declined' }],
  ['interrupted', { end: 'interrupted' }],
  // Short forms, for the hand that knows them.
  ['np', { punished: 'no' }],
  ['pp', { punished: 'partly' }],
  ['p', { punished: 'yes' }],
  ['f', { stage: 'finished', end: 'finished' }],
  ['c', { stage: 'control' }],
  ['k', { stage: 'locked' }],
  ['e', { end: 'escaped' }],
  ['ab', { end: 'abandoned' }],
  ['l', { side: 'left' }],
  ['r', { side: 'right' }],
  ['well', { praised: true }],
  ['got', { outcome: 'got' }],
  ['broken', { outcome: 'broken' }],
  ['lost', { outcome: 'lost' }],
  ['top', { place: 'over' }],
  ['attacking', { place: 'over' }],
  ['bottom', { place: 'under' }],
  ['below', { place: 'under' }],
  ['defending', { place: 'under' }],
  ...targets.flatMap((target) =>
    [`on the ${target}`, `on ${target}`, `to the ${target}`].map((phrase) => [phrase, { target }] as const),
  ),
];

/** Words before the concept that tell its kind; verbs of a success also tell the stage. */
const leading: Readonly<Record<string, { readonly kind?: ConceptKind; readonly modifier?: Modifiers }>> = {
  grips: { kind: 'grip', modifier: { outcome: 'got' } },
  grip: { kind: 'grip', modifier: { outcome: 'got' } },
  gets: { modifier: { outcome: 'got' } },
  breaks: { kind: 'grip', modifier: { outcome: 'broken' } },
  loses: { kind: 'grip', modifier: { outcome: 'lost' } },
  passes: { kind: 'attempt', modifier: { stage: 'finished', end: 'finished' } },
  sweeps: { kind: 'attempt', modifier: { stage: 'finished', end: 'finished' } },
  escapes: { kind: 'attempt', modifier: { stage: 'finished', end: 'finished' } },
  finishes: { kind: 'attempt', modifier: { stage: 'finished', end: 'finished' } },
  hits: { kind: 'attempt', modifier: { stage: 'finished', end: 'finished' } },
  tries: { kind: 'attempt', modifier: { stage: 'entry' } },
  'goes for': { kind: 'attempt', modifier: { stage: 'entry' } },
  'throws up': { kind: 'attempt', modifier: { stage: 'entry' } },
  'sets up': { kind: 'attempt', modifier: { stage: 'entry' } },
  'looks for': { kind: 'attempt', modifier: { stage: 'entry' } },
  'works for': { kind: 'attempt', modifier: { stage: 'entry' } },
  'shoots for': { kind: 'attempt', modifier: { stage: 'entry' } },
  shoots: { kind: 'attempt', modifier: { stage: 'entry' } },
  attacks: { kind: 'attempt', modifier: { stage: 'entry' } },
  attempts: { kind: 'attempt', modifier: { stage: 'entry' } },
  threatens: { kind: 'attempt', modifier: { stage: 'entry' } },
  'goes to': { kind: 'position' },
  'gets to': { kind: 'position' },
  'back to': { kind: 'position' },
  almost: { kind: 'attempt', modifier: { stage: 'control' } },
  nearly: { kind: 'attempt', modifier: { stage: 'control' } },
  locks: { kind: 'attempt', modifier: { stage: 'locked' } },
  'missed chance': { modifier: { missed: true } },
  missed: { modifier: { missed: true } },
  chance: { modifier: { missed: true } },
  'could have': { modifier: { missed: true } },
  'should have': { modifier: { missed: true } },
  'could go': { modifier: { missed: true } },
  'should go': { modifier: { missed: true } },
  'has to': { modifier: { missed: true } },
  'needs to': { modifier: { missed: true } },
  should: { modifier: { missed: true } },
  could: { modifier: { missed: true } },
  misses: { modifier: { missed: true } },
  lands: { kind: 'attempt', modifier: { stage: 'finished', end: 'finished' } },
  completes: { kind: 'attempt', modifier: { stage: 'finished', end: 'finished' } },
  clean: { kind: 'attempt', modifier: { stage: 'finished', end: 'finished' } },
  left: { modifier: { side: 'left' } },
  right: { modifier: { side: 'right' } },
  gone: {},
  quick: {},
  lazy: {},
  'tries to': { kind: 'attempt', modifier: { stage: 'entry' } },
  error: { kind: 'error' },
  err: { kind: 'error' },
  good: { kind: 'strength', modifier: { praised: true } },
  nice: { kind: 'strength', modifier: { praised: true } },
  well: { kind: 'strength', modifier: { praised: true } },
  great: { kind: 'strength', modifier: { praised: true } },
  lovely: { kind: 'strength', modifier: { praised: true } },
  beautiful: { kind: 'strength', modifier: { praised: true } },
  perfect: { kind: 'strength', modifier: { praised: true } },
  bait: { modifier: { verdict: 'bait' } },
  unsure: { modifier: { unsure: true } },
  maybe: { modifier: { unsure: true } },
  top: { modifier: { place: 'over' } },
  bottom: { modifier: { place: 'under' } },
};

/** Whether a word, or a part of one of the phrases, may stand before the concept and tell its kind. */
export const isOpening = (word: string): boolean => openingWords.has(word);
const openingWords: ReadonlySet<string> = new Set(Object.keys(leading).flatMap((phrase) => phrase.split(' ')));

export interface Split {
  readonly words: readonly string[];
  readonly modifiers: Modifiers;
  readonly kindHint?: ConceptKind;
  readonly stripped: number;
}

/** Every way to take small words off both ends of a call, none first. The concept keeps at least one word. */
export function splitModifiers(words: readonly string[]): Split[] {
  const fronts: Split[] = [{ words, modifiers: {}, stripped: 0 }];
  for (;;) {
    const next = stripFirst(present(fronts[fronts.length - 1]));
    if (!next) break;
    fronts.push(next);
  }
  return fronts.flatMap((start) => {
    const splits = [start];
    for (;;) {
      const next = stripLast(present(splits[splits.length - 1]));
      if (!next) return splits;
      splits.push(next);
    }
  });
}

const isArticle = /^(?:the|a|an|his|her|my|their|it|him|himself|herself)$/;

function stripFirst(split: Split): Split | undefined {
  for (const length of [2, 1]) {
    if (split.words.length <= length) continue;
    const phrase = split.words.slice(0, length).join(' ');
    if (!Object.hasOwn(leading, phrase)) continue;
    // "left her elbow out" tells no side.
    if ((phrase === 'left' || phrase === 'right') && isArticle.test(split.words[1] ?? '')) continue;
    const lead = present(leading[phrase]);
    return {
      words: split.words.slice(length),
      modifiers: { ...split.modifiers, ...lead.modifier },
      kindHint: lead.kind ?? split.kindHint,
      stripped: split.stripped + length,
    };
  }
  return undefined;
}

/** Both together; what is said nearer to the end wins, and what may be several stays several. */
export function mergeModifiers(one: Modifiers, other: Modifiers): Modifiers {
  return {
    ...one,
    ...other,
    ...(one.held && other.held ? { held: { ...one.held, ...other.held } } : {}),
    ...(one.amid && other.amid ? { amid: [...new Set([...one.amid, ...other.amid])] } : {}),
  };
}

function stripLast(split: Split): Split | undefined {
  for (const [phrase, modifier] of trailing) {
    const tail = phrase.split(' ');
    const start = split.words.length - tail.length;
    if (start < 1 || tail.some((word, index) => split.words[start + index] !== word)) continue;
    return {
      ...split,
      words: split.words.slice(0, start),
      modifiers: mergeModifiers(modifier, split.modifiers),
      ...(modifier.praised ? { kindHint: 'strength' as const } : {}),
      // A short form explains nothing that a longer name would not: "single leg x" is a position.
      stripped: split.stripped + (phrase.length > 2 ? tail.length : 0),
    };
  }
  return undefined;
}

/** Whether a call of this kind can carry what the small words say. */
export function fitsModifiers(kind: ConceptKind, modifiers: Modifiers): boolean {
  if ((modifiers.punished || modifiers.punishedFrom) && kind !== 'error') return false;
  if ((modifiers.stage || modifiers.end || modifiers.came) && kind !== 'attempt') return false;
  if (modifiers.missed && kind === 'error') return false;
  if (modifiers.held && kind !== 'position') return false;
  if (modifiers.target && kind === 'position') return false;
  if (modifiers.praised && kind === 'error') return false;
  return !(modifiers.outcome && kind !== 'grip');
}

const byPhrase = new Map(trailing);

/** What words mean that are one of the phrases behind a concept, and nothing else. */
export const modifierOf = (words: readonly string[]): Modifiers | undefined => byPhrase.get(words.join(' '));
