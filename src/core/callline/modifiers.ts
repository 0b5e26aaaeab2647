import type { AttemptEnd, GripOutcome, Punishment, Side, Stage, TapCause } from '../round';
import type { ConceptKind } from './vocabularyIndex';

/** What the small words of a call add to its mark. */
export interface Modifiers {
  readonly side?: Side;
  readonly stage?: Stage;
  readonly end?: AttemptEnd;
  readonly punished?: Punishment;
  readonly outcome?: GripOutcome;
  readonly place?: 'over' | 'under';
  readonly tapCause?: TapCause;
}

/** Words after the concept, longest phrase first. */
const trailing: readonly (readonly [phrase: string, modifier: Modifiers])[] = [
  ['not punished', { punished: 'no' }],
  ['partly punished', { punished: 'partly' }],
  ['by injury', { tapCause: 'injury' }],
  ['by illness', { tapCause: 'illness' }],
  ['by courtesy', { tapCause: 'courtesy' }],
  ['given lightly', { tapCause: 'courtesy' }],
  ['side unseen', { side: 'not-seen' }],
  ['left', { side: 'left' }],
  ['right', { side: 'right' }],
  ['punished', { punished: 'yes' }],
  ['unpunished', { punished: 'no' }],
  ['partly', { punished: 'partly' }],
  ['spared', { punished: 'spared' }],
  ['entry', { stage: 'entry' }],
  ['tried', { stage: 'entry' }],
  ['control', { stage: 'control' }],
  ['controlled', { stage: 'control' }],
  ['locked', { stage: 'locked' }],
  ['tight', { stage: 'locked' }],
  ['finished', { stage: 'finished', end: 'finished' }],
  ['finishes', { stage: 'finished', end: 'finished' }],
  ['done', { stage: 'finished', end: 'finished' }],
  ['tap', { stage: 'finished', end: 'finished' }],
  ['taps', { stage: 'finished', end: 'finished' }],
  ['escaped', { end: 'escaped' }],
  ['abandoned', { end: 'abandoned' }],
  ['declined', { end: 'declined' }],
  ['interrupted', { end: 'interrupted' }],
  ['got', { outcome: 'got' }],
  ['broken', { outcome: 'broken' }],
  ['lost', { outcome: 'lost' }],
  ['top', { place: 'over' }],
  ['attacking', { place: 'over' }],
  ['bottom', { place: 'under' }],
  ['below', { place: 'under' }],
  ['defending', { place: 'under' }],
];

/** Words before the concept that tell its kind; verbs of a success also tell the stage. */
const leading: Readonly<Record<string, { readonly kind?: ConceptKind; readonly modifier?: Modifiers }>> = {
  grips: { kind: 'grip', modifier: { outcome: 'got' } },
  grip: { kind: 'grip', modifier: { outcome: 'got' } },
  breaks: { kind: 'grip', modifier: { outcome: 'broken' } },
  loses: { kind: 'grip', modifier: { outcome: 'lost' } },
  passes: { kind: 'attempt', modifier: { stage: 'finished', end: 'finished' } },
  sweeps: { kind: 'attempt', modifier: { stage: 'finished', end: 'finished' } },
  escapes: { kind: 'attempt', modifier: { stage: 'finished', end: 'finished' } },
  finishes: { kind: 'attempt', modifier: { stage: 'finished', end: 'finished' } },
  tries: { kind: 'attempt', modifier: { stage: 'entry' } },
  error: { kind: 'error' },
  err: { kind: 'error' },
  good: { kind: 'strength' },
  top: { modifier: { place: 'over' } },
  bottom: { modifier: { place: 'under' } },
};

export interface Split {
  readonly words: readonly string[];
  readonly modifiers: Modifiers;
  readonly kindHint?: ConceptKind;
  readonly stripped: number;
}

/** Every way to take small words off both ends of a call, none first. The concept keeps at least one word. */
export function splitModifiers(words: readonly string[]): Split[] {
  const fronts: Split[] = [{ words, modifiers: {}, stripped: 0 }];
  let front: Split = fronts[0]!;
  while (front.words.length > 1) {
    const lead = Object.hasOwn(leading, front.words[0]!) ? leading[front.words[0]!] : undefined;
    if (!lead) break;
    front = {
      words: front.words.slice(1),
      modifiers: { ...front.modifiers, ...lead.modifier },
      kindHint: lead.kind ?? front.kindHint,
      stripped: front.stripped + 1,
    };
    fronts.push(front);
  }
  return fronts.flatMap((start) => {
    const splits = [start];
    let rest = start;
    for (;;) {
      const next = stripLast(rest);
      if (!next) return splits;
      splits.push(next);
      rest = next;
    }
  });
}

function stripLast(split: Split): Split | undefined {
  for (const [phrase, modifier] of trailing) {
    const tail = phrase.split(' ');
    const start = split.words.length - tail.length;
    if (start < 1 || tail.some((word, index) => split.words[start + index] !== word)) continue;
    return {
      ...split,
      words: split.words.slice(0, start),
      modifiers: { ...modifier, ...split.modifiers },
      stripped: split.stripped + tail.length,
    };
  }
  return undefined;
}
