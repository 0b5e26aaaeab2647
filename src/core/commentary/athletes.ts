import { distance } from 'fastest-levenshtein';
import { ordinaryWords } from '../callline';
import { type Athlete, opponentOf } from '../round';
import type { SpokenWord } from './sentences';

/** Words by which each athlete may be meant, lower case: names, kit colours. */
export type CalledBy = Readonly<Record<Athlete, readonly string[]>>;

/** Whom a word points at. `doer` for words that begin a clause, `owner` for "his" and "marek's", `object` for "him" and what stands behind a verb. */
export interface Pointing {
  readonly at: number;
  readonly athlete: Athlete;
  readonly role: 'doer' | 'owner' | 'object';
  readonly byName: boolean;
}

/** How long a pronoun keeps its person. @source own decision: after this, the talk has usually moved on */
export const PRONOUN_SECONDS = 12;

const doers = new Set(['he', 'she', 'they']);
const owners = new Set(['his', 'her', 'their']);
const objects = new Set(['him', 'them']);
const prepositions = new Set(['by', 'for', 'from', 'against', 'on', 'with', 'to', 'under', 'and']);

/** Remembers who was spoken of, and finds whom the words of a sentence mean. */
export interface Listener {
  readonly calledBy: CalledBy;
  /** The athlete who speaks, when one of the two does: "I" is them, "he" and "she" the other. */
  readonly speaks?: Athlete;
  /** Whom "you" means. */
  readonly you?: Athlete;
  /** "he" or "she" where it is known. */
  readonly pronouns?: Partial<Record<Athlete, 'he' | 'she'>>;
  last?: { readonly athlete: Athlete; readonly atSeconds: number };
  /** Who was last called by name, and who was last spoken to. */
  named?: { readonly athlete: Athlete; readonly atSeconds: number };
  addressed?: { readonly athlete: Athlete; readonly atSeconds: number };
}

export function findPointings(words: readonly SpokenWord[], listener: Listener): Pointing[] {
  const found: Pointing[] = [];
  const named = (word: string, next: string): { athlete: Athlete; owner: boolean } | undefined => {
    const misheard = nearName(word, listener.calledBy);
    if (misheard) return misheard;
    for (const athlete of ['a', 'b'] as const) {
      const called = listener.calledBy[athlete];
      if (listener.calledBy[opponentOf(athlete)].includes(word)) continue;
      if (called.includes(word)) return { athlete, owner: false };
      if (word.endsWith('s') && called.includes(word.slice(0, -1))) return { athlete, owner: !isContracted(next) };
    }
    return undefined;
  };
  for (const [at, { word, atSeconds }] of words.entries()) {
    const name = named(word, words[at + 1]?.word ?? '');
    const before = words[at - 1]?.word ?? '';
    if (name) {
      listener.named = { athlete: name.athlete, atSeconds };
      if (isCalledTo(words, at)) listener.addressed = { athlete: name.athlete, atSeconds };
      // Who is told of is not spoken to: "you" is the other one.
      else if (listener.addressed?.athlete === name.athlete)
        listener.addressed = { athlete: opponentOf(name.athlete), atSeconds };
      const isObject = !name.owner && prepositions.has(before) && before !== 'and';
      found.push({
        at,
        athlete: name.athlete,
        role: name.owner ? 'owner' : isObject ? 'object' : 'doer',
        byName: true,
      });
      if (!isObject || before === 'for' || before === 'by') listener.last = { athlete: name.athlete, atSeconds };
      continue;
    }
    if (listener.speaks && (word === 'i' || word === 'my' || word === 'me' || word === 'im')) {
      const role = word === 'my' ? 'owner' : word === 'me' ? 'object' : 'doer';
      found.push({ at, athlete: listener.speaks, role, byName: true });
      if (role === 'doer') listener.last = { athlete: listener.speaks, atSeconds };
      continue;
    }
    const you = listener.you ?? (listener.speaks ? undefined : spokenTo(listener));
    if (you && /^(?:you|your|youre|youve|yourself)$/.test(word) && !isGeneral(words, at)) {
      listener.addressed = { athlete: you, atSeconds };
      found.push({ at, athlete: you, role: word === 'your' ? 'owner' : 'doer', byName: true });
      listener.last = { athlete: you, atSeconds };
      continue;
    }
    const role =
      doers.has(word) || /^(he|she)(s|ll|d)$/.test(word)
        ? 'doer'
        : owners.has(word)
          ? 'owner'
          : objects.has(word)
            ? 'object'
            : undefined;
    if (!role) continue;
    const told = toldByPronoun(word, listener);
    // Who speaks of "he" while speaking to somebody means the other one.
    const facing = listener.speaks ?? listener.you ?? addressedLately(listener, atSeconds);
    const athlete = told ?? (facing ? opponentOf(facing) : recent(listener, atSeconds));
    if (!athlete) continue;
    const doer = found.findLast((one) => one.role === 'doer');
    // "flattens her", "in his guard": with a doer in the sentence, the other one is meant.
    const shifted = !facing && !told && role === 'object' && doer ? opponentOf(doer.athlete) : athlete;
    const antecedent = found.some((one) => one.byName && one.athlete === athlete && one.role !== 'owner');
    found.push({
      at,
      athlete: shifted,
      role,
      byName: facing !== undefined || told !== undefined || antecedent,
    });
    if (told && role === 'doer') listener.last = { athlete: told, atSeconds };
  }
  return found;
}

