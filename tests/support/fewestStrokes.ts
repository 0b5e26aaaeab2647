import {
  buildVocabularyIndex,
  type CallContext,
  type MarkDraft,
  type NextCall,
  readCall,
  wordsOf,
} from '@/core/callline';
import { asTold } from '@/core/resemblance';
import { conceptIdOf, findIntervalAt, type Mark, readRound } from '@/core/round';
import { aliasesOf, conceptName, plainHouse } from '@/core/vocabulary';
import { roundSpan } from '../../demo/academy/marksOfRound';
import { people } from '../../demo/academy/people';
import type { DemoRound } from '../../demo/academy/types';

const index = buildVocabularyIndex(plainHouse, {}, asTold);

/** What a call must say of a mark: everything but its time, links and remark. */
export const meaningOf = (mark: MarkDraft | Mark): string => {
  const {
    id: _id,
    atSeconds: _at,
    ledTo: _links,
    note: _note,
    endSeconds: _end,
    ...rest
  } = mark as Mark & Record<string, unknown>;
  return JSON.stringify(
    Object.entries(rest)
      .filter(([, value]) => value !== undefined)
      .sort(([one], [other]) => (one < other ? -1 : 1)),
  );
};

export interface Keys {
  /** A digit for a likely call, or Enter to open an empty line. */
  readonly opener: string;
  readonly typed: string;
  /** The opener, the letters, and the Enter at the end. */
  readonly strokes: number;
}

const endings = ['', ' p', ' np', ' pp', ' f', ' c', ' k', ' e', ' ab', ' c e', ' k e', ' l', ' r', ' c ab'];
const whos = ['', 'a ', 'b '];

/** How somebody who knows the line well writes this mark: a digit when it stands ready, else the shortest words that mean it. */
export function fewestStrokes(mark: Mark, nextCalls: readonly NextCall[], context: CallContext): Keys | undefined {
  const wanted = meaningOf(mark);
  const means = (text: string) => {
    const { draft, understood, doubtful, remarks } = readCall(text, index, context);
    if (doubtful) return false;
    return understood && draft && !remarks.some((one) => one.code === 'kept-as-remark') && meaningOf(draft) === wanted;
  };
  for (const [at, next] of nextCalls.entries()) {
    for (const ending of endings) {
      const typed = ending.trimStart();
      if (means(`${next.text} ${typed}`)) return { opener: String(at + 1), typed, strokes: 2 + typed.length };
    }
  }
  // Only what names it by itself is tried with every ending: a name has hundreds of beginnings.
  const id = conceptIdOf(mark);
  const namesIt = (stem: string) =>
    readCall(stem, index, context)
      .choices.slice(0, 3)
      .some(({ concept }) => concept.id === id);
  const texts = stems(mark)
    .filter(namesIt)
    .flatMap((stem) => whos.flatMap((who) => endings.map((ending) => `${who}${stem}${ending}`)))
    .sort((one, other) => one.length - other.length);
  const text = texts.find(means);
  return text === undefined ? undefined : { opener: 'Enter', typed: text, strokes: 2 + text.length };
}

/** Initials and beginnings of every name of what the mark names. */
function stems(mark: Mark): string[] {
  const id = conceptIdOf(mark);
  if (!id) return [];
  const found = new Set<string>();
  for (const name of [conceptName(id), ...aliasesOf(id)]) {
    const words = wordsOf(name);
    if (words.length > 1 && words.length <= 4) found.add(words.map((word) => word[0]).join(''));
    for (const word of words) for (let length = 3; length <= word.length; length += 1) found.add(word.slice(0, length));
    const [first = '', second = ''] = words;
    for (let length = 2; length <= second.length; length += 1)
      for (let start = 2; start <= first.length; start += 1)
        found.add(`${first.slice(0, start)} ${second.slice(0, length)}`);
  }
  // What is done well is said with a word of praise.
  const said = mark.kind === 'strength' ? [...found].flatMap((stem) => [stem, `good ${stem}`]) : [...found];
  return said.sort((one, other) => one.length - other.length);
}

/** The keys for a mark, with the likely calls as the screen shows them ("1 ana open guard") and the marks made before it. */
export function guessable(mark: Mark, shown: readonly string[], before: readonly Mark[], round: DemoRound): Keys {
  const span = roundSpan(round);
  const state = findIntervalAt(readRound(span, before), mark.atSeconds)?.state ?? { kind: 'unmarked' as const };
  const firstName = (key: string) =>
    people
      .find((one) => one.key === key)!
      .name.split(' ')[0]!
      .toLowerCase();
  const [a, b] = [firstName(round.a.key), firstName(round.b.key)];
  const nextCalls = shown.map((text) => ({ conceptId: '', athlete: 'a' as const, text: text.replace(/^\d\s*/, '') }));
  const context: CallContext = {
    uniform: round.uniform,
    state,
    calledBy: { a: [a[0]!, a], b: [b[0]!, b] },
    atSeconds: mark.atSeconds,
    roundStartSeconds: span.startSeconds,
  };
  const keys = fewestStrokes(mark, nextCalls, context);
  if (!keys) throw new Error(`guessable: no short call means ${meaningOf(mark)}`);
  return keys;
}
