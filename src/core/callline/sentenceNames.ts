import type { Athlete } from '../round';
import type { CallContext } from './callContext';
import type { Modifiers } from './modifiers';
import { athleteCalled } from './who';

/** Somebody who is named besides the subject. */
export interface Named {
  readonly athlete: Athlete;
  /** By whom it is done, or to whom. */
  readonly behind: 'by' | 'towards';
}

/** Takes the names off: who the sentence begins with, and one behind "by" or "on". */
export function takeNames(words: readonly string[], context: CallContext) {
  const called = (word: string | undefined) => (word && word.length > 1 ? athleteCalled(word, context) : undefined);
  let rest = [...words];
  let subject: Athlete | undefined;
  const [first = ''] = rest;
  if (
    rest.length > 1 &&
    (called(first) || first === 'b' || context.calledBy.a.concat(context.calledBy.b).includes(first))
  ) {
    subject = athleteCalled(first, context);
    if (subject) rest = rest.slice(1);
  } else if (['i', 'im', 'ive', 'my'].includes(first) && rest.length > 1) {
    subject = context.speaks ?? 'a';
    rest = rest.slice(1);
  }
  let object: Named | undefined;
  // "armbar, marek taps": whose attack it was is told by who taps.
  const taps = /^(?:taps|tapped|tap)$/.test(rest.at(-1) ?? '') ? called(rest.at(-2)) : undefined;
  if (taps && rest.length > 2) {
    return {
      subject,
      object: { athlete: taps, behind: 'towards' } as Named,
      rest: rest.slice(0, -2).join(' '),
      modifiers: { stage: 'finished', end: 'finished' } as Modifiers,
    };
  }
  const at = rest.findLastIndex((word) => called(word) !== undefined);
  if (at >= 0) {
    const athlete = called(rest[at]) as Athlete;
    const before = rest[at - 1] ?? '';
    if (['by', 'from', 'for'].includes(before) && at === rest.length - 1) {
      object = { athlete, behind: 'by' };
      rest = rest.slice(0, at - 1);
    } else if (['on', 'against', 'to', 'at'].includes(before) && at === rest.length - 1) {
      object = { athlete, behind: 'towards' };
      rest = rest.slice(0, at - 1);
    } else if (subject === undefined && (at === rest.length - 1 || at > 0)) {
      subject = athlete;
      rest = [...rest.slice(0, at), ...rest.slice(at + 1)];
    } else if (subject !== undefined && athlete !== subject) rest = [...rest.slice(0, at), ...rest.slice(at + 1)];
  }
  return { subject, object, rest: rest.join(' '), modifiers: {} as Modifiers };
}
