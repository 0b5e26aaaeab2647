import { type Athlete, type AttemptMark, opponentOf, type RoundState } from '../round';
import { findPosition, findTechnique, isUnnamed } from '../vocabulary';
import { readAside } from './asides';
import type { CallContext } from './callContext';
import { turningOver } from './doings';
import { type Modifiers, splitModifiers } from './modifiers';
import type { Who } from './who';

/** A call that names no technique but its class: "ana sweeps", "choke finished", "samir taps". */
export interface PlainCall {
  readonly conceptId: string;
  readonly athlete?: Athlete;
  readonly modifiers: Modifiers;
  /** Words that stand for the technique: what a choice replaces. */
  readonly conceptWords: readonly string[];
  /** More than its class was said: "choke". Kept as the mark's remark. */
  readonly said?: string;
  /** The technique is known from what went before, not from the call: no choice to make. */
  readonly settled: boolean;
  /** The attempt that was on: this is how it ended, no further one. */
  readonly finishesId?: string;
}

const done: Modifiers = { stage: 'finished', end: 'finished' };

interface PlainWords {
  readonly conceptId: string | ((state: RoundState) => string | undefined);
  readonly does: readonly string[];
  readonly names: readonly string[];
  readonly said?: true;
}

/** A turtle has a usual way to the back, which has a name. */
function takingTheBack(state: RoundState): string | undefined {
  const family = state.kind === 'position' ? findPosition(state.positionId)?.family : undefined;
  return family === 'turtle' ? undefined : 'unnamed-back-take';
}

/** How somebody gets to the feet is called by where from. */
function standingUp(state: RoundState): string {
  const family = state.kind === 'position' ? findPosition(state.positionId)?.family : undefined;
  return family === 'turtle' ? 'turtle-stand-up' : 'technical-stand-up';
}

const plainWords: readonly PlainWords[] = [
  {
    conceptId: 'unnamed-pass',
    does: ['passes', 'passed', 'passes guard', 'passed guard', 'gets past', 'gets past guard', 'gets past legs'],
    names: ['pass', 'guard pass', 'smash'],
  },
  { conceptId: 'unnamed-sweep', does: ['sweeps', 'swept'], names: ['sweep'] },
  {
    conceptId: turningOver,
    does: [
      'reverses',
      'reversed',
      'reverses position',
      'reverses direction',
      'turns over',
      'comes on top',
      'gets on top',
    ],
    names: ['reversal'],
  },
  {
    conceptId: 'unnamed-takedown',
    does: ['takes down', 'took down', 'brings down'],
    names: ['takedown', 'take down', 'throw'],
  },
  {
    conceptId: 'unnamed-escape',
    does: ['escapes', 'gets out', 'gets free', 'gets away', 'free', 'is free', 'breaks free', 'slips out'],
    names: ['escape'],
  },
  {
    conceptId: standingUp,
    does: [
      'stands up',
      'stood up',
      'gets up',
      'got up',
      'gets to feet',
      'gets back to feet',
      'stands back up',
      'gets back up',
    ],
    names: [],
  },
  {
    conceptId: takingTheBack,
    does: ['takes back', 'took back', 'gets back', 'gets to back'],
    names: ['back take'],
  },
  {
    conceptId: 'unnamed-submission',
    does: ['submits', 'submitted'],
    names: ['submission', 'submission attempt', 'sub', 'finish'],
  },
  {
    conceptId: 'unnamed-submission',
    does: ['chokes', 'strangles'],
    names: ['choke', 'strangle', 'lock', 'joint lock', 'leg lock', 'crank'],
    said: true,
  },
];

const smallWords: ReadonlySet<string> = new Set('the a an his her their him them it on in of'.split(' '));
const tapWords: ReadonlySet<string> = new Set(['taps', 'tapped', 'tap', 'taps out', 'tapped out']);
/** Words that change nothing of a tap; one that comes early or late is judged. */
const justSo: ReadonlySet<string> = new Set('quick quickly fast immediately instantly now finally again'.split(' '));
/** A tap belongs to the attack that was on, and has no end yet, within this time. @source own decision */
const TAP_SECONDS = 60;

const onceMore = /(?: again| once more| another time| this time| now| here)+$/;

