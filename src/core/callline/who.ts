import { present } from '../kernel';
import { type Athlete, athleteAt, opponentOf, type RoundState } from '../round';
import type { CallContext } from './callContext';
import { isOpening } from './modifiers';
import { wordsOf } from './words';

export interface Who {
  readonly athlete: Athlete;
  readonly named: boolean;
  /** The words without the name. */
  readonly words: readonly string[];
}

/** Nobody can tell who "he" is: the word is no part of what is said. */
const nobody = (words: readonly string[]): Who => ({
  ...{ athlete: 'a', named: false },
  words: words.length > 1 && /^(?:he|she|they|hes|shes|theyre)$/.test(present(words[0])) ? words.slice(1) : words,
});

/** Words behind which a name is whom something is done to or taken from, not who does it. */
const towards: ReadonlySet<string> = new Set(
  'on off to the over under with past of against into around at behind onto in'.split(' '),
);
const passives: ReadonlySet<string> = new Set(['from', 'by']);

/** Whom a call is about: a letter, a name or its initial, the kit's colour, "I", "top" or "bottom"; a name wherever it stands. Else nobody is named. */
export function readAthlete(words: readonly string[], context: CallContext): Who {
  const last = namedLast(words, context);
  if (last) return last;
  if (words.length < 2) return nobody(words);
  const inner = afterOpening(words, context);
  if (inner) return inner;
  const called = athleteCalled(present(words[0]), context);
  if (called) return { athlete: called, named: true, words: words.slice(1) };
  const told = nameAnywhere(words, context) ?? speakerIn(words, context);
  if (told) return told;
  const placed = placedAthlete(present(words[0]), context.state);
  return placed ? { athlete: placed, named: true, words } : nobody(words);
}

/** "good patience from marek": the name stands at the end, behind a small word. */
function namedLast(words: readonly string[], context: CallContext): Who | undefined {
  const called = words.at(-1);
  // "punished from white" names a belt, not a kit.
  if (words.length < 3 || words.at(-3) === 'punished' || !called || called.length < 2) return undefined;
  if (!passives.has(present(words.at(-2)))) return undefined;
  const athlete = athleteCalled(called, context);
  const first = present(words[0]);
  // "marek gets swept by ana": it is told of the first, and by whom it was done adds nothing.
  const subject = first.length > 1 ? athleteCalled(first, context) : undefined;
  if (athlete && subject === opponentOf(athlete)) return { athlete: subject, named: true, words: words.slice(1, -2) };
  return athlete && { athlete, named: true, words: words.slice(0, -2) };
}

/** "missed chance ana armbar": the name stands behind the word that tells the kind. Letters alone do not count there. */
function afterOpening(words: readonly string[], context: CallContext): Who | undefined {
  const at = words.findIndex((word) => !isOpening(word));
  if (at < 1 || at >= words.length - 1 || present(words[at]).length < 2) return undefined;
  const athlete = athleteCalled(present(words[at]), context);
  return athlete && { athlete, named: true, words: without(words, at) };
}

/** "side control ana", "elbows flared again, ana", "on the left, bea's underhook"; behind "on", "to" or "past" it is the other one who acts. */
function nameAnywhere(words: readonly string[], context: CallContext): Who | undefined {
  const at = words.findLastIndex((word) => word.length > 1 && athleteCalled(word, context) !== undefined);
  if (at < 0) {
    // A letter behind everything else: "toe hold b". At the beginning it was looked at already.
    const end = present(words.at(-1));
    const isLetter = words.length > 1 && (end === 'a' || end === 'b') && !towards.has(present(words.at(-2)));
    return isLetter ? { athlete: end as Athlete, named: true, words: words.slice(0, -1) } : undefined;
  }
  const athlete = present(athleteCalled(present(words[at]), context));
  const before = words[at - 1];
  const isTold = before !== undefined && towards.has(before);
  // "the white" is a kit; "on the white" is a place: nobody can tell.
  if (isTold && (before === 'the' || before === 'of')) return undefined;
  const rest = isTold ? [...words.slice(0, at - 1), ...words.slice(at + 1)] : without(words, at);
  return rest.length > 0 ? { athlete: isTold ? opponentOf(athlete) : athlete, named: true, words: rest } : undefined;
}

const own: ReadonlySet<string> = new Set(['i', 'im', 'ive', 'my', 'mine', 'myself']);

/** "I take the back", "my elbow is out": the coach who writes, when one of the two; else the athlete in focus. */
function speakerIn(words: readonly string[], context: CallContext): Who | undefined {
  const at = words.findIndex((word) => own.has(word));
  if (at < 0) return undefined;
  const rest = words.filter((word) => !own.has(word));
  return rest.length > 0 ? { athlete: context.speaks ?? 'a', named: true, words: rest } : undefined;
}

/** Where a clause begins. */
const CLAUSE = String.raw`(^|[,;]\s+|\b(?:and|but|then|so|because|while)\s+)`;
const theirs = new RegExp(`${CLAUSE}(?:he|she|they)\\b`, 'gi');
const mine = new RegExp(`${CLAUSE}i\\b(?!')`, 'gi');

/**
 * "he tips me over", "armbar, i tap" with names in place of the pronouns, so that they are read as names are: who writes of "me" means the other one by "he". An
 * "I" or "my" that begins stays.
 */
export function withNames(text: string, context: CallContext): string {
  const isOfMe = /\b(?:i|im|i'm|i've|ive|me|my|mine|myself)\b/i.test(text);
  if (!isOfMe && !context.speaks) return text;
  const speaker = context.speaks ?? 'a';
  const nameOf = (athlete: Athlete) => context.calledBy[athlete].find((name) => name.length > 1) ?? athlete;
  // "got up on my elbow" is told of the one whose elbow it is; "he is on my back" is not.
  const [first = ''] = wordsOf(text);
  const isOfOther =
    /\b(?:he|she|they|hes|shes|theyre|he's|she's|they're)\b/i.test(text) ||
    (first.length > 1 && athleteCalled(first, context) === opponentOf(speaker));
  return text
    .replace(theirs, (_, before: string) => `${before}${nameOf(opponentOf(speaker))}`)
    .replace(mine, (said, before: string) => (before === '' ? said : `${before}${nameOf(speaker)}`))
    .replace(/\b(?:me|myself)\b/gi, nameOf(speaker))
    .replace(/(?<=\S\s+)my\b/gi, (said) => (isOfOther ? `${nameOf(speaker)}'s` : said));
}

const without = (words: readonly string[], at: number): string[] => [...words.slice(0, at), ...words.slice(at + 1)];

/** Who is called by a word: a letter, a name, an initial, a kit. */
export function athleteCalled(word: string, { calledBy }: CallContext): Athlete | undefined {
  if (word === 'a' || word === 'b') return word;
  // "Ana's elbows flared": the apostrophe is gone by now.
  for (const said of [word, word.endsWith('s') ? word.slice(0, -1) : word])
    for (const athlete of ['a', 'b'] as const)
      if (calledBy[athlete].includes(said) && !calledBy[opponentOf(athlete)].includes(said)) return athlete;
  return undefined;
}

function placedAthlete(word: string, state: RoundState): Athlete | undefined {
  if ((word !== 'top' && word !== 'bottom') || state.kind !== 'position' || state.holder === undefined)
    return undefined;
  return athleteAt(state, word === 'top' ? 'over' : 'under');
}