/** "Ana's on top" is "Ana is": behind "is" stands where, how or what somebody does, and no thing of theirs. */
const isContracted = (next: string): boolean =>
  next === '' ||
  /^(?:on|in|at|got|gonna|not|never|still|now|just|already|back|up|down|over|under|behind|out|off|the|a|an|so|very|really|too|to|by|there|here|all|both|trying|going|about|been|gone|through|past|stuck|flat|late|good|nice)$/.test(
    next,
  ) ||
  (/ing$/.test(next) && next.length > 4);

/** Names of so many letters and more may be a letter or two off. @source own decision */
const LEAST_NAME_LETTERS = 4;

/** "tavern" for Tavin: a word that is no other word, begins like a name, and is nearer to it than to the other one's. */
function nearName(word: string, calledBy: CalledBy): { athlete: Athlete; owner: boolean } | undefined {
  if (word.length < LEAST_NAME_LETTERS || ordinaryWords.has(word) || isCalled(word, calledBy)) return undefined;
  const off = (athlete: Athlete) =>
    Math.min(
      ...calledBy[athlete]
        .filter((name) => name.length >= LEAST_NAME_LETTERS && name[0] === word[0] && !ordinaryWords.has(name))
        .map(
          (name) =>
            Math.min(distance(word, name), word.endsWith('s') ? distance(word.slice(0, -1), name) : 9) / name.length,
        ),
    );
  const [a, b] = [off('a'), off('b')];
  const nearest = Math.min(a, b);
  if (nearest > 0.4 || a === b) return undefined;
  return { athlete: a < b ? 'a' : 'b', owner: false };
}

const isCalled = (word: string, calledBy: CalledBy): boolean =>
  [word, word.endsWith('s') ? word.slice(0, -1) : word].some(
    (one) => calledBy.a.includes(one) || calledBy.b.includes(one),
  );

/** Words behind which a name is called: "and Ana, …", "no Ana". */
const callingOut: ReadonlySet<string> = new Set(
  'and so now but ok okay alright right well hey no yes yeah oh ah good nice see look sorry because then'.split(' '),
);
/** "And Ana, you …", "… behind you, Otti", "sorry Ana": a name that is called and not told of. */
function isCalledTo(words: readonly SpokenWord[], at: number): boolean {
  const next = words[at + 1];
  const before = words[at - 1]?.word;
  if (/^(?:you|your|youre|youve|youd|youll)$/.test(next?.word ?? '')) return true;
  if (next?.afterPause) return at === 0 || callingOut.has(before ?? '');
  return next === undefined && at > 0 && (words[at]?.afterPause ?? false);
}

/** "You" is who was called by name, until the other one is. */
const spokenTo = ({ addressed }: Listener): Athlete | undefined => addressed?.athlete;
const addressedLately = ({ addressed }: Listener, atSeconds: number): Athlete | undefined =>
  addressed && atSeconds - addressed.atSeconds <= PRONOUN_SECONDS ? addressed.athlete : undefined;

/** "if you", "you know", "you can see": nobody in particular. */
const isGeneral = (words: readonly SpokenWord[], at: number): boolean =>
  /^(?:if|when|can|thank|see|as)$/.test(words[at - 1]?.word ?? '') ||
  /^(?:know|guys|see|can|want|need|could|would|always|never)$/.test(words[at + 1]?.word ?? '');

/** With a man and a woman on the mat, the pronoun tells who is meant. */
function toldByPronoun(word: string, { pronouns }: Listener): Athlete | undefined {
  if (!pronouns?.a || !pronouns.b || pronouns.a === pronouns.b) return undefined;
  const said = /^(he|his|him|hes)$/.test(word) ? 'he' : /^(she|her|shes)$/.test(word) ? 'she' : undefined;
  if (!said) return undefined;
  return pronouns.a === said ? 'a' : 'b';
}

const recent = ({ last }: Listener, atSeconds: number): Athlete | undefined =>
  last && atSeconds - last.atSeconds <= PRONOUN_SECONDS ? last.athlete : undefined;