/** What a call says that names only a class of techniques; undefined when it names more, or nothing of the kind. */
export function readPlainCall(who: Who, context: CallContext): PlainCall | undefined {
  const tap = readTap(who, context);
  if (tap) return tap;
  for (const { words, modifiers } of splitModifiers(who.words)) {
    const plain = bareWords(words, who, context).join(' ').replace(onceMore, '');
    for (const { conceptId, does, names, said } of plainWords) {
      const isDone = does.includes(plain);
      if (!isDone && !names.includes(plain)) continue;
      const id = typeof conceptId === 'string' ? conceptId : conceptId(context.state);
      if (id === undefined) return undefined;
      return {
        conceptId: id,
        modifiers:
          isDone && !modifiers.stage && !modifiers.missed && !modifiers.end ? { ...modifiers, ...done } : modifiers,
        conceptWords: words,
        ...(said ? { said: plain } : {}),
        settled: !isUnnamed(id),
      };
    }
  }
  return undefined;
}

/** Words without small ones and without the other athlete's name: "takes ana down" says "takes down". */
function bareWords(words: readonly string[], who: Who, { calledBy }: CallContext): string[] {
  const other = who.named ? calledBy[opponentOf(who.athlete)] : [];
  return words.filter((word) => !smallWords.has(word) && !(word.length > 1 && other.includes(word)));
}

/** "taps early, sore shoulder": a tap for another reason than the technique, with the reason. */
function tapAndCause(said: readonly string[]): { readonly bare: readonly string[]; readonly cause?: Modifiers } {
  const words = said.filter((word) => !justSo.has(word));
  const [first = ''] = words;
  const tapCause = tapWords.has(first) && words.length > 1 ? readAside(words.slice(1))?.tapCause : undefined;
  return tapCause ? { bare: [first], cause: { tapCause } } : { bare: words };
}

/** "has to tap" taps, and so does who taps with the foot. */
const toTap = (words: readonly string[]): readonly string[] => {
  const told = /^(?:has|have|had|forced) to tap$/.test(words.slice(0, 3).join(' '))
    ? ['taps', ...words.slice(3)]
    : words;
  return told
    .join(' ')
    .replace(
      /^(taps|tapped)(?: with (?:the |his |her )?(?:foot|feet|hand|left|right)| twice| verbally| loudly)+$/,
      '$1',
    )
    .split(' ');
};

/** The class of techniques that a noun names: "choke", "guard pass". */
export function plainNoun(text: string, state: RoundState): string | undefined {
  const found = plainWords.find(({ names }) => names.includes(text));
  return typeof found?.conceptId === 'function' ? found.conceptId(state) : found?.conceptId;
}

/** "samir taps": the other athlete's submission is finished, the one that was on if there was one. "ana taps samir" is ana's; "tap" alone whose attack it was. */
export function readTap(who: Who, context: CallContext): PlainCall | undefined {
  const all = bareWords(toTap(who.words), who, context);
  const { bare, cause } = tapAndCause(all);
  if (!tapWords.has(bare.join(' '))) return undefined;
  const namesOther =
    all.length < toTap(who.words).filter((word) => !smallWords.has(word)).length ||
    who.words.some((word) => ['him', 'her', 'them'].includes(word));
  const winner = who.named ? (namesOther ? who.athlete : opponentOf(who.athlete)) : undefined;
  const attack = context.marks?.findLast(
    (mark): mark is AttemptMark =>
      mark.kind === 'attempt' &&
      (winner === undefined || mark.athlete === winner) &&
      mark.end === undefined &&
      mark.atSeconds <= context.atSeconds &&
      mark.atSeconds >= context.atSeconds - TAP_SECONDS &&
      findTechnique(mark.techniqueId)?.class === 'submissions',
  );
  const athlete = winner ?? attack?.athlete;
  return {
    conceptId: attack?.techniqueId ?? 'unnamed-submission',
    ...(attack ? { finishesId: attack.id } : {}),
    ...(athlete ? { athlete } : {}),
    modifiers: cause ? { ...done, ...cause } : done,
    conceptWords: [],
    ...(cause ? { said: all.slice(1).join(' ') } : {}),
    settled: true,
  };
}

const conditions: ReadonlySet<string> = new Set(
  (
    'tired gassed exhausted winded fresh breathing breath out of nervous angry frustrated hurt injured bleeding stalls stalling ' +
    'resting slow slows down waiting dizzy sick calm'
  ).split(' '),
);
const aroundConditions: ReadonlySet<string> = new Set(
  'is are gets getting got looks looking seems feels very so a bit little now again still too really heavily badly and'.split(
    ' ',
  ),
);

/** "samir is getting tired": how somebody is, which is nobody's technique. */
export const saysCondition = (words: readonly string[]): boolean =>
  words.some((word) => conditions.has(word) && word !== 'out' && word !== 'of' && word !== 'down') &&
  words.every((word) => conditions.has(word) || aroundConditions.has(word));
