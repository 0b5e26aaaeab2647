import { parseClock } from '../clock';
import { present } from '../kernel';
import { type Athlete, opponentOf, placeOfRole, type RoundState, roleIn } from '../round';
import type { CallContext } from './callContext';
import { isOpening } from './modifiers';

/** A call without its remark: what stands after a dash is free text. */
export function splitNote(text: string): { readonly call: string; readonly note?: string } {
  // One sign before and one behind the dash: patterns that run over white space take forever on pasted text.
  const at = text.search(/\s[-–—]\s/);
  const note = at < 0 ? '' : text.slice(at + 2).trim();
  if (note !== '') return { call: text.slice(0, at).trimEnd(), note };
  const bare = text.trimEnd();
  return { call: /\s[-–—]$/.test(bare) ? bare.slice(0, -1).trimEnd() : text };
}

/** Takes "3 back" or "at 2:41" out of a call and gives the moment that it means; the moment of the call without one. */
export function readTimeShift(
  text: string,
  context: CallContext,
): { readonly text: string; readonly atSeconds: number } {
  const back = /(?:^|\s)(\d{1,3}(?:\.\d)?)\s+back(?:\s|$)/i.exec(text);
  if (back) return { text: text.replace(back[0], ' '), atSeconds: context.atSeconds - Number(back[1]) };
  const at = /(?:^|\s)at\s+(\d{1,3}:\d{2}(?:\.\d+)?)(?:\s|$)/i.exec(text);
  const seconds = at ? parseClock(present(at[1])) : undefined;
  if (at && seconds !== undefined)
    return { text: text.replace(at[0], ' '), atSeconds: context.roundStartSeconds + seconds };
  return { text, atSeconds: context.atSeconds };
}

/** Takes "led to …" or "after …" off a call: words that name the mark it is linked with. */
export function splitLink(text: string): { readonly text: string; readonly ledTo?: string; readonly after?: string } {
  const forward = /^(.*?)\s+(?:led|leads|leading)\s+to\s+(.+)$/is.exec(text);
  if (forward) return { text: present(forward[1]), ledTo: present(forward[2]).trim() };
  const backward = /^(.*?)\s+(?:after|because of)\s+(.+)$/is.exec(text);
  return backward ? { text: present(backward[1]), after: present(backward[2]).trim() } : { text };
}

export interface Who {
  readonly athlete: Athlete;
  readonly named: boolean;
  readonly words: readonly string[];
}

/** Whom a call is about: a letter, a name or its initial, the kit's colour, "top" or "bottom"; else nobody is named. */
export function readAthlete(words: readonly string[], context: CallContext): Who {
  const last = namedLast(words, context);
  if (last) return last;
  const rest = words.slice(1);
  if (rest.length === 0) return { athlete: 'a', named: false, words };
  const inner = afterOpening(words, context);
  if (inner) return inner;
  const called = athleteCalled(present(words[0]), context);
  if (called) return { athlete: called, named: true, words: rest };
  const atEnd = nameAtEnd(words, context);
  if (atEnd) return atEnd;
  const placed = placedAthlete(present(words[0]), context.state);
  return placed ? { athlete: placed, named: true, words } : { athlete: 'a', named: false, words };
}

/** "good patience from marek": the name stands at the end, behind a small word. */
function namedLast(words: readonly string[], context: CallContext): Who | undefined {
  const called = words.at(-1);
  // "punished from white" names a belt, not a kit.
  if (
    words.length < 3 ||
    words.at(-3) === 'punished' ||
    !called ||
    called.length < 2 ||
    !['from', 'by'].includes(present(words.at(-2)))
  )
    return undefined;
  const athlete = athleteCalled(called, context);
  return athlete && { athlete, named: true, words: words.slice(0, -2) };
}

/** "side control ana": a name of more than two letters stands last, with nothing before it that makes it something else. */
function nameAtEnd(words: readonly string[], context: CallContext): Who | undefined {
  const last = present(words.at(-1));
  if (last.length < 3 || ['from', 'on', 'off', 'to', 'the', 'over', 'under', 'with'].includes(present(words.at(-2))))
    return undefined;
  const athlete = athleteCalled(last, context);
  return athlete && { athlete, named: true, words: words.slice(0, -1) };
}

/** "missed chance ana armbar": the name stands behind the word that tells the kind. Letters alone do not count there. */
function afterOpening(words: readonly string[], context: CallContext): Who | undefined {
  const at = words.findIndex((word) => !isOpening(word));
  if (at < 1 || at >= words.length - 1 || present(words[at]).length < 2) return undefined;
  const athlete = athleteCalled(present(words[at]), context);
  return athlete && { athlete, named: true, words: [...words.slice(0, at), ...words.slice(at + 1)] };
}

function athleteCalled(word: string, { calledBy }: CallContext): Athlete | undefined {
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
  const wanted = word === 'top' ? 'over' : 'under';
  return (['a', 'b'] as const).find(
    (athlete) => placeOfRole(roleIn(state.positionId, state.holder, athlete)) === wanted,
  );
}
